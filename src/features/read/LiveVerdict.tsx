import { StyleSheet, View } from 'react-native';
import { hasNumber, type JudgedValue } from '@/core/readings';
import type { Band } from '@/core/verdict';
import { useFormats } from '@/shell/formats';
import { BandEnds } from '@/features/parts/BandEnds';
import { JudgedNotch } from '@/features/parts/JudgedNotch';
import { Notch } from '@/ui/notch';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { judgedWords } from '@/words';
import { readSays } from '@/words/read/read';

interface Props {
  readonly quantity: 'ph' | 'ec';
  readonly judged?: JudgedValue | undefined;
  /** None for a sample nobody set one for. */
  readonly band?: Band | undefined;
}

/** The notch while typing: empty at first, then the peg, the verdict and the true value. */
export function LiveVerdict({ quantity, judged, band }: Props) {
  const formats = useFormats();
  const ph = quantity === 'ph';
  const write = ph ? formats.ph : formats.ec;
  const [low, high] = band ? [write(band.low), write(band.high)] : ['', ''];
  const unit = ph ? ' pH' : readSays.ecAt25C(formats.ecUnit);
  const pair =
    judged &&
    (ph
      ? formats.phPair(judged.value, judged.budget.expandedU)
      : formats.ecPair(judged.value, judged.budget.expandedU));
  const words = judged && pair && judgedWords(judged, pair.plusMinus);
  return (
    <View style={styles.verdict}>
      {judged && hasNumber(judged.standing) ? (
        <JudgedNotch quantity={quantity} judged={judged} size="row" />
      ) : band ? (
        <Notch size="row" band={band} sentence={readSays.bandNothingRead({ low, high, unit })} />
      ) : null}
      {band ? <BandEnds quantity={quantity} band={band} /> : null}
      <View aria-live="polite" role="status" style={styles.line}>
        {judged && pair && words ? (
          <>
            <Say bold tone={words.tone}>
              {words.sentence}
            </Say>
            {hasNumber(judged.standing) ? (
              <Say size="small">
                {readSays.corrected(judged.standing === 'checked', { ...pair, unit })}
              </Say>
            ) : null}
            {judged.verdict === 'in' ? null : (
              <Say size="small" tone="soft" style={styles.advice}>
                {words.advice}
              </Say>
            )}
          </>
        ) : null}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  verdict: { gap: 0 },
  line: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    justifyContent: 'space-between',
    alignItems: 'baseline',
    columnGap: space.s3,
    minHeight: 24,
  },
  advice: { flexBasis: '100%' },
});
