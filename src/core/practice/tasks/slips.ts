import type { Act } from '../../simulated-pen';
import { adjustAll, checkWell, dipWell, handsAt, putAway, readFound, type Hands } from '../hands';
import type { MistakeKind, Practice, TaskId } from '../kinds';
import { rightWay } from './ways';

/** The usual slip of a task: which mistake it is, and hands that make it. */
interface Slip {
  readonly kind: MistakeKind;
  readonly acts: (practice: Practice) => readonly Act[];
}

/** The right way with acts left out or changed. */
const edited =
  (edit: (one: Act, at: number, all: readonly Act[]) => readonly Act[]) =>
  (practice: Practice): readonly Act[] =>
    rightWay(practice).flatMap(edit);

/** Hands of their own. */
const handled =
  (way: (hands: Hands) => void) =>
  (practice: Practice): readonly Act[] => {
    const hands = handsAt(practice.start);
    way(hands);
    return hands.acts();
  };

/** As found in every cup, then everything adjusted whatever was found. */
const adjustedAnyhow = (side: 'ph' | 'ec') =>
  handled((hands) => {
    hands.do({ do: 'uncap' });
    readFound(hands, side);
    adjustAll(hands, side);
    putAway(hands);
  });

const withoutSoak = handled((hands) => {
  checkWell(hands);
});

/** Waits so short that the glass is still on its way, s. */
const HASTE_S = 28;

/** The slip that each task is about. */
export const SLIPS: Readonly<Record<TaskId, Slip>> = {
  newPen: { kind: 'noSoak', acts: withoutSoak },
  foundGood: { kind: 'adjustedGood', acts: adjustedAnyhow('ph') },
  cold16: {
    kind: 'printedNumber',
    acts: edited((one) => {
      if (one.do !== 'step') return [one];
      return [{ ...one, shown: one.shown > 6 ? 7 : 4.01 }];
    }),
  },
  sachets: {
    kind: 'spoonNotRinsed',
    acts: edited((one) => [one.do === 'dissolve' ? { ...one, spoonRinsed: false } : one]),
  },
  trimScrew: {
    kind: 'printedNumber',
    acts: edited((one) => [one.do === 'turn' ? { ...one, shown: 7 } : one]),
  },
  twoDials: {
    kind: 'slopeFirst',
    acts: handled((hands) => {
      hands.do({ do: 'uncap' });
      readFound(hands, 'ph');
      dipWell(hands, '4.01');
      hands.do({ do: 'turn', dial: 'slope', shown: 4 });
      dipWell(hands, '7');
      hands.do({ do: 'turn', dial: 'zero', shown: 7.02 });
      putAway(hands);
    }),
  },
  tooEarly: {
    kind: 'pressedEarly',
    acts: edited((one, at, all) => {
      const noted = all.findLastIndex((each) => each.do === 'note');
      return [one.do === 'waitStill' && at > noted ? { do: 'wait', seconds: HASTE_S } : one];
    }),
  },
  swapped: {
    kind: 'wrongCup',
    acts: edited((one) => [
      one.do === 'dip' ? { ...one, cup: one.cup === '7' ? '4.01' : '7' } : one,
    ]),
  },
  expired: { kind: 'badPortion', acts: edited((one) => (one.do === 'pour' ? [] : [one])) },
  greasyCell: { kind: 'greaseLeft', acts: adjustedAnyhow('ec') },
  bubble: {
    kind: 'bubble',
    acts: (practice) => adjustedAnyhow('ec')(practice).filter((one) => one.do !== 'tapOff'),
  },
  pureWater: { kind: 'noSoak', acts: withoutSoak },
  oldSlow: {
    kind: 'wrongAnswer',
    acts: edited((one) => [one.do === 'answer' ? { ...one, choice: 'keep' } : one]),
  },
  lookBack: {
    kind: 'cleanedFirst',
    acts: (practice) => [{ do: 'uncap' }, { do: 'clean', how: 'cleaner' }, ...rightWay(practice)],
  },
  hardWater: {
    kind: 'tooMuchAtOnce',
    acts: (practice) => {
      const acts = rightWay(practice);
      return [
        ...acts.slice(0, 8),
        { do: 'dose', reagent: 'acid', ml: 80 },
        { do: 'rest', hours: 0.3 },
        ...acts.slice(-2),
      ];
    },
  },
  chasing: {
    kind: 'chased',
    acts: (practice) => {
      const acts = rightWay(practice);
      return [
        ...acts.slice(0, -2),
        { do: 'dose', reagent: 'base', ml: 12 },
        { do: 'wait', seconds: 60 },
        ...acts.slice(-2),
      ];
    },
  },
  tapWater: {
    kind: 'wrongAnswer',
    acts: (practice) => {
      const acts = rightWay(practice);
      return [
        ...acts.slice(0, acts.findIndex((one) => one.do === 'note') + 1),
        { do: 'answer', question: 'isItRight', choice: 'itReads7' },
        { do: 'rinse', with: 'tap' },
        { do: 'cap', with: 'storage' },
      ];
    },
  },
};
