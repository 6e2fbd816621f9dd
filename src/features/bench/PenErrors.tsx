import { useState } from 'react';
import type { Cup } from '@/core/procedure';
import { useFormats } from '@/shell/formats';
import type { Press } from '@/records/kinds';
import { Button } from '@/ui/button';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { cupName } from './benchWords';

/** What the pen's own errors mean, from its profile; and what they nearly always mean. */
export function PenErrors({ press, cup }: { readonly press: Press; readonly cup: Cup }) {
  const formats = useFormats();
  const [open, setOpen] = useState(false);
  if (press.by === 'none' || press.by === 'screw' || press.by === 'dials') return null;
  return (
    <>
      <Button kind="text" label="The pen shows an error" onPress={() => setOpen(!open)} />
      {open ? (
        <Panel tone="wash">
          {(press.errors ?? []).map(({ text, means }) => (
            <Say key={text}>
              <Say bold>{text}</Say>: {means}
            </Say>
          ))}
          <Say>
            Nearly always one of three: pressed while it still moved (wait until the watch says
            still), the wrong cup (is this the {cupName(cup, formats)}?), or a dirty or dry probe
            that is too far off to be taken.
          </Say>
        </Panel>
      ) : null}
    </>
  );
}
