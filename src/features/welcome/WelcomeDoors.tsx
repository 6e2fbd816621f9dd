import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { HomeScreenFirst } from '@/features/phones/HomeScreenFirst';
import { useOpenBook } from '@/shell/otherBook';
import { Press } from '@/ui/button';
import { Screen } from '@/ui/layout';
import { Say } from '@/ui/text';
import { color, RADIUS, space } from '@/ui/tokens';
import { paths } from '@/shell/navigation/paths';
import { commonSays } from '@/words/common';
import { welcomeSays } from '@/words/welcome/welcome';

/** An empty book: what this is for, and the two doors in. */
export function WelcomeDoors() {
  const router = useRouter();
  const openDemo = useOpenBook('demo');
  return (
    <Screen>
      <Say size="huge" face="slab" heading={1}>
        {welcomeSays.yourRoundStartsHere}
      </Say>
      <Say>{welcomeSays.aNumberOnAPenIs}</Say>
      <HomeScreenFirst />
      <Door
        title={welcomeSays.setUpYourOwn}
        text={welcomeSays.setUpText}
        main
        onPress={() => router.navigate(paths.welcome)}
      />
      <Door title={commonSays.lookRoundTheDemo} text={welcomeSays.demoText} onPress={openDemo} />
      <Say size="small" tone="soft">
        {welcomeSays.everythingStaysOnThisDevice}
      </Say>
    </Screen>
  );
}

interface DoorProps {
  readonly title: string;
  readonly text: string;
  readonly main?: boolean;
  readonly onPress: () => void;
}

function Door({ title, text, main, onPress }: DoorProps) {
  return (
    <Press onPress={onPress} style={[styles.door, main && styles.main]}>
      <View style={styles.inner}>
        <Say size="large" face="slab" tone={main ? 'onAction' : 'action'}>
          {title}
        </Say>
        <Say tone={main ? 'onAction' : 'ink'}>{text}</Say>
      </View>
    </Press>
  );
}

const styles = StyleSheet.create({
  door: {
    minHeight: 112,
    justifyContent: 'center',
    borderWidth: 2,
    borderColor: color.action,
    borderRadius: RADIUS,
    backgroundColor: color.panel,
  },
  main: { backgroundColor: color.action },
  inner: { padding: space.s4, gap: space.s1 },
});
