import type { LotAnswer } from '@/book/answers';
import { useFormats } from '@/shell/formats';
import { lotWords, liquidName } from '@/words/shelf/lotWords';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { sittingSays } from '@/words/bench/sitting';
import { pastDate } from './chooseLots';

interface Props {
  readonly nominal: number;
  readonly kind: 'buffer' | 'ecStandard';
  readonly lot: LotAnswer | undefined;
}

/** One liquid to pour, with the lot it comes from and whether that is still good. */
export function LotLine({ nominal, kind, lot }: Props) {
  const formats = useFormats();
  const past = lot !== undefined && pastDate(lot);
  const name = liquidName({ kind, nominal }, formats);
  return (
    <Panel tone={past ? 'caution' : 'plain'}>
      <Say bold>{name}</Say>
      {lot ? (
        <Say size="small" tone={past ? 'off' : 'soft'}>
          {lot.body.lotCode ? sittingSays.lotNumber(lot.body.lotCode) : ''}
          {lotWords(lot)}
          {past ? sittingSays.canGoOn : ''}
        </Say>
      ) : (
        <Say size="small" tone="soft">
          {sittingSays.notOnShelf}
        </Say>
      )}
    </Panel>
  );
}
