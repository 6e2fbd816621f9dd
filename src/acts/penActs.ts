import type {
  CareEvent,
  Comparison,
  ControlReading,
  OwnProfile,
  Pen,
  Probe,
} from '@/records/kinds';
import { make, save, type Act, type Known } from './act';

/** A new pen, or another description of one. */
export const savePen = (pen: Known<'pen'> | undefined, body: Pen): Act => ({
  said: `${body.code} is ${pen ? 'changed' : 'added'}.`,
  changes: [save('pen', pen, body)],
});

/** A pen that is lost, sold or broken. `at` is an ISO instant. */
export const penLeaves = (pen: Known<'pen'>, body: Pen, gone: NonNullable<Pen['gone']>): Act => ({
  said: `${body.code} is no longer here. Its records stay.`,
  changes: [save('pen', pen, { ...body, gone })],
});

/** A pen that is there again, from wherever it was: gone, or put away. `at` is an ISO instant. */
export const penComesBack = (
  pen: Known<'pen'>,
  body: Pen,
  { at, rested }: { readonly at: string; readonly rested: boolean },
): Act => ({
  said: `${body.code} is here again. Check it before it is used.`,
  changes: [
    ...(body.gone ? [save('pen', pen, { ...body, gone: undefined })] : []),
    ...(rested
      ? [make('careEvent', { penId: pen.id, side: 'both', what: 'wake', at, note: '' })]
      : []),
  ],
});

/** A pen put away for long. `at` is an ISO instant. */
export const putPenAway = (pen: Known<'pen'>, body: Pen, at: string): Act => ({
  said: `${body.code} is put away.`,
  changes: [make('careEvent', { penId: pen.id, side: 'both', what: 'rest', at, note: '' })],
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

/** A soak that is over before its time, or by a check. `at` is an ISO instant. */
export const endSoak = (soak: Known<'careEvent'>, body: CareEvent, at: string): Act => ({
  said: 'The soak is over.',
  changes: [save('careEvent', soak, { ...body, until: at })],
});

/** A pen compared with a checked one, or its thermometer with another: no calibration. */
export const comparePen = (body: Comparison): Act => ({
  said: 'The comparison is in the book.',
  changes: [make('comparison', body)],
});

/** A pen read in the check standard. */
export const readControl = (body: ControlReading): Act => ({
  said: 'The control is in the book.',
  changes: [make('controlReading', body)],
});
