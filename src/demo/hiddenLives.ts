import { MINUTE_MS } from '@/core/units';
import { normalDraw, type Random } from '@/core/statistics';
import type { Addition, ReadingId } from '@/records';
import { GENERIC_PRODUCTS } from '@/records/products';
import type { DemoPen } from './demoPens';
import type { MovingPen } from './demoSession';
import type { DemoTank } from './demoTanks';

/** A true tank between the grower's hands. */
export interface LiveTank {
  readonly demo: DemoTank;
  readonly id: string;
  ph: number;
  ecMsPerCm: number;
}

/** A pen with its hidden truth. */
export interface LivePen extends MovingPen {
  readonly demo: DemoPen;
  readonly id: string;
}

/** P2 stood dry three days ago. */
export const DRY_OUT_DAYS_AGO = 3;
/** P3's face gathers grease between these days, and is cleaned on the last of them. */
export const GREASE_DAYS_AGO = { from: 44, to: 32 } as const;

/** One day of true drift. */
export function driftOneDay(pen: LivePen, random: Random, daysAgo: number): void {
  const { demo, hidden } = pen;
  const { code } = demo.pen;
  const dryOut = code === 'P2' && daysAgo === DRY_OUT_DAYS_AGO ? 0.35 : 0;
  const greasy = daysAgo < GREASE_DAYS_AGO.from && daysAgo > GREASE_DAYS_AGO.to;
  const grease = code === 'P3' && greasy ? -0.006 : 0;
  const { spell } = demo;
  const perDay = spell && daysAgo < spell.fromDaysAgo ? spell.offsetPerDayPh : demo.offsetPerDayPh;
  const scatter = demo.offsetScatterPh * normalDraw(random);
  pen.hidden = {
    ph: {
      offsetPh: hidden.ph.offsetPh + perDay + dryOut + scatter,
      gain: hidden.ph.gain + demo.gainPerDay,
    },
    ecGain: hidden.ecGain + demo.ecGainPerDay + grease,
  };
}

/** One day in a tank between the grower's hands. */
export function liveOneDay(tank: LiveTank, random: Random, daysAgo: number): void {
  tank.ph += tank.demo.phPerDay + 0.02 * normalDraw(random);
  tank.ecMsPerCm += tank.demo.ecPerDay + 0.015 * normalDraw(random);
  // Today the strawberries have risen out of their band: a dose waits for its re-read.
  if (daysAgo === 0 && tank.demo.risenTodayTo !== undefined) tank.ph = tank.demo.risenTodayTo;
}

interface Seen {
  readonly shownPh: number;
  readonly readingId: ReadingId;
  readonly pouredMs: number;
}

/**
 * What moves a litre of these feeds by one pH: about 0.3 meq, which is 0.047 mL of citric acid dissolved
 * to 50 % (3.2 mol/L, two protons each) or 0.04 g of potassium bicarbonate.
 */
const ML_PER_L_AND_PH = 0.047;
const G_PER_L_AND_PH = 0.04;
/** The pen that shows tenths: one tenth out of the band is read again another day, pH. */
const PATIENCE_PH = 0.1;
/** How long a dose is left to mix. */
const MIXING_MS = 10 * MINUTE_MS;

/** A product of the general list as a dose names it. */
const named = (id: string) => ({
  productId: id,
  productName: GENERIC_PRODUCTS.find((product) => product.id === id)?.name ?? id,
});

/** So much for each pH, to a tenth: nobody pours more exactly. */
const measured = (changePh: number, perPh: number) =>
  Math.max(0.5, Math.round(10 * Math.abs(changePh) * perPh) / 10);

/**
 * After the reading: what the grower saw out of band is brought back by acid or base, by as much as
 * the pen made believe. Returns the addition, or nothing when none was poured.
 */
export function correctTank(tank: LiveTank, seen: Seen): Addition | undefined {
  const { demo, ecMsPerCm } = tank;
  const { phBand, ecBand, volumeL } = demo.tank;
  if (ecMsPerCm > ecBand.high || ecMsPerCm < ecBand.low) tank.ecMsPerCm = demo.startEcMsPerCm;
  const { shownPh, readingId, pouredMs } = seen;
  const patience = demo.phPen === 'P4' ? PATIENCE_PH : 0;
  if (shownPh <= phBand.high + patience && shownPh >= phBand.low - patience) return undefined;
  const change = demo.startPh - shownPh;
  tank.ph += change;
  const down = change < 0;
  return {
    tankId: tank.id,
    at: new Date(pouredMs).toISOString(),
    ...(down
      ? {
          what: 'acid' as const,
          ...named('citric-50'),
          doseMl: measured(change, volumeL * ML_PER_L_AND_PH),
        }
      : {
          what: 'base' as const,
          ...named('khco3-dry'),
          doseG: measured(change, volumeL * G_PER_L_AND_PH),
        }),
    predictedPh: demo.startPh,
    tankVolumeL: volumeL,
    readingId,
    rereadAt: new Date(pouredMs + MIXING_MS).toISOString(),
    note: '',
  };
}
