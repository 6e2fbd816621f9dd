import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/button';
import { Say } from '@/ui/text';
import { color, space } from '@/ui/tokens';
import { clockJumpSentence } from '@/words';
import { frameSays } from '@/words/frame/frame';
import { useClockJump } from './useClockJump';

/** The device's clock jumped: said until the grower says that it is right now. */
export function ClockNote() {
  const { jump, isRight } = useClockJump();
  if (!jump) return null;
  return (
    <View role="alert" style={styles.note}>
      <Say size="small" bold tone="off" style={styles.words}>
        {clockJumpSentence(jump)}
      </Say>
      <Button label={frameSays.itIsRightNow} onPress={isRight} />
    </View>
  );
}

const styles = StyleSheet.create({
  note: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    gap: space.s2,
    paddingHorizontal: space.s4,
    paddingVertical: space.s2,
    backgroundColor: color.panel,
    borderBottomWidth: 1,
    borderBottomColor: color.edge,
  },
  words: { flexGrow: 1, flexBasis: 240 },
});
