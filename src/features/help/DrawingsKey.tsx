import { View } from 'react-native';
import type { Verdict } from '@/core/verdict';
import { Panel } from '@/ui/layout';
import { Notch } from '@/ui/notch';
import { Say } from '@/ui/text';

/** A band from 5.5 to 6.5 pH with a reading in each of the positions it can have. */
const READINGS: readonly {
  readonly value: number;
  readonly expandedU: number;
  readonly verdict: Verdict;
  readonly says: string;
}[] = [
  {
    value: 6,
    expandedU: 0.1,
    verdict: 'in',
    says: 'Inside the gap, with its whole width: in band. Nothing to do.',
  },
  {
    value: 6.45,
    expandedU: 0.12,
    verdict: 'probablyIn',
    says: 'Hatched, half over the edge: probably in band. Read it again before acting.',
  },
  {
    value: 6.9,
    expandedU: 0.1,
    verdict: 'high',
    says: 'Standing on the bar: out of band. Correct the tank.',
  },
  {
    value: 6.1,
    expandedU: 0.7,
    verdict: 'cantTell',
    says: 'Wider than the gap: this pen can’t tell. Check the pen first.',
  },
];

const OTHERS = [
  'Width of the block: the ± of the reading. The line in it is the value.',
  'In a history, the shaded strip is the target band as it was at that time.',
  'A hollow mark is what the pen showed, where a later check corrected it.',
  'A flag is a dose. A diamond is a change of stage.',
  'For a pen, the line is its error with its ±. A step is an adjustment, a triangle something that happened to it, T the day it is due.',
];

/** What the drawings mean, each drawn and said. */
export function DrawingsKey() {
  return (
    <>
      {READINGS.map(({ says, ...reading }) => (
        <Panel key={says}>
          <Notch
            size="row"
            band={{ low: 5.5, high: 6.5 }}
            reading={reading}
            sentence={`Drawing: ${says}`}
          />
          <Say>{says}</Say>
        </Panel>
      ))}
      <View>
        {OTHERS.map((text) => (
          <Say key={text}>{text}</Say>
        ))}
      </View>
    </>
  );
}
