import type { BodyOf } from '@/records';
import { plainTank } from '@/records/testing/plainTank';
import { GENERIC_PROFILES, penFromProfile } from '@/records/profiles';
import { checkBody } from '@/records/testing/plainCheck';
import { diary } from './diary';

export const HOUR_MS = 3_600_000;
const profile = GENERIC_PROFILES.find(({ id }) => id === 'combination')!;

/** A book written by the hour: one pen, one tank of 100 L. */
export function hourly(tank: Partial<BodyOf<'tank'>> = {}) {
  const { book, write } = diary(HOUR_MS);
  const at = (hour: number) => new Date(hour * HOUR_MS).toISOString();
  const penId = write(0, {
    kind: 'pen',
    body: penFromProfile(profile, { code: 'P1', name: 'Pen' }),
  });
  const tankId = write(0, {
    kind: 'tank',
    body: plainTank('Basil', tank),
  });
  const read = (hour: number, values: { ph?: number; ec?: number }) =>
    write(hour, {
      kind: 'reading',
      body: {
        tankId,
        sampleKind: 'tank',
        takenAt: at(hour),
        tempC: 25,
        ...(values.ph === undefined ? {} : { ph: { shown: values.ph, penId } }),
        ...(values.ec === undefined
          ? {}
          : { ec: { shown: values.ec, scale: 'mS/cm' as const, penId } }),
        note: '',
      },
    });
  const pour = (
    hour: number,
    body: Partial<BodyOf<'addition'>> & Pick<BodyOf<'addition'>, 'what'>,
  ) =>
    write(hour, {
      kind: 'addition',
      body: { tankId, at: at(hour), productName: '', tankVolumeL: 100, note: '', ...body },
    });
  /** A whole check in two cups, found good. */
  const check = (hour: number) =>
    write(hour, {
      kind: 'session',
      body: checkBody(penId, hour * HOUR_MS, { in7: 7, in4: 4.01, adjusted: false }),
    });
  return { book, write, read, pour, check, penId, tankId, at };
}
