import { makeEcPlan, makePhPlan } from '@/core/procedure';
import { displayedEc, displayedPh } from '@/core/simulated-pen';
import { normalDraw, seededRandom, type Random } from '@/core/statistics';
import {
  idSource,
  writeRevision,
  type Change,
  type Kind,
  type Reading,
  type Revision,
} from '@/records';
import { demoLots } from './demoLots';
import { DEMO_PENS, type DemoPen } from './demoPens';
import { demoSession, exactEcDisplay, type MovingPen } from './demoSession';
import { DEMO_TANKS, type DemoTank } from './demoTanks';

/** The seed of the glasshouse: the same book on every machine, relative to today. */
export const DEMO_SEED = 20417;

/** Seven months. */
const DAYS = 210;
const DAY_MS = 86_400_000;
const PEOPLE = ['LV', 'JB', 'TK'];

/** A true tank between the grower's hands. */
interface MovingTank {
  readonly demo: DemoTank;
  readonly id: string;
  ph: number;
  ecMsPerCm: number;
}

interface LivePen extends MovingPen {
  readonly demo: DemoPen;
  readonly id: string;
}

/** Writes revisions with the time they would have had. */
function writerAt(random: Random, zone: string) {
  const makeId = idSource(random);
  const revisions: Revision[] = [];
  const write = <K extends Kind>(change: Change<K>, nowMs: number, by: string) => {
    const revision = writeRevision(change, { makeId, nowMs, zone, by, device: 'demo' });
    revisions.push(revision as Revision);
    return revision.recordId as string;
  };
  return { revisions, write };
}

/** One day of true drift; P2 dries out nine days ago, P3's face gets greasy six weeks ago. */
function driftOneDay(pen: LivePen, random: Random, daysAgo: number): void {
  const { demo, hidden } = pen;
  const dryOut = demo.pen.code === 'P2' && daysAgo === 3 ? 0.35 : 0;
  const grease = demo.pen.code === 'P3' && daysAgo < 44 && daysAgo > 32 ? -0.006 : 0;
  pen.hidden = {
    ph: {
      offsetPh:
        hidden.ph.offsetPh +
        demo.offsetPerDayPh +
        dryOut +
        demo.offsetScatterPh * normalDraw(random),
      gain: hidden.ph.gain + demo.gainPerDay,
    },
    ecGain: hidden.ecGain + demo.ecGainPerDay + grease,
  };
}

/** One day in a tank between the grower's hands. */
function liveOneDay(tank: MovingTank, random: Random): void {
  tank.ph += tank.demo.phPerDay + 0.02 * normalDraw(random);
  tank.ecMsPerCm += tank.demo.ecPerDay + 0.015 * normalDraw(random);
}

/** After the reading: what the grower saw out of band is brought back, by what the pen showed. */
function correctTank(tank: MovingTank, errorPh: number): void {
  const { demo, ecMsPerCm } = tank;
  const { phBand, ecBand } = demo.tank;
  const seenPh = tank.ph + errorPh;
  if (seenPh > phBand.high || seenPh < phBand.low) tank.ph = demo.startPh - errorPh / 2;
  if (ecMsPerCm > ecBand.high || ecMsPerCm < ecBand.low) tank.ecMsPerCm = demo.startEcMsPerCm;
}

/** The reading a grower writes down: what the two pens show. */
function readTank(
  tank: MovingTank,
  pens: ReadonlyMap<string, LivePen>,
  random: Random,
  atMs: number,
) {
  const phPen = pens.get(tank.demo.phPen);
  const ecPen = pens.get(tank.demo.ecPen);
  const ecSide = ecPen?.demo.pen.ec;
  if (!phPen?.demo.pen.ph || !ecPen || !ecSide) throw new RangeError('a demo tank needs its pens');
  const tempC = Number((tank.demo.tempC + 0.6 * normalDraw(random)).toFixed(1));
  const { resolutionPh } = phPen.demo.pen.ph;
  const feedAlphaPerC = tank.demo.tank.alphaPerC;
  const exact = exactEcDisplay(tank.ecMsPerCm, ecSide, { tempC, feedAlphaPerC });
  const body: Reading = {
    tankId: tank.id,
    sampleKind: 'tank',
    takenAt: new Date(atMs).toISOString(),
    tempC,
    ph: { shown: displayedPh(tank.ph, phPen.hidden, { resolutionPh, random }), penId: phPen.id },
    ec: {
      shown: displayedEc(exact, ecPen.hidden, { resolution: ecSide.resolution, random }),
      scale: ecSide.scale,
      penId: ecPen.id,
    },
    note: '',
  };
  return body;
}

/**
 * The made-up glasshouse as raw records: seven months of readings and checks up to `nowMs`, made by
 * passing hidden true values through drifting pens. Nothing derived is stored. Local midnights are
 * taken in the zone of the machine.
 */
export function makeDemo({ nowMs, zone }: { nowMs: number; zone: string }): readonly Revision[] {
  const random = seededRandom(DEMO_SEED);
  const { revisions, write } = writerAt(random, zone);
  const midnight = new Date(nowMs).setHours(0, 0, 0, 0);
  const startMs = midnight - DAYS * DAY_MS;
  for (const initials of PEOPLE)
    write({ kind: 'person', body: { initials, name: '' } }, startMs, '');
  const lots = demoLots(nowMs).map((body) => ({
    body,
    id: write({ kind: 'lot', body }, startMs, 'LV'),
  }));
  const pens = DEMO_PENS.map((demo): LivePen => {
    const id = write({ kind: 'pen', body: demo.pen }, startMs, 'LV');
    return { demo, id, hidden: { ph: { offsetPh: 0.03, gain: 0.99 }, ecGain: 0.99 } };
  });
  const byCode = new Map(pens.map((pen) => [pen.demo.pen.code, pen]));
  const tanks = DEMO_TANKS.map((demo): MovingTank => {
    const id = write({ kind: 'tank', body: demo.tank }, startMs, 'LV');
    return { demo, id, ph: demo.startPh, ecMsPerCm: demo.startEcMsPerCm };
  });
  const lotFor = (nominal: number) => {
    const lot = lots.find(({ body }) => body.nominal === nominal);
    return lot && { lotId: lot.id, handMade: lot.body.form === 'dissolvedSachet' };
  };
  for (let daysAgo = DAYS; daysAgo >= 0; daysAgo -= 1) {
    const dayMs = midnight - daysAgo * DAY_MS;
    const by = PEOPLE[daysAgo % PEOPLE.length]!;
    const atClock = (hours: number) =>
      Math.min(dayMs + hours * 3_600_000, nowMs - (10 - hours) * 60_000);
    for (const pen of pens) {
      driftOneDay(pen, random, daysAgo);
      const { everyDays, newestDaysAgo, pen: body } = pen.demo;
      if (daysAgo < newestDaysAgo || (daysAgo - newestDaysAgo) % everyDays !== 0) continue;
      const common = { tempC: 20.5, policy: body.tolerancePolicy, lotFor };
      const startedMs = atClock(6.8);
      const plans = [
        body.ec && makeEcPlan(body.ec, common),
        body.ph && makePhPlan(body.ph, common),
      ].filter((plan) => !!plan);
      for (const plan of plans) {
        const session = demoSession(pen, { plan, penId: pen.id, startedMs, random });
        write({ kind: 'session', body: session }, Date.parse(session.finishedAt), by);
      }
    }
    for (const tank of tanks) {
      liveOneDay(tank, random);
      if (daysAgo < tank.demo.newestDaysAgo) continue;
      const atMs = atClock(7.5 + 0.1 * tank.demo.tank.place);
      write({ kind: 'reading', body: readTank(tank, byCode, random, atMs) }, atMs, by);
      correctTank(tank, byCode.get(tank.demo.phPen)?.hidden.ph.offsetPh ?? 0);
    }
  }
  return revisions;
}
