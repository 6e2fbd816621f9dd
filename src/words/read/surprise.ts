import type { Told } from '../told';

/** One question about a value that nobody expected; it is kept when it is saved once more. */
export const surpriseSays = {
  expected: ({ low, high, value }: Told<'low' | 'high' | 'value'>) =>
    `Expected ${low} to ${high} here. Rinse, swirl and re-read, or keep ${value}?`,
  unusual: {
    feed: {
      low: ({ limit, value }: Told<'limit' | 'value'>) =>
        `A feed is hardly ever below ${limit}. Look at the display and the pen again, or keep ${value}?`,
      high: ({ limit, value }: Told<'limit' | 'value'>) =>
        `A feed is hardly ever above ${limit}. Look at the display and the pen again, or keep ${value}?`,
    },
    water: {
      low: ({ limit, value }: Told<'limit' | 'value'>) =>
        `Tap and source water is hardly ever below ${limit}. Look at the display and the pen again, or keep ${value}?`,
      high: ({ limit, value }: Told<'limit' | 'value'>) =>
        `Tap and source water is hardly ever above ${limit}. Look at the display and the pen again, or keep ${value}?`,
    },
  },
} as const;
