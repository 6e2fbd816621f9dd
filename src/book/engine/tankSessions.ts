import { DAY_MS } from '@/core/units';
import {
  ALKALINITY_SIGMA,
  FEED_FACTOR,
  IN_USE_CO2_SIGMA,
  WITNESS_REL,
  isNear,
  newestAgreed,
  type Mixing,
  type Prior,
  type Recipe,
  type SourceWater,
  type TankEvent,
  type Told,
} from '@/core/tank-belief';
import { USUAL_EC_MS_PER_CM } from '@/core/dosing';
import { TOO_PURE_BELOW_MS_PER_CM } from '@/core/verdict';
import { isReservoir, type Reservoir } from '@/records/kinds';
import type { TimedAddition } from './additions';
import type { BookState } from './bookState';
import { isDose, splitStory, sureBeginning } from './tankStory';
import { factorSupposed, recipeOf } from './feedRecipe';
import {
  mixingOfTank,
  pouredDoseOf,
  timelineOf,
  timelineSince,
  type TimedEntry,
  type TimedReading,
} from './tankTimeline';
import { monthOf } from './partsOfBook';
import { watersOf, type MixedWater } from './watersOf';
import type { TankId } from '@/records';

/** A last session is looked for so far back first. */
const LOOKED_BACK_MS = 30 * DAY_MS;

/** Why a reading was not taken in. */
type LeftOut = 'whileMixing' | 'earlierOfTwo';

/** A reading of a session and what became of it. */
export interface SessionReading extends TimedReading {
  readonly left?: LeftOut | undefined;
  /** No second one agrees with it yet. */
  readonly lone: boolean;
  /** The dose it followed, if any. */
  readonly after?: TimedAddition | undefined;
}

/** A session of a tank: how it is told, what is taken in, and every reading with what became of it. */
export interface TankSession {
  readonly startMs: number;
  readonly endMs: number;
  readonly told: Told;
  readonly recipe?: Recipe | undefined;
  readonly unwitnessed: boolean;
  readonly wider: boolean;
  readonly wholeMsPerCm: number;
  readonly events: readonly TankEvent[];
  readonly readings: readonly SessionReading[];
  readonly doses: readonly TimedAddition[];
  /** The fill it began with. */
  readonly fill?: TimedAddition | undefined;
}

/** Readings since a dose (or the beginning): which are taken in, and which stand alone. */
function sift(
  group: readonly TimedReading[],
  { mixedMs, mixing, after }: { mixedMs: number; mixing: Mixing; after: TimedAddition | undefined },
): SessionReading[] {
  const mixed = group.filter(({ atMs }) => atMs >= mixedMs);
  return group.map((reading): SessionReading => {
    const at = mixed.indexOf(reading);
    if (at < 0) return { ...reading, after, left: 'whileMixing', lone: false };
    // Where a session begins, its first reading is what everything starts from.
    if (after === undefined && at === 0) return { ...reading, lone: false };
    const next = mixed[at + 1];
    if (next && isNear(reading.seen, next.seen))
      return { ...reading, after, left: 'earlierOfTwo', lone: false };
    const sofar = mixed.slice(0, at + 1).map(({ seen }) => seen);
    const agreed = newestAgreed(sofar, mixing) === at;
    return { ...reading, after, lone: after !== undefined && !agreed };
  });
}

/** How a fill is told: its water, and the feed that was in it when it was first read. */
function toldOfFill(
  fill: TimedAddition,
  water: MixedWater,
  {
    first,
    fedMsPerCm,
    factor,
  }: { first: TimedReading | undefined; fedMsPerCm: number | undefined; factor: Prior },
): { readonly told: Told; readonly unwitnessed: boolean } | undefined {
  const alkalinity = fill.record.body.alkalinityMmolPerL ?? water.alkalinityMmolPerL;
  if (alkalinity === undefined) return undefined;
  const source: SourceWater = {
    alkalinityMolPerL: Math.max(alkalinity, 0.02) / 1000,
    ph: water.ph,
    calciumMolPerL: water.calciumMmolPerL === undefined ? undefined : water.calciumMmolPerL / 1000,
    magnesiumMolPerL:
      water.magnesiumMmolPerL === undefined ? undefined : water.magnesiumMmolPerL / 1000,
  };
  const read = first?.ecMsPerCm;
  const expected =
    water.ecMsPerCm === undefined || fedMsPerCm === undefined
      ? undefined
      : water.ecMsPerCm + fedMsPerCm;
  const witnessed =
    read !== undefined &&
    expected !== undefined &&
    Math.abs(read - expected) <= WITNESS_REL * Math.max(expected, TOO_PURE_BELOW_MS_PER_CM);
  const sourceEc = water.ecMsPerCm ?? read ?? 0;
  const byEc = read === undefined ? (fedMsPerCm ?? 0) : Math.max(0, read - sourceEc);
  const fed = (fedMsPerCm ?? 1) > 0 || byEc > WITNESS_REL * Math.max(sourceEc, 0.1);
  return {
    told: {
      kind: 'fresh',
      water: source,
      alkalinitySigma: ALKALINITY_SIGMA[water.measured ? 'measured' : 'guess'],
      feedMsPerCm: fed ? byEc : 0,
      factor,
    },
    unwitnessed: !witnessed,
  };
}

const toldInUse = (feedMsPerCm: number, factor: Prior): Told => ({
  kind: 'inUse',
  feedMsPerCm,
  factor,
  co2Sigma: IN_USE_CO2_SIGMA,
});

/** EC that stock added: as read before and after, else as it was promised; undefined where nobody knows. */
function fedBy({ record: { body } }: TimedAddition): number | undefined {
  const { ecBeforeMsPerCm: before, predictedEcMsPerCm: after } = body;
  return before !== undefined && after !== undefined ? Math.max(0, after - before) : undefined;
}

/** Events of what was poured other than a fill. */
function pouredEvents(book: BookState, tank: Reservoir, addition: TimedAddition): TankEvent[] {
  const { body } = addition.record;
  const { atMs } = addition;
  if (isDose(body)) return [pouredDoseOf(book, addition, tank.volumeL)].flatMap((d) => d ?? []);
  if (body.what === 'stock') {
    const ecMsPerCm = fedBy(addition);
    return ecMsPerCm ? [{ kind: 'feed', atMs, ecMsPerCm }] : [];
  }
  if (body.what !== 'water' || !body.waterL) return [];
  const water = watersOf(book, body.waters ?? tank.waters);
  if (water.alkalinityMmolPerL === undefined) return [];
  const volumeL = body.tankVolumeL ?? tank.volumeL;
  const share = Math.min(0.9, body.waterL / volumeL);
  const { alkalinityMmolPerL, ph } = water;
  return [
    {
      kind: 'water',
      atMs,
      share,
      water: { alkalinityMolPerL: alkalinityMmolPerL / 1000, ph },
    },
  ];
}

/** One session made of its entries. */
function sessionOf(book: BookState, tank: Reservoir, entries: readonly TimedEntry[]): TankSession {
  const readings = entries.filter((entry) => entry.kind === 'reading');
  const pours = entries.flatMap((entry) => (entry.kind === 'pour' ? [entry.addition] : []));
  const fill = pours[0]?.record.body.what === 'change' ? pours[0] : undefined;
  const first = readings[0];
  const startMs = entries[0]!.atMs;
  const before = pours.filter(({ atMs }) => atMs <= (first?.atMs ?? Infinity));
  const stock = before.filter(({ record }) => record.body.what === 'stock');
  const fed = stock.map(fedBy);
  const fedMsPerCm = fed.reduce<number | undefined>(
    (sum, each) => (sum === undefined || each === undefined ? undefined : sum + each),
    0,
  );
  const filled =
    fill &&
    toldOfFill(fill, watersOf(book, fill.record.body.waters ?? tank.waters), {
      first,
      fedMsPerCm,
      factor: factorSupposed(tank),
    });
  const wholeMsPerCm = first?.ecMsPerCm ?? USUAL_EC_MS_PER_CM;
  const everFed = pours.some(({ record }) => record.body.what === 'stock');
  const told =
    filled?.told ??
    toldInUse(
      wholeMsPerCm,
      fill !== undefined && !everFed ? FEED_FACTOR.suspected : factorSupposed(tank),
    );
  const sifted: SessionReading[] = [];
  const events: TankEvent[] = [];
  const { volumeL } = tank;
  const mixing = mixingOfTank(tank, volumeL);
  let group: TimedReading[] = [];
  let after: TimedAddition | undefined;
  let mixedMs = -Infinity;
  const close = () => {
    const done = sift(group, { mixedMs, mixing, after });
    sifted.push(...done);
    events.push(
      ...done.filter(({ left }) => left === undefined).map(({ seen, lone }) => ({ ...seen, lone })),
    );
    group = [];
  };
  for (const entry of entries) {
    if (entry.kind === 'reading') {
      group.push(entry);
      continue;
    }
    close();
    if (entry.kind === 'jarTest') {
      events.push(entry.jar);
      continue;
    }
    const { body } = entry.addition.record;
    if (isDose(body) || body.what === 'stock' || body.what === 'water') {
      after = entry.addition;
      mixedMs = Date.parse(body.rereadAt ?? body.at);
    }
    if (entry.addition !== fill) events.push(...pouredEvents(book, tank, entry.addition));
  }
  close();
  return {
    startMs,
    endMs: entries.at(-1)!.atMs,
    told,
    recipe: recipeOf(tank),
    unwitnessed: filled?.unwitnessed ?? false,
    wider: pours.some(({ record }) => record.body.tookWhatFits),
    wholeMsPerCm,
    events,
    readings: sifted,
    doses: pours.filter(({ record }) => isDose(record.body)),
    fill,
  };
}

/** A tank's sessions, oldest first. */
export function sessionsOf(book: BookState, tankId: TankId): readonly TankSession[] {
  return book.remember(`sessions/${tankId}`, () => {
    const tank = book.record('tank', tankId)?.body;
    if (!tank || !isReservoir(tank)) return [];
    const entries = timelineOf(book, tankId);
    return splitStory(entries, tank).map((each) => sessionOf(book, tank, each));
  });
}

/**
 * The last session of a tank in which it was read; made of this month and the one before where these tell
 * where it began, so that no years are looked at.
 */
export function lastReadSession(
  book: BookState,
  tankId: TankId,
  nowMs: number,
): TankSession | undefined {
  const month = monthOf(new Date(nowMs - LOOKED_BACK_MS).toISOString());
  return book.remember(
    `lastSession/${tankId}`,
    () => {
      const tank = book.record('tank', tankId)?.body;
      if (!tank || !isReservoir(tank)) return undefined;
      const entries = timelineSince(book, tankId, month);
      const from = sureBeginning(entries, tank);
      const groups = from < 0 ? [] : splitStory(entries.slice(from), tank);
      const last = groups.findLast((group) => group.some(({ kind }) => kind === 'reading'));
      return last
        ? sessionOf(book, tank, last)
        : sessionsOf(book, tankId).findLast(({ readings }) => readings.length > 0);
    },
    { at: month },
  );
}

/** When a dose is mixed, by when its re-reading was due. */
export const mixedMsOf = ({ record: { body } }: TimedAddition) =>
  Date.parse(body.rereadAt ?? body.at);
