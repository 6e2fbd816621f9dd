import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/button';
import { Say } from '@/ui/text';
import { color, space } from '@/ui/tokens';
import { frameSays } from '@/words/frame/frame';
import { useNewVersion } from './useNewVersion';

/** A new version waits: a line that says so, and lets it in when the grower is ready. */
export function NewVersionNote() {
  const { waiting, use } = useNewVersion();
  if (!waiting) return null;
  return (
    <View role="status" style={styles.note}>
      <Say size="small" style={styles.words}>
        {frameSays.newVersion}
      </Say>
      <Button label={frameSays.useItNow} onPress={use} />
    </View>
  );
}

const styles = StyleSheet.create({
  note: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.s3,
    paddingHorizontal: space.s4,
    paddingVertical: space.s2,
    backgroundColor: color.actionWash,
  },
  words: { flex: 1 },
});
