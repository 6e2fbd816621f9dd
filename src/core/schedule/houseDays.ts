/** The days of a house in its own zone, summer time included. Times are epoch ms. */
export interface HouseDays {
  /** When the day a moment lies in began. */
  startOfDayMs(atMs: number): number;
  /** When the day so many days after the one a moment lies in begins; 0: that day itself. */
  dayAfterMs(atMs: number, days: number): number;
}
