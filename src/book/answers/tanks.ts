import type { JudgedValue } from '@/core/readings';
import type { Expectation, Leaving } from '@/core/forecast';
import type { Addition, Reading, Reservoir, Sample, Tank } from '@/records/kinds';
import type { RecordNames } from './names';
import type { PenAnswer } from './pens';
import type { PenId, TankId } from '@/records';

/** One side of a reading: as displayed, and what that is worth. */
export interface ReadSide {
  readonly judged?: JudgedValue | undefined;
  /** As displayed; the mean where it was dipped again. */
  readonly shown: number;
  readonly dips: number;
  readonly penCode: string;
  readonly penId: PenId;
}

/** A reading with what it is worth. */
export interface ReadingRow extends RecordNames<'reading'> {
  readonly tankId: TankId;
  readonly sample: Sample;
  readonly tankName: string;
  readonly atMs: number;
  readonly by: string;
  /** The device it was written on. */
  readonly device: string;
  readonly tempC?: number | undefined;
  readonly volumeL?: number | undefined;
  readonly note: string;
  /** What a laboratory found in the same sample. */
  readonly lab?: Reading['lab'];
  readonly ph?: (ReadSide & { readonly judged: JudgedValue }) | undefined;
  readonly ec?: (ReadSide & { readonly scale: string }) | undefined;
}

/** A tank as lists need it. */
export interface TankAnswer extends RecordNames<'tank'> {
  /** As it holds now, the stage of its plan included. */
  readonly body: Tank;
  /** As it was written: what a change of it starts from. */
  readonly written: Tank;
  /** From when what was written holds, epoch ms; absent: it was always so. */
  readonly fromMs?: number | undefined;
  /** The day on which the stage began that its plan is in. */
  readonly stageDay?: string | undefined;
  /** Its number in the round, from 1. */
  readonly number: number;
  readonly latest?: ReadingRow | undefined;
  /** Where it goes, where there is enough to tell. */
  readonly leaving: { readonly ph?: Leaving | undefined; readonly ec?: Leaving | undefined };
  /** A dose that was not re-read yet. */
  readonly mixing?: AdditionRow | undefined;
  /** Dosed, read once since, still out of band: from when a second reading is asked for. */
  readonly readAgainMs?: number | undefined;
}

/** A tank that holds something: it can be dosed. */
export type ReservoirAnswer = TankAnswer & { readonly body: Reservoir };

/** Something poured into a tank. */
export interface AdditionRow extends RecordNames<'addition'> {
  readonly body: Addition;
  readonly atMs: number;
  readonly by: string;
}

/**
 * A tank's readings as columns, oldest first: for charts over years. NaN where a reading has no such
 * value; verdicts as indices of `VERDICTS`.
 */
export interface TankColumns {
  readonly atMs: Float64Array;
  readonly ph: Float64Array;
  readonly phStdU: Float64Array;
  readonly phShown: Float64Array;
  readonly phVerdict: Int8Array;
  readonly phLow: Float64Array;
  readonly phHigh: Float64Array;
  readonly ec: Float64Array;
  readonly ecStdU: Float64Array;
  /** What the pen showed, in mS/cm. */
  readonly ecShown: Float64Array;
  readonly ecVerdict: Int8Array;
  readonly ecLow: Float64Array;
  readonly ecHigh: Float64Array;
  readonly tempC: Float64Array;
  readonly volumeL: Float64Array;
  /** Which pen read it: places in `penCodes`; −1 where none did. */
  readonly phPen: Int8Array;
  readonly ecPen: Int8Array;
  readonly penCodes: readonly string[];
}

/** A change of crop, stage or band from a moment on. */
export interface StageChange {
  readonly atMs: number;
  readonly crop: string;
  readonly stage: string;
}

/** A tank's whole history of one kind of sample: columns, what was poured, when its stage changed. */
export interface TankHistoryAnswer {
  readonly columns: TankColumns;
  readonly additions: readonly AdditionRow[];
  readonly stages: readonly StageChange[];
  /** Which kinds of sample were ever taken, with how many readings each. */
  readonly samples: readonly { readonly sample: Sample; readonly count: number }[];
}

/** What a tank should show now. */
export interface ExpectedNow {
  readonly ph?: Expectation | undefined;
  readonly ec?: Expectation | undefined;
}

/** What the water of a week's usual top-ups does to a tank's pH, by itself. */
export interface TopUpWeek {
  readonly litresPerDay: number;
  /** Alkalinity brought, meq for each litre of the tank. */
  readonly broughtMeqPerL: number;
  readonly fromPh: number;
  /** 95 % of what is believed lies between low and high. */
  readonly toPh: { readonly mean: number; readonly low: number; readonly high: number };
}

/** What a tank's plants took, and which way its pH goes by itself. */
export interface WaterUseAnswer {
  /** Absent until two levels were read. */
  readonly use?: {
    readonly days: number;
    readonly waterLPerDay: number;
    /** Salt left the water as V·κ, mS/cm·L a day. */
    readonly saltPerDay: number;
    readonly faster: 'water' | 'salts' | 'alike';
  };
  /** Between readings with nothing poured, pH a day; absent below three such stretches. */
  readonly phPerDay?: { readonly value: number; readonly stdU: number };
  /** Absent until top-ups are a habit and their water is known. */
  readonly topUps?: TopUpWeek;
}

/** A page of a tank's readings of one kind of sample, newest first. */
export interface ReadingsPage {
  readonly rows: readonly ReadingRow[];
  readonly total: number;
}

/** All that Read needs to judge while typing. */
export interface ReadAnswer {
  readonly tanks: readonly TankAnswer[];
  readonly pens: readonly PenAnswer[];
  /** The pens last used on each tank, and what was read of it the last two times, where that was one. */
  readonly remembered: Readonly<
    Record<string, { phPenId?: PenId; ecPenId?: PenId; readonly sample?: Sample }>
  >;
  /** The last values each pen displayed, newest first: three alike and the display may be held. */
  readonly lastShown: Readonly<
    Record<string, { readonly ph: readonly number[]; readonly ec: readonly number[] }>
  >;
  /** What each tank should show now. */
  readonly expected: Readonly<Record<string, ExpectedNow>>;
  /** Until when a sample of a place stands, epoch ms, where one was left to stand and not yet read. */
  readonly standing: Readonly<Record<string, number>>;
}
