import type { ComponentProps } from 'react';
import type { TankHistory as TankHistoryDrawn } from './TankHistory';
import { NotThere } from '@/features/parts/NotThere';
import { chunkPart } from '@/shell/chunk';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { AdditionRow } from '@/book/answers';
import { useAnswer, useNowMs, questions } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { useKeyAct } from '@/shell/keys/Keys';
import { useKeyHint } from '@/shell/keys/useKeyHint';
import { useLater } from '@/shell/useLater';
import { JudgedPanel } from '@/features/parts/JudgedPanel';
import { byDay } from '@/records/crops';
import { usualSample, type Sample } from '@/records/samples';
import { Button } from '@/ui/button';
import { Panel, Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { SAMPLE_NAME, shortDay, waitingOf } from '@/words';
import { WaterUsePanel } from './WaterUsePanel';
import { HistoryTable } from './HistoryTable';
import { cropTitle, stageTitle } from '@/records/crops/cropTitle';
import { outlookOf, shownLine } from './tankViewModel';
import { paths, type Path } from '@/shell/navigation/paths';
import { commonSays } from '@/words/common';
import { tankSays } from '@/words/tanks/tank';
import type { TankId } from '@/records';

const TankHistory = chunkPart<ComponentProps<typeof TankHistoryDrawn>>('charts', 'TankHistory');

const NONE: readonly AdditionRow[] = [];

/** One tank: what it is now, and its readings. */
export function TankScreen() {
  const { tankId } = useLocalSearchParams<{ tankId: TankId }>();
  return <TankDetail tankId={tankId} />;
}

/** The same for a tank named by whoever shows it. */
export function TankDetail({
  tankId,
  beside = false,
}: {
  readonly tankId: TankId;
  /** Another pane acts on the tank; this one only shows it. */
  readonly beside?: boolean;
}) {
  const nowMs = useNowMs();
  const router = useRouter();
  const formats = useFormats();
  const { data: tank } = useAnswer(questions.tank(tankId, nowMs));
  const [chosen, setSample] = useState<Sample>();
  const sample = chosen ?? usualSample(tank?.body ?? {});
  const { data: history } = useAnswer(questions.tankHistory(tankId, sample));
  const additions = history?.additions ?? NONE;
  const later = useLater(tank !== undefined);
  const last = useLater(later);
  const hint = useKeyHint();
  useKeyAct('dose', () => router.navigate(paths.dose(tankId)));
  useKeyAct('read', () => router.navigate(paths.read({ tank: tankId })));
  if (tank === undefined) return <Skeleton label={commonSays.loadingTheTank} />;
  if (tank === null) return <NoTank />;
  const { body, latest } = tank;
  const usual = usualSample(body);
  const isSpot = usual !== 'tank';
  const size = body.volumeL === undefined ? SAMPLE_NAME[usual] : formats.volume(body.volumeL);
  const what = [body.crop, stageTitle(body.stage), size].filter(Boolean).join(' · ');
  const nextStage = byDay(tank.written.plan ?? []).find(({ day }) => day > (tank.stageDay ?? ''));
  const go = (href: Path) => router.navigate(href);
  return (
    <Screen
      label={body.name}
      actions={
        beside ? null : (
          <>
            {isSpot ? null : (
              <>
                <Button
                  wet
                  label={commonSays.dose}
                  keyHint={hint('D')}
                  onPress={() => go(paths.dose(tankId))}
                />
                <Button wet label={tankSays.topUp} onPress={() => go(paths.topUp(tankId))} />
              </>
            )}
            <Button
              kind="main"
              wet
              grow
              label={commonSays.read}
              keyHint={hint('R')}
              onPress={() =>
                go(paths.read({ tank: tankId, ...(chosen ? { sample: chosen } : {}) }))
              }
            />
          </>
        )
      }
    >
      <View>
        <Say size="huge" face="slab" heading={1}>
          {body.name}
        </Say>
        <View style={styles.about}>
          <Say size="small" tone="soft">
            {what}
          </Say>
          {nextStage ? (
            <Button
              kind="text"
              label={tankSays.goesOnTo(
                cropTitle(nextStage),
                shortDay(Date.parse(`${nextStage.day}T12:00:00`)),
              )}
              onPress={() => go(paths.plan(tankId))}
            />
          ) : null}
          {beside ? null : (
            <Button
              kind="text"
              label={isSpot ? tankSays.changeThePlace : tankSays.changeTheTank}
              onPress={() => go(paths.editTank(tankId))}
            />
          )}
        </View>
      </View>
      {latest ? (
        <View style={styles.now}>
          {latest.ph ? (
            <View style={styles.side}>
              <Panel>
                <JudgedPanel
                  quantity="ph"
                  judged={latest.ph.judged}
                  waiting={waitingOf(tank, nowMs)}
                  aside={shownLine(latest, 'ph', { formats, nowMs })}
                  outlook={outlookOf(latest.ph.judged, tank.leaving.ph, nowMs)}
                />
              </Panel>
            </View>
          ) : null}
          {latest.ec?.judged ? (
            <View style={styles.side}>
              <Panel>
                <JudgedPanel
                  quantity="ec"
                  judged={latest.ec.judged}
                  aside={shownLine(latest, 'ec', { formats, nowMs })}
                  outlook={outlookOf(latest.ec.judged, tank.leaving.ec, nowMs)}
                />
              </Panel>
            </View>
          ) : null}
        </View>
      ) : (
        <Say>{tankSays.noReadingYet}</Say>
      )}
      {later ? (
        <>
          <TankHistory
            tank={tank}
            history={history}
            sample={sample}
            onSample={setSample}
            nowMs={nowMs}
          />
          {last && sample === 'tank' ? <WaterUsePanel tankId={tankId} nowMs={nowMs} /> : null}
          {last ? (
            <HistoryTable key={sample} tankId={tankId} sample={sample} additions={additions} />
          ) : null}
        </>
      ) : null}
    </Screen>
  );
}

function NoTank() {
  return (
    <NotThere
      title={tankSays.notInBook}
      hint={commonSays.maybeInOtherBook}
      label={commonSays.allTanks}
      href={paths.tanks}
    />
  );
}

const styles = StyleSheet.create({
  about: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    justifyContent: 'space-between',
  },
  now: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s3 },
  side: { flexGrow: 1, flexShrink: 1, flexBasis: 320, minWidth: 0 },
});
