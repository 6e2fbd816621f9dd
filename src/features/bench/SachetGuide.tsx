import { useState } from 'react';
import { mixSachets } from '@/acts';
import { thisMoment } from '@/book/client';
import { useAct } from '@/book/react';
import type { LotAnswer } from '@/book/answers';
import { useFormats } from '@/shell/formats';
import { Button } from '@/ui/button';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { prepareSays } from '@/words/bench/prepare';
import { chooseLot, pastDate } from './chooseLots';

interface Props {
  readonly nominals: readonly number[];
  /** The third sachet of the box, which two points leave over. */
  readonly third: number | undefined;
  readonly lots: readonly LotAnswer[];
}

/** What a dissolved sachet makes, mL. */
const SACHET_ML = 250;

/** Powder sachets: how to mix them, and putting the mixture on the Shelf as a lot of its own. */
export function SachetGuide({ nominals, third, lots }: Props) {
  const formats = useFormats();
  const { act, busy } = useAct();
  const [open, setOpen] = useState(false);
  const [mixed, setMixed] = useState(false);
  const isMissing = (nominal: number) => {
    const lot = chooseLot(lots, 'buffer', nominal);
    return lot === undefined || pastDate(lot);
  };
  const needed = nominals.filter(isMissing);
  const spare =
    third !== undefined && !nominals.includes(third) && isMissing(third) ? third : undefined;
  const book = async (also: readonly number[]) => {
    const { nowMs } = thisMoment();
    const made = mixSachets([...needed, ...also], { nowMs, madeMl: SACHET_ML });
    if (await act(made)) setMixed(true);
  };
  const names = needed.map((nominal) => formats.number(nominal, 2)).join(' and ');
  return (
    <>
      <Button kind="text" label={prepareSays.howToMixSachets} onPress={() => setOpen(!open)} />
      {open ? (
        <Panel>
          <Say>{prepareSays.howToMix(SACHET_ML)}</Say>
          <Say size="small" bold>
            {prepareSays.sachetCaution}
          </Say>
          {mixed ? (
            <Say bold tone="fit">
              {prepareSays.sachetsOnShelf}
            </Say>
          ) : needed.length > 0 ? (
            <Button
              label={prepareSays.mixedPutOnShelf(names)}
              disabled={busy}
              onPress={() => book([])}
            />
          ) : null}
          {!mixed && spare !== undefined ? (
            <Button
              label={prepareSays.mixedThird(formats.number(spare, 2))}
              disabled={busy}
              onPress={() => book([spare])}
            />
          ) : null}
        </Panel>
      ) : null}
    </>
  );
}
