import { displayOf, type Act } from '../../simulated-pen';
import {
  adjustAll,
  checkCups,
  checkWell,
  dipWell,
  handsAt,
  keepAwake,
  pourFresh,
  putAway,
  readFound,
  targetOf,
  type Hands,
} from '../hands';
import type { Practice, TaskId } from '../kinds';
import { aimOf, neededMl } from '../tankNeeds';

/** Does a task as it should be done. */
type Way = (hands: Hands, practice: Practice) => void;

const soakedFirst: Way = (hands) => {
  hands.do({ do: 'cap', with: 'storage' }, { do: 'rest', hours: 24 }, { do: 'power' });
  checkWell(hands);
};

/** Reads the cup that truly holds a label's liquid: what a user does who sees that the labels are swapped. */
const swappedWell: Way = (hands) => {
  hands.do({ do: 'uncap' }, { do: 'power' });
  const [seven, four] = checkCups(hands.world(), 'ph');
  if (!seven || !four) return;
  for (const [label, held] of [
    [seven.id, four.id],
    [four.id, seven.id],
  ] as const) {
    dipWell(hands, held);
    hands.do({ do: 'note', what: `found ${label}` });
  }
  for (const [label, held] of [
    [seven.id, four.id],
    [four.id, seven.id],
  ] as const) {
    dipWell(hands, held);
    const target = targetOf(hands.world(), hands.world().cups[label]!) ?? 7;
    hands.do({ do: 'cal', seconds: 2 }, { do: 'step', shown: target }, { do: 'cal', seconds: 0.5 });
    hands.do({ do: 'wait', seconds: 4 });
  }
  putAway(hands);
};

/** Dips, drop by drop until the aim, then most of the scaled dose, a re-read, and the rest. */
const jarWell: Way = (hands) => {
  hands.do({ do: 'uncap' }, { do: 'power' });
  dipWell(hands, 'tank');
  hands.do({ do: 'note', what: 'tank' });
  const aim = aimOf(hands.world());
  let drops = 0;
  dipWell(hands, 'jar');
  // The jar is 1 L, the product 1 in 50: twenty drops at a time, then fewer.
  for (let turn = 0; turn < 60; turn += 1) {
    const shown = displayOf(hands.world()).value ?? aim;
    if (shown <= aim + 0.1) break;
    const more = shown > aim + 0.6 ? 40 : 10;
    hands.do(
      { do: 'drops', drops: more },
      { do: 'stir' },
      { do: 'waitStill' },
      { do: 'note', what: 'jar' },
    );
    keepAwake(hands);
    drops += more;
  }
  const { tank } = hands.world();
  const wholeMl = ((drops * 0.05) / 50) * (tank?.volumeL ?? 0);
  hands.do(
    { do: 'dose', reagent: 'acid', ml: Math.round(wholeMl * 8) / 10 },
    { do: 'rest', hours: 0.3 },
  );
  dipWell(hands, 'tank');
  hands.do({ do: 'note', what: 'tank' });
  const left = neededMl(hands.world(), 'acid', aim);
  if (left > 0.3)
    hands.do(
      { do: 'dose', reagent: 'acid', ml: Math.round(left * 8) / 10 },
      { do: 'rest', hours: 0.3 },
    );
  putAway(hands);
};

/** A first step, ten minutes of mixing, a re-read, and leave it when it is in the band. */
const patient: Way = (hands) => {
  hands.do({ do: 'uncap' }, { do: 'power' });
  dipWell(hands, 'tank');
  hands.do({ do: 'note', what: 'tank' });
  for (let step = 0; step < 3; step += 1) {
    const needed = neededMl(hands.world(), 'acid', aimOf(hands.world()));
    if (needed < 0.5) break;
    hands.do(
      { do: 'dose', reagent: 'acid', ml: Math.round(needed * 8) / 10 },
      { do: 'rest', hours: 0.4 },
    );
    dipWell(hands, 'tank');
    hands.do({ do: 'note', what: 'tank' });
  }
  putAway(hands);
};

/** Scrubs until water spreads, then reads again. */
const scrubbed: Way = (hands) => {
  hands.do({ do: 'uncap' });
  if (readFound(hands, 'ec')) return putAway(hands);
  hands.do({ do: 'clean', how: 'scrubFace' }, { do: 'wetFilm' });
  if (!hands.world().wetFilm) hands.do({ do: 'clean', how: 'scrubFace' }, { do: 'wetFilm' });
  if (!readFoundAgain(hands)) adjustAll(hands, 'ec');
  hands.do({ do: 'rinse', with: 'tap' }, { do: 'cap', with: 'storage' });
};

function readFoundAgain(hands: Hands): boolean {
  keepAwake(hands);
  const [cup] = checkCups(hands.world(), 'ec');
  dipWell(hands, cup!.id);
  const shown = displayOf(hands.world()).value;
  const target = targetOf(hands.world(), cup!)!;
  return shown !== undefined && Math.abs(shown / target - 1) <= 0.03;
}

const answering =
  (question: string, choice: (practice: Practice) => string, first: Way): Way =>
  (hands, practice) => {
    first(hands, practice);
    hands.do({ do: 'answer', question, choice: choice(practice) });
  };

const rightAnswer = (practice: Practice) => practice.questions[0]!.right;

/** Each task done well. */
const WAYS: Readonly<Record<TaskId, Way>> = {
  newPen: (hands, practice) => {
    hands.do({ do: 'clean', how: 'warmWater' });
    soakedFirst(hands, practice);
  },
  foundGood: checkWell,
  cold16: checkWell,
  sachets: (hands) => {
    for (const cup of checkCups(hands.world(), 'ph'))
      hands.do({ do: 'dissolve', cup: cup.id, waterMl: 250, spoonRinsed: true });
    checkWell(hands);
  },
  trimScrew: checkWell,
  twoDials: checkWell,
  tooEarly: checkWell,
  swapped: swappedWell,
  expired: (hands) => {
    pourFresh(hands, 'ph');
    checkWell(hands);
  },
  greasyCell: scrubbed,
  bubble: checkWell,
  pureWater: (hands, practice) => {
    // As found first: it tells what the readings of the last days suffered.
    hands.do({ do: 'uncap' });
    readFound(hands, 'ph');
    soakedFirst(hands, practice);
  },
  oldSlow: answering('keepIt', rightAnswer, (hands) => {
    hands.do({ do: 'uncap' });
    readFound(hands, 'ph');
    putAway(hands);
  }),
  lookBack: answering('whatWasIt', rightAnswer, checkWell),
  hardWater: jarWell,
  chasing: patient,
  tapWater: answering('isItRight', rightAnswer, (hands) => {
    hands.do(
      { do: 'uncap' },
      { do: 'power' },
      { do: 'dip', cup: 'tap' },
      { do: 'stir' },
      { do: 'waitStill' },
    );
    hands.do({ do: 'note', what: 'tap' });
    keepAwake(hands);
    checkWell(hands);
  }),
};

/** The acts of a task done well, as a careful hand does them at this bench. */
export function rightWay(practice: Practice): readonly Act[] {
  const hands = handsAt(practice.start);
  const way = practice.id === 'free' ? checkWell : WAYS[practice.id];
  way(hands, practice);
  return hands.acts();
}
