/** Which pen a reading is taken with. */
export const penLineSays = {
  checkedAt: (lastCheckMs: string) => `, checked ${lastCheckMs}`,
  anotherPenFor: (label: string) => `Another pen for ${label}`,
  anotherPen: 'another pen',
  penFor: (label: string) => `Pen for ${label}`,
  withPen: 'with',
} as const;
