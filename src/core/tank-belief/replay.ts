import type { IdOf } from '../branded';
import {
  AIR_CO2_UATM,
  FEED_AMMONIUM_MMOL_PER_MS,
  FEED_CALCIUM_MMOL_PER_MS,
  FEED_MAGNESIUM_MMOL_PER_MS,
  FEED_PHOSPHATE_MMOL_PER_MS,
  REAGENTS,
  type AcidName,
  type Conditions,
  type Reagent,
} from '../chemistry';
import { keptByAir, letAir } from './air';
import { metalsOf, type Belief, type Expectation } from './belief';
import {
  IN_USE_CO2_TIMES,
  LONE_READING_STD_U_PH,
  POURED_REL,
  UNKNOWN_STRENGTH,
  type Prior,
} from './constants';
import type {
  AlkalinityTold,
  DosePoured,
  FeedGiven,
  JarRead,
  ReadingSeen,
  Session,
  TankEvent,
  WaterPoured,
} from './events';
import { weighByJar } from './jar';
import { meanIn, quantileIn, tailBeyond } from './mixture';
import { feedIn, mixIn, weighByReport } from './mixIn';
import { gridOf, type Nodes } from './nodes';
import { expectedOf, observe, offsetStdU, repeatVarianceOf, type Reader } from './observe';
import { begin } from './start';
import { ChargeTable, columnAt, type Composition } from './table';

const isPoured = (event: TankEvent): event is DosePoured | JarRead =>
  event.kind === 'dose' || event.kind === 'jar';

/** A session lived through again, event by event. */
class Replay {
  private nodes!: Nodes;
  private table!: ChargeTable;
  private at!: Conditions;
  private feed = { phosphate: 0, ammonium: 0 };
  private metals = { calciumMolPerL: 0, magnesiumMolPerL: 0 };
  private booked: Partial<Record<AcidName, number>> = {};
  private before = { chargeMolPerL: 0, variance: 0 };
  private logEvidence: number;
  private readonly expectations: Expectation[] = [];
  private penId = '';
  private lastMs = 0;
  private largestRead = 0;
  private poured = 0;
  private readonly unknownId: IdOf<'product'> | undefined;
  private readonly unfed: boolean;

  constructor(private readonly session: Session) {
    const { told, events, logWeight = 0 } = session;
    this.logEvidence = logWeight;
    this.unfed =
      told.kind === 'fresh' &&
      told.feedMsPerCm === 0 &&
      !events.some(({ kind }) => kind === 'feed');
    const poured = events.filter(isPoured).find(({ unknownId }) => unknownId)?.unknownId;
    this.unknownId = poured ?? session.plannedUnknownId;
    if (told.kind === 'fresh') this.metals = metalsOf(told.water);
    this.addFeed(told.feedMsPerCm);
  }

  private get kept() {
    return keptByAir(this.at, this.session.co2Uatm ?? AIR_CO2_UATM);
  }

  private addFeed(msPerCm: number): { readonly phosphate: number; readonly ammonium: number } {
    const { recipe = {} } = this.session;
    const phosphate = ((recipe.phosphateMmolPerMs ?? FEED_PHOSPHATE_MMOL_PER_MS) * msPerCm) / 1000;
    const ammonium = ((recipe.ammoniumMmolPerMs ?? FEED_AMMONIUM_MMOL_PER_MS) * msPerCm) / 1000;
    const calcium = ((recipe.calciumMmolPerMs ?? FEED_CALCIUM_MMOL_PER_MS) * msPerCm) / 1000;
    const magnesium = ((recipe.magnesiumMmolPerMs ?? FEED_MAGNESIUM_MMOL_PER_MS) * msPerCm) / 1000;
    this.feed = {
      phosphate: this.feed.phosphate + phosphate,
      ammonium: this.feed.ammonium + ammonium,
    };
    this.metals = {
      calciumMolPerL: this.metals.calciumMolPerL + calcium,
      magnesiumMolPerL: this.metals.magnesiumMolPerL + magnesium,
    };
    return { phosphate, ammonium };
  }

  private composition(): Composition {
    return { at: this.at, feed: this.feed, booked: { ...this.booked }, metals: this.metals };
  }

  /** The table for what is believed now, each node at its pH in it. */
  private rebuild(): void {
    const { nodes } = this;
    const factor = nodes.mean((node) => nodes.factor[node]!);
    const carbonMolPerL = nodes.mean((node) => nodes.carbon[node]!);
    this.table = new ChargeTable(this.composition(), { factor, carbonMolPerL });
    for (let node = 0; node < nodes.count; node += 1)
      nodes.ph[node] = this.table.phOf(
        nodes.charge[node]!,
        nodes.carbon[node]!,
        nodes.factor[node]!,
      );
  }

  private letAir(atMs: number): void {
    letAir(this.nodes, this.table, { ms: atMs - this.lastMs, keptMolPerL: this.kept });
    this.lastMs = atMs;
  }

  /** Eq/L of a product nobody knows, as supposed before. */
  private strengthOf(id: IdOf<'product'>): Prior {
    const { molPerL, sigma } = UNKNOWN_STRENGTH;
    return this.session.strengths?.get(id) ?? { median: molPerL, sigma };
  }

  /** Moles per litre of a dose in a node, and what of it is unsure beyond the pouring (log). */
  private molOf({ perL, unknownId }: DosePoured, node?: number) {
    if (unknownId === undefined) return { molPerL: perL, sigma: 0 };
    if (unknownId === this.unknownId && node !== undefined)
      return { molPerL: perL * this.nodes.strength[node]!, sigma: 0 };
    const { median, sigma } = this.strengthOf(unknownId);
    return { molPerL: perL * median, sigma };
  }

  private book(reagent: Reagent, molPerL: number): void {
    for (const [name, each] of Object.entries(REAGENTS[reagent].adds) as [AcidName, number][])
      this.booked[name] = (this.booked[name] ?? 0) + each * molPerL;
  }

  /** Doses poured before the first reading: recorded amounts with their uncertainty. */
  private bookBefore(event: TankEvent): void {
    if (event.kind !== 'dose') return;
    const { molPerL, sigma } = this.molOf(event);
    const { strongIonDifference } = REAGENTS[event.reagent];
    this.book(event.reagent, molPerL);
    this.before = {
      chargeMolPerL: this.before.chargeMolPerL + strongIonDifference * molPerL,
      variance: this.before.variance + (POURED_REL ** 2 + sigma ** 2) * molPerL ** 2,
    };
  }

  private begin(reading: ReadingSeen): boolean {
    const { told } = this.session;
    const fresh = told.kind === 'fresh';
    this.at = reading.at;
    this.penId = reading.penId;
    this.lastMs = reading.atMs;
    this.nodes = gridOf({
      alkalinitySigma: fresh ? told.alkalinitySigma : told.co2Sigma,
      feed: this.unfed ? undefined : told.factor,
      penStdU: offsetStdU(reading.stdU, reading.digitPh),
      strength: this.unknownId === undefined ? undefined : this.strengthOf(this.unknownId),
    });
    const factor = this.unfed ? 0 : told.factor.median;
    const whole = new ChargeTable(this.composition(), { factor, carbonMolPerL: 0 });
    const carbonMolPerL = fresh
      ? told.water.alkalinityMolPerL
      : (IN_USE_CO2_TIMES * this.kept) / columnAt(whole.dioxide, reading.ph);
    this.table = new ChargeTable(this.composition(), { factor, carbonMolPerL });
    const fit = begin({
      nodes: this.nodes,
      table: this.table,
      told,
      reading,
      repeatVariance: repeatVarianceOf(reading.digitPh),
      feed: this.feed,
      booked: this.before,
      keptMolPerL: this.kept,
    });
    this.logEvidence += fit;
    return this.nodes.settle() > 0 && Number.isFinite(fit);
  }

  private dose(event: DosePoured): void {
    const { nodes } = this;
    this.letAir(event.atMs);
    const { strongIonDifference, carbon } = REAGENTS[event.reagent];
    const effect = this.table.effectOf(event.reagent);
    for (let node = 0; node < nodes.count; node += 1) {
      const { molPerL, sigma } = this.molOf(event, node);
      const charge = columnAt(effect, nodes.ph[node]!) * molPerL;
      nodes.charge[node]! += strongIonDifference * molPerL;
      nodes.carbon[node]! += carbon * molPerL;
      nodes.chargeVariance[node]! += (POURED_REL ** 2 + sigma ** 2) * charge ** 2;
    }
    this.book(event.reagent, this.molOf(event).molPerL);
    this.poured += nodes.mean(
      (node) => Math.abs(columnAt(effect, nodes.ph[node]!)) * this.molOf(event, node).molPerL,
    );
    this.rebuild();
  }

  private give({ atMs, ecMsPerCm }: FeedGiven): void {
    this.letAir(atMs);
    feedIn(this.nodes, { ...this.addFeed(ecMsPerCm), ecMsPerCm });
    this.rebuild();
  }

  private topUp({ atMs, share, water }: WaterPoured): void {
    this.letAir(atMs);
    mixIn(this.nodes, this.table, { share, water });
    const left = 1 - share;
    const metals = metalsOf(water);
    this.feed = { phosphate: left * this.feed.phosphate, ammonium: left * this.feed.ammonium };
    this.metals = {
      calciumMolPerL: left * this.metals.calciumMolPerL + share * metals.calciumMolPerL,
      magnesiumMolPerL: left * this.metals.magnesiumMolPerL + share * metals.magnesiumMolPerL,
    };
    for (const name of Object.keys(this.booked) as AcidName[])
      this.booked[name] = left * (this.booked[name] ?? 0);
    this.rebuild();
  }

  private tellAlkalinity({ alkalinityMolPerL, sigma }: AlkalinityTold): void {
    const { told } = this.session;
    if (told.kind !== 'fresh') return;
    const off = Math.log(alkalinityMolPerL / told.water.alkalinityMolPerL);
    weighByReport(this.nodes, { off, sigma });
  }

  private readerOf(seen: {
    readonly penId: IdOf<'pen'>;
    readonly stdU: number;
    readonly digitPh: number;
    readonly lone?: boolean | undefined;
  }): Reader {
    const withOffset = seen.penId === this.penId;
    const own = withOffset ? repeatVarianceOf(seen.digitPh) : seen.stdU ** 2;
    return { variance: own + (seen.lone ? LONE_READING_STD_U_PH ** 2 : 0), withOffset };
  }

  private read(reading: ReadingSeen): void {
    this.letAir(reading.atMs);
    this.at = reading.at;
    this.rebuild();
    const reader = this.readerOf(reading);
    const { ph } = reading;
    const expected = expectedOf(this.nodes, this.table, reader);
    this.expectations.push({
      atMs: reading.atMs,
      readPh: ph,
      expectedPh: meanIn(expected),
      lowPh: quantileIn(expected, 0.025),
      highPh: quantileIn(expected, 0.975),
      tail: tailBeyond(expected, ph),
    });
    this.logEvidence += observe(this.nodes, this.table, { ph, reader });
    this.largestRead = Math.max(this.largestRead, this.poured);
    this.poured = 0;
  }

  private jar(jar: JarRead): void {
    this.letAir(jar.atMs);
    const reader = this.readerOf(jar);
    const { nodes, table } = this;
    const strength =
      jar.unknownId === undefined
        ? () => 1
        : jar.unknownId === this.unknownId
          ? (node: number) => nodes.strength[node]!
          : () => this.strengthOf(jar.unknownId!).median;
    const composition = this.composition();
    this.logEvidence += weighByJar(nodes, { jar, table, composition, reader, strength });
  }

  private take(event: TankEvent): void {
    switch (event.kind) {
      case 'reading':
        return this.read(event);
      case 'dose':
        return this.dose(event);
      case 'feed':
        return this.give(event);
      case 'water':
        return this.topUp(event);
      case 'told':
        return this.tellAlkalinity(event);
      case 'jar':
        return this.jar(event);
    }
  }

  run(): Belief | undefined {
    const events = [...this.session.events].sort((a, b) => a.atMs - b.atMs);
    const first = events.findIndex(({ kind }) => kind === 'reading');
    if (first < 0) return undefined;
    events.slice(0, first).forEach((event) => this.bookBefore(event));
    if (!this.begin(events[first] as ReadingSeen)) return undefined;
    events.slice(first + 1).forEach((event) => this.take(event));
    if (!Number.isFinite(this.logEvidence)) return undefined;
    return {
      session: this.session,
      nodes: this.nodes,
      composition: this.composition(),
      table: this.table,
      logEvidence: this.logEvidence,
      expectations: this.expectations,
      penId: this.penId,
      lastMs: this.lastMs,
      keptMolPerL: this.kept,
      largestReadMolPerL: this.largestRead,
      unknownId: this.unknownId,
      unfed: this.unfed,
    };
  }
}

/**
 * What is believed of a tank after a session: a grid of whole tanks, each lived through all that
 * happened, weighed by what was read. Undefined before the first reading, and where what is told
 * cannot be (an alkalinity that no carbon gives that pH).
 * @source Bayes' rule on a grid with a Kalman step for charge and carbon: S. Särkkä, Bayesian
 *   Filtering and Smoothing, Cambridge 2013; docs/science.md, "The tank".
 */
export const beliefOf = (session: Session): Belief | undefined => new Replay(session).run();
