import type { StillnessState } from '@/core/stillness';
import type { EcScale } from '@/core/units';
import { SCALE_LABEL, type Formats } from '../formats';
import type { Told } from '../told';
import { QUANTITY_NAME } from '../quantityName';

/** Read: taking a reading. */
export const readSays = {
  connect: 'Connect the demo’s pen',
  disconnect: 'Disconnect the demo’s pen',
  noTankYet: 'No tank yet.',
  readWhichTank: 'Read which tank?',
  addAPenFirst: 'Add a pen first.',
  whyAPen: 'A reading is worth what its pen is worth, so Zolder has to know which one it was.',
  sameDigits: 'The same digits as the last three times. Is the display held? Stir and look again.',
  dippedBefore: (written: string) => `Dipped before: ${written}. The mean counts.`,
  dropThem: 'Drop them',
  dropDipsOf: (name: string) => `Drop the earlier dips of ${name}`,
  /** The corrected value while it is typed; about, where its pen was not checked. */
  corrected: (checked: boolean, { value, plusMinus, unit }: Told<'value' | 'plusMinus' | 'unit'>) =>
    `${checked ? 'true' : 'about'} ${value} ± ${plusMinus}${unit}`,
  ecAt25C: (ecUnit: string) => ` ${ecUnit} at 25 °C`,
  bandNothingRead: ({ low, high, unit }: Told<'low' | 'high' | 'unit'>) =>
    `Band ${low} to ${high}${unit}; nothing read yet.`,
  nothingToSave: 'Nothing to save yet: type the pH, the EC, or both.',
  possible: (low: number, high: number, unit: string) =>
    `${low} to ${high}${unit && ` ${unit}`} is possible here.`,
  keepIt: 'Keep it',
  save: 'Save',
  title: (name: string) => `Read · ${name}`,
  lastRead: (atMs: string) => `Last read ${atMs}. `,
  howToRead: (lastRead: string) =>
    `${lastRead}Stir, rinse, submerge to the line, wait until still.`,
  ec: 'EC',
  whenIs: (moment: string) => `When: ${moment}`,
  whatIs: (sample: string) => `What: ${sample}`,
  dipPhAgain: 'Dip pH again',
  dipEcAgain: 'Dip EC again',
  levelLaboratoryNote: 'Level, laboratory, note',
  now: 'Now',
  orAt: 'Or at',
  momentMessage: 'A day and time that has been.',
  whatIsRead: 'What is read',
  setItsBand: 'Set its band',
  inTheTank: 'In the tank',
  laboratorysPh: 'Laboratory’s pH',
  laboratorysEc: 'Laboratory’s EC',
} as const;

/** What live values of a side say: still, or where they are heading and how long the rest takes. */
export function liveLine(
  quantity: 'ph' | 'ec',
  { word, fit }: StillnessState,
  formats: Formats,
  scale?: EcScale,
): string {
  const name = QUANTITY_NAME[quantity];
  const unit = quantity === 'ph' ? 'pH' : SCALE_LABEL[scale ?? 'mS/cm'];
  const half = fit.ok
    ? `heading for ${formats.number(fit.value.endValue, 2)} ${unit}; half of the rest takes ${Math.round(0.693 * fit.value.tauS)} s.`
    : '';
  if (word === 'still') return `${name} comes live and stands still. Save it.`;
  if (word === 'slow') return `${name} comes live and moves slowly, ${half} Wait.`;
  return half ? `${name} comes live, ${half}` : `${name} comes live and still moves.`;
}

/** Why what is shown is worth no number yet. */
export const READ_REFUSAL = {
  temperatureNeeded:
    'This pen does not compensate for temperature: type the tank’s temperature too.',
  outOfRange: 'Conductivity is compensated between 0 and 50 °C only.',
} as const;
