import { View } from 'react-native';
import type { Verdict } from '@/core/verdict';
import { Panel } from '@/ui/layout';
import { Notch } from '@/ui/notch';
import { Say } from '@/ui/text';
import { helpSays } from '@/words/help/help';

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
    says: helpSays.markIn,
  },
  {
    value: 6.45,
    expandedU: 0.12,
    verdict: 'probablyIn',
    says: helpSays.markProbably,
  },
  {
    value: 6.9,
    expandedU: 0.1,
    verdict: 'high',
    says: helpSays.markOut,
  },
  {
    value: 6.1,
    expandedU: 0.7,
    verdict: 'cantTell',
    says: helpSays.markCantTell,
  },
];

const OTHERS = [
  helpSays.markWidth,
  helpSays.historyBand,
  helpSays.hollowMark,
  helpSays.flagAndDiamond,
  helpSays.forAPenTheLineIs,
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
            sentence={helpSays.drawing(says)}
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
