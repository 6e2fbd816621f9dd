import { bufferPhAt, kindOfNominal } from '@/core/buffers';
import type { Row } from '@/book/answers';
import type { PenId } from '@/records';

/** One reading of the check standard: how far the pen stood from the buffer's value at its temperature. */
export interface ControlPoint {
  readonly id: string;
  readonly atMs: number;
  readonly shown: number;
  readonly truth: number;
  readonly error: number;
}

/** The nominal values a check standard may have. */
export const CONTROL_NOMINALS = [4.01, 4, 6.86, 7, 7.01, 9.18, 10.01] as const;

/** A buffer's value at a temperature; undefined where no recipe or no table reaches. */
export function controlTruth(nominalPh: number, tempC: number): number | undefined {
  const kind = kindOfNominal(nominalPh);
  const value = kind && bufferPhAt({ kind, nominalPh }, tempC);
  return value?.ok ? value.value : undefined;
}

/** A pen's readings of the check standard by time. */
export function controlPoints(
  rows: readonly Row<'controlReading'>[],
  penId: PenId,
): readonly ControlPoint[] {
  return rows
    .flatMap(({ id, body }) => {
      const truth = controlTruth(body.nominalPh, body.tempC);
      if (body.penId !== penId || truth === undefined) return [];
      const { shown } = body;
      return [{ id, atMs: Date.parse(body.at), shown, truth, error: shown - truth }];
    })
    .sort((a, b) => a.atMs - b.atMs);
}

/** How many readings the usual scatter is taken from. */
const USUAL_FROM = 4;

/** What the control says: the newest against the ones before. */
export function controlSentence(points: readonly ControlPoint[], number: (x: number) => string) {
  const last = points.at(-1);
  if (!last) return 'Not read yet. A buffer of a second lot, kept for this alone.';
  const before = points.slice(0, -1).map(({ error }) => error);
  const side = `${number(Math.abs(last.error))} ${last.error < 0 ? 'low' : 'high'} in the control`;
  if (before.length < USUAL_FROM) return `${side}. From five readings on it is compared.`;
  const mean = before.reduce((sum, x) => sum + x, 0) / before.length;
  const squares = before.reduce((sum, x) => sum + (x - mean) ** 2, 0);
  const spread = Math.max(0.01, Math.sqrt(squares / (before.length - 1)));
  return Math.abs(last.error - mean) > 3 * spread
    ? `${side}: it moved from its usual ${number(mean)}. The pen or the control: check it in its buffers.`
    : `${side}, as usual (${number(mean)} ± ${number(2 * spread)}).`;
}
