/** Parts that several features use. */
export const partsSays = {
  showOnlyRowsWith: 'Show only rows with',
  noRowHasThatWord: 'No row has that word.',
  at25C: (ecUnit: string) => `${ecUnit} at 25 °C`,
  wasShown: (unit: string) => `${unit} was shown`,
  whyMargin: 'Why ±?',
  whatWouldShrinkIt: (shrink: string) => `What would shrink it: ${shrink}`,
  noDay: 'Like 31 July 2026 or 2026-07-31, or leave it empty.',
  dayHint: 'Like 31 July 2026, 31/7/2026 or 2026-07: a month means its last day.',
  calendar: 'Calendar',
  calendarOf: (label: string) => `Calendar for: ${label}`,
  closeCalendar: 'Close',
  closeCalendarOf: (label: string) => `Close the calendar for: ${label}`,
  sortBy: (column: string) => `Sort by ${column}`,
} as const;
