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
