import {
  addPerson,
  careFor,
  moveWater,
  pourDose,
  saveCheck,
  saveLot,
  savePen,
  saveTank,
  saveWater,
  takeReading,
} from '@/acts';
import { DAY_MS, HOUR_MS, MINUTE_MS } from '@/core/units';
import { makeEcPlan, makePhPlan } from '@/core/procedure';
import { demoLots } from './demoLots';
import { DEMO_PENS } from './demoPens';
import { demoSession } from './demoSession';
import { DEMO_TANKS } from './demoTanks';
import { DEMO_WATERS } from './demoWaters';
import { careStory } from './careStory';
import { correctTank, driftOneDay, liveOneDay, type LivePen, type LiveTank } from './hiddenLives';
import { readTank } from './readTank';
import { levelL, topUp } from './topUp';
import { demoWriter, type DemoWriter } from './demoWriter';
import type { Revision, LotId } from '@/records';

/** The seed of the glasshouse: the same book on every machine, relative to today. */
const DEMO_SEED = 20423;

/** Seven months. */
const DAYS = 210;
const PEOPLE = ['LV', 'JB', 'TK'];

type LotFor = (nominal: number) => { lotId: LotId; handMade: boolean } | undefined;

interface Glasshouse extends DemoWriter {
  readonly pens: readonly LivePen[];
  readonly tanks: readonly LiveTank[];
  readonly lotFor: LotFor;
  readonly nowMs: number;
}

interface Day {
  readonly daysAgo: number;
  readonly by: string;
  /** A moment of that day, never after now. */
  readonly atClock: (hours: number) => number;
}

/** Everything that stands in the glasshouse from the first day. */
function furnish(writer: DemoWriter, startMs: number, nowMs: number): Glasshouse {
  const { does } = writer;
  for (const initials of PEOPLE) does(addPerson(initials), startMs, '');
  const lots = demoLots(nowMs).map((body) => ({
    body,
    id: does(saveLot(undefined, body), startMs, 'LV'),
  }));
  const pens = DEMO_PENS.map((demo): LivePen => {
    const id = does(savePen(undefined, demo.pen), startMs, 'LV');
    return { demo, id, hidden: { ph: { offsetPh: 0.03, gain: 0.99 }, ecGain: 0.99 } };
  });
  const waters = DEMO_WATERS.map(({ body, share }) => ({
    waterId: does(saveWater(undefined, body), startMs, 'LV'),
    share,
  }));
  const tanks = DEMO_TANKS.map((demo): LiveTank => {
    const id = does(saveTank(undefined, { ...demo.tank, waters }), startMs, 'LV');
    return { demo, id, ph: demo.startPh, ecMsPerCm: demo.startEcMsPerCm };
  });
  const lotFor: LotFor = (nominal) => {
    const lot = lots.find(({ body }) => body.nominal === nominal);
    return lot && { lotId: lot.id, handMade: lot.body.form === 'dissolvedSachet' };
  };
  return { ...writer, pens, tanks, lotFor, nowMs };
}

/** The checks of one pen on one day: EC before pH, storage liquid is strong salt. */
function checkPen(house: Glasshouse, pen: LivePen, { by, atClock }: Day): void {
  const { pen: body } = pen.demo;
  const common = { tempC: 20.5, policy: body.tolerancePolicy, lotFor: house.lotFor };
  const plans = [body.ec && makeEcPlan(body.ec, common), body.ph && makePhPlan(body.ph, common)];
  for (const plan of plans) {
    if (!plan) continue;
    const sitting = { plan, penId: pen.id, startedMs: atClock(6.8), random: house.random };
    const session = demoSession(pen, sitting);
    const { code } = body;
    const checked = saveCheck(session, { code, draftId: undefined, more: [] });
    house.does(checked, Date.parse(session.finishedAt), by);
  }
}

/** One tank read, and brought back where it is seen out of its band. */
function visitTank(house: Glasshouse, tank: LiveTank, { daysAgo, by, atClock }: Day): void {
  const { place } = tank.demo.tank;
  // The strawberries are the tank that waits for its re-read: they were read just now.
  const justNow = daysAgo === 0;
  const atMs = justNow ? house.nowMs - 9 * MINUTE_MS : atClock(7.5 + 0.1 * place);
  const read = readTank(tank, { pens: house.pens, random: house.random, atMs });
  const body = { ...read, volumeL: levelL(tank, daysAgo) };
  const readingId = house.does(takeReading(body), atMs, by);
  const pouredMs = justNow ? house.nowMs - 6 * MINUTE_MS : atMs + 8 * MINUTE_MS;
  const poured = correctTank(tank, { shownPh: body.ph!.shown, readingId, pouredMs });
  if (poured) house.does(pourDose(poured, ''), pouredMs, by);
  const water = topUp(tank, daysAgo, pouredMs + MINUTE_MS);
  if (water && !justNow) house.does(moveWater(water), pouredMs + MINUTE_MS, by);
}

/** When and where the glasshouse is looked at. */
interface DemoMoment {
  readonly nowMs: number;
  readonly zone: string;
  readonly seed?: number;
}

/**
 * The made-up glasshouse as raw records: seven months of readings, checks, care and doses up to
 * `nowMs`, made by passing hidden true values through drifting pens. Nothing derived is stored.
 * Local midnights are taken in the zone of the machine.
 */
export function makeDemo({ nowMs, zone, seed = DEMO_SEED }: DemoMoment): readonly Revision[] {
  const writer = demoWriter(seed, zone);
  const { random } = writer;
  const midnight = new Date(nowMs).setHours(0, 0, 0, 0);
  const house = furnish(writer, midnight - DAYS * DAY_MS, nowMs);
  for (let daysAgo = DAYS; daysAgo >= 0; daysAgo -= 1) {
    const dayMs = midnight - daysAgo * DAY_MS;
    const atClock = (hours: number) =>
      Math.min(dayMs + hours * HOUR_MS, nowMs - (10 - hours) * MINUTE_MS);
    const day: Day = { daysAgo, by: PEOPLE[daysAgo % PEOPLE.length]!, atClock };
    for (const pen of house.pens) {
      driftOneDay(pen, random, daysAgo);
      const { everyDays, newestDaysAgo } = pen.demo;
      if (daysAgo < newestDaysAgo || (daysAgo - newestDaysAgo) % everyDays !== 0) continue;
      checkPen(house, pen, day);
    }
    for (const tank of house.tanks) {
      liveOneDay(tank, random, daysAgo);
      if (daysAgo >= tank.demo.newestDaysAgo) visitTank(house, tank, day);
    }
  }
  const idOf = (code: string) => house.pens.find((pen) => pen.demo.pen.code === code)!.id;
  for (const { body, atMs } of careStory(idOf, { nowMs, midnight })) {
    writer.does(careFor(body), atMs, 'JB');
  }
  return writer.revisions;
}
