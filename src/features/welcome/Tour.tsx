import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { questions, useAnswer, useBook, useNowMs } from '@/book/react';
import { paths, type Path } from '@/shell/navigation/paths';
import { Button } from '@/ui/button';
import { Say } from '@/ui/text';
import { color, space } from '@/ui/tokens';
import { TOUR, tourSays, type TourStop } from '@/words/welcome/tour';

/** The pen whose story the tour tells. */
const OLD_PEN = 'P4';

/** Where each step of the tour leads, once the demo has told its pens and tanks. */
function useTourPaths(): Partial<Record<TourStop, Path>> {
  const nowMs = useNowMs();
  const { data: pens } = useAnswer(questions.pens(nowMs));
  const { data: tanks } = useAnswer(questions.tanks(nowMs));
  const pen = pens?.find(({ body }) => body.code === OLD_PEN);
  const tank = tanks?.find(({ latest }) => latest !== undefined);
  return {
    round: paths.round,
    shelf: paths.shelf,
    ...(pen
      ? { oldPen: paths.pen(pen.id), lookBack: paths.lookBack(pen.id, { quantity: 'ph' }) }
      : {}),
    ...(tank ? { tank: paths.tank(tank.id) } : {}),
  };
}

/** The tour of the demo under the head, while somebody takes it. */
export function Tour() {
  const { opened, device } = useBook();
  const at = device.tourStep;
  if (opened.book !== 'demo' || at === undefined || at === null || !TOUR[at]) return null;
  return <Step at={at} text={TOUR[at].text} />;
}

function Step({ at, text }: { readonly at: number; readonly text: string }) {
  const { setDevice } = useBook();
  const router = useRouter();
  const ways = useTourPaths();
  const next = TOUR[at + 1];
  const go = (step: number, stop: TourStop) => {
    setDevice({ tourStep: step });
    router.navigate(ways[stop] ?? paths.round);
  };
  return (
    <View role="region" aria-label={tourSays.name} style={styles.tour}>
      <Say size="small" live>
        {tourSays.step(at + 1, TOUR.length)} {text}
      </Say>
      <View style={styles.buttons}>
        <Button kind="text" label={tourSays.end} onPress={() => setDevice({ tourStep: null })} />
        {next ? <Button label={tourSays.goOn} onPress={() => go(at + 1, next.at)} /> : null}
      </View>
    </View>
  );
}

/** Offers the tour in the demo, while nobody takes it. */
export function TakeTour() {
  const { opened, device, setDevice } = useBook();
  if (opened.book !== 'demo' || typeof device.tourStep === 'number') return null;
  return <Button kind="text" label={tourSays.take} onPress={() => setDevice({ tourStep: 0 })} />;
}

const styles = StyleSheet.create({
  tour: {
    paddingHorizontal: space.s4,
    paddingVertical: space.s2,
    borderBottomWidth: 1,
    borderBottomColor: color.edge,
    backgroundColor: color.actionWash,
  },
  buttons: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    justifyContent: 'flex-end',
    alignItems: 'center',
    gap: space.s3,
  },
});
