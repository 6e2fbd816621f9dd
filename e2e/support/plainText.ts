import type { Page } from '@playwright/test';
import { expect } from './expect';

/** Longer sentences have to be read twice by whoever stands before a tank. */
const MOST_WORDS = 22;
/** Pictures for a drawing's parts, and words that only this app would use. */
const FORBIDDEN = /\b(peg|pegs|notch|recess|cloud|scatter|embers?|ionic|mixture model)\b/i;
/** "1 checks", "2 check". */
const WRONG_PLURAL =
  /\b(1 (checks|readings|doses|days|hours|minutes|cups|pens|tanks|tries|lots|stops|portions|pours|entries)|([2-9]|\d{2,}) (check|reading|dose|day|hour|minute|cup|tank|try|stop|portion|pour|entry))\b(?! of)/;
/** What a number with decimals may be of: a unit after it, or a quantity that has none and is named. */
const NAMED =
  /pH|buffer|mS\/cm|µS\/cm|ppm|CF\b|%|°C|°F|\bmL\b|\bL\b|gal\b|\bg\b|g\/mL|mg\/L|mmol|meq|mol\/L|\bs\b|\bmin\b|\bh\b|±\d/;

/** A number that may part from its unit, or from its ±, at the end of a line. */
const MAY_PART = /\d (?:±|°|pH|mS\/cm|µS\/cm|mL|L|g)(?![\p{L}\d])|± \d/u;

/** A line of text with what stands round it, as the page shows it. */
interface Line {
  readonly text: string;
  /** The words of the panel or row it stands in. */
  readonly around: string;
}

/** Every line of text that is shown, whole: a part set bold belongs to its sentence. */
async function linesOf(page: Page): Promise<readonly Line[]> {
  return page.evaluate(() => {
    const texts = Array.from(
      document.querySelectorAll<HTMLElement>('main [dir=auto], [role=main] [dir=auto]'),
    );
    return texts
      .filter((one) => !one.parentElement?.closest('[dir=auto]') && one.offsetParent !== null)
      .map((one) => ({
        text: one.innerText,
        around: one.parentElement?.parentElement?.parentElement?.innerText ?? '',
      }));
  });
}

const wordsOf = (sentence: string) =>
  sentence.split(/\s+/).filter((word) => /[\p{L}\d]/u.test(word)).length;

/** What is hard to read in a line, if anything is. */
function troubleOf({ text, around }: Line): string | undefined {
  const long = text.split(/(?<=[.!?])\s+/).find((sentence) => wordsOf(sentence) > MOST_WORDS);
  if (long) return `long: ${long}`;
  if (FORBIDDEN.test(text)) return `a picture: ${text}`;
  if (WRONG_PLURAL.test(text)) return `plural: ${text}`;
  if (MAY_PART.test(text)) return `parts from its unit: ${text}`;
  const bare = /\d\.\d/.test(text) && !NAMED.test(text) && !NAMED.test(around);
  return bare ? `no unit: ${text}` : undefined;
}

/** Expects every sentence of the screen to be read once, and every number to say what it is of. */
export async function expectPlainText(page: Page, about: string): Promise<void> {
  await page.locator('main [dir=auto], [role=main] [dir=auto]').first().waitFor();
  const lines = await linesOf(page);
  expect(lines.length, about).toBeGreaterThan(0);
  expect(
    lines.flatMap((line) => troubleOf(line) ?? []),
    about,
  ).toEqual([]);
}
