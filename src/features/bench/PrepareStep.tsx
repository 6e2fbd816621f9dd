import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { BenchAnswer } from '@/book/answers';
import { checkTempEntry } from '@/core/plausibility';
import { asFoundOnly, makeEcPlan, makePhPlan } from '@/core/procedure';
import { celsiusFrom } from '@/core/units';
import { useFormats } from '@/shell/formats';
import { SchoolNote } from '@/features/parts/SchoolNote';
import { useBack } from '@/shell/navigation/useBack';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/form';
import { Panel, Screen } from '@/ui/layout';
import { NumberField } from '@/ui/number-field';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { DISPUTES, notANumber, parseDecimal, tempMessage, type FieldMessage } from '@/words';
import { commonSays } from '@/words/common';
import { prepareSays } from '@/words/bench/prepare';
import { chooseLot, cupLot, hasValue } from './chooseLots';
import { offTableMessage, penHints } from '@/words/bench/benchWords';
import { LotLine } from './LotLine';
import { SachetGuide } from './SachetGuide';
import type { Bench } from './useBench';

interface Props {
  readonly answer: BenchAnswer;
  readonly bench: Bench;
  readonly quantity: 'ph' | 'ec';
  /** The other side comes after, in the same sitting. */
  readonly then?: 'ph' | undefined;
}

/** Before the first dip: temperature, portions, lots, and whether it was cleaned already. */
export function PrepareStep({ answer, bench, quantity, then }: Props) {
  const back = useBack();
  const formats = useFormats();
  const rinse =
    formats.settings.rinseWater === 'pure' ? prepareSays.pureWater : prepareSays.cleanTapWater;
  const [message, setMessage] = useState<FieldMessage>();
  const [scope, setScope] = useState<'full' | 'all' | 'first'>('full');
  const [water, setWater] = useState(false);
  const { pen, lots } = answer;
  const { ph, ec, tolerancePolicy: policy } = pen.body;
  const kind = quantity === 'ph' ? 'buffer' : 'ecStandard';
  const lotOf = (nominal: number) => chooseLot(lots, kind, nominal);
  const all = quantity === 'ph' ? (ph?.cupsPh ?? []) : ec ? [ec.standardMsPerCm] : [];
  const nominals = scope === 'first' ? all.slice(0, 1) : all;
  const adjustable = (quantity === 'ph' ? ph : ec)?.adjustable === true;
  const sachets = quantity === 'ph' && ph?.family === 'sachet';

  const begin = () => {
    const parsed = parseDecimal(bench.draft.typed);
    if (!parsed.ok) return setMessage(notANumber(parsed, prepareSays.temperatureOfCups));
    const tempC = celsiusFrom(parsed.value, formats.settings.tempUnit);
    const issue = checkTempEntry(tempC);
    if (issue) return setMessage(tempMessage(issue, formats));
    const sitting = { tempC, policy, lotFor: (nominal: number) => cupLot(lotOf(nominal)) };
    const unknown =
      quantity === 'ph' ? all.find((nominal) => !hasValue(nominal, lotOf)) : undefined;
    if (unknown !== undefined)
      return setMessage({
        text: prepareSays.unknownBuffer(formats.number(unknown, 2)),
      });
    const full = quantity === 'ph' ? ph && makePhPlan(ph, sitting) : ec && makeEcPlan(ec, sitting);
    const plan = full && (scope === 'full' ? full : asFoundOnly(full, scope));
    const offTable = plan && offTableMessage(plan, formats);
    if (offTable) return setMessage(offTable);
    if (plan)
      bench.change({
        plan: JSON.parse(JSON.stringify(plan)),
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
          {prepareSays.check(pen.body.code)}
        </Say>
        <Say>{prepareSays.cupsAndMinutes(nominals.length)}</Say>
      </View>
      {then ? <Say>{prepareSays.ecFirst}</Say> : null}
      {penHints(pen.body, quantity).map((hint) => (
        <Say key={hint} size="small" tone="soft">
          {hint}
        </Say>
      ))}
      <Panel>
        <NumberField
          label={commonSays.cups}
          unit={formats.settings.tempUnit}
          typed={bench.draft.typed}
          onType={(typed) => {
            setMessage(undefined);
            bench.type(typed);
          }}
          message={message}
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
        <LotLine key={nominal} nominal={nominal} kind={kind} lot={lotOf(nominal)} />
      ))}
      {adjustable ? (
        <Choice
          label={prepareSays.howMuch}
          value={scope}
          onChoose={setScope}
          options={[
            { value: 'full', label: prepareSays.checkAdjustIfOut, hint: prepareSays.theUsual },
            ...(all.length > 1
              ? [
                  {
                    value: 'all' as const,
                    label: prepareSays.onlyLookAllCups,
                    hint: prepareSays.adjustsNothing,
                  },
                ]
              : []),
            {
              value: 'first',
              label: all.length > 1 ? prepareSays.onlyLookOneCup : prepareSays.onlyLook,
              hint: all.length > 1 ? prepareSays.offsetOnly : prepareSays.adjustsNothing,
            },
          ]}
        />
      ) : null}
      {answer.sittingsLeft === undefined ? null : (
        <Say size="small" tone={answer.sittingsLeft < 2 ? 'attention' : 'soft'}>
          {answer.sittingsLeft === 0
            ? prepareSays.shelfHoldsNoSet
            : prepareSays.shelfHoldsEnoughFor(answer.sittingsLeft)}
        </Say>
      )}
      <Say size="small" tone="soft">
        {prepareSays.neverDipInBottle(rinse)}
      </Say>
      <SchoolNote about="drying" />
      {sachets ? <SachetGuide nominals={nominals} lots={lots} /> : null}
      <Button
        kind="text"
        label={prepareSays.wouldTapWaterDoInstead}
        onPress={() => setWater(!water)}
      />
      {water ? (
        <Panel tone="wash">
          <Say>{prepareSays.whyNotTapWater}</Say>
          <Say size="small" tone="soft">
            {DISPUTES.knownWater.others}
          </Say>
          {adjustable && scope !== 'first' ? (
            <Button label={prepareSays.thenOnlyOneCup} onPress={() => setScope('first')} />
          ) : null}
        </Panel>
      ) : null}
      <Choice
        label={prepareSays.wasProbeCleaned}
        value={bench.draft.afterCleaning ? 'yes' : 'no'}
        onChoose={(value) => bench.change({ afterCleaning: value === 'yes' })}
        options={[
          { value: 'no', label: commonSays.no, hint: prepareSays.notCleanedHint },
          { value: 'yes', label: commonSays.yes, hint: prepareSays.cleanedHint },
        ]}
      />
    </Screen>
  );
}

/** A write that did not go through: said, and nothing is lost on screen. */
export function Failure({ text }: { readonly text: string }) {
  return (
    <View role="alert" style={styles.failure}>
      <Say bold tone="off">
        {text}
      </Say>
    </View>
  );
}

const styles = StyleSheet.create({ failure: { paddingVertical: space.s2 } });
