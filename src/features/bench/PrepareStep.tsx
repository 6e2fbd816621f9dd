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
import {
  counted,
  DISPUTES,
  notANumber,
  parseDecimal,
  tempMessage,
  type FieldMessage,
} from '@/words';
import { chooseLot, cupLot, hasValue } from './chooseLots';
import { offTableMessage, penHints } from './benchWords';
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
  const rinse = formats.settings.rinseWater === 'pure' ? 'Pure water' : 'Clean tap water';
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
    if (!parsed.ok) return setMessage(notANumber(parsed, 'temperature of the cups'));
    const tempC = celsiusFrom(parsed.value, formats.settings.tempUnit);
    const issue = checkTempEntry(tempC);
    if (issue) return setMessage(tempMessage(issue, formats));
    const sitting = { tempC, policy, lotFor: (nominal: number) => cupLot(lotOf(nominal)) };
    const unknown =
      quantity === 'ph' ? all.find((nominal) => !hasValue(nominal, lotOf)) : undefined;
    if (unknown !== undefined)
      return setMessage({
        text: `No value is known for a ${formats.number(unknown, 2)} buffer: put it on the Shelf with the table of its label.`,
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
          <Button wet label="Back" onPress={back} />
          <Button kind="main" wet grow label="Start with as found" onPress={begin} />
        </>
      }
    >
      <View>
        <Say size="huge" face="slab" heading={1}>
          Check {pen.body.code}
        </Say>
        <Say>
          {counted(nominals.length, 'cup')}, about 2 minutes for each. First what it shows now,
          before anything is touched.
        </Say>
      </View>
      {then ? (
        <Say>
          EC first: the storage liquid is strong salt, and a drop of it spoils the standard. pH
          comes after.
        </Say>
      ) : null}
      {penHints(pen.body, quantity).map((hint) => (
        <Say key={hint} size="small" tone="soft">
          {hint}
        </Say>
      ))}
      <Panel>
        <NumberField
          label="Cups"
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
          Temperature of the cups. Let portions, probe and room come to the same: the right number
          depends on it.
        </Say>
      </Panel>
      <Say bold>
        Pour {quantity === 'ph' ? 'fresh portions' : 'a fresh portion'} into plastic cups:
      </Say>
      {nominals.map((nominal) => (
        <LotLine key={nominal} nominal={nominal} kind={kind} lot={lotOf(nominal)} />
      ))}
      {adjustable ? (
        <Choice
          label="How much?"
          value={scope}
          onChoose={setScope}
          options={[
            { value: 'full', label: 'check, adjust if out', hint: 'the usual' },
            ...(all.length > 1
              ? [{ value: 'all' as const, label: 'only look, all cups', hint: 'adjusts nothing' }]
              : []),
            {
              value: 'first',
              label: all.length > 1 ? 'only look, one cup' : 'only look',
              hint: all.length > 1 ? 'offset only; its slope stays unknown' : 'adjusts nothing',
            },
          ]}
        />
      ) : null}
      {answer.sittingsLeft === undefined ? null : (
        <Say size="small" tone={answer.sittingsLeft < 2 ? 'attention' : 'soft'}>
          {answer.sittingsLeft === 0
            ? 'The Shelf holds no full set in date for this.'
            : `The Shelf holds enough for ${answer.sittingsLeft} ${answer.sittingsLeft === 1 ? 'sitting' : 'sittings'} like this.`}
        </Say>
      )}
      <Say size="small" tone="soft">
        Never dip in the bottle, never pour back. {rinse} to rinse, fresh; take the cap off upright.
      </Say>
      <SchoolNote about="drying" />
      {sachets ? <SachetGuide nominals={nominals} lots={lots} /> : null}
      <Button kind="text" label="Would tap water do instead?" onPress={() => setWater(!water)} />
      {water ? (
        <Panel tone="wash">
          <Say>
            No. Tap water has no known value, and distilled water in air drifts to about 5.6; any
            value near 7 is luck. People test pens this way and conclude wrongly, both ways. One cup
            of buffer takes about two minutes and tells.
          </Say>
          <Say size="small" tone="soft">
            {DISPUTES.knownWater.others}
          </Say>
          {adjustable && scope !== 'first' ? (
            <Button label="Then only look, one cup" onPress={() => setScope('first')} />
          ) : null}
        </Panel>
      ) : null}
      <Choice
        label="Was the probe cleaned or soaked since its last reading?"
        value={bench.draft.afterCleaning ? 'yes' : 'no'}
        onChoose={(value) => bench.change({ afterCleaning: value === 'yes' })}
        options={[
          { value: 'no', label: 'no', hint: 'good: this check tells how wrong it was' },
          { value: 'yes', label: 'yes', hint: 'marked “after cleaning”' },
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
