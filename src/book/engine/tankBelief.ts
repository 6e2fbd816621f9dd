import { DAY_MS } from '@/core/units';
import {
  beliefsOf,
  carriedFactor,
  carriedStrength,
  suspectedInUse,
  tellingsOf,
  type Beliefs,
  type Prior,
  type Session,
} from '@/core/tank-belief';
import type { BookState } from './bookState';
import { factorSupposed } from './feedRecipe';
import { sessionsOf, type TankSession } from './tankSessions';
import type { ProductId, TankId } from '@/records';

/** So many sessions that taught something are looked back over; what lies further back has faded. */
const SESSIONS_BACK = 8;
const DAYS_BACK = 60;

/** What else decides a belief besides the book. */
export interface Asked {
  /** A product of unknown strength about to be poured. */
  readonly unknownId?: ProductId | undefined;
  /** The grower says that the tank was never filled afresh, or that something went in unbooked. */
  readonly neverChanged?: boolean | undefined;
}

/** Beliefs worked out, by all that decides them: a book of years asks the same again and again. */
const remembered = new Map<string, Beliefs | undefined>();
const MOST_REMEMBERED = 24;

function rememberedBeliefs(tellings: readonly Session[], wholeMsPerCm: number) {
  const key = JSON.stringify([
    tellings.map((session) => ({ ...session, strengths: [...(session.strengths ?? [])] })),
    wholeMsPerCm,
  ]);
  if (!remembered.has(key)) {
    remembered.set(key, beliefsOf(tellings, wholeMsPerCm));
    const oldest = remembered.keys().next().value;
    if (remembered.size > MOST_REMEMBERED && oldest !== undefined) remembered.delete(oldest);
  }
  return remembered.get(key);
}

/** Whether something was poured and read after. */
const taught = ({ doses, readings }: TankSession) =>
  doses.some(({ atMs }) => readings.some((r) => r.left === undefined && r.atMs > atMs));

/** Products of unknown strength that were poured in a session. */
const unknownsIn = ({ events }: TankSession): readonly string[] =>
  events.flatMap((event) => (event.kind === 'dose' && event.unknownId ? [event.unknownId] : []));

interface Carried {
  readonly factor?: Prior | undefined;
  readonly strengths: ReadonlyMap<string, Prior>;
}

function believe(session: TankSession, carried: Carried, asked: Asked = {}): Beliefs | undefined {
  const { wholeMsPerCm, unwitnessed, wider } = session;
  const told = asked.neverChanged ? suspectedInUse(wholeMsPerCm) : session.told;
  const base: Session = {
    told: carried.factor && !asked.neverChanged ? { ...told, factor: carried.factor } : told,
    events: session.events,
    recipe: session.recipe,
    plannedUnknownId: asked.unknownId,
    strengths: carried.strengths,
  };
  return rememberedBeliefs(tellingsOf(base, { unwitnessed, wider }, wholeMsPerCm), wholeMsPerCm);
}

/** Sessions of a tank from which something is carried to a moment: since its last fill and reset. */
function carriers(book: BookState, tankId: TankId, untilMs: number): readonly TankSession[] {
  const all = sessionsOf(book, tankId).filter(({ startMs }) => startMs < untilMs);
  const tank = book.record('tank', tankId)?.body;
  const filledMs = all.findLast(({ fill }) => fill)?.startMs ?? -Infinity;
  const resetMs = tank?.learnFrom ? Date.parse(tank.learnFrom) : -Infinity;
  const fromMs = Math.max(filledMs, resetMs, untilMs - DAYS_BACK * DAY_MS);
  return all
    .filter((session) => session.startMs >= fromMs && taught(session))
    .slice(-SESSIONS_BACK);
}

/** What is known of a product's strength from the tanks it went into before a moment. */
function strengthBefore(book: BookState, unknownId: ProductId, untilMs: number): Prior | undefined {
  return book.remember(`strength/${unknownId}/${untilMs}`, () => {
    const sessions = book
      .all('tank')
      .flatMap(({ id }) => sessionsOf(book, id))
      .filter(
        (session) =>
          session.endMs < untilMs &&
          session.startMs > untilMs - DAYS_BACK * DAY_MS &&
          taught(session) &&
          unknownsIn(session)[0] === unknownId,
      )
      .sort((a, b) => a.endMs - b.endMs)
      .slice(-SESSIONS_BACK);
    let known: Prior | undefined;
    for (const session of sessions) {
      const strengths = new Map(known ? [[unknownId, known]] : []);
      const beliefs = believe(session, { strengths });
      known = (beliefs && carriedStrength(beliefs)) ?? known;
    }
    return known;
  });
}

function strengthsFor(book: BookState, session: TankSession, asked: Asked) {
  const names = new Set([...unknownsIn(session), ...(asked.unknownId ? [asked.unknownId] : [])]);
  return new Map(
    [...names].flatMap((name) => {
      const known = strengthBefore(book, name, session.startMs);
      return known ? [[name, known] as const] : [];
    }),
  );
}

/** The factor a session of the same feed begins with: carried from each to the next, less sure by the days. */
function factorBefore(book: BookState, tankId: TankId, session: TankSession): Prior | undefined {
  if (session.fill) return undefined;
  const tank = book.record('tank', tankId)?.body ?? {};
  const earlier = carriers(book, tankId, session.startMs);
  let factor: Prior | undefined;
  earlier.forEach((each, at) => {
    const strengths = strengthsFor(book, each, {});
    const beliefs = believe(each, { factor: each.fill ? undefined : factor, strengths });
    if (!beliefs) return;
    const days = ((earlier[at + 1] ?? session).startMs - each.endMs) / DAY_MS;
    factor = carriedFactor(beliefs, { days, prior: factorSupposed(tank) });
  });
  return factor;
}

/** The newest session of a tank with what is believed of it; undefined before any reading with a pH. */
export function tankBelief(
  book: BookState,
  tankId: TankId,
  asked: Asked = {},
): { readonly session: TankSession; readonly beliefs: Beliefs } | undefined {
  const key = `belief/${tankId}/${asked.unknownId ?? ''}/${asked.neverChanged ? 1 : 0}`;
  return book.remember(key, () => {
    const session = sessionsOf(book, tankId).findLast(({ readings }) => readings.length > 0);
    if (!session) return undefined;
    const strengths = strengthsFor(book, session, asked);
    const factor = factorBefore(book, tankId, session);
    const beliefs = believe(session, { factor, strengths }, asked);
    return beliefs && { session, beliefs };
  });
}
