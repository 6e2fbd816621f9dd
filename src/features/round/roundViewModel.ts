import type { RoundAnswer, RoundStop, TankAnswer } from '@/book/answers';
import { additionLine, ago, clock, dueTime, minutesSeconds, type Formats } from '@/words';
import { isOpen } from '@/words/round/headline';
import { penReason } from '@/words/round/stopWords';
import { inOneLine, valuesText } from '@/features/parts/tankLine';
import { inWalk, paths, type Path } from '@/shell/navigation/paths';

/** Where a stop leads. */
export function stopHref(stop: RoundStop): Path {
  switch (stop.kind) {
    case 'tank':
    case 'reread':
      return paths.read({ tank: stop.tank.id });
    case 'correct':
      if (stop.tank.body.readOf) return paths.tank(stop.tank.id);
      return stop.off.some(({ quantity }) => quantity === 'ph')
        ? paths.dose(stop.tank.id)
        : paths.ec(stop.tank.id);
    case 'soak':
      return paths.pen(stop.pen.id);
    case 'care':
      return paths.care(stop.pen.id);
    case 'lot':
      return paths.lot(stop.lot.id);
    case 'supply':
      return paths.shelf;
    case 'copy':
      return paths.bookFile;
    case 'pen':
      return paths.bench(stop.pen.id);
  }
}

/** Where the button of the walk leads: the stop, and where hands are wet it takes the whole screen. */
export function walkHref(stop: RoundStop): Path {
  const href = stopHref(stop);
  return stop.kind === 'tank' || stop.kind === 'reread' || stop.kind === 'pen'
    ? inWalk(href)
    : href;
}

/** The next thing to do, as the main button says it. */
export function nextStop(
  { stops }: RoundAnswer,
  nowMs: number,
): { stop: RoundStop; label: string } | undefined {
  const waits = (stop: RoundStop) =>
    stop.kind === 'soak' || (stop.kind === 'reread' && stop.dueMs > nowMs);
  const stop = stops.find((candidate) => isOpen(candidate) && !waits(candidate));
  return stop && { stop, label: nextLabel(stop) };
}

/** What the main button says of a stop. */
function nextLabel(stop: RoundStop): string {
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

/** The line of a dose that waits for its re-read. */
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
    : `${what}. Mixing for ${minutesSeconds((dueMs - nowMs) / 1000)} more.`;
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

/** Who did a stop on another device, and when; undefined where this one did it. */
export function doneElsewhere(
  stop: RoundStop,
  device: string,
): { readonly by: string; readonly atMs: number } | undefined {
  if (stop.kind === 'tank') {
    const { latest } = stop.tank;
    return latest && latest.device !== device ? { by: latest.by, atMs: latest.atMs } : undefined;
  }
  if (stop.kind !== 'pen') return undefined;
  const newest = stop.pen.sides.reduce((a, b) =>
    (b.lastCheckMs ?? 0) > (a.lastCheckMs ?? 0) ? b : a,
  );
  const { lastCheckMs, lastCheckBy } = newest;
  if (lastCheckMs === undefined || !lastCheckBy || lastCheckBy.device === device) return undefined;
  return { by: lastCheckBy.by, atMs: lastCheckMs };
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
