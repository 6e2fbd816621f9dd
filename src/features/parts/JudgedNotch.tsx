import { hasNumber, type JudgedValue } from '@/core/readings';
import { useFormats } from '@/shell/formats';
import { Notch, type NotchSize } from '@/ui/notch';
import { notchSentence } from '@/words';

interface Props {
  readonly quantity: 'ph' | 'ec';
  readonly judged: JudgedValue;
  readonly size: NotchSize;
}

/** A judged value in its notch, with the sentence for those who cannot see it. */
export function JudgedNotch({ quantity, judged, size }: Props) {
  const formats = useFormats();
  const ph = quantity === 'ph';
  const write = ph ? formats.ph : formats.ec;
  const pair = ph
    ? formats.phPair(judged.value, judged.budget.expandedU)
    : formats.ecPair(judged.value, judged.budget.expandedU);
  const sentence = notchSentence({
    quantity: ph ? 'pH' : 'EC',
    ...pair,
    low: write(judged.band.low),
    high: write(judged.band.high),
    unit: ph ? '' : formats.ecUnit,
    verdict: judged.verdict,
  });
  const { value, budget, verdict } = judged;
  if (verdict === 'noBand' || !hasNumber(judged.standing)) return null;
  const reading = { value, expandedU: budget.expandedU, verdict };
  return <Notch size={size} band={judged.band} reading={reading} sentence={sentence} />;
}
