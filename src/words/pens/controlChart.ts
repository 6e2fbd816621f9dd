import { counted } from '../counted';

/** The chart of the check standard. */
export const controlChartSays = {
  chartSaid: (code: string, count: number) =>
    `Error of ${code} in the house control, ${counted(count, 'reading')}; the table below has them.`,
} as const;
