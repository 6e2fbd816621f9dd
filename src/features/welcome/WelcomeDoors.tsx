import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { useOpenBook } from '@/shell/otherBook';
import { Press } from '@/ui/button';
import { Screen } from '@/ui/layout';
import { Say } from '@/ui/text';
import { color, RADIUS, space } from '@/ui/tokens';
import { paths } from '@/shell/navigation/paths';

/** An empty book: what this is for, and the two doors in. */
export function WelcomeDoors() {
  const router = useRouter();
  const openDemo = useOpenBook('demo');
  return (
    <Screen>
      <Say size="huge" face="slab" heading={1}>
        Your round starts here.
      </Say>
      <Say>
        A number on a pen is an estimate made by an ageing instrument. Zolder knows how far each pen
        is off. For every tank it shows the true value with its ±, and whether to act.
      </Say>
      <Door
        title="Set up your own"
        text="A pen, a tank, a first reading: under three minutes."
        main
        onPress={() => router.navigate(paths.welcome)}
      />
      <Door
        title="Look round the demo"
        text="A made-up glasshouse with seven months behind it. Nothing there touches your book."
        onPress={openDemo}
      />
      <Say size="small" tone="soft">
        Everything stays on this device. Nothing is sent anywhere.
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
