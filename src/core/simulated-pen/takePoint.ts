import { BUFFER_FAMILIES, bufferPhAt, type FamilyMember } from '../buffers';
import { FACTORY_PH, GAIN_LIMITS, shownPh, storeFrom, type StoredPoint } from './calibrationStore';
import { compensatedSignal, standardDisplay } from './cell';
import { measured, refused, type Firmware, type Signal } from './firmwareState';
import { recipeOf } from './recipes';
import type { SimProfile } from './traits';

/** A buffer is recognised within this distance of its value on the maker's own scale, pH. */
const RECOGNISED_WITHIN_PH = 1;

/** A standard is recognised within this share. */
const STANDARD_WITHIN_REL = 0.35;

/** The buffer that a pen expects or finds, and what it stores for it. */
function recognised(
  firmware: Firmware,
  profile: SimProfile,
  signal: Signal,
): FamilyMember | undefined {
  const side = profile.ph!;
  const at = firmware.points.length;
  const expected = side.cupsPh[at] ?? side.cupsPh[0]!;
  const member = recipeOf;
  const picks = side.press.picksBy;
  if (picks && firmware.picked > 0) {
    const chosen = picks.indexOf(firmware.picked);
    return chosen < 0 ? undefined : member(side.cupsPh[chosen] ?? expected);
  }
  if (side.oneBottle) return member(expected);
  const raw = shownPh(FACTORY_PH, signal.mv, signal.sensorC, side.hasAtc);
  const away = (each: FamilyMember) => Math.abs(each.nominalPh - raw);
  const [nearest] = [member(expected), ...BUFFER_FAMILIES[side.family]].sort(
    (a, b) => away(a) - away(b),
  );
  if (!nearest || away(nearest) > RECOGNISED_WITHIN_PH) return undefined;
  // The first point sets the zero: only the buffer it asks for will do.
  const isExpected = Math.abs(nearest.nominalPh - expected) < 0.2;
  const usedUp = firmware.points.some(({ ph }) => Math.abs(ph - nearest.nominalPh) < 0.5);
  if ((at === 0 && !isExpected) || usedUp) return undefined;
  return member(isExpected ? expected : nearest.nominalPh);
}

/** Keeps a point and works out the calibration anew. */
function withPoint(
  firmware: Firmware,
  profile: SimProfile,
  { point, tick }: { readonly point: StoredPoint; readonly tick: number },
): Firmware {
  const side = profile.ph!;
  const fresh = firmware.points.length === 0;
  const phBefore = fresh ? firmware.ph : firmware.phBefore;
  const points = [...firmware.points, point];
  const ph = storeFrom(points, {
    hasAtc: side.hasAtc,
    pieces: side.pieces ?? false,
    before: phBefore,
  });
  const senseless = [ph.gainBelow, ph.gainAbove].some(
    (gain) => gain < GAIN_LIMITS.min || gain > GAIN_LIMITS.max,
  );
  if (senseless) return refused(firmware, 'slope', tick);
  const whole = points.length >= side.cupsPh.length;
  return {
    ...firmware,
    mode: 'measure',
    ph,
    phBefore: whole ? ph : phBefore,
    points: whole ? [] : points,
    picked: 0,
    stepped: undefined,
    anchorTick: tick,
    ...(whole ? { calibratedTick: tick } : {}),
    on: side.press.between !== 'offAfterEach' || whole,
    tookTick: side.press.endsUnseen ? undefined : tick,
    tookPh: side.press.endsUnseen ? undefined : point.ph,
  };
}

/** Takes the point it stands in, by its own rules; refuses what it does not recognise. */
export function takePoint(
  firmware: Firmware,
  profile: SimProfile,
  { signal, tick }: { readonly signal: Signal; readonly tick: number },
): Firmware {
  if (firmware.side === 'ec') return takeEc(firmware, profile, { signal, tick });
  const side = profile.ph!;
  const { mv, sensorC } = signal;
  if (side.press.by === 'steps') {
    const shown = firmware.stepped ?? measured(firmware, profile, signal);
    return withPoint(firmware, profile, { point: { mv, sensorC, ph: shown }, tick });
  }
  const buffer = recognised(firmware, profile, signal);
  if (!buffer) return refused(firmware, 'wrongBuffer', tick);
  const tempC = side.hasAtc ? Math.min(Math.max(sensorC, 0), 50) : 25;
  const atTemp = bufferPhAt(buffer, tempC);
  const ph = side.storesNominal || !atTemp.ok ? buffer.nominalPh : atTemp.value;
  return withPoint(firmware, profile, { point: { mv, sensorC, ph }, tick });
}

function takeEc(
  firmware: Firmware,
  profile: SimProfile,
  { signal, tick }: { readonly signal: Signal; readonly tick: number },
): Firmware {
  const side = profile.ec!;
  const raw = compensatedSignal(signal.ecMsPerCm, signal.sensorC, side.compensation);
  const aim =
    firmware.stepped ?? standardDisplay(side.standardMsPerCm, signal.sensorC, side.compensation);
  if (Math.abs(raw / aim - 1) > STANDARD_WITHIN_REL && side.press.by === 'button')
    return refused(firmware, 'wrongBuffer', tick);
  return {
    ...firmware,
    mode: 'measure',
    ecGain: raw / aim,
    picked: 0,
    stepped: undefined,
    anchorTick: tick,
    calibratedTick: tick,
    tookTick: side.press.endsUnseen ? undefined : tick,
    tookPh: side.press.endsUnseen ? undefined : aim,
  };
}
