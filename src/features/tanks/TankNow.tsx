import type { ComponentProps } from 'react';
import { StyleSheet, View } from 'react-native';
import type { TankAnswer } from '@/book/answers';
import { JudgedPanel } from '@/features/parts/JudgedPanel';
import { useFormats } from '@/shell/formats';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { waitingOf } from '@/words';
import { tankSays } from '@/words/tanks/tank';
import { outlookOf, shownLine } from '@/words/tanks/tankLines';

interface Props {
  readonly tank: TankAnswer;
  readonly nowMs: number;
}

/** What a tank is now: its newest pH and EC, judged. */
export function TankNow({ tank, nowMs }: Props) {
  const formats = useFormats();
  const { latest, leaving } = tank;
  if (!latest) return <Say>{tankSays.noReadingYet}</Say>;
  const panelOf = (quantity: 'ph' | 'ec'): ComponentProps<typeof JudgedPanel> | undefined => {
    const judged = latest[quantity]?.judged;
    return (
      judged && {
        quantity,
        judged,
        aside: shownLine(latest, quantity, { formats, nowMs }),
        outlook: outlookOf(judged, leaving[quantity], nowMs),
      }
    );
  };
  const ph = panelOf('ph');
  const ec = panelOf('ec');
  return (
    <View style={styles.now}>
      {ph ? <Side {...ph} waiting={waitingOf(tank, nowMs)} /> : null}
      {ec ? <Side {...ec} /> : null}
    </View>
  );
}

const Side = (panel: ComponentProps<typeof JudgedPanel>) => (
  <View style={styles.side}>
    <Panel>
      <JudgedPanel {...panel} />
    </Panel>
  </View>
);

const styles = StyleSheet.create({
  now: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s3 },
  side: { flexGrow: 1, flexShrink: 1, flexBasis: 320, minWidth: 0 },
});
