import { displayedEc, displayedPh } from '@/core/simulated-pen';
import { normalDraw, type Random } from '@/core/statistics';
import type { Reading } from '@/records';
import { exactEcDisplay } from './demoSession';
import type { LivePen, LiveTank } from './hiddenLives';

interface Visit {
  readonly pens: readonly LivePen[];
  readonly random: Random;
  readonly atMs: number;
}

/** The reading a grower writes down: what the two pens show of the hidden truth. */
export function readTank(tank: LiveTank, { pens, random, atMs }: Visit): Reading {
  const { demo } = tank;
  const byCode = (code: string) => pens.find((pen) => pen.demo.pen.code === code);
  const [phPen, ecPen] = [byCode(demo.phPen), byCode(demo.ecPen)];
  const ecSide = ecPen?.demo.pen.ec;
  if (!phPen?.demo.pen.ph || !ecPen || !ecSide) throw new RangeError('a demo tank needs its pens');
  const tempC = Number((demo.tempC + 0.6 * normalDraw(random)).toFixed(1));
  const { resolutionPh } = phPen.demo.pen.ph;
  const feedAlphaPerC = demo.tank.alphaPerC;
  const exact = exactEcDisplay(tank.ecMsPerCm, ecSide, { tempC, feedAlphaPerC });
  return {
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
}
