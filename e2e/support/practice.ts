import type { Page } from '@playwright/test';
import { codeOf, practiceOf, rightWay, SLIPS, type TaskId } from '@/core/practice';
import type { Act } from '@/core/simulated-pen';
import { seen } from './expect';
import { press } from './grower';

const CUPS: Readonly<Record<string, string>> = {
  '7': '7.00',
  'ec2.77': '2.77 mS/cm',
  tap: 'tap water',
};
const cupName = (id: string) => CUPS[id] ?? id;

/** Milliseconds of the page for a wait at ×60. */
const atSixty = (seconds: number) => Math.ceil((seconds * 1000) / 60);

/** Waits that a careful hand takes are never longer than this, s. */
const STILL_S = 150;

/** The longest the page goes on at once, as it does where a phone stutters, ms. */
const STRIDE_MS = 250;

/** Lets time pass on the page, a stride at a time: each of its frames would be drawn otherwise. */
async function pass(page: Page, ms: number): Promise<void> {
  for (let left = ms; left > 0; left -= STRIDE_MS)
    await page.clock.fastForward(Math.min(left, STRIDE_MS));
}

/** Opens More, once. */
async function more(page: Page): Promise<void> {
  const button = page.getByRole('button', { name: 'More', exact: true });
  if (await button.isVisible()) await button.click();
}

/** Presses a button where it is there. */
async function ifThere(page: Page, name: string): Promise<void> {
  const button = page.getByRole('button', { name, exact: true });
  if (await button.isVisible()) await button.click();
}

/** What a thumb presses for an act of the core. */
async function perform(page: Page, act: Act): Promise<void> {
  const button = (name: string | RegExp) => press(page, name);
  const named = (name: string) => page.getByRole('button', { name, exact: true }).click();
  switch (act.do) {
    case 'power':
      return named('ON/OFF');
    case 'cal':
      return named(act.seconds < 1 ? 'CAL' : `CAL ${act.seconds} s`);
    case 'uncap':
      return ifThere(page, 'Take the cap off');
    case 'rinse':
      await ifThere(page, 'Take the cap off');
      return named('Rinse');
    case 'shake':
      return named('Shake');
    case 'stir':
      return named('Stir');
    case 'tapOff':
      return named('Tap off bubbles');
    case 'dip':
      return page.getByRole('button', { name: `Dip in the ${cupName(act.cup)}` }).click();
    case 'cap':
      await ifThere(page, 'Lift out');
      return named('Cap: storage solution');
    case 'note':
      return button(/^Write down/);
    case 'wetFilm':
      await ifThere(page, 'Lift out');
      await more(page);
      return named('Wet-film test');
    case 'clean':
      await ifThere(page, 'Lift out');
      await more(page);
      return named(act.how === 'scrubFace' ? 'Scrub the EC face' : 'Half an hour in cleaner');
    case 'pour':
      await more(page);
      return page
        .getByRole('button', { name: `Pour fresh ${cupName(act.cup)}` })
        .last()
        .click();
    case 'rest':
      await more(page);
      return named('24 h');
    case 'wait':
      return pass(page, atSixty(act.seconds));
    case 'waitStill':
      return pass(page, atSixty(STILL_S));
    case 'answer':
      return page.getByRole('radio', { name: answerName(act.choice) }).click();
    default:
      throw new Error(`no thumb for ${act.do}`);
  }
}

const answerName = (choice: string): string | RegExp =>
  ({
    bufferOnly: 'Only a buffer can tell',
    itReads7: 'Yes, it shows 7 in tap water',
    retire: 'Retire it and fit a new probe',
    keep: 'Keep it and adjust it',
  })[choice] ?? choice;

/** Opens a task by its code and does it in the browser, well or with its slip, to its end. The page's clock is run for it. */
export async function doTask(page: Page, id: TaskId, how: 'well' | 'slip', seed = 42) {
  const practice = practiceOf(id, seed);
  const acts = how === 'well' ? rightWay(practice) : SLIPS[id].acts(practice);
  const code = codeOf({ id, seed });
  await page.goto(new URL(`/practice/run?code=${code}`, page.url()).href);
  await seen(page.getByRole('button', { name: 'ON/OFF' }));
  await page.getByRole('radio', { name: '×60' }).click();
  // Only what is waited for on purpose passes: a slow machine must not be a patient hand.
  const now = await page.evaluate(() => Date.now());
  await page.clock.pauseAt(new Date(now + 5000));
  for (const act of acts) await perform(page, act);
  await page.clock.resume();
  await press(page, 'Finish');
  await seen(page.getByRole('heading', { name: 'How it ended' }));
  return { code, slip: SLIPS[id].kind };
}
