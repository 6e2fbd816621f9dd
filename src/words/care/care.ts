/** Care of a pen. */
export const careSays = {
  title: (code: string) => `Care · ${code}`,
  somethingHappened: 'Something happened',
  startSoak: (soakHours: number) => `Start ${soakHours} h in solution`,
  doneBookIt: 'Done, book it',
  startDrying: (dryHours: number) => `Start ${dryHours} h of drying`,
} as const;
