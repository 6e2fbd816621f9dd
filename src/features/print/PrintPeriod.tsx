import { DAY_MS } from '@/core/units';
import { DayField } from '@/features/parts/DayField';
import { dayMs, dayText } from '@/features/parts/days';
import { FieldRow } from '@/ui/form';
import { dayStart } from '@/words';
import { printSays } from '@/words/print/print';

/** First and last moment of whole local days, epoch ms. */
export interface Period {
  readonly fromMs: number;
  readonly toMs: number;
}

/** What is typed in the fields of a period. */
export interface TypedDays {
  readonly from: string;
  readonly to: string;
}

/** The days a document covers, and what to do when they change. */
export interface PrintPeriodProps {
  /** What is typed; the days of the period where nothing was typed yet. */
  readonly typed: TypedDays | undefined;
  readonly period: Period;
  /** Told at each change; the period is undefined while what is typed is none. */
  readonly onType: (typed: TypedDays, period: Period | undefined) => void;
}

const fieldOf = (ms: number) => dayText(new Date(ms).toISOString());

/** The days a document runs over. */
export function PrintPeriod({ typed, period, onType }: PrintPeriodProps) {
  const { from, to } = typed ?? { from: fieldOf(period.fromMs), to: fieldOf(period.toMs) };
  const [fromNoon, toNoon] = [dayMs(from, 'first'), dayMs(to)];
  const fromWrong = Number.isNaN(fromNoon) ? printSays.noDay : undefined;
  const toWrong = Number.isNaN(toNoon)
    ? printSays.noDay
    : toNoon < fromNoon
      ? printSays.wrongOrder
      : undefined;
  const type = (next: TypedDays) => {
    const [start, end] = [dayMs(next.from, 'first'), dayMs(next.to)];
    const holds = !Number.isNaN(start) && !Number.isNaN(end) && end >= start;
    onType(next, holds ? { fromMs: dayStart(start), toMs: dayStart(end + DAY_MS) - 1 } : undefined);
  };
  return (
    <FieldRow>
      <DayField
        label={printSays.from}
        monthMeans="first"
        typed={from}
        onType={(text) => type({ from: text, to })}
        message={fromWrong ? { text: fromWrong } : undefined}
      />
      <DayField
        label={printSays.to}
        typed={to}
        onType={(text) => type({ from, to: text })}
        message={toWrong ? { text: toWrong } : undefined}
      />
    </FieldRow>
  );
}
