import { DAY_MS } from '../units';
import { Slab } from '../statistics';
import { BEND_STD_U, PEN_MODEL, type Known, type PenModel } from './model';
import type { PenCheck, PenEvent, PenFacts } from './events';
import { takeDip, takeFirstDips, type PlacedDip } from './dipUpdate';
import {
  forgetTemper,
  layoutOf,
  moveOn,
  newProbeRestarts,
  startFilter,
  type Filter,
  type Layout,
  type Restart,
  type Step,
  type Transition,
} from './filter';
import { LotSlots } from './lotSlots';

/** What one filter knew at a moment. */
export interface Snapshot {
  readonly mean: Float64Array;
  readonly cov: Float64Array;
  readonly logWeight: number;
  readonly jumpsPerDay: number;
}

/** A moment at which something was known: all filters, and what had led there. */
export interface Node {
  readonly atMs: number;
  /** The place of its event in the list; −1 for the beginning. */
  readonly event: number;
  /** The event's last node: what is known then is known live. */
  readonly ends: boolean;
  /** As found was taken in here; the pen was not touched yet. */
  readonly found: boolean;
  /** Which probe: counts from 0. */
  readonly era: number;
  /** Dips taken in so far. */
  readonly dips: number;
  readonly filters: readonly Snapshot[];
  /** How each filter came here from the node before. */
  readonly ways: readonly Transition[];
}

/** The whole way forward of a pen's bank. */
export interface Bank {
  readonly model: PenModel;
  readonly layout: Layout;
  readonly walkVariances: readonly number[];
  readonly nodes: readonly Node[];
  readonly repeatVariance: number;
}

/** The values of all cups ever used, in the order they came. */
function cupValues(events: readonly PenEvent[]): readonly string[] {
  const values = new Set<string>();
  for (const event of events)
    if (event.kind === 'check')
      for (const { lot } of [...event.found, ...event.left]) if (lot) values.add(lot.value);
  return [...values];
}

/** What is supposed of a pen before anything is seen of it. */
function priorOf(facts: PenFacts, model: PenModel) {
  const [first, ...rest] = model.start;
  const level: Known =
    facts.quantity === 'ph'
      ? { mean: first!.mean, stdU: Math.max(first!.stdU, facts.accuracy) }
      : first!;
  const start = [level, ...rest.map((known) => facts.startGain ?? known)];
  return { start, rates: model.rates };
}

/** The rows that an adjustment sets anew. */
function adjustedRestarts(check: PenCheck, { levels, bend }: Layout, model: PenModel): Restart[] {
  const { adjusted } = check;
  const anew = (row: number): Restart => ({ row, known: { mean: 0, stdU: model.adjusted[row]! } });
  return [
    ...(adjusted?.offset ? [anew(0)] : []),
    ...(adjusted?.gain && levels > 1 ? [anew(1)] : []),
    ...(adjusted?.bend && bend >= 0
      ? [{ row: bend, known: { mean: 0, stdU: BEND_STD_U.adjusted } }]
      : []),
  ];
}

const nearestNeutralFirst = (dips: readonly PlacedDip[]) =>
  [...dips].sort((a, b) => Math.abs(a.lever) - Math.abs(b.lever));

/** Walks a pen's events forward through the three filters. Events in any order. */
export class BankWalk {
  readonly model: PenModel;
  readonly layout: Layout;
  readonly nodes: Node[] = [];
  readonly repeatVariance: number;
  private readonly slots: LotSlots;
  private readonly filters: Filter[];
  private readonly prior: ReturnType<typeof priorOf>;
  private atMs: number;
  private era = 0;
  private dips = 0;

  constructor(facts: PenFacts) {
    const { quantity, firstUseMs = Infinity } = facts;
    const events = [...facts.events].sort((a, b) => a.atMs - b.atMs);
    this.model = facts.model ?? PEN_MODEL[quantity];
    const values = cupValues(events);
    this.slots = new LotSlots(values);
    const bends = events.some(
      (event) => event.kind === 'check' && [...event.found, ...event.left].some((d) => d.bends),
    );
    this.layout = layoutOf(this.model.levels, { bends, lots: values.length });
    this.repeatVariance = facts.repeatStdU ** 2;
    this.prior = priorOf(facts, this.model);
    const restarts = this.startRestarts();
    const slab = new Slab();
    this.filters = this.model.walks.map((_, which) =>
      startFilter(this.layout, this.model, { which, restarts, slab }),
    );
    // Nothing seen and never used: it stands at its beginning whenever it is asked about.
    this.atMs = Math.min(events[0]?.atMs ?? Infinity, firstUseMs);
    this.note({ event: -1, ends: true });
    events.forEach((event, at) => this.take(event, at));
  }

  private startRestarts(): readonly Restart[] {
    const bottles = Array.from({ length: this.slots.count }, (_, at) => ({
      row: this.layout.firstLot + at,
      known: { mean: 0, stdU: 1e-3 },
    }));
    return [...newProbeRestarts(this.layout, this.prior), ...bottles];
  }

  private note(
    { event, ends, found = false }: { event: number; ends: boolean; found?: boolean },
    ways: readonly Transition[] = [],
  ): void {
    const { atMs, era, dips } = this;
    const filters = this.filters.map(({ mean, cov, logWeight, jumpsPerDay }) => ({
      mean,
      cov,
      logWeight,
      jumpsPerDay,
    }));
    this.nodes.push({ atMs, event, ends, found, era, dips, filters, ways });
  }

  private move(step: Step): readonly Transition[] {
    const { model } = this;
    return this.filters.map((filter) => moveOn(this.layout, filter, { model, step }));
  }

  /** A transition at one moment, noted. */
  private shake(step: Omit<Step, 'days'>, at: { event: number; ends: boolean }): void {
    this.note(at, this.move({ days: 0, ...step }));
  }

  private take(event: PenEvent, at: number): void {
    const days = (event.atMs - this.atMs) / DAY_MS;
    this.atMs = event.atMs;
    if (event.kind === 'check') {
      this.takeCheck(event, { at, days });
      return;
    }
    this.note({ event: at, ends: false }, this.move({ days, unseen: true }));
    if (event.kind === 'disturbed') {
      this.shake({ extra: this.model.disturbance.map((s) => s ** 2) }, { event: at, ends: true });
      return;
    }
    this.era += 1;
    this.filters.forEach((filter) => forgetTemper(this.model, filter));
    this.shake({ restarts: newProbeRestarts(this.layout, this.prior) }, { event: at, ends: true });
  }

  private takeCheck(check: PenCheck, { at, days }: { at: number; days: number }): void {
    const { layout } = this;
    const all = this.slots.place([...check.found, ...check.left], layout.firstLot);
    const found = nearestNeutralFirst(all.placed.slice(0, check.found.length));
    const left = all.placed.slice(check.found.length);
    const { afterCleaning } = check;
    const unseen = afterCleaning || found.length === 0;
    let ways = this.move({ days, restarts: all.restarts, unseen });
    if (afterCleaning) {
      this.note({ event: at, ends: false }, ways);
      ways = this.move({ days: 0, extra: this.model.disturbance.map((s) => s ** 2) });
    }
    this.filters.forEach((filter, one) => {
      takeFirstDips(this, filter, { dips: found, last: ways[one]!, afterCleaning });
    });
    this.dips += found.length;
    const restarts = adjustedRestarts(check, layout, this.model);
    const ends = restarts.length === 0 && left.length === 0;
    this.note({ event: at, ends, found: true }, ways);
    if (ends) return;
    const after = this.move({ days: 0, restarts });
    for (const filter of this.filters) for (const dip of left) takeDip(this, filter, dip);
    this.dips += left.length;
    this.note({ event: at, ends: true }, after);
  }

  /** What the walk leaves. */
  bank(): Bank {
    const { model, layout, nodes, repeatVariance } = this;
    const walkVariances = this.filters.map(({ walkVariance }) => walkVariance);
    return { model, layout, nodes, repeatVariance, walkVariances };
  }
}
