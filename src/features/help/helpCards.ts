/** A short answer to a question a grower asks, with where it comes from. */
export interface HelpCard {
  readonly id: string;
  readonly question: string;
  readonly answer: string;
  readonly source?: string;
}

/** Short answers, the most asked first. To add one, add an entry here. */
export const HELP_CARDS: readonly HelpCard[] = [
  {
    id: 'plus-minus',
    question: 'What is the ± beside a number?',
    answer:
      'About 95 times in 100 the true value lies within it. “Why ±?” lists what it is made of, the largest part first, and what would shrink it.',
    source: 'JCGM 100:2008, coverage factor 2',
  },
  {
    id: 'cant-tell',
    question: 'Why “can’t tell”?',
    answer:
      'The ± is wider than half the band, so in and out are equally likely. A check in a buffer takes about two minutes a cup and usually halves it. No dose is proposed on such a reading.',
  },
  {
    id: 'target',
    question: 'Why is the target not the number printed large?',
    answer:
      'A buffer’s pH moves with its temperature: the 6.86 is 6.90 at 15 °C, the 9.18 is 9.28. The printed number holds at 25 °C only.',
    source: 'R. G. Bates, Determination of pH, 2nd edition, table 4-4',
  },
  {
    id: 'as-found',
    question: 'Why read the buffers before touching the button?',
    answer:
      'What the pen shows before anything is cleaned or adjusted is the only thing that tells how wrong it has been since last time. The look-back is made of it.',
  },
  {
    id: 'look-back',
    question: 'What does the look-back do?',
    answer:
      'Between two checks the pen moved from what it was left at to what it was found at. Each reading between is corrected for its day, and those whose verdict or dose turns out wrong are named, with what would have been right to pour. Nobody knows when it moved: the ± is widest midway.',
  },
  {
    id: 'water-check',
    question: 'Can I check a pen in tap or pure water?',
    answer:
      'No. Distilled water in air drifts to about 5.6, and any value near 7 is luck. People test pens this way and conclude wrongly, both ways. Use a buffer.',
  },
  {
    id: 'too-pure',
    question: 'Why no verdict for rain or reverse-osmosis water?',
    answer:
      'It has almost no ions: pens wander for minutes, air changes it as you watch, and its pH hardly matters since it resists nothing. Below 0.1 mS/cm Zolder does not judge.',
  },
  {
    id: 'atc',
    question: 'Does temperature compensation give me the pH at 25 °C?',
    answer:
      'No. It corrects the pen, not the solution. Solutions really change with temperature, and roots meet the pH the tank has.',
  },
  {
    id: 'protons',
    question: 'Why does phosphoric acid not count three times?',
    answer:
      'At feed pH it gives off its first proton and a little of the second. And percent by mass is not grams in a mL: concentrated acids weigh 1.2 to 1.7 g/mL.',
  },
  {
    id: 'airs-back',
    question: 'Why does hard water climb back after acid?',
    answer:
      'The acid turns its alkalinity into carbon dioxide, which keeps the pH low until it has aired out. Acidified to 5.8 and aired, such water ends above 7. So some alkalinity is planned to be left, and the aired value is shown beside the mixed one.',
  },
  {
    id: 'small-steps',
    question: 'Why is the first dose so small?',
    answer:
      'A feed in use has lost its source water’s alkalinity. Taken for fresh hard water it would be dosed to near pH 3. Until a tank’s own doses have taught how much it resists, a step does no harm even in a weak feed.',
  },
  {
    id: 'raw',
    question: 'Does Zolder change what I typed?',
    answer:
      'Never. What the pen showed is kept as it was; corrected values are worked out each time. A change is a new entry with who and when, and the old one stays readable.',
  },
];
