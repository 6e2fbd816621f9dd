import type { TankColumns } from '@/book/answers';
import { conditionsAt, molPerUnit, type Conditions, type Reagent } from '@/core/chemistry';
import { USUAL_EC_MS_PER_CM, USUAL_TEMP_C } from '@/core/dosing';
import {
  mixingOf,
  type DosePoured,
  type JarRead,
  type Mixing,
  type ReadingSeen,
} from '@/core/tank-belief';
import type { Tank } from '@/records/kinds';
import { additionsOf, type TimedAddition } from './additions';
import type { BookState, LiveRecord } from './bookState';
import { jarsOf } from './jarSeen';
import { productById, unknownNameOf } from './productOf';
import { monthSpan } from './partsOfBook';
import { recentColumns, tankColumns } from './tankColumns';
import type { TankId } from '@/records';

/** A reading with a pH, as the chemistry has to know it. */
export interface TimedReading {
  readonly kind: 'reading';
  readonly atMs: number;
  readonly seen: ReadingSeen;
  /** mS/cm; undefined where it was not read. */
  readonly ecMsPerCm: number | undefined;
}

/** Something poured. */
interface TimedPour {
  readonly kind: 'pour';
  readonly atMs: number;
  readonly addition: TimedAddition;
}

/** A jar test of a sample. */
interface TimedJar {
  readonly kind: 'jarTest';
  readonly atMs: number;
  readonly jar: JarRead;
}

export type TimedEntry = TimedReading | TimedPour | TimedJar;

/** Of one moment: what was read, then tried, then poured. */
const ORDER = { reading: 0, jarTest: 1, pour: 2 } as const;

/** How a tank mixes. */
export function mixingOfTank({ pumpLPerMin }: Tank, volumeL: number): Mixing {
  return mixingOf(volumeL, pumpLPerMin === undefined ? undefined : 60 * pumpLPerMin);
}

const finite = (value: number | undefined) =>
  value !== undefined && Number.isFinite(value) ? value : undefined;

/** Constants within the temperatures and salts they hold for. */
function conditionsFor(tempC: number | undefined, ecMsPerCm: number | undefined): Conditions {
  const temp = Math.min(Math.max(tempC ?? USUAL_TEMP_C, 5), 35);
  const ec = Math.min(Math.max(ecMsPerCm ?? USUAL_EC_MS_PER_CM, 0), 20);
  const at = conditionsAt({ tempC: temp, ecMsPerCm: ec });
  if (!at.ok) throw new RangeError('conditions');
  return at.value;
}

function readingAt(
  pens: readonly LiveRecord<'pen'>[],
  columns: TankColumns,
  at: number,
): TimedReading[] {
  const ph = finite(columns.ph[at]);
  const stdU = finite(columns.phStdU[at]);
  if (ph === undefined || stdU === undefined) return [];
  const pen = pens[columns.phPen[at]!];
  const ecMsPerCm = finite(columns.ec[at]);
  let conditions: Conditions | undefined;
  const seen: ReadingSeen = {
    kind: 'reading',
    atMs: columns.atMs[at]!,
    ph,
    stdU,
    penId: pen?.id ?? '?',
    digitPh: pen?.body.ph?.resolutionPh ?? 0.1,
    // Of years of readings only a few are looked at so closely.
    get at() {
      return (conditions ??= conditionsFor(finite(columns.tempC[at]), ecMsPerCm));
    },
  };
  return [{ kind: 'reading', atMs: seen.atMs, seen, ecMsPerCm }];
}

/** What some columns of a tank tell of its pH, and what was poured and tried since, by time. */
function entriesOf(
  book: BookState,
  { tankId, columns, sinceMs }: { tankId: TankId; columns: TankColumns; sinceMs: number },
): readonly TimedEntry[] {
  const pens = book.all('pen');
  const readings = Array.from(columns.atMs, (_, at) => readingAt(pens, columns, at)).flat();
  const pours = additionsOf(book, tankId).map((addition): TimedPour => ({
    kind: 'pour',
    atMs: addition.atMs,
    addition,
  }));
  const jars = jarsOf(book, tankId).map((jar): TimedJar => ({
    kind: 'jarTest',
    atMs: jar.atMs,
    jar,
  }));
  return [...readings, ...jars, ...pours]
    .filter(({ atMs }) => atMs >= sinceMs)
    .sort((a, b) => a.atMs - b.atMs || ORDER[a.kind] - ORDER[b.kind]);
}

/** Readings with a pH and everything poured, by time; of one moment what was read comes first. */
export function timelineOf(book: BookState, tankId: TankId): readonly TimedEntry[] {
  return book.remember(`timeline/${tankId}`, () =>
    entriesOf(book, { tankId, columns: tankColumns(book, tankId), sinceMs: -Infinity }),
  );
}

/** The same from the beginning of a month on (`2026-11`). */
export function timelineSince(
  book: BookState,
  tankId: TankId,
  month: string,
): readonly TimedEntry[] {
  const sinceMs = monthSpan(month).fromMs;
  return entriesOf(book, { tankId, columns: recentColumns(book, tankId, sinceMs), sinceMs });
}

/** A dose as its chemistry has to know it; undefined where nobody wrote down how much. */
export function pouredDoseOf(
  book: BookState,
  { record: { body }, atMs }: TimedAddition,
  usualVolumeL: number,
): DosePoured | undefined {
  const volumeL = body.tankVolumeL ?? usualVolumeL;
  const amount = body.doseMl ?? body.doseG;
  const product = productById(book, body.productId);
  const strong: Reagent = body.what === 'acid' ? 'strongAcid' : 'strongBase';
  const mol = product && molPerUnit(product);
  if (product && mol?.ok && amount !== undefined)
    return { kind: 'dose', atMs, reagent: product.reagent, perL: (amount * mol.value) / volumeL };
  if (body.acidMmol !== undefined)
    return {
      kind: 'dose',
      atMs,
      reagent: strong,
      perL: Math.abs(body.acidMmol) / 1000 / volumeL,
    };
  if (amount === undefined) return undefined;
  const reagent = product?.reagent ?? strong;
  const perL = amount / 1000 / volumeL;
  return { kind: 'dose', atMs, reagent, perL, unknownId: unknownNameOf(body) };
}
