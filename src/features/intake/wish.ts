import type {
  BookNames,
  PenMatch,
  PlaceMatch,
  TablePreview,
  TableSeen,
  TableWish,
} from '@/book/answers';
import { litresFrom, type VolumeUnit } from '@/core/units';
import { parseDecimal } from '@/words';
import { intakeSays } from '@/words/intake/intake';

/** What the grower chose for a name of the table, as it is typed. */
export interface TypedMatch {
  /** A record's id, `make` or `leave`; '' while nothing is chosen. */
  readonly choice: string;
  /** Of a new tank, in the book's unit. */
  readonly volume: string;
  /** Of a new tank: the place of its crop in the library. */
  readonly target: string;
  /** Of a new pen. */
  readonly code: string;
}

const NO_MATCH: TypedMatch = { choice: '', volume: '', target: '', code: '' };
/** The choice to make a new thing of a name. */
export const MAKE = 'make';
/** The choice to leave rows of a name out. */
export const LEAVE = 'leave';

/** Everything the grower can say about how the table is read. */
export interface TypedWish {
  readonly seen: TableSeen;
  readonly cupTempC: string;
  readonly places: Readonly<Record<string, TypedMatch>>;
  readonly pens: Readonly<Record<string, TypedMatch>>;
}

/** Cups stand at room temperature where nothing was written down, °C. */
const USUAL_CUP_C = '20';

/** How a table is read before anything was chosen: as it seems to be. */
export const firstWish = (seen: TableSeen): TypedWish => ({
  seen,
  cupTempC: USUAL_CUP_C,
  places: {},
  pens: {},
});

/** A positive number as it was typed; undefined for anything else. */
export const amountOf = (typed: string): number | undefined => {
  const read = parseDecimal(typed);
  return read.ok && read.value > 0 ? read.value : undefined;
};

/** A new tank or pen that is not described yet counts as left out: nothing stands for it meanwhile. */
const UNDESCRIBED = { as: 'leave' } as const;

function placeMatch(
  name: string,
  { choice, volume, target }: TypedMatch,
  unit: VolumeUnit,
): PlaceMatch | undefined {
  if (choice === '') return undefined;
  if (choice === LEAVE) return { as: 'leave' };
  if (choice !== MAKE) return { as: 'known', id: choice };
  const amount = amountOf(volume);
  if (amount === undefined || target === '') return UNDESCRIBED;
  const volumeL = litresFrom(amount, unit);
  return { as: 'made', name: name || intakeSays.newName, volumeL, target: Number(target) };
}

function penMatch(_name: string, { choice, code }: TypedMatch): PenMatch | undefined {
  if (choice === '') return undefined;
  if (choice === LEAVE) return { as: 'leave' };
  if (choice !== MAKE) return { as: 'known', id: choice };
  return code.trim() === '' ? UNDESCRIBED : { as: 'made', code: code.trim() };
}

const matched = <Match extends PlaceMatch | PenMatch>(
  typed: Readonly<Record<string, TypedMatch>>,
  of: (name: string, one: TypedMatch) => Match | undefined,
): Readonly<Record<string, Match>> =>
  Object.fromEntries(
    Object.entries(typed).flatMap(([name, one]) => {
      const match = of(name, one);
      return match ? [[name, match]] : [];
    }),
  );

/** The wish as the worker takes it. */
export function wishOf({ seen, cupTempC, places, pens }: TypedWish, unit: VolumeUnit): TableWish {
  const { subject, shape, columns, units } = seen;
  const cup = parseDecimal(cupTempC);
  const usualTempC = cup.ok && cup.value >= 0 && cup.value <= 50 ? cup.value : Number(USUAL_CUP_C);
  return {
    subject,
    shape,
    columns,
    units,
    usualTempC,
    places: matched(places, (name, one) => placeMatch(name, one, unit)),
    pens: matched(pens, penMatch),
  };
}

/** The same table with another role for one column; a role is borne once. */
export function withRole(seen: TableSeen, at: number, role: string): TableSeen {
  const chosen = seen.roles.find((one) => one === role) ?? null;
  const columns = seen.columns.map((was, index) =>
    index === at ? chosen : was === chosen ? null : was,
  );
  return { ...seen, columns };
}

/** What stands beside a name: what was chosen, else what it seems to be. */
export const choiceOf = (
  typed: Readonly<Record<string, TypedMatch>>,
  { name, knownId }: TablePreview['places' | 'pens'][number],
): TypedMatch =>
  Object.hasOwn(typed, name) ? typed[name]! : { ...NO_MATCH, choice: knownId ?? '' };

/** A code for a new pen that no other bears: from its name where it is short, else counted on. */
export function freeCode(name: string, names: BookNames, taken: readonly string[]): string {
  const used = new Set([...names.pens.map((pen) => pen.name.split(' ')[0] ?? ''), ...taken]);
  const short = name.trim().toUpperCase();
  if (short.length > 0 && short.length <= 4 && !used.has(short)) return short;
  const counted = Array.from({ length: 99 }, (_, at) => `L${at + 1}`);
  return counted.find((code) => !used.has(code)) ?? 'L';
}
