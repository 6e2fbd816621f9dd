import { StyleSheet, View } from 'react-native';
import { Say } from '@/ui/text';
import { color, space } from '@/ui/tokens';
import { checkSays } from '@/words/book/check';
import type { RecordDip } from './checkRecord';

/** Every try of a check: what the pen showed, against what it should have been. */
export function CheckDips({ dips }: { readonly dips: readonly RecordDip[] }) {
  return (
    <View>
      <Say size="body" face="slab" heading={2}>
        {checkSays.tries}
      </Say>
      <View role="list" aria-label={checkSays.tries}>
        {dips.map(({ cup, phase, shown, target, error, allowed, verdict }, at) => (
          <View key={`${phase} ${cup} ${at}`} role="listitem" style={styles.dip}>
            <View style={styles.words}>
              <Say size="small" bold>
                {cup}, {phase}
              </Say>
              {target ? (
                <Say size="small" tone="soft">
                  {checkSays.targetHead} {target}, {checkSays.allowedHead.toLowerCase()} {allowed}
                </Say>
              ) : null}
            </View>
            <View style={styles.values}>
              <Say size="small" face="mono" bold>
                {shown}
              </Say>
              {verdict ? (
                <Say size="small" tone={verdict === checkSays.within ? 'fit' : 'off'}>
                  {error}, {verdict}
                </Say>
              ) : null}
            </View>
          </View>
        ))}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  dip: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    justifyContent: 'space-between',
    gap: space.s2,
    paddingVertical: space.s2,
    borderBottomWidth: 1,
    borderBottomColor: color.edge,
  },
  words: { flexGrow: 1, flexShrink: 1, minWidth: 180 },
  values: { alignItems: 'flex-end', marginLeft: 'auto' },
});
