import type { PenMatch, PenSeen, PlaceMatch, TableWish } from '@/book/answers';
import type { Quantity } from '@/core/calibration';
import { ecMsPerCmFromDisplay, MINUTE_MS, type EcScale } from '@/core/units';
import {
  checkOf,
  groupChecks,
  isRejected,
  type CheckRow,
  type ReadRow,
  type Rejected,
  type RowTrouble,
} from '@/interchange/intake';
import {
  erasedAmong,
  type RecordId,
  type Revision,
  type BodyOf,
  type IdOf,
  type Kind,
  type PenId,
  type TankId,
} from '@/records';
import type { Pen, Reading, Session } from '@/records/kinds';
import type { BookState } from '../engine/bookState';
import { matchedBy, namesIn, type TableRow } from './matches';
import { penFrom, tankFrom } from './newThings';

/** A record to be made, named before it is written. */
interface Made<K extends Kind> {
  readonly id: IdOf<K>;
  readonly body: BodyOf<K>;
}

interface FromLine<Body> {
  readonly line: number;
  readonly body: Body;
}

/** What a table comes to with what the grower matched. */
export interface Bringing {
  readonly tanks: readonly Made<'tank'>[];
  readonly pens: readonly Made<'pen'>[];
  readonly readings: readonly FromLine<Reading>[];
  readonly sessions: readonly FromLine<Session>[];
  readonly rejected: readonly Rejected[];
  readonly dayOnly: number;
  /** What each name of the table stands for here. */
  readonly placeIds: Readonly<Record<string, TankId>>;
  readonly penIds: Readonly<Record<string, PenId>>;
}

interface Things<K extends Kind> {
  readonly made: readonly Made<K>[];
  /** By the table's name; absent for one that is left out or not matched yet. */
  readonly ids: ReadonlyMap<string, IdOf<K>>;
}

/** The records that names stand for: known ones, and one made for each that is to be made. */
function thingsOf<
  Match extends PlaceMatch | PenMatch,
  Seen extends { readonly name: string },
  K extends Kind,
>(
  seen: readonly Seen[],
  matchOf: (name: string) => Match | undefined,
  make: (seen: Seen, match: Extract<Match, { as: 'made' }>, at: number) => Made<K>,
): Things<K> {
  const made: Made<K>[] = [];
  const ids = new Map<string, IdOf<K>>();
  for (const one of seen) {
    const match = matchOf(one.name);
    if (match?.as === 'known') ids.set(one.name, match.id as string);
    if (match?.as !== 'made') continue;
    const thing = make(one, match as Extract<Match, { as: 'made' }>, made.length);
    made.push(thing);
    ids.set(one.name, thing.id);
  }
  return { made, ids };
}

const inMs = (shown: number, scale: EcScale) => ecMsPerCmFromDisplay(shown, scale).toFixed(4);

/** Two readings with the same of these are the same reading. */
const readingKey = ({ tankId, takenAt, sampleKind, ph, ec }: Reading): string =>
  [
    tankId,
    sampleKind,
    Math.floor(Date.parse(takenAt) / 1000),
    ph?.shown ?? '',
    ec ? inMs(ec.shown, ec.scale) : '',
  ].join('|');

const sessionKey = ({ penId, plan, events, finishedAt }: Session): string =>
  [
    penId,
    plan.quantity,
    Math.floor(Date.parse(finishedAt) / MINUTE_MS),
    ...events.flatMap((event) => (event.type === 'read' ? [`${event.cupId}=${event.shown}`] : [])),
  ].join('|');

/** Thrown within a row; it is rejected for it. */
class Unmatched extends Error {
  constructor(readonly trouble: RowTrouble) {
    super(trouble.reason);
  }
}

const unmatched = (trouble: RowTrouble): never => {
  throw new Unmatched(trouble);
};

/** Tells whether an entry would be one that was erased for good. */
function erasedIn(book: BookState) {
  const erasures = book.all('erasure').map(({ body }) => body);
  return (kind: 'reading' | 'session', body: Reading | Session): boolean =>
    erasures.length > 0 && erasedAmong([['', [asRevision(kind, body)]]], erasures).size > 0;
}

const asRevision = (kind: 'reading' | 'session', body: Reading | Session) =>
  ({ recordId: '', revId: '', parents: [], kind, body }) as unknown as Revision;

/** Makes what can be made of each row; the others are rejected with why. */
function eachOf<Row extends { readonly line: number }, Body>(
  rows: readonly Row[],
  {
    make,
    keyOf,
    known,
    isErased,
  }: {
    make: (row: Row) => Body;
    keyOf: (body: Body) => string;
    known: Set<string>;
    isErased: (body: Body) => boolean;
  },
): { made: readonly FromLine<Body>[]; rejected: readonly Rejected[] } {
  const made: FromLine<Body>[] = [];
  const rejected: Rejected[] = [];
  for (const row of rows) {
    try {
      const body = make(row);
      if (isErased(body)) unmatched({ reason: 'erased' });
      const key = keyOf(body);
      if (known.has(key)) unmatched({ reason: 'double' });
      known.add(key);
      made.push({ line: row.line, body });
    } catch (error) {
      if (!(error instanceof Unmatched)) throw error;
      rejected.push({ line: row.line, trouble: error.trouble });
    }
  }
  return { made, rejected };
}

interface Finding {
  readonly book: BookState;
  readonly tanks: Things<'tank'>;
  readonly pens: Things<'pen'>;
}

function penOf({ book, pens }: Finding, name: string, quantity: Quantity): { id: PenId; pen: Pen } {
  const id = pens.ids.get(name) ?? unmatched({ reason: 'noPen', name });
  const pen = pens.made.find((one) => one.id === id)?.body ?? book.record('pen', id)?.body;
  if (!pen) return unmatched({ reason: 'noPen', name });
  if (!pen[quantity]) return unmatched({ reason: 'penLacks', name: name || pen.code, quantity });
  return { id, pen };
}

/** A reading of the record from a row of the table. */
function readingOf(finding: Finding, row: ReadRow): Reading {
  const { tanks } = finding;
  const tankId = tanks.ids.get(row.place) ?? unmatched({ reason: 'noPlace', name: row.place });
  const side = (value: ReadRow['ph'], quantity: Quantity) =>
    value && {
      shown: value.shown,
      ...(value.repeats ? { repeats: [...value.repeats] } : {}),
      penId: penOf(finding, value.pen, quantity).id,
    };
  const ph = side(row.ph, 'ph');
  const ec = side(row.ec, 'ec');
  return {
    tankId,
    sampleKind: row.sample,
    takenAt: new Date(row.atMs).toISOString(),
    ...(row.tempC === undefined ? {} : { tempC: row.tempC }),
    ...(ph ? { ph } : {}),
    ...(ec && row.ec ? { ec: { ...ec, scale: row.ec.scale } } : {}),
    ...(row.volumeL === undefined ? {} : { volumeL: row.volumeL }),
    note: row.note,
  };
}

type Checked = readonly CheckRow[] & { readonly line: number };

/** A check of the record from the rows of one sitting. */
function sessionOf(finding: Finding, rows: Checked, usualTempC: number): Session {
  const first = rows[0]!;
  const { id, pen } = penOf(finding, first.pen, first.quantity);
  const check = checkOf(rows, pen, usualTempC);
  if (!check) return unmatched({ reason: 'penLacks', name: first.pen, quantity: first.quantity });
  const { plan, events, outcome, startedMs, finishedMs, note } = check;
  return {
    penId: id,
    plan: plan as Session['plan'],
    events: events as Session['events'],
    startedAt: new Date(startedMs).toISOString(),
    finishedAt: new Date(finishedMs).toISOString(),
    afterCleaning: false,
    outcome,
    pastDateLots: [],
    note,
  };
}

interface Around {
  readonly book: BookState;
  readonly wish: TableWish;
  /** What earlier tables with these columns called what is here. */
  readonly before: Parameters<typeof namesIn>[2];
  readonly newId: () => RecordId;
}

/** What the rows of a table come to: the records they would make, and the rows that make none. */
export function bring(rows: readonly TableRow[], { book, wish, before, newId }: Around) {
  const seen = namesIn(book, rows, before);
  const matched = matchedBy(wish, seen);
  const places = book.all('tank').map(({ body }) => body.place);
  const afterAll = Math.max(0, ...places) + 1;
  const tanks = thingsOf(seen.places, matched.place, (_seen, match, at): Made<'tank'> => ({
    id: newId() as string,
    body: tankFrom(match, afterAll + at),
  }));
  const pens = thingsOf(seen.pens, matched.pen, (one: PenSeen, { code }): Made<'pen'> => ({
    id: newId() as string,
    body: penFrom(code, one),
  }));
  const finding: Finding = { book, tanks, pens };
  const refused = rows.filter(isRejected);
  const read = rows.filter((row): row is ReadRow => !isRejected(row) && !('found' in row));
  const tried = rows.filter((row): row is CheckRow => !isRejected(row) && 'found' in row);
  const isErased = erasedIn(book);
  const readings = eachOf(read, {
    isErased: (body) => isErased('reading', body),
    make: (row) => readingOf(finding, row),
    keyOf: readingKey,
    known: new Set(
      read.length === 0 ? [] : book.all('reading').map(({ body }) => readingKey(body)),
    ),
  });
  const checks = groupChecks(tried).map((group) =>
    Object.assign([...group], { line: group[0]!.line }),
  );
  const sessions = eachOf(checks, {
    isErased: (body) => isErased('session', body),
    make: (group) => sessionOf(finding, group, wish.usualTempC),
    keyOf: sessionKey,
    known: new Set(
      checks.length === 0 ? [] : book.all('session').map(({ body }) => sessionKey(body)),
    ),
  });
  const bringing: Bringing = {
    tanks: tanks.made,
    pens: pens.made,
    readings: readings.made,
    sessions: sessions.made,
    rejected: [...refused, ...readings.rejected, ...sessions.rejected].sort(
      (a, b) => a.line - b.line,
    ),
    dayOnly: rows.filter((row) => !isRejected(row) && row.dayOnly).length,
    placeIds: Object.fromEntries(tanks.ids),
    penIds: Object.fromEntries(pens.ids),
  };
  return { bringing, seen };
}
