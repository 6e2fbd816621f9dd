import { useState } from 'react';
import { View } from 'react-native';
import { thisMoment } from '@/book/client';
import { errorsShown, type Cup, type DipPhase } from '@/core/procedure';
import { useFormats } from '@/shell/formats';
import type { Press } from '@/records/kinds';
import { Button } from '@/ui/button';
import { TextField } from '@/ui/form';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { dipSays } from '@/words/bench/dip';
import { cupName } from '@/words/bench/cupWords';
import type { Bench } from './useBench';

interface Props {
  readonly press: Press;
  readonly bench: Bench;
  readonly cup: Cup;
  readonly phase: DipPhase;
}

/** What the pen's own errors mean, from its profile; one that it showed is kept with the check. */
export function PenErrors({ press, bench, cup, phase }: Props) {
  const formats = useFormats();
  const [open, setOpen] = useState(false);
  const [other, setOther] = useState('');
  if (press.by === 'none' || press.by === 'screw' || press.by === 'dials') return null;
  const known = press.errors ?? [];
  const keep = (text: string) => {
    if (text.trim() === '') return;
    const { nowMs: atMs } = thisMoment();
    bench.noteEvent({ type: 'errorShown', phase, cupId: cup.id, text: text.trim(), atMs });
    setOther('');
  };
  const kept = errorsShown(bench.draft.events).filter(({ cupId }) => cupId === cup.id);
  return (
    <>
      <Button kind="text" label={dipSays.thePenShowsAnError} onPress={() => setOpen(!open)} />
      {open ? (
        <Panel tone="wash">
          {known.map(({ text, means }) => (
            <View key={text}>
              <Say>
                <Say bold>{text}</Say>: {means}
              </Say>
              <Button label={dipSays.itShowedError(text)} onPress={() => keep(text)} />
            </View>
          ))}
          <Say>{dipSays.whatErrorMeans(cupName(cup, formats))}</Say>
          <TextField label={dipSays.anotherError} typed={other} onType={setOther} />
          <Button label={dipSays.keepError} onPress={() => keep(other)} />
          <View role="status" aria-live="polite">
            {kept.length > 0 ? (
              <Say bold>{dipSays.errorsKept(kept.map(({ text }) => text).join(', '))}</Say>
            ) : null}
          </View>
        </Panel>
      ) : null}
    </>
  );
}
