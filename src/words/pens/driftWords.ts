import { DAY_MS } from '@/core/units';
import type { DriftAnswer } from '@/book/answers';
import { isWithin } from '@/core/calibration';
import type { ProbeWarning } from '@/core/drift';
import { counted, dueBy, shortDay, type Formats, QUANTITY_NAME } from '@/words';

/** An error of a pen as it is written: pH, or percent for EC. */
export function writeError(value: number, quantity: 'ph' | 'ec', formats: Formats): string {
  return quantity === 'ph'
    ? `${formats.signed(value, 2)} pH`
    : `${formats.signed(100 * value, 1)} %`;
}

/** How a probe shows its age, in a sentence each. */
export function warningSentence(warning: ProbeWarning, formats: Formats): string {
  switch (warning.reason) {
    case 'wornGain':
      return `Over all adjustments its slope has fallen to ${formats.number(100 * warning.gain, 0)} % of a new probe’s; below ${100 * warning.limit} % it is worn out.`;
    case 'slowSettling':
      return `It settles ${formats.number(warning.times, 1)} times slower than in its first month.`;
    case 'bigOffsets':
      return `It was found more than ${formats.number(warning.limitPh, 1)} pH off ${warning.count} times: its reference may be failing.`;
    case 'age':
      return `The probe is ${formats.number(warning.ageDays / 30.4, 0)} months old; one like it lasts about ${formats.number(warning.limitDays / 30.4, 0)}.`;
  }
}

/** How long it would hold if it were adjusted now, where that is longer than as it is. */
function ifAdjusted({ dueByDriftMs, dueIfAdjustedMs }: DriftAnswer, nowMs: number): string {
  if (dueByDriftMs === undefined || dueIfAdjustedMs === undefined) return '';
  const days = Math.round((dueIfAdjustedMs - nowMs) / DAY_MS);
  if (days < 1 || dueIfAdjustedMs <= dueByDriftMs) return '';
  return `Adjusted now, it would hold for ${counted(days, 'day')}.`;
}

/** The sentence over the chart: what the pen has been doing. */
export function driftSentence(drift: DriftAnswer, formats: Formats, nowMs: number): string {
  const { points, tolerance, quantity } = drift;
  const found = points.filter(({ kind }) => kind === 'found');
  const out = found.filter(({ error }) => !isWithin(error, tolerance)).length;
  const last = found.at(-1);
  const name = QUANTITY_NAME[quantity];
  if (!last) return `${name}: adjusted unseen so far, so nothing is known of its drift.`;
  const newest = `Last found ${writeError(last.error, quantity, formats)} off.`;
  const record =
    out === 0
      ? found.length === 1
        ? 'Its only check was good.'
        : `In tolerance at all ${counted(found.length, 'check')}.`
      : `Out of tolerance at ${out} of ${counted(found.length, 'check')}.`;
  const due = drift.dueByDriftMs;
  const forecast =
    due === undefined
      ? found.length < 2
        ? 'From the second check on, Zolder suggests the date from how this pen drifts.'
        : ''
      : due <= nowMs
        ? `By its own drift it may have left its tolerance ${dueBy(due, nowMs)}.`
        : `By its own drift it may leave its tolerance ${dueBy(due, nowMs)}.`;
  return [newest, record, forecast, ifAdjusted(drift, nowMs)].filter(Boolean).join(' ');
}

/** The chart's table: each check as it was found and left. */
export function driftLines(drift: DriftAnswer, formats: Formats) {
  const write = (value: number) => writeError(value, drift.quantity, formats);
  return [...drift.points].reverse().map(({ atMs, kind, error, expandedU }) => ({
    id: `${atMs}${kind}`,
    day: shortDay(atMs),
    what: kind === 'found' ? 'as found' : 'as left',
    error: write(error),
    plusMinus: write(expandedU).replace('+', '± '),
  }));
}

/** What the probe's whole life says, where it is known. */
export function lifeSentence(drift: DriftAnswer, formats: Formats): string | undefined {
  const { life, slopeSeen } = drift;
  if (!life) return undefined;
  const months = formats.number(life.ageDays / 30.4, 0);
  const trend = life.gainTrend;
  const slope = !slopeSeen
    ? ' One buffer was used, so its slope is not known.'
    : trend?.slopeInterval
      ? ` Its slope loses ${formats.number(Math.max(0, -3000 * trend.slope), 1)} % a month.`
      : ' Too few checks yet to tell how fast its slope falls.';
  return `Probe ${months} months in use.${slope}`;
}
