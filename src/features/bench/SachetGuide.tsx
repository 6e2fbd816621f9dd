import { useState } from 'react';
import { mixSachets } from '@/acts';
import { thisMoment } from '@/book/client';
import { useAct } from '@/book/react';
import type { LotAnswer } from '@/book/answers';
import { useFormats } from '@/shell/formats';
import { Button } from '@/ui/button';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { chooseLot, pastDate } from './chooseLots';

interface Props {
  readonly nominals: readonly number[];
  readonly lots: readonly LotAnswer[];
}

/** What a dissolved sachet makes, mL. */
const SACHET_ML = 250;

/** Powder sachets: how to mix them, and putting the mixture on the Shelf as a lot of its own. */
export function SachetGuide({ nominals, lots }: Props) {
  const formats = useFormats();
  const { act, busy } = useAct();
  const [open, setOpen] = useState(false);
  const [mixed, setMixed] = useState(false);
  const needed = nominals.filter((nominal) => {
    const lot = chooseLot(lots, 'buffer', nominal);
    return lot === undefined || pastDate(lot);
  });
  const book = async () => {
    const { nowMs } = thisMoment();
    const made = mixSachets(needed, { nowMs, madeMl: SACHET_ML });
    if (await act(made)) setMixed(true);
  };
  const names = needed.map((nominal) => formats.number(nominal, 2)).join(' and ');
  return (
    <>
      <Button kind="text" label="How to mix powder sachets" onPress={() => setOpen(!open)} />
      {open ? (
        <Panel>
          <Say>
            1. A clean plastic cup and exactly {SACHET_ML} mL of distilled water for each sachet (or
            the volume on the sachet itself). 2. Pour the powder in, tap the last grains out. 3.
            Stir until every grain has gone; rinse the spoon between sachets. 4. Write the value and
            today’s date on each cup. It is good for 30 days, and its own value is a little less
            sure than a bottle’s.
          </Say>
          <Say size="small" bold>
            No eating or drinking near them, wash hands, keep from children; never into a drinking
            bottle.
          </Say>
          {mixed ? (
            <Say bold tone="fit">
              On the Shelf. The next check takes its portions from them.
            </Say>
          ) : needed.length > 0 ? (
            <Button label={`Mixed now: put ${names} on the Shelf`} disabled={busy} onPress={book} />
          ) : null}
        </Panel>
      ) : null}
    </>
  );
}
