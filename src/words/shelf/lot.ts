/** One lot, and what its label says. */
export const lotSays = {
  loadingTheLot: 'Loading the lot',
  saveTheLot: 'Save the lot',
  addTheLot: 'Add the lot',
  aNewLot: 'A new lot',
  takeItOff: 'Take it off the Shelf',
  whatItsLabelSays: 'What its label says',
  usualTolerance: (usual: string) => `Empty: ${usual}, as most are.`,
  typeTheTable: 'Type the table of its label',
  tableRules:
    'Value against temperature. It rules over what Zolder knows; between rows goes a straight line, outside them nothing is known.',
  rowAt: (row: number) => `Row ${row}, at`,
  rowValue: (row: number) => `Row ${row}, value`,
  oneMoreRow: 'One more row',
  withoutATable: 'Without a table',
  valueByTemperature: 'Its value by temperature',
  atTemperature: 'At',
} as const;
