import { counted } from '../counted';

/** Care of a pen. */
export const careSays = {
  title: (code: string) => `Care · ${code}`,
  somethingHappened: 'Something happened',
  startSoak: (soakHours: number) => `Start ${soakHours} h in solution`,
  startTheSoak: 'Start the soak',
  howLong: 'How long?',
  hours: (hours: number) => counted(hours, 'hour'),
  ownHours: 'Or so many hours',
  hoursMessage: (most: number) => `Between a quarter of an hour and ${most} h.`,
  startCleaner: (minutes: number) => `In the cleaner: start ${minutes} min`,
  doneBookIt: 'Done, book it',
  startDrying: (dryHours: number) => `Start ${dryHours} h of drying`,
} as const;
