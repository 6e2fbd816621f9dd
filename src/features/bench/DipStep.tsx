import { useRouter } from 'expo-router';
import { cupTempC } from '@/core/procedure';
import { useFormats } from '@/shell/formats';
import { paths } from '@/shell/navigation/paths';
import { Button } from '@/ui/button';
import { Panel, Screen } from '@/ui/layout';
import { shownText } from '@/words/bench/benchWords';
import { dipSays } from '@/words/bench/dip';
import { ConnectPen } from './ConnectPen';
import { CupsStrip } from './CupsStrip';
import { CupTemp } from './CupTemp';
import { DipDoubt, DipFields } from './DipFields';
import { DipTask } from './DipTask';
import { PenErrors } from './PenErrors';
import { pressOf } from './power';
import { PowerLine, SittingTroubles } from './PowerLine';
import { useDip, type Dipping } from './useDip';

/** One dip: what to do in the hand, what it must show, the stillness watch, the value shown. */
export function DipStep(dipping: Dipping) {
  const { pen, bench, plan, step } = dipping;
  const router = useRouter();
  const formats = useFormats();
  const dip = useDip(dipping);
  const { phase } = step;
  const { cup, parsed, take } = dip;
  const press = pressOf(pen, plan.quantity);
  return (
    <Screen
      actions={
        <>
          <Button
            wet
            label={dipSays.leave}
            name={dipSays.leaveSittingKept}
            onPress={() => router.navigate(paths.pen(pen.id))}
          />
          <Button
            kind="main"
            wet
            grow
            label={
              parsed.ok
                ? dipSays.record(shownText(plan, parsed.value, formats))
                : dipSays.recordNothing
            }
            onPress={() => take(false)}
          />
        </>
      }
    >
      <CupsStrip plan={plan} events={bench.draft.events} now={{ phase, cupId: cup.id }} />
      <Panel>
        <DipTask {...dipping} dip={dip} />
        <PowerLine {...{ pen, bench, plan }} />
        <DipFields {...dipping} dip={dip} />
        <DipDoubt {...dipping} dip={dip} />
      </Panel>
      <ConnectPen pen={pen} cup={cup} tempC={cupTempC(plan, cup)} adjusts={phase === 'asLeft'} />
      {press ? <PenErrors {...{ press, bench, cup, phase }} /> : null}
      <CupTemp {...{ bench, plan, cup }} />
      <SittingTroubles {...{ pen, bench, plan }} />
    </Screen>
  );
}
