import { useState } from 'react';
import { View } from 'react-native';
import type { BenchAnswer } from '@/book/answers';
import { temperatureFromCelsius } from '@/core/units';
import { useFormats } from '@/shell/formats';
import { SchoolNote } from '@/features/parts/SchoolNote';
import { useBack } from '@/shell/navigation/useBack';
import { Button } from '@/ui/button';
import { Panel, Screen } from '@/ui/layout';
import { NumberField } from '@/ui/number-field';
import { Say } from '@/ui/text';
import type { FieldMessage, Formats } from '@/words';
import { penHints } from '@/words/bench/pressWords';
import { prepareSays } from '@/words/bench/prepare';
import { commonSays } from '@/words/common';
import { liquidName } from '@/words/shelf/lotWords';
import { isInDate, lotsFor } from './chooseLots';
import { InItsSoak } from './InItsSoak';
import { LotLine } from './LotLine';
import { ModeQuestion } from './ModeQuestion';
import { cupsOf, isOneBottle, planOf, thirdOf, type Chosen, type Scope } from './preparePlan';
import { CleanedQuestion, ScopeQuestion, ShelfLine, TapWaterQuestion } from './PrepareQuestions';
import { SachetGuide } from './SachetGuide';
import { ThirdCup } from './ThirdCup';
import type { Bench } from './useBench';

interface Props {
  readonly answer: BenchAnswer;
  readonly bench: Bench;
  readonly quantity: 'ph' | 'ec';
  /** The other side comes after, in the same sitting. */
  readonly then?: 'ph' | 'ec' | undefined;
}

/** The temperature of cups that still stand, as it is typed. */
const standing = (tempC: number | undefined, formats: Formats) =>
  tempC === undefined
    ? ''
    : formats.number(temperatureFromCelsius(tempC, formats.settings.tempUnit), 1);

/** Before the first dip: temperature, portions, lots, and whether it was cleaned already. */
export function PrepareStep({ answer, bench, quantity, then }: Props) {
  const back = useBack();
  const formats = useFormats();
  const [message, setMessage] = useState<FieldMessage>();
  const [scope, setScope] = useState<Scope>('full');
  const [takenOut, setTakenOut] = useState(false);
  const [touched, setTouched] = useState(false);
  const soak = answer.pen.sides.find((side) => side.quantity === quantity)?.soakUntilMs;
  const { body: pen } = answer.pen;
  const { lots: chosenLots = {} } = bench.draft;
  const chosen: Chosen = bench.draft;
  const { kind, nominals: all, pouredOf } = cupsOf(answer, quantity, chosen);
  const oneBottle = quantity === 'ph' && isOneBottle(pen, chosen);
  const nominals = scope === 'first' ? all.slice(0, 1) : all;
  const adjustable = pen[quantity]?.adjustable === true;
  const rinse =
    formats.settings.rinseWater === 'pure' ? prepareSays.pureWater : prepareSays.cleanTapWater;

  if (soak && !takenOut)
    return <InItsSoak code={pen.code} untilMs={soak} onTakenOut={() => setTakenOut(true)} />;
  // Cups that still stand have their temperature already.
  const typed = bench.draft.typed || (touched ? '' : standing(answer.cupsTempC, formats));
  const begin = () => {
    const {
      plan,
      also,
      message: wrong,
    } = planOf({
      answer,
      quantity,
      scope,
      chosen,
      formats,
      typed,
    });
    setMessage(wrong);
    if (!plan) return;
    bench.change({
      plan: JSON.parse(JSON.stringify(plan)),
      also: also && { plan: JSON.parse(JSON.stringify(also)), events: [], typed: '' },
      typed: '',
      startedAt: new Date().toISOString(),
    });
  };
  return (
    <Screen
      actions={
        <>
          <Button wet label={commonSays.back} onPress={back} />
          <Button kind="main" wet grow label={prepareSays.startWithAsFound} onPress={begin} />
        </>
      }
    >
      <View>
        <Say size="huge" face="slab" heading={1}>
          {prepareSays.check(pen.code)}
        </Say>
        <Say>{prepareSays.cupsAndMinutes(nominals.length)}</Say>
      </View>
      {then ? <Say>{then === 'ph' ? prepareSays.ecFirst : prepareSays.phFirst}</Say> : null}
      {pen.ph?.twoModes && pen.ec ? (
        <ModeQuestion penId={answer.pen.id} quantity={quantity} bench={bench} />
      ) : null}
      {penHints(pen, quantity, nominals.length).map((hint) => (
        <Say key={hint} size="small" tone="soft">
          {hint}
        </Say>
      ))}
      <Panel>
        <NumberField
          label={commonSays.cups}
          unit={formats.settings.tempUnit}
          typed={typed}
          onType={(text) => {
            setMessage(undefined);
            setTouched(true);
            bench.type(text);
          }}
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
          onChoose={(choice) =>
            bench.change({ lots: { ...chosenLots, [String(nominal)]: choice } })
          }
        />
      ))}
      {oneBottle ? <Say size="small">{prepareSays.oneCupForBoth}</Say> : null}
      {quantity === 'ph' && !oneBottle ? <ThirdCup answer={answer} bench={bench} /> : null}
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
        penId={answer.pen.id}
        onOneCup={adjustable && scope !== 'first' ? () => setScope('first') : undefined}
      />
      <CleanedQuestion
        known={answer.movedSince}
        cleaned={bench.draft.afterCleaning === true}
        onCleaned={(afterCleaning) => bench.change({ afterCleaning })}
      />
    </Screen>
  );
}
