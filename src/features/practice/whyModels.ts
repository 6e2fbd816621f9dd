import { afterDials, approachCurve, endOfApproach, shownWithSlope } from '@/core/practice';
import type { Formats } from '@/words';
import { whySays, type WhyId } from '@/words/practice/whyWords';

/** A point of a drawing, in the units of its axes. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

/** What a drawing shows at one place of the finger. */
export interface WhyView {
  readonly lines: readonly { readonly points: readonly Point[]; readonly soft?: boolean }[];
  /** Where the finger is, on the line. */
  readonly mark?: Point;
  readonly says: string;
}

/** One explainer: its slider, its axes, and its drawing for a value of the slider. */
export interface WhyModel {
  readonly min: number;
  readonly max: number;
  readonly step: number;
  readonly first: number;
  readonly x: { readonly from: number; readonly to: number; readonly label: string };
  readonly y: { readonly from: number; readonly to: number };
  readonly value: (at: number, formats: Formats) => string;
  readonly view: (at: number, formats: Formats) => WhyView;
}

const TIME = { from: 0, to: 90, label: whySays.time } as const;
const FALL = { from: 3.8, to: 7.2 } as const;
const curve = (of: Parameters<typeof approachCurve>[0]): readonly Point[] =>
  approachCurve(of).map(({ atS, shownPh }) => ({ x: atS, y: shownPh }));

const END_PH = 4.0;
const WITHIN_PH = 0.02;
const PHS = [4, 5, 6, 7, 8] as const;

/** The model behind each explanation. */
export const WHY_MODELS: Readonly<Record<WhyId, WhyModel>> = {
  stir: {
    min: 0,
    max: 10,
    step: 1,
    first: 0,
    x: TIME,
    y: FALL,
    value: (at) => whySays.seconds(at),
    view: (at, formats) => {
      const points = curve({ stirS: at });
      const there = points[30]!;
      return {
        lines: [{ points: curve({ stirS: 0 }), soft: true }, { points }],
        mark: there,
        says: whySays.stirred(formats.number(there.y, 2), formats.number(there.y - END_PH, 2)),
      };
    },
  },
  wait: {
    min: 5,
    max: 90,
    step: 5,
    first: 10,
    x: TIME,
    y: FALL,
    value: (at) => whySays.seconds(at),
    view: (at, formats) => {
      const points = curve({ stirS: 5 });
      const mark = points[at]!;
      return {
        lines: [{ points }],
        mark,
        says: whySays.pressed(at, formats.number(mark.y - points.at(-1)!.y, 2)),
      };
    },
  },
  dirt: {
    min: 0,
    max: 80,
    step: 10,
    first: 40,
    x: { ...TIME, to: 180 },
    y: FALL,
    value: (at) => whySays.percent(at),
    view: (at, formats) => {
      const points = curve({ stirS: 5, fouling: at / 100, seconds: 180 });
      const end = endOfApproach(at / 100);
      const still = points.find(({ y }) => Math.abs(y - end) < WITHIN_PH);
      const needs = still ? whySays.seconds(still.x) : whySays.longer;
      return {
        lines: [{ points: curve({ stirS: 5, seconds: 180 }), soft: true }, { points }],
        ...(still ? { mark: still } : {}),
        says: whySays.dirty(at, needs, formats.number(end, 2)),
      };
    },
  },
  seven: {
    min: -30,
    max: 30,
    step: 5,
    first: 20,
    x: { from: -30, to: 30, label: 'mV' },
    y: { from: -0.25, to: 0.25 },
    value: (at, formats) => whySays.mv(at, formats),
    view: (at, formats) => {
      const line = (which: 'fourFirst' | 'sevenFirst') =>
        [-30, -15, 0, 15, 30].map((x) => ({ x, y: afterDials(x, 0.95)[which] }));
      const here = afterDials(at, 0.95);
      return {
        lines: [{ points: line('sevenFirst'), soft: true }, { points: line('fourFirst') }],
        mark: { x: at, y: here.fourFirst },
        says: whySays.dials(formats.signed(here.fourFirst, 2), formats.signed(here.sevenFirst, 2)),
      };
    },
  },
  slope: {
    min: 75,
    max: 100,
    step: 1,
    first: 90,
    x: { from: 4, to: 8, label: whySays.truth },
    y: { from: 4, to: 8 },
    value: (at) => whySays.percent(at),
    view: (at, formats) => {
      const shown = shownWithSlope(4, at / 100);
      return {
        lines: [
          { points: PHS.map((ph) => ({ x: ph, y: ph })), soft: true },
          { points: PHS.map((ph) => ({ x: ph, y: shownWithSlope(ph, at / 100) })) },
        ],
        mark: { x: 4, y: shown },
        says: whySays.slope(at, formats.number(shown, 2)),
      };
    },
  },
};
