import type { RoundAnswer, RoundStop } from '@/book/answers';
import { isOpen } from '@/words/round/headline';
import { nextLabel } from '@/words/round/stopLines';
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
