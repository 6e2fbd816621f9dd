import type { CareEvent, ControlReading, OwnProfile, Pen, Probe } from '@/records/kinds';
import { make, save, type Act, type Known } from './act';

/** A new pen, or another description of one. */
export const savePen = (pen: Known | undefined, body: Pen): Act => ({
  said: `${body.code} is ${pen ? 'changed' : 'added'}.`,
  changes: [save('pen', pen, body)],
});

/** A profile of one's own. */
export const keepProfile = (body: OwnProfile): Act => ({
  said: `${body.title} is kept as a profile.`,
  changes: [make('profile', body)],
});

/** A new probe: its life begins, and the pen's care tells of it. */
export const fitProbe = (probe: Probe): Act => {
  const { penId, side, fittedAt: at, serial: note } = probe;
  return {
    said: 'The new probe is in the book.',
    changes: [make('probe', probe), make('careEvent', { penId, side, what: 'newProbe', at, note })],
  };
};

/** Care given to a pen, or what befell it. */
export const careFor = (body: CareEvent): Act => ({
  said: 'It is in the book.',
  changes: [make('careEvent', body)],
});

/** A pen read in the check standard. */
export const readControl = (body: ControlReading): Act => ({
  said: 'The control is in the book.',
  changes: [make('controlReading', body)],
});
