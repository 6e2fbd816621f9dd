import { useRouter } from 'expo-router';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { takeBackReading } from '@/acts';
import type { TankAnswer } from '@/book/answers';
import type { Sample } from '@/records/kinds';
import { useAct } from '@/book/react';
import type { JudgedValue } from '@/core/readings';
import { useFormats } from '@/shell/formats';
import { JudgedPanel } from '@/features/parts/JudgedPanel';
import { Button } from '@/ui/button';
import { InstallOffer } from '@/features/phones/InstallOffer';
import { useNextStop } from '@/features/round/useNextStop';
import { walkHref } from '@/features/round/roundViewModel';
import { Panel, Screen } from '@/ui/layout';
import { Say } from '@/ui/text';
import { clock, SAMPLE_NAME, waitingOf } from '@/words';
import type { ReadTyped } from './readModel';
import { paths } from '@/shell/navigation/paths';
import { commonSays } from '@/words/common';
import { savedSays } from '@/words/read/saved';

/** A reading that is in the book. */
export interface Saved {
  readonly id: string;
  /** What was typed, brought back by an undo. */
  readonly typed: ReadTyped;
  readonly sample: Sample;
  readonly ph?: JudgedValue | undefined;
  readonly ec?: JudgedValue | undefined;
  readonly savedMs: number;
  /** What the dose before it had promised, where this is its re-read. */
  readonly promisedPh?: number | undefined;
  /** When that dose is mixed. */
  readonly mixedMs?: number | undefined;
}

/** How long undo is offered. */
const UNDO_MS = 10_000;

interface Props {
  readonly saved: Saved;
  readonly tank: TankAnswer;
  readonly onUndone: () => void;
}

/** A dose is offered on a firm low or high; a probable one is read once more first. */
const offersDose = (ph: JudgedValue | undefined) => ph?.verdict === 'low' || ph?.verdict === 'high';

/** What was saved, what it means, and ten seconds to take it back. */
export function SavedReading({ saved, tank, onUndone }: Props) {
  const router = useRouter();
  const { act } = useAct();
  const formats = useFormats();
  const next = useNextStop();
  const ofTank = saved.sample === 'tank';
  const waiting = ofTank
    ? waitingOf({ ...tank, latest: { atMs: saved.savedMs } }, saved.savedMs)
    : undefined;
  const dose = ofTank && !waiting && offersDose(saved.ph);
  const [canUndo, setCanUndo] = useState(true);
  useEffect(() => {
    const timer = setTimeout(() => setCanUndo(false), UNDO_MS);
    return () => clearTimeout(timer);
  }, []);
  const undo = async () => {
    if (await act(takeBackReading(saved.id))) onUndone();
  };
  return (
    <Screen
      actions={
        <>
          {canUndo ? <Button wet label={commonSays.undo} onPress={undo} /> : null}
          {dose ? (
            <Button
              kind="main"
              wet
              grow
              label={commonSays.dose}
              onPress={() => router.replace(paths.dose(tank.id))}
            />
          ) : null}
          {next ? null : (
            <Button wet label={savedSays.theRound} onPress={() => router.navigate(paths.round)} />
          )}
          {next ? (
            <Button
              kind={dose ? 'quiet' : 'main'}
              wet
              grow
              label={next.label}
              onPress={() => router.replace(walkHref(next.stop))}
            />
          ) : null}
        </>
      }
    >
      <View role="status" aria-live="polite">
        <Say size="large" face="slab" heading={1}>
          {savedSays.title(
            tank.body.name,
            saved.sample === 'tank' ? '' : `, ${SAMPLE_NAME[saved.sample].toLowerCase()}`,
          )}
        </Say>
      </View>
      {saved.promisedPh !== undefined && saved.ph ? (
        <Say size="small">
          {(saved.mixedMs ?? 0) > saved.savedMs
            ? savedSays.whileMixing(clock(saved.mixedMs!))
            : savedSays.expectedAndIs(formats.ph(saved.promisedPh), formats.ph(saved.ph.value))}
        </Say>
      ) : null}
      {saved.ph ? (
        <Panel>
          <JudgedPanel quantity="ph" judged={saved.ph} waiting={waiting} size="hero" />
        </Panel>
      ) : null}
      {saved.ec ? (
        <Panel>
          <JudgedPanel quantity="ec" judged={saved.ec} size="hero" />
        </Panel>
      ) : null}
      <InstallOffer />
    </Screen>
  );
}
