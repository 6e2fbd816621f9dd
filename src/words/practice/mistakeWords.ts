import type { MistakeKind, Right } from '@/core/practice';

/** A mistake in words: what was done, why it matters, and what to do next time. */
interface MistakeWords {
  readonly did: string;
  readonly because: string;
  readonly next: string;
}

/** What each mistake is, and what it costs. */
export const MISTAKE_WORDS: Readonly<Record<MistakeKind, MistakeWords>> = {
  unrinsed: {
    did: 'Dipped without rinsing and shaking',
    because: 'What clings to the tip goes into the cup. One drop does little; it adds up.',
    next: 'Rinse and shake before every cup.',
  },
  pressedEarly: {
    did: 'Set the point while the reading still moved',
    because: 'The pen stored a value on its way, not the buffer’s.',
    next: 'Wait until nothing has moved for 30 seconds. Then press.',
  },
  notedEarly: {
    did: 'Wrote down a number that still moved',
    because: 'The number is of the cup before, in part.',
    next: 'Wait until nothing has moved for 30 seconds. Then write it down.',
  },
  wrongCup: {
    did: 'Set a point in the wrong cup',
    because: 'The pen took this cup for another buffer.',
    next: 'A reading near another buffer’s value: look whether the cups are swapped.',
  },
  badPortion: {
    did: 'Used a portion that is not what its label says',
    because: 'Old, opened long ago, or spoiled: the pen was set to a wrong value.',
    next: 'Pour a fresh portion from a bottle in date.',
  },
  adjustedGood: {
    did: 'Adjusted a pen that was within its tolerance',
    because: 'There was nothing to gain. It takes time, and each adjustment adds chance.',
    next: 'Both cups good as found: leave the pen alone.',
  },
  cleanedFirst: {
    did: 'Cleaned before reading as found',
    because: 'Now nobody can tell how far off the last readings were.',
    next: 'Read and write down as found first. Then clean.',
  },
  wiped: {
    did: 'Wiped the bulb',
    because: 'Rubbing charges the glass and scratches it.',
    next: 'Shake or blot. Never rub.',
  },
  touched: {
    did: 'Touched the bulb',
    because: 'Skin oil on the glass slows it, and water does not take it off.',
    next: 'Keep fingers off the bulb.',
  },
  storedWrong: {
    did: 'Put it away wrong',
    because: 'Pure water leaches the probe; dry, it loses its skin of water.',
    next: 'Into storage solution, the tip covered.',
  },
  leftDry: {
    did: 'Left it lying with its tip bare',
    because: 'A bare bulb is dry within hours.',
    next: 'Rinse and cap it with storage solution, every time.',
  },
  noSoak: {
    did: 'Set a point on a probe that was not ready',
    because:
      'Dry or leached glass shifts. It shifts back as it recovers, and the setting is wrong.',
    next: 'Into storage solution for 24 hours first.',
  },
  scraped: {
    did: 'Scraped the crystals off',
    because: 'Scratched glass is slow and worn for good.',
    next: 'Dissolve salt in warm water. Never scrape.',
  },
  bubble: {
    did: 'Set the point with an air bubble in the cell',
    because:
      'The bubble covers a part of the face: the reading was low, and not by the pen’s fault.',
    next: 'Tap the pen on the cup to drive bubbles off, then wait.',
  },
  greaseLeft: {
    did: 'Adjusted over a greasy face',
    because: 'The next cleaning takes the grease off, and the pen reads far too high.',
    next: 'Scrub the face until water spreads over all of it. Then compare again.',
  },
  printedNumber: {
    did: 'Set the printed number',
    because: 'The number on the bottle holds at 25 °C. Colder, this buffer has another value.',
    next: 'Set the value at the cup’s temperature. The Bench names it.',
  },
  slopeFirst: {
    did: 'Turned the slope dial before the zero dial',
    because: 'The slope was set with a wrong zero, and was wrong once the zero was right.',
    next: 'Zero dial in the 7 first, then the slope dial in the 4, then both once more.',
  },
  heldNumber: {
    did: 'Wrote down a number that was on HOLD',
    because: 'A held number stays the same wherever the tip is.',
    next: 'Press HOLD again, wait, then write it down.',
  },
  chased: {
    did: 'Acid and base within the hour',
    because: 'Nothing was mixed through yet. One undoes the other, and both stay in as salt.',
    next: 'Wait ten minutes, read again. Then decide.',
  },
  dosedTwice: {
    did: 'Dosed again before the first dose was mixed',
    because: 'The tank had not shown yet what the first dose does.',
    next: 'Wait ten minutes with the pump running, then read again.',
  },
  tooMuchAtOnce: {
    did: 'Poured more than the tank needs',
    because: 'Past the turning point a little acid drops the pH far.',
    next: 'Try it in a jar, pour 80 % of that, wait, read again.',
  },
  spoonNotRinsed: {
    did: 'Used the spoon without rinsing it',
    because: 'Grains of the sachet before are in this buffer now.',
    next: 'Rinse and dry the spoon between sachets.',
  },
  wrongWater: {
    did: 'Took another amount of water than the sachet asks for',
    because: 'A buffer forgives a little: 10 % costs about 0.01 pH.',
    next: 'Measure the water: 250 mL.',
  },
  pouredBack: {
    did: 'Poured a used portion back into its bottle',
    because: 'The whole bottle is spoiled by it.',
    next: 'Throw used portions away.',
  },
  wrongAnswer: {
    did: 'The answer was not right',
    because: 'The numbers of this bench say otherwise.',
    next: 'Look at the numbers of the two cups again.',
  },
};

/** What was done right. */
export const RIGHT_WORDS: Readonly<Record<Right, string>> = {
  foundFirst: 'Read as found before anything was touched',
  rinsed: 'Rinsed before every cup',
  waited: 'Waited until the reading stood still',
  leftGood: 'Left a good pen alone',
  freshPortion: 'Poured a fresh portion',
  soaked: 'Gave the probe its time in storage solution',
  cleanFace: 'Cleaned until water spread over the face',
  patient: 'Poured in steps and waited for the mixing',
  storedWet: 'Put the pen away wet',
  answered: 'Answered from the numbers',
};
