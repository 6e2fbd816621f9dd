import { counted } from '../counted';

/** The chart of the house control. */
export const controlChartSays = {
  chartSaid: (code: string, count: number) =>
    `Error of ${code} in the house control, ${counted(count, 'reading')}; the table below has them.`,
} as const;
