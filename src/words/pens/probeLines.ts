import { DAY_MS } from '@/core/units';
import type { Row } from '@/book/answers';
import { dayMonthYear, shortDay, QUANTITY_NAME } from '@/words';
import type { PenId } from '@/records';

/** A pen's probes, newest first, each with the time it served; the one in use first of its side. */
export function probeLines(
  rows: readonly Row<'probe'>[],
  penId: PenId,
  nowMs: number,
): readonly { readonly id: string; readonly text: string; readonly now: boolean }[] {
  const own = rows
    .filter(({ body }) => body.penId === penId)
    .sort((a, b) => (a.body.fittedAt < b.body.fittedAt ? 1 : -1));
  return own.map(({ id, body }) => {
    const later = own
      .filter((other) => other.body.side === body.side && other.body.fittedAt > body.fittedAt)
      .at(-1);
    const fittedMs = Date.parse(body.fittedAt);
    const endMs = later ? Date.parse(later.body.fittedAt) : nowMs;
    const days = Math.round((endMs - fittedMs) / DAY_MS);
    const served = later ? `served ${days} d` : `in use for ${days} d`;
    const side = QUANTITY_NAME[body.side];
    const { serial, junction, connector, boughtAt, guaranteeUntil, certificate } = body;
    const facts = [
      serial,
      junction,
      connector,
      boughtAt && `bought ${dayMonthYear(Date.parse(boughtAt))}`,
      guaranteeUntil && `guarantee until ${dayMonthYear(Date.parse(guaranteeUntil))}`,
      certificate,
    ].filter(Boolean);
    const text = [`${side} probe of ${shortDay(fittedMs)}, ${served}`, ...facts].join(' · ');
    return { id, text, now: later === undefined };
  });
}
