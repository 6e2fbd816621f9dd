import type {
  Contradiction,
  DoseAnswer,
  DoseOutcome,
  DosePlanAnswer,
  DoseWish,
  TankBelieved,
} from '@/book/answers';
import { molPerUnit } from '@/core/chemistry';
import { doseCurve, planDose, type LastDose } from '@/core/dosing';
import {
  CONTRADICTION_TAIL,
  alkalinityOf,
  factorOf,
  strengthOf,
  type Beliefs,
  type Believed,
} from '@/core/tank-belief';
import type { TankId } from '@/records';
import { additionsOf, isPhDose, type TimedAddition } from './additions';
import type { BookState } from './bookState';
import { productById } from './productOf';
import { secondOf } from './secondReading';
import { reservoirAnswer } from './tankAnswers';
import { tankBelief, type Asked } from './tankBelief';
import { mixedMsOf, type SessionReading, type TankSession } from './tankSessions';
import { mixingOfTank } from './tankTimeline';

const inMmol = ({ mean, low, high }: Believed): Believed => ({
  mean: 1000 * mean,
  low: 1000 * low,
  high: 1000 * high,
});

/** The reading of a session that was taken in for a dose, else the newest after it. */
function readAfter(session: TankSession, dose: TimedAddition): SessionReading | undefined {
  const after = session.readings.filter((reading) => reading.after === dose);
  return after.findLast(({ left }) => left === undefined) ?? after.at(-1);
}

/** A dose with what was expected of it and what was read. */
function outcomeOf(session: TankSession, beliefs: Beliefs, dose: TimedAddition): DoseOutcome {
  const { record, atMs } = dose;
  const read = readAfter(session, dose);
  const { expectations } = beliefs[0]!.belief;
  const expected = expectations.find((each) => each.atMs === read?.atMs);
  const left =
    record.body.excluded === true
      ? 'excluded'
      : read === undefined
        ? 'notRead'
        : expected === undefined
          ? 'whileMixing'
          : undefined;
  return {
    id: record.id,
    revId: record.head.revId,
    body: record.body,
    atMs,
    readMs: read?.atMs,
    readPh: read?.seen.ph,
    expected: expected && {
      ph: expected.expectedPh,
      lowPh: expected.lowPh,
      highPh: expected.highPh,
    },
    left,
    lone: read?.lone ?? false,
  };
}

function believedOf(session: TankSession, beliefs: Beliefs): TankBelieved {
  const best = beliefs[0]!.belief;
  const { told } = best.session;
  const alkalinity = alkalinityOf(best);
  const doubted = session.told.kind === 'fresh' && (session.unwitnessed || session.wider);
  const neverFilled = beliefs
    .filter(({ belief }) => belief.session.told.kind === 'inUse')
    .reduce((sum, { weight }) => sum + weight, 0);
  return {
    kind: told.kind,
    toldAlkalinityMmolPerL: told.kind === 'fresh' ? 1000 * told.water.alkalinityMolPerL : undefined,
    alkalinityMmolPerL: alkalinity && inMmol(alkalinity),
    factor: factorOf(best),
    unwitnessed: session.told.kind === 'fresh' && session.unwitnessed,
    neverFilled: doubted ? neverFilled : undefined,
    dosesRead: best.expectations.length,
  };
}

/** The last acid or base; nothing is planned on what is still mixing, stock and water included. */
function lastPoured(book: BookState, id: TankId): LastDose | undefined {
  const additions = additionsOf(book, id);
  const any = additions.at(-1);
  if (!any) return undefined;
  const last = additions.findLast(isPhDose);
  const mixedMs = Math.max(...additions.slice(-6).map(mixedMsOf));
  if (!last) return { what: 'other', atMs: any.atMs, mixedMs };
  return { what: last.record.body.what === 'base' ? 'base' : 'acid', atMs: last.atMs, mixedMs };
}

function contradictionOf(session: TankSession, beliefs: Beliefs): Contradiction | undefined {
  if (session.wider) return undefined;
  const last = session.readings.findLast(({ left }) => left === undefined);
  if (!last?.after || !isPhDose(last.after) || last.lone) return undefined;
  const best = beliefs[0]!.belief;
  const told = best.expectations.find(({ atMs }) => atMs === last.atMs);
  if (!told || told.tail >= CONTRADICTION_TAIL) return undefined;
  const { record } = last.after;
  const fresh = beliefs.find(({ belief }) => belief.session.told.kind === 'fresh')?.belief;
  const alkalinity = fresh && alkalinityOf(fresh);
  const toldFresh = session.told.kind === 'fresh' ? session.told : undefined;
  return {
    dose: { id: record.id, revId: record.head.revId, body: record.body },
    readPh: last.seen.ph,
    expectedPh: told.expectedPh,
    toldMmolPerL: toldFresh && 1000 * toldFresh.water.alkalinityMolPerL,
    fitsMmolPerL: alkalinity && 1000 * alkalinity.mean,
    neverFilled: toldFresh !== undefined && best.session.told.kind === 'inUse',
  };
}

/** All about correcting a tank's pH but the plan itself. */
export function doseAnswer(book: BookState, id: TankId, nowMs: number): DoseAnswer | null {
  const tank = reservoirAnswer(book, id, nowMs);
  if (!tank) return null;
  const found = tankBelief(book, id);
  const common = {
    tank,
    reading: tank.latest?.ph ? tank.latest : undefined,
    lastDose: lastPoured(book, id),
  };
  if (!found) return { ...common, outcomes: [] };
  const { session, beliefs } = found;
  return {
    ...common,
    believed: believedOf(session, beliefs),
    outcomes: session.doses.map((dose) => outcomeOf(session, beliefs, dose)).reverse(),
    second: secondOf(session, tank),
    contradiction: contradictionOf(session, beliefs),
    filledMs: session.fill?.atMs,
  };
}

/** The plan for a wish; null where the tank, its reading or the product is not in the book. */
export function dosePlanAnswer(
  book: BookState,
  { tankId, wish, nowMs }: { tankId: TankId; wish: DoseWish; nowMs: number },
): DosePlanAnswer | null {
  const answer = doseAnswer(book, tankId, nowMs);
  const product = productById(book, wish.productId);
  const judged = answer?.reading?.ph?.judged;
  if (!answer || !product || !judged) return null;
  const unknown = !molPerUnit(product).ok;
  const asked: Asked = {
    unknownId: unknown ? wish.productId : undefined,
    neverChanged: wish.neverChanged,
  };
  const found = tankBelief(book, tankId, asked);
  const { body } = answer.tank;
  const volumeL = answer.reading?.volumeL ?? body.volumeL;
  const { firstMinutes } = mixingOfTank(body, volumeL);
  const common = { wish, rereadMinutes: firstMinutes };
  if (!found)
    return { ...common, curve: [], plan: { ok: false, refusal: { reason: 'cannotTell' } } };
  const { beliefs } = found;
  const input = {
    beliefs,
    volumeL,
    band: body.phBand,
    aimPh: wish.aimPh,
    product,
    digitPh: found.session.readings.at(-1)!.seen.digitPh,
    rereadMinutes: firstMinutes,
    second: answer.second,
    contradicted: answer.contradiction !== undefined && !wish.neverChanged,
    verdict: judged.verdict,
    lastDose: answer.lastDose,
    chasingAccepted: wish.chasingAccepted,
    nowMs,
  };
  const plan = planDose(input);
  return {
    ...common,
    plan,
    curve: plan.ok ? doseCurve(input) : [],
    strength: unknown ? strengthOf(beliefs[0]!.belief) : undefined,
  };
}
