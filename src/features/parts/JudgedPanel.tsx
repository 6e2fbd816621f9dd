import { StyleSheet, View } from 'react-native';
import { hasNumber, type JudgedValue } from '@/core/readings';
import { useFormats } from '@/shell/formats';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { judgedWords, type Waiting } from '@/words';
import { partsSays } from '@/words/parts/parts';
import { BandEnds } from './BandEnds';
import { JudgedNotch } from './JudgedNotch';
import { WhyBudget } from './WhyBudget';

interface Props {
  readonly quantity: 'ph' | 'ec';
  readonly judged: JudgedValue;
  /** The line beside the verdict: what was shown, when. */
  readonly aside?: string;
  /** Where it goes. */
  readonly outlook?: string;
  /** What has to be waited for: said instead of a verdict. */
  readonly waiting?: Waiting | undefined;
  /** hero where it leads the screen. */
  readonly size?: 'row' | 'hero';
}

/** A judged value as it leads a screen: number and ±, notch with its ends, verdict, what to do. */
export function JudgedPanel({ quantity, judged, aside, outlook, waiting, size = 'row' }: Props) {
  const formats = useFormats();
  const ph = quantity === 'ph';
  const { value, budget, band, verdict, standing } = judged;
  const written = ph
    ? formats.phPair(value, budget.expandedU)
    : formats.ecPair(value, budget.expandedU);
  const unit = ph ? 'pH' : partsSays.at25C(formats.ecUnit);
  const words = judgedWords(judged, written.plusMinus);
  const sure = hasNumber(standing);
  return (
    <View style={styles.panel}>
      <View style={styles.number}>
        <Say size="hero" face="mono" bold>
          {sure ? written.value : formats.number(value, 2)}
        </Say>
        <Say tone="soft">{sure ? `± ${written.plusMinus} ${unit}` : partsSays.wasShown(unit)}</Say>
      </View>
      {sure ? <JudgedNotch quantity={quantity} judged={judged} size={size} /> : null}
      {verdict === 'noBand' || !sure ? null : <BandEnds quantity={quantity} band={band} />}
      <View style={styles.verdict}>
        <Say bold tone={waiting ? 'attention' : words.tone}>
          {waiting?.sentence ?? words.sentence}
        </Say>
        <Say size="small" tone="soft">
          {waiting?.advice ?? words.advice}
        </Say>
        {outlook ? <Say size="small">{outlook}</Say> : null}
      </View>
      <WhyBudget
        aside={aside ?? ''}
        of={ph ? 'pH' : 'EC'}
        budget={budget}
        write={(u) => (ph ? formats.number(u, 3) : `${formats.ecFine(u)} ${formats.ecUnit}`)}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  panel: { gap: space.s1 },
  number: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'baseline', columnGap: space.s2 },
  verdict: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'baseline', columnGap: space.s2 },
});
