import { StyleSheet, View } from 'react-native';
import type { Band } from '@/core/verdict';
import { useFormats } from '@/shell/formats';
import { Say } from '@/ui/text';

interface Props {
  readonly quantity: 'ph' | 'ec';
  readonly band: Band;
}

/** The ends of a band under its notch, each with its unit. */
export function BandEnds({ quantity, band }: Props) {
  const formats = useFormats();
  const write = (end: number) =>
    quantity === 'ph' ? `${formats.ph(end)} pH` : `${formats.ec(end)} ${formats.ecUnit}`;
  return (
    <View style={styles.ends}>
      {[band.low, band.high].map((end) => (
        <Say key={end} size="tiny" tone="soft" face="mono" style={styles.end}>
          {write(end)}
        </Say>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  ends: { flexDirection: 'row' },
  end: { width: '50%', textAlign: 'center' },
});
