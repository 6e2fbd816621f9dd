import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import type { Path } from '@/shell/navigation/paths';
import { Button } from '@/ui/button';
import { Panel, Screen } from '@/ui/layout';
import { Notch } from '@/ui/notch';
import { Say } from '@/ui/text';
import { color, RADIUS, space } from '@/ui/tokens';
import { EMPTY_PLACES, emptySays, type EmptyPlaceName } from '@/words/parts/emptyPlaces';

interface Props {
  readonly place: EmptyPlaceName;
  /** Where the first step leads; absent where the list beside it has the button. */
  readonly href?: Path;
}

const BAND = { low: 5.5, high: 6.5 };
const EXPANDED_U = 0.08;

/** In the wide pane of a place that is empty: what it will show, drawn, and the first step. */
export function EmptyPlace({ place, href }: Props) {
  const router = useRouter();
  const { title, text, examples } = EMPTY_PLACES[place];
  return (
    <Screen
      actions={
        href ? (
          <Button
            kind="main"
            wet
            grow
            label={emptySays.setUp}
            onPress={() => router.navigate(href)}
          />
        ) : null
      }
    >
      <Say size="huge" face="slab" heading={1}>
        {title}
      </Say>
      <Say>{text}</Say>
      <Say size="small" tone="soft">
        {emptySays.example}
      </Say>
      <View style={styles.examples}>
        {examples.map(({ code, name, line, ph }) => (
          <Panel key={code}>
            <View style={styles.row}>
              <View style={styles.code}>
                <Say face="slab" size={code.length > 3 ? 'body' : 'large'}>
                  {code}
                </Say>
              </View>
              <View style={styles.said}>
                <Say bold>{name}</Say>
                <Say size="small" tone="soft">
                  {line}
                </Say>
                {ph ? (
                  <Notch
                    size="line"
                    band={BAND}
                    reading={{ ...ph, expandedU: EXPANDED_U }}
                    sentence={emptySays.notchSaid(String(ph.value))}
                  />
                ) : null}
              </View>
            </View>
          </Panel>
        ))}
      </View>
    </Screen>
  );
}

const styles = StyleSheet.create({
  examples: { gap: space.s3, maxWidth: 560 },
  row: { flexDirection: 'row', gap: space.s3, alignItems: 'center' },
  code: {
    minWidth: 64,
    minHeight: 56,
    alignItems: 'center',
    justifyContent: 'center',
    borderRadius: RADIUS,
    backgroundColor: color.wood,
  },
  said: { flex: 1, minWidth: 0 },
});
