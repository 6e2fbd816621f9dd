import type { DipPhase } from '@/core/procedure';
import { counted } from '../counted';

/** When in a check something was read. */
export const PHASE_WORD: Readonly<Record<DipPhase, string>> = {
  asFound: 'as found',
  asLeft: 'as left',
  confirm: 'confirmed',
};

/** The record of a check. */
export const checkSays = {
  pen: 'Pen',
  device: 'Device number',
  notWritten: 'not written down',
  probe: 'Probe',
  fitted: (serial: string, day: string) => `${serial}, fitted ${day}`,
  noNumber: 'without a number',
  person: 'Checked by',
  finished: 'Finished',
  procedure: 'Procedure',
  order: (side: string, cups: string) => `${side}, in this order: ${cups}`,
  cup: (name: string) => `Cup ${name}`,
  target: (target: string, temp: string) => `target ${target} at ${temp}`,
  offTheTable: 'unknown at this temperature',
  lot: (code: string) => `lot ${code}`,
  noLot: 'a bottle that is not on the Shelf',
  goneLot: 'a lot that is gone',
  opened: (day: string) => `opened ${day}`,
  goodUntil: (day: string) => `good until ${day}`,
  pastDate: 'past its date when it was used',
  usedBefore: 'a portion used before',
  allowed: 'Tolerance',
  tolerance: (found: string, left: string) => `as found ${found}, as left ${left}`,
  byLeaflet: 'by the pen’s leaflet',
  cleaned: 'Before it',
  cleanedBefore: 'Cleaned before it was read: what was found is only a lower bound.',
  asItWas: 'Read as it came from use.',
  verdict: 'Verdict',
  foundOut: 'Look-back',
  nothingBefore: 'No readings before it.',
  lookBack: (readings: number, turned: number, doses: number) =>
    `${counted(readings, 'reading')} since the check before, ${turned} judged otherwise now, ${counted(doses, 'dose')} made on a wrong number.`,
  note: 'Note',
  tries: 'Every try, as displayed',
  cupHead: 'Cup',
  phaseHead: 'When',
  targetHead: 'Target',
  shownHead: 'Displayed',
  errorHead: 'Error',
  allowedHead: 'Allowed',
  verdictHead: 'Verdict',
  again: (phase: string, attempt: number) => `${phase}, try ${attempt}`,
  unseen: 'taken, not seen',
  fromTo: (low: string, high: string) => `${low} to ${high}`,
  within: 'within',
  outside: 'outside',
} as const;
