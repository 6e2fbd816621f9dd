import { useRouter } from 'expo-router';
import CircleHelp from 'lucide-react-native/icons/circle-question-mark';
import GraduationCap from 'lucide-react-native/icons/graduation-cap';
import Settings from 'lucide-react-native/icons/settings-2';
import { StyleSheet, View } from 'react-native';
import { useBook } from '@/book/react';
import { Press } from '@/ui/button';
import { Say } from '@/ui/text';
import { color, space, TOUCH } from '@/ui/tokens';
import { useLeaveDemo } from '@/shell/otherBook';
import { paths } from '@/shell/navigation/paths';
import { commonSays } from '@/words/common';
import { frameSays } from '@/words/frame/frame';
import { DarkSwitch } from './DarkSwitch';

/** The name of the made-up place. */
const DEMO_NAME = frameSays.demoName;

/** The head of every screen: whose book this is, the demo mark, the dark, the settings. */
export function Head() {
  const { opened } = useBook();
  const router = useRouter();
  const leave = useLeaveDemo();
  const demo = opened.book === 'demo';
  return (
    <View role="banner" style={styles.head}>
      <View style={styles.name}>
        <Say size="tiny" tone="soft">
          {demo ? DEMO_NAME : frameSays.myBook}
        </Say>
        {demo ? (
          <Press name={frameSays.leaveDemoLong} onPress={leave} style={styles.demo}>
            <Say size="tiny" bold tone="attention" style={styles.demoText}>
              {frameSays.leaveDemo}
            </Say>
          </Press>
        ) : null}
      </View>
      <DarkSwitch />
      <Press
        name={frameSays.practice}
        href={paths.practice}
        onPress={() => router.navigate(paths.practice)}
        style={styles.icon}
      >
        <GraduationCap size={22} color={color.inkSoft} aria-hidden />
      </Press>
      <Press
        name={commonSays.help}
        href={paths.help}
        onPress={() => router.navigate(paths.help)}
        style={styles.icon}
      >
        <CircleHelp size={22} color={color.inkSoft} aria-hidden />
      </Press>
      <Press
        name={commonSays.settings}
        href={paths.settings}
        onPress={() => router.navigate(paths.settings)}
        style={styles.icon}
      >
        <Settings size={22} color={color.inkSoft} aria-hidden />
      </Press>
    </View>
  );
}

const styles = StyleSheet.create({
  head: {
    flexDirection: 'row',
    alignItems: 'center',
    minHeight: TOUCH,
    paddingLeft: space.s4,
    paddingRight: space.s1,
    borderBottomWidth: 1,
    borderBottomColor: color.edge,
  },
  name: {
    flex: 1,
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    columnGap: space.s2,
  },
  // As tall as a thumb, and still close below the name where there is no room beside it.
  demo: { minHeight: TOUCH, justifyContent: 'center', marginVertical: -space.s2 },
  demoText: { textDecorationLine: 'underline' },
  icon: { width: TOUCH, height: TOUCH, alignItems: 'center', justifyContent: 'center' },
});
