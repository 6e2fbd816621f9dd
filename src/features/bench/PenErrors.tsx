import { useState } from 'react';
import type { Cup } from '@/core/procedure';
import { useFormats } from '@/shell/formats';
import type { Press } from '@/records/kinds';
import { Button } from '@/ui/button';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { dipSays } from '@/words/bench/dip';
import { cupName } from '@/words/bench/benchWords';

/** What the pen's own errors mean, from its profile; and what they nearly always mean. */
export function PenErrors({ press, cup }: { readonly press: Press; readonly cup: Cup }) {
  const formats = useFormats();
  const [open, setOpen] = useState(false);
  if (press.by === 'none' || press.by === 'screw' || press.by === 'dials') return null;
  return (
    <>
      <Button kind="text" label={dipSays.thePenShowsAnError} onPress={() => setOpen(!open)} />
      {open ? (
        <Panel tone="wash">
          {(press.errors ?? []).map(({ text, means }) => (
            <Say key={text}>
              <Say bold>{text}</Say>: {means}
            </Say>
          ))}
          <Say>{dipSays.whatErrorMeans(cupName(cup, formats))}</Say>
        </Panel>
      ) : null}
    </>
  );
}
