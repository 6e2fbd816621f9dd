import { useState } from 'react';
import type { LotAnswer } from '@/book/answers';
import { useFormats } from '@/shell/formats';
import { lotOption, lotWords, liquidName } from '@/words/shelf/lotWords';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/form';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { sittingSays } from '@/words/bench/sitting';
import { ELSEWHERE, pastDate, USED_BEFORE, type Poured } from './chooseLots';

interface Props {
  readonly nominal: number;
  readonly kind: 'buffer' | 'ecStandard';
  readonly poured: Poured;
  /** All that it could be poured from. */
  readonly lots: readonly LotAnswer[];
  readonly onChoose: (choice: string) => void;
}

/** One liquid to pour, with the lot it comes from, whether that is still good, and any other lot. */
export function LotLine({ nominal, kind, poured, lots, onChoose }: Props) {
  const formats = useFormats();
  const [open, setOpen] = useState(false);
  const { lot, usedBefore } = poured;
  const past = lot !== undefined && pastDate(lot);
  const name = liquidName({ kind, nominal }, formats);
  const value = usedBefore ? USED_BEFORE : (lot?.id ?? ELSEWHERE);
  const choose = (choice: string) => {
    onChoose(choice);
    setOpen(false);
  };
  return (
    <Panel tone={past || usedBefore ? 'caution' : 'plain'}>
      <Say bold>{name}</Say>
      {lot ? (
        <Say size="small" tone={past ? 'off' : 'soft'}>
          {usedBefore ? sittingSays.usedBefore : ''}
          {lot.body.lotCode ? sittingSays.lotNumber(lot.body.lotCode) : ''}
          {lotWords(lot)}
          {past ? sittingSays.canGoOn : ''}
        </Say>
      ) : (
        <Say size="small" tone="soft">
          {sittingSays.notOnShelf}
        </Say>
      )}
      {lots.length > 0 ? (
        <Button
          kind="text"
          label={sittingSays.anotherLot}
          name={sittingSays.anotherLotFor(name)}
          onPress={() => setOpen(!open)}
        />
      ) : null}
      {open ? (
        <Choice
          label={sittingSays.pouredFrom(name)}
          value={value}
          onChoose={choose}
          options={[
            ...lots.map((one) => ({ value: one.id, ...lotOption(one) })),
            {
              value: USED_BEFORE,
              label: sittingSays.portionFromBefore,
              hint: sittingSays.portionHint,
            },
            { value: ELSEWHERE, label: sittingSays.elsewhere, hint: sittingSays.elsewhereHint },
          ]}
        />
      ) : null}
    </Panel>
  );
}
