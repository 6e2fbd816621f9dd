import { useFormats } from '@/shell/formats';
import { Panel } from '@/ui/layout';
import { NumberField } from '@/ui/number-field';
import { Say } from '@/ui/text';
import { prepareSays } from '@/words/bench/prepare';
import { commonSays } from '@/words/common';
import { lotsFor } from './chooseLots';
import { LotLine } from './LotLine';
import { ThirdCup } from './ThirdCup';
import type { Prepared, Preparing } from './usePreparing';

interface Props {
  readonly prepared: Prepared;
}

/** How warm the cups are. */
export function CupsTempQuestion({ bench, prepared }: Pick<Preparing, 'bench'> & Props) {
  const { settings } = useFormats();
  const { typed, type, message, begin } = prepared;
  return (
    <Panel>
      <NumberField
        label={commonSays.cups}
        unit={settings.tempUnit}
        typed={typed}
        onType={type}
        message={message}
        onEnter={begin}
        autoFocus={bench.draft.typed === '' || 'goOn'}
        takesDigits
        size="large"
      />
      <Say size="small" tone="soft">
        {prepareSays.letTemperaturesMeet}
      </Say>
    </Panel>
  );
}

/** Which bottle each cup is poured from. */
export function PourQuestion({ answer, bench, quantity, prepared }: Preparing & Props) {
  const { kind, nominals, pouredOf, oneBottle } = prepared;
  const { lots = {} } = bench.draft;
  return (
    <>
      <Say bold>
        {prepareSays.pourIntoCups(
          quantity === 'ph' ? prepareSays.freshPortions : prepareSays.aFreshPortion,
        )}
      </Say>
      {nominals.map((nominal) => (
        <LotLine
          key={nominal}
          {...{ nominal, kind }}
          poured={pouredOf(nominal)}
          lots={lotsFor(answer.lots, kind, nominal)}
          onChoose={(choice) => bench.change({ lots: { ...lots, [String(nominal)]: choice } })}
        />
      ))}
      {oneBottle ? <Say size="small">{prepareSays.oneCupForBoth}</Say> : null}
      {quantity === 'ph' && !oneBottle ? <ThirdCup answer={answer} bench={bench} /> : null}
    </>
  );
}
