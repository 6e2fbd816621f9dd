/** What is wrong with a bottle as it was typed, at its field. */
export const lotTroubleSays = {
  noBuffer: 'In pH: 0.02 is usual, more than 0.2 is no buffer.',
  whichBuffer: 'Which buffer is it? 7, 4.01, 6.86…',
  knownBuffers:
    'Known buffers: 4.00, 4.01, 6.86, 7.00, 7.01, 9.18, 10.01. For another one, type the table of its label.',
  ecExample: (unit: string, example: string) => `Its value in ${unit} at 25 °C, e.g. ${example}.`,
  toCome: 'That day is still to come.',
  lookAtTheYear: 'Look at the year again.',
  tempOnLabel: (unit: string) => `A temperature in ${unit}, as on the label.`,
  valueOnLabel: 'The value on the label there.',
  tooFar: 'Too far from the value printed large. Was a digit lost?',
  twice: 'This temperature stands there twice.',
  oneRow: 'One row is not enough: type at least two, or none.',
} as const;
