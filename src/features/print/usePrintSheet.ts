import { questions, useAnswer } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { checkSheet } from './checkSheet';
import { pensSheet } from './pensSheet';
import { tankSheet } from './tankSheet';
import type { Period } from './PrintPeriod';
import type { Sheet } from './sheet';
import type { PenId } from '@/records';

/** Entries of one place a document holds at most. */
const MOST = 500;

/** The record of a check; undefined while it comes, null where there is none. */
export function useCheckSheet(id: string): Sheet | null | undefined {
  const formats = useFormats();
  const { data } = useAnswer(questions.entry(id));
  if (data === undefined) return undefined;
  return (data && checkSheet(data, formats)) ?? null;
}

/** The checks of one pen, or of all, over a period. */
export function usePensSheet(penId: PenId | undefined, period: Period): Sheet | undefined {
  const formats = useFormats();
  const { data } = useAnswer(questions.penSheets(period.fromMs, period.toMs, penId));
  return data && pensSheet(data, period, formats);
}

/** The readings and doses of a place over a period. */
export function useTankSheet(
  tank: { readonly id: string; readonly name: string },
  period: Period,
): Sheet | undefined {
  const formats = useFormats();
  const query = { tankId: tank.id, ...period };
  const { data } = useAnswer(questions.ledger(query, { skip: 0, count: MOST }));
  return data && tankSheet(data.rows, { name: tank.name, found: data.found, ...period }, formats);
}
