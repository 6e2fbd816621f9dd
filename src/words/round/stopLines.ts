import type { RoundStop, TankAnswer } from '@/book/answers';
import { additionLine, ago, clock, dueTime, type Formats } from '@/words';
import { inOneLine, valuesText } from '../parts/tankLine';
import { penReason } from './stopWords';

/** What the main button says of a stop. */
export function nextLabel(stop: RoundStop): string {
  switch (stop.kind) {
    case 'reread':
      return `Next: re-read ${stop.tank.body.name}`;
    case 'tank':
      return `Next: read ${stop.tank.body.name}`;
    case 'correct':
      return `Next: correct ${stop.tank.body.name}`;
    case 'lot':
    case 'supply':
      return 'Next: look at the Shelf';
    case 'copy':
      return 'Next: save a copy of the book';
    case 'soak':
      return `Look at ${stop.pen.body.code}`;
    case 'care':
      return `Next: care for ${stop.pen.body.code}`;
    case 'pen':
      return `Next: check ${stop.pen.body.code}`;
  }
}

/** The line of a dose that waits for its re-read: until when, for seconds are counted above by the timers. */
export function rereadLine(
  tank: TankAnswer,
  dueMs: number,
  formats: Formats,
  nowMs: number,
): string {
  if (!tank.mixing)
    return nowMs >= dueMs
      ? 'Read once since it was dosed: read it once more.'
      : `Read once since it was dosed; once more at ${clock(dueMs)}.`;
  const { body } = tank.mixing;
  const what = `${additionLine(body, formats)} poured ${ago(Date.parse(body.at), nowMs)}`;
  return nowMs >= dueMs
    ? `${what}. Mixed: read it again.`
    : `${what}. Mixing until ${clock(dueMs)}.`;
}

/** The line of a soak. */
export function soakLine(endMs: number, nowMs: number): string {
  return nowMs >= endMs ? 'Soak is over: check it.' : `Soaking until ${dueTime(endMs, nowMs)}`;
}

/** The line under a pen's name at its stop. */
export function penLine(stop: Extract<RoundStop, { readonly kind: 'pen' }>, nowMs: number): string {
  const { pen } = stop;
  if (pen.openBench.length > 0) return 'A check is open. Go on where you left it.';
  const last = Math.max(...pen.sides.map((side) => side.lastCheckMs ?? 0));
  const word = penReason(stop);
  return last > 0 ? `${word}; last check ${inOneLine(ago(last, nowMs))}` : `${word}`;
}

/** What a done stop is called. */
export function doneName(stop: RoundStop): string {
  if ('tank' in stop) return stop.tank.body.name;
  if (stop.kind === 'pen') return `${stop.pen.body.code} checked`;
  return 'pen' in stop ? stop.pen.body.code : 'Shelf';
}

/** What a done stop came to: the pen's error, or the tank's values. */
export function doneResult(stop: RoundStop, formats: Formats): string {
  if (stop.kind === 'pen') {
    const errors = stop.pen.sides.map(({ error }) => {
      if (!error) return undefined;
      const { atPh } = error;
      return atPh === undefined
        ? formats.percent(error.error)
        : `${formats.signed(error.error, 2)} pH`;
    });
    return errors.filter(Boolean).join(' · ');
  }
  if (!('tank' in stop)) return '';
  const { latest } = stop.tank;
  return latest ? valuesText(latest, formats) : '';
}
