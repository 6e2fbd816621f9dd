import { usePathname, useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import type { TankAnswer } from '@/book/answers';
import { useAnswer, useNowMs, questions } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { useKeyAct } from '@/shell/keys/Keys';
import { useKeyHint } from '@/shell/keys/useKeyHint';
import { JudgedNotch } from '@/features/parts/JudgedNotch';
import { tankLine } from '@/words/parts/tankLine';
import { Button } from '@/ui/button';
import { LabelRow } from '@/ui/label-row';
import { Gradually, Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { paths } from '@/shell/navigation/paths';
import { commonSays } from '@/words/common';
import { tanksSays } from '@/words/tanks/tanks';

/** Tanks out of use stand at the end. */
const inUseFirst = (a: TankAnswer, b: TankAnswer) =>
  Number(a.body.retired ?? false) - Number(b.body.retired ?? false);

/** All tanks in the order of the round. */
export function TanksScreen() {
  const nowMs = useNowMs();
  const router = useRouter();
  const path = usePathname();
  const hint = useKeyHint();
  useKeyAct('add', () => router.navigate(paths.newTank));
  const formats = useFormats();
  const { data: tanks } = useAnswer(questions.tanks(nowMs));
  if (!tanks) return <Skeleton label={tanksSays.loadingTanks} />;
  return (
    <Screen
      actions={
        <Button
          kind={tanks.length === 0 ? 'main' : 'quiet'}
          wet
          grow
          label={commonSays.addATank}
          keyHint={hint('N')}
          onPress={() => router.navigate(paths.newTank)}
        />
      }
    >
      <Say size="huge" face="slab" heading={1}>
        {tanksSays.tanks}
      </Say>
      {tanks.length === 0 ? <Say>{tanksSays.whatStandsHere}</Say> : null}
      <View style={styles.tools}>
        {tanks.length > 1 ? (
          <Button
            kind="text"
            label={tanksSays.orderOfTheRound}
            onPress={() => router.navigate(paths.tankOrder)}
          />
        ) : null}
        <Button
          kind="text"
          label={tanksSays.placeWithoutATank}
          onPress={() => router.navigate(paths.newSpot)}
        />
        <Button
          kind="text"
          label={commonSays.waters}
          onPress={() => router.navigate(paths.waters)}
        />
        {tanks.length > 0 ? (
          <Button
            kind="text"
            label={commonSays.printLabels}
            onPress={() => router.navigate(paths.labels('tank'))}
          />
        ) : null}
      </View>
      <Gradually
        rows={[...tanks].sort(inUseFirst).map((tank) => {
          const line = tankLine(tank, formats, nowMs);
          const href = paths.tank(tank.id);
          const judged = tank.latest?.ph?.judged;
          return (
            <LabelRow
              key={tank.id}
              code={String(tank.number)}
              action={commonSays.open}
              href={href}
              selected={path.startsWith(href)}
              onPress={() => router.navigate(href)}
            >
              <Say bold>{tank.body.name}</Say>
              {judged ? (
                <View style={styles.notch}>
                  <JudgedNotch quantity="ph" judged={judged} size="line" />
                </View>
              ) : null}
              <Say size="small" tone="soft">
                {tank.body.retired ? tanksSays.outOfUse(line) : line}
              </Say>
            </LabelRow>
          );
        })}
      />
    </Screen>
  );
}

const styles = StyleSheet.create({
  notch: { maxWidth: 260 },
  tools: { flexDirection: 'row', flexWrap: 'wrap' },
});
