import { useRouter } from 'expo-router';
import X from 'lucide-react-native/icons/x';
import { StyleSheet, View } from 'react-native';
import { useBook } from '@/book/react';
import { useRound } from '@/features/round/useRound';
import { paths } from '@/shell/navigation/paths';
import { Press } from '@/ui/button';
import { Say } from '@/ui/text';
import { color, space, TOUCH } from '@/ui/tokens';
import { frameSays } from '@/words/frame/frame';
import { roundProgress } from '@/words/round/headline';
import { DarkSwitch } from './DarkSwitch';

/** The head of a stop in the walk: the way out, how far the walk is, the dark. */
export function WalkHead() {
  const router = useRouter();
  const { opened } = useBook();
  const mine = useRound();
  return (
    <View role="banner" style={styles.head}>
      <Press href={paths.round} onPress={() => router.navigate(paths.round)} style={styles.leave}>
        <X size={22} color={color.inkSoft} aria-hidden />
        <Say size="small" bold>
          {frameSays.leaveTheWalk}
        </Say>
      </Press>
      {opened.book === 'demo' ? (
        <Say size="tiny" bold tone="attention">
          {frameSays.demo}
        </Say>
      ) : null}
      <Say size="tiny" tone="soft" style={styles.far}>
        {mine ? roundProgress(mine.round) : ''}
      </Say>
      <DarkSwitch />
    </View>
  );
}

const styles = StyleSheet.create({
  head: {
    flexDirection: 'row',
    alignItems: 'center',
    minHeight: TOUCH,
    paddingLeft: space.s2,
    paddingRight: space.s1,
    borderBottomWidth: 1,
    borderBottomColor: color.edge,
  },
  leave: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.s1,
    minHeight: TOUCH,
    paddingHorizontal: space.s2,
  },
  far: { flex: 1, textAlign: 'right' },
});
