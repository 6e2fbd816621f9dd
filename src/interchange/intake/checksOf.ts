import type { EcTraits, PhTraits, TolerancePolicy } from '@/core/calibration';
import {
  amendedOutcome,
  judgeDip,
  makeEcPlan,
  makePhPlan,
  type BenchEvent,
  type BenchOutcome,
  type BenchPlan,
} from '@/core/procedure';
import { displayFromEcMsPerCm, HOUR_MS, type EcScale } from '@/core/units';
import type { CheckRow } from './checkRows';

/** What of a pen an old check needs. */
export interface CheckedPen {
  readonly ph: PhTraits | null;
  readonly ec: EcTraits | null;
  readonly tolerancePolicy: TolerancePolicy;
}

/** Cups of one pen that were dipped within this time belong to one check, ms. */
const ONE_CHECK_MS = 2 * HOUR_MS;

/** Rows that are one check: the same pen and side, soon after each other, each buffer once. */
export function groupChecks(rows: readonly CheckRow[]): readonly (readonly CheckRow[])[] {
  const groups: CheckRow[][] = [];
  const open = new Map<string, CheckRow[]>();
  for (const row of [...rows].sort((a, b) => a.atMs - b.atMs || a.line - b.line)) {
    const key = `${row.quantity}/${row.scale}/${row.pen}`;
    const group = open.get(key);
    const belongs =
      group &&
      row.quantity === 'ph' &&
      row.atMs - group[0]!.atMs <= ONE_CHECK_MS &&
      group.every(({ nominal }) => nominal !== row.nominal);
    if (belongs) group.push(row);
    else {
      const begun = [row];
      groups.push(begun);
      open.set(key, begun);
    }
  }
  return groups;
}

/** A check as the record keeps it, without its pen. */
export interface OldCheck {
  readonly plan: BenchPlan;
  readonly events: readonly BenchEvent[];
  readonly outcome: BenchOutcome;
  readonly startedMs: number;
  readonly finishedMs: number;
  readonly note: string;
}

function planOf(
  rows: readonly CheckRow[],
  pen: CheckedPen,
  usualTempC: number,
): BenchPlan | undefined {
  const [{ quantity, scale, tempC = usualTempC, nominal }] = rows as [CheckRow];
  const sitting = { tempC, policy: pen.tolerancePolicy, lotFor: () => undefined };
  if (quantity === 'ph') {
    if (!pen.ph) return undefined;
    const plan = makePhPlan({ ...pen.ph, cupsPh: rows.map((row) => row.nominal) }, sitting);
    const cups = plan.cups.map((cup, at) => {
      const own = rows[at]!.tempC;
      return own === undefined || own === tempC ? cup : { ...cup, tempC: own };
    });
    return { ...plan, cups };
  }
  if (!pen.ec) return undefined;
  const shownIn = scale as EcScale;
  const perMs = (one: EcScale) => displayFromEcMsPerCm(1, one);
  const traits: EcTraits = {
    ...pen.ec,
    standardMsPerCm: nominal,
    scale: shownIn,
    resolution: (pen.ec.resolution * perMs(shownIn)) / perMs(pen.ec.scale),
  };
  return makeEcPlan(traits, sitting);
}

/**
 * One check from its rows: what each cup showed as found, and as left where it was adjusted. Its
 * outcome follows from its values by the tolerance of the pen. Cups without a temperature count as
 * `usualTempC`, °C. Undefined for a pen without that side.
 */
export function checkOf(
  rows: readonly CheckRow[],
  pen: CheckedPen,
  usualTempC: number,
): OldCheck | undefined {
  const plan = planOf(rows, pen, usualTempC);
  if (!plan) return undefined;
  const read = (phase: 'asFound' | 'asLeft') =>
    rows.flatMap((row, at): BenchEvent[] => {
      const shown = phase === 'asFound' ? row.found : row.left;
      const cupId = plan.cups[at]!.id;
      return shown === undefined ? [] : [{ type: 'read', phase, cupId, shown, atMs: row.atMs }];
    });
  const within = (phase: 'asFound' | 'asLeft', shownOf: (row: CheckRow) => number | undefined) =>
    rows.every((row, at) => {
      const shown = shownOf(row);
      return shown === undefined || judgeDip(plan, plan.cups[at]!, phase, shown).within;
    });
  const adjusted = rows.some(({ left }) => left !== undefined);
  const good = adjusted
    ? within('asLeft', ({ left }) => left)
    : within('asFound', ({ found }) => found);
  const was: BenchOutcome = adjusted
    ? good
      ? 'adjusted'
      : 'adjustedWithMiss'
    : good
      ? 'inTolerance'
      : 'leftOut';
  const events: BenchEvent[] = [
    ...read('asFound'),
    ...(adjusted ? [{ type: 'adjust' } as const, ...read('asLeft')] : []),
    ...(was === 'leftOut' ? [{ type: 'leave' } as const] : []),
  ];
  return {
    plan,
    events,
    outcome: amendedOutcome(plan, events, was),
    startedMs: rows[0]!.atMs,
    finishedMs: rows.at(-1)!.atMs,
    note: [...new Set(rows.map(({ note }) => note).filter(Boolean))].join(' · '),
  };
}
