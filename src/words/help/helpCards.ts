import type { HelpPage } from './helpPlaces';

/** A short answer to a question a grower asks, with where it comes from. */
export interface HelpCard {
  readonly id: string;
  /** The places it belongs to. */
  readonly pages: readonly HelpPage[];
  readonly question: string;
  readonly answer: string;
  readonly source?: string;
}

/** Short answers, the most asked first. To add one, add an entry here. */
export const HELP_CARDS: readonly HelpCard[] = [
  {
    id: 'plus-minus',
    pages: ['round', 'tanks', 'pens'],
    question: 'What is the ± beside a number?',
    answer:
      'The true value lies within it about 95 times in 100. “Why ±?” lists its parts, the largest first, and what would make it smaller.',
    source: 'JCGM 100:2008, coverage factor 2',
  },
  {
    id: 'cant-tell',
    pages: ['round', 'tanks'],
    question: 'Why “can’t tell”?',
    answer:
      'The ± is too wide for this band: in and out are almost equally likely. A check in a buffer takes about 2 minutes for each cup and usually halves the ±. No dose is proposed on such a reading.',
  },
  {
    id: 'target',
    pages: ['pens', 'shelf'],
    question: 'Why is the target not the number printed large?',
    answer:
      'A buffer’s pH changes with its temperature. At 15 °C the 6.86 buffer is 6.90 pH and the 9.18 buffer is 9.28 pH. The printed number is right at 25 °C only.',
    source: 'R. G. Bates, Determination of pH, 2nd edition, table 4-4',
  },
  {
    id: 'as-found',
    pages: ['pens'],
    question: 'Why read the buffers before touching the button?',
    answer:
      'It shows how far off the pen was while you used it. Once it is cleaned or adjusted, nobody can know that any more. The look-back needs these readings.',
  },
  {
    id: 'look-back',
    pages: ['pens', 'book'],
    question: 'What does the look-back do?',
    answer:
      'Between two checks a pen drifts. The look-back corrects each reading between them for its day. It names the readings whose verdict or dose turns out wrong, and what would have been right to pour. Nobody knows on which day the pen drifted, so the ± is widest midway.',
  },
  {
    id: 'water-check',
    pages: ['pens'],
    question: 'Can I check a pen in tap or pure water?',
    answer:
      'No. Distilled water in air drifts to about pH 5.6, and a value near 7 is luck. Good pens fail this test and bad pens pass it. Use a buffer.',
  },
  {
    id: 'too-pure',
    pages: ['round', 'tanks'],
    question: 'Why no verdict for rain or reverse-osmosis water?',
    answer:
      'It holds almost no minerals. Pens drift for minutes in it, and the air changes its pH while you watch. Its pH hardly matters, because the first feed added to it decides. Below 0.1 mS/cm Zolder gives no verdict.',
  },
  {
    id: 'atc',
    pages: ['pens'],
    question: 'Does temperature compensation give me the pH at 25 °C?',
    answer:
      'No. It corrects the pen, not the solution. The pH of a solution really changes with temperature, and the roots meet the pH the tank has now.',
  },
  {
    id: 'protons',
    pages: ['tanks', 'shelf'],
    question: 'Why does phosphoric acid not count three times?',
    answer:
      'At the pH of a feed it gives off its first proton and only a little of the second. Also, percent by mass is not grams in 1 mL: concentrated acids weigh 1.2 to 1.7 g/mL.',
  },
  {
    id: 'airs-back',
    pages: ['tanks'],
    question: 'Why does hard water climb back after acid?',
    answer:
      'The acid turns alkalinity into carbon dioxide. That keeps the pH low until it has left the water. Hard water brought to pH 5.8 ends above 7 once aired. The aired pH is shown beside the pH right after mixing.',
  },
  {
    id: 'small-steps',
    pages: ['tanks'],
    question: 'Why is the first dose so small?',
    answer:
      'A feed in use has used up the alkalinity of its water. A dose made for fresh hard water would take it to near pH 3. So the first dose is safe even in a weak feed. Each reading after it teaches how much this tank resists, and the next dose can be larger.',
  },
  {
    id: 'raw',
    pages: ['book', 'round'],
    question: 'Does Zolder change what I typed?',
    answer:
      'Never. What the pen showed is kept as it was, and corrected values are worked out each time. A change is a new entry with who and when. The old one stays readable.',
  },
];
