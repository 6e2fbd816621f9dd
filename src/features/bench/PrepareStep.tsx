import { useState } from 'react';
import { useFormats } from '@/shell/formats';
import { SchoolNote } from '@/features/parts/SchoolNote';
import { useBack } from '@/shell/navigation/useBack';
import { Button } from '@/ui/button';
import { Screen } from '@/ui/layout';
import { Say } from '@/ui/text';
import { prepareSays } from '@/words/bench/prepare';
import { commonSays } from '@/words/common';
import { liquidName } from '@/words/shelf/lotWords';
import { isInDate } from './chooseLots';
import { InItsSoak } from './InItsSoak';
import { CupsTempQuestion, PourQuestion } from './PrepareCups';
import { PrepareHead } from './PrepareHead';
import { thirdOf } from './preparePlan';
import { CleanedQuestion, ScopeQuestion, ShelfLine, TapWaterQuestion } from './PrepareQuestions';
import { SachetGuide } from './SachetGuide';
import { usePreparing, type Prepared, type Preparing } from './usePreparing';

interface Props extends Preparing {
  /** The other side comes after, in the same sitting. */
  readonly then?: 'ph' | 'ec' | undefined;
}

/** Before the first dip: temperature, portions, lots, and whether it was cleaned already. */
export function PrepareStep({ then, ...preparing }: Props) {
  const { answer, bench, quantity } = preparing;
  const back = useBack();
  const [takenOut, setTakenOut] = useState(false);
  const prepared = usePreparing(preparing);
  const { body, sides } = answer.pen;
  const soakUntilMs = sides.find((side) => side.quantity === quantity)?.soakUntilMs;
  if (soakUntilMs && !takenOut)
    return (
      <InItsSoak code={body.code} untilMs={soakUntilMs} onTakenOut={() => setTakenOut(true)} />
    );
  return (
    <Screen
      actions={
        <>
          <Button wet label={commonSays.back} onPress={back} />
          <Button
            kind="main"
            wet
            grow
            label={prepareSays.startWithAsFound}
            onPress={prepared.begin}
          />
        </>
      }
    >
      <PrepareHead {...preparing} cups={prepared.nominals.length} then={then} />
      <CupsTempQuestion {...{ bench, prepared }} />
      <PourQuestion {...preparing} prepared={prepared} />
      <HowMuch {...preparing} prepared={prepared} />
      <CleanedQuestion
        known={answer.movedSince}
        cleaned={bench.draft.afterCleaning === true}
        onCleaned={(afterCleaning) => bench.change({ afterCleaning })}
      />
    </Screen>
  );
}

/** How much of a check is made, what the Shelf has for it, and what would not do. */
function HowMuch({ answer, quantity, prepared }: Preparing & { readonly prepared: Prepared }) {
  const formats = useFormats();
  const { kind, all, nominals, pouredOf, scope, setScope } = prepared;
  const { body: pen, id } = answer.pen;
  const adjustable = pen[quantity]?.adjustable === true;
  const rinse =
    formats.settings.rinseWater === 'pure' ? prepareSays.pureWater : prepareSays.cleanTapWater;
  return (
    <>
      {adjustable ? <ScopeQuestion cups={all.length} scope={scope} onScope={setScope} /> : null}
      <ShelfLine
        sittingsLeft={answer.sittingsLeft}
        missing={nominals
          .filter((nominal) => !isInDate(pouredOf(nominal).lot))
          .map((nominal) => liquidName({ kind, nominal }, formats))}
      />
      <Say size="small" tone="soft">
        {prepareSays.neverDipInBottle(rinse)}
      </Say>
      <SchoolNote about="drying" />
      {quantity === 'ph' && pen.ph?.family === 'sachet' ? (
        <SachetGuide nominals={nominals} third={thirdOf(pen)} lots={answer.lots} />
      ) : null}
      <TapWaterQuestion
        penId={id}
        onOneCup={adjustable && scope !== 'first' ? () => setScope('first') : undefined}
      />
    </>
  );
}
