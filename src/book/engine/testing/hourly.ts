import { pourDose, savePen, saveTank, takeReading } from '@/acts';
import type { BodyOf } from '@/records';
import { plainTank } from '@/records/testing/plainTank';
import { GENERIC_PROFILES, penFromProfile } from '@/records/profiles';
import { checkBody } from '@/records/testing/plainCheck';
import { checkDone, diary } from './diary';

export const HOUR_MS = 3_600_000;
const profile = GENERIC_PROFILES.find(({ id }) => id === 'combination')!;

/** A book written by the hour: one pen, one tank of 100 L. */
export function hourly(tank: Partial<BodyOf<'tank'>> = {}) {
  const { book, did, write } = diary(HOUR_MS);
  const at = (hour: number) => new Date(hour * HOUR_MS).toISOString();
  const penId = did(0, savePen(undefined, penFromProfile(profile, { code: 'P1', name: 'Pen' })));
  const tankId = did(0, saveTank(undefined, plainTank('Basil', tank)));
  const read = (hour: number, values: { ph?: number; ec?: number }) =>
    did(
      hour,
      takeReading({
        tankId,
        sampleKind: 'tank',
        takenAt: at(hour),
        tempC: 25,
        ...(values.ph === undefined ? {} : { ph: { shown: values.ph, penId } }),
        ...(values.ec === undefined
          ? {}
          : { ec: { shown: values.ec, scale: 'mS/cm' as const, penId } }),
        note: '',
      }),
    );
  const pour = (
    hour: number,
    body: Partial<BodyOf<'addition'>> & Pick<BodyOf<'addition'>, 'what'>,
  ) =>
    did(
      hour,
      pourDose(
        { tankId, at: at(hour), productName: '', tankVolumeL: 100, note: '', ...body },
        '5 mL',
      ),
    );
  /** A whole check in two cups, found good. */
  const check = (hour: number) =>
    did(hour, checkDone(checkBody(penId, hour * HOUR_MS, { in7: 7, in4: 4.01, adjusted: false })));
  return { book, did, write, read, pour, check, penId, tankId, at };
}
