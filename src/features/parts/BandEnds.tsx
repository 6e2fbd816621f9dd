import { StyleSheet, View } from 'react-native';
import { Say } from '@/ui/text';

/** The ends of a band under its notch. */
export function BandEnds({ low, high }: { readonly low: string; readonly high: string }) {
  return (
    <View style={styles.ends}>
      <Say size="tiny" tone="soft" face="mono" style={styles.end}>
        {low}
      </Say>
      <Say size="tiny" tone="soft" face="mono" style={styles.end}>
        {high}
      </Say>
    </View>
  );
}

const styles = StyleSheet.create({
  ends: { flexDirection: 'row' },
  end: { width: '50%', textAlign: 'center' },
});
