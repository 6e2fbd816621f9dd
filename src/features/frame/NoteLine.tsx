import { StyleSheet, View } from 'react-native';
import type { Path } from '@/shell/navigation/paths';
import { Press } from '@/ui/button';
import { Say } from '@/ui/text';
import { color, space, TOUCH } from '@/ui/tokens';
import { frameSays } from '@/words/frame/frame';

interface Props {
  readonly words: string;
  /** How many more there are where it leads. */
  readonly more?: number;
  readonly href: Path;
  readonly onGo: (href: Path) => void;
}

/** One line under the head that something is not as it should be. */
export function NoteLine({ words, more = 0, href, onGo }: Props) {
  return (
    <View role="alert" style={styles.note}>
      <Press href={href} onPress={() => onGo(href)} style={styles.press}>
        <Say size="small" bold tone="off">
          {words}{' '}
          <Say size="small" bold tone="action">
            {more > 0 ? frameSays.andMore(more) : frameSays.whatNow}
          </Say>
        </Say>
      </Press>
    </View>
  );
}

const styles = StyleSheet.create({
  note: { borderBottomWidth: 1, borderBottomColor: color.edge, backgroundColor: color.panel },
  press: {
    minHeight: TOUCH,
    justifyContent: 'center',
    paddingHorizontal: space.s4,
    paddingVertical: space.s1,
  },
});
