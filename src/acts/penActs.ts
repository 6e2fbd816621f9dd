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
  done: { what: pen ? 'changed' : 'added', name: body.code },
  changes: [save('pen', pen, body)],
});

/** A pen that is lost, sold or broken. `at` is an ISO instant. */
export const penLeaves = (pen: Known<'pen'>, body: Pen, gone: NonNullable<Pen['gone']>): Act => ({
  done: { what: 'penGone', name: body.code },
  changes: [save('pen', pen, { ...body, gone })],
});

/** A pen that is there again, from wherever it was: gone, or put away. `at` is an ISO instant. */
export const penComesBack = (
  pen: Known<'pen'>,
  body: Pen,
  { at, rested }: { readonly at: string; readonly rested: boolean },
): Act => ({
  done: { what: 'penBack', name: body.code },
  changes: [
    ...(body.gone ? [save('pen', pen, { ...body, gone: undefined })] : []),
    ...(rested
      ? [make('careEvent', { penId: pen.id, side: 'both', what: 'wake', at, note: '' })]
      : []),
  ],
});

/** A pen put away for long. `at` is an ISO instant. */
export const putPenAway = (pen: Known<'pen'>, body: Pen, at: string): Act => ({
  done: { what: 'penPutAway', name: body.code },
  changes: [make('careEvent', { penId: pen.id, side: 'both', what: 'rest', at, note: '' })],
});

/** A profile of one's own. */
export const keepProfile = (body: OwnProfile): Act => ({
  done: { what: 'profileKept', name: body.title },
  changes: [make('profile', body)],
});

/** A new probe: its life begins, and the pen's care tells of it. */
export const fitProbe = (probe: Probe): Act => {
  const { penId, side, fittedAt: at, serial: note } = probe;
  return {
    done: { what: 'probeFitted' },
    changes: [make('probe', probe), make('careEvent', { penId, side, what: 'newProbe', at, note })],
  };
};

/** Care given to a pen, or what befell it. */
export const careFor = (body: CareEvent): Act => ({
  done: { what: 'booked' },
  changes: [make('careEvent', body)],
});

/** A soak that is over before its time, or by a check. `at` is an ISO instant. */
export const endSoak = (soak: Known<'careEvent'>, body: CareEvent, at: string): Act => ({
  done: { what: 'soakOver' },
  changes: [save('careEvent', soak, { ...body, until: at })],
});

/** A pen compared with a checked one, or its thermometer with another: no calibration. */
export const comparePen = (body: Comparison): Act => ({
  done: { what: 'compared' },
  changes: [make('comparison', body)],
});

/** A pen read in the check standard. */
export const readControl = (body: ControlReading): Act => ({
  done: { what: 'controlRead' },
  changes: [make('controlReading', body)],
});
