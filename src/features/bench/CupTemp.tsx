import { useState } from 'react';
import { View } from 'react-native';
import { checkTempEntry } from '@/core/plausibility';
import { cupTempC, withCupTemp, type BenchPlan, type Cup } from '@/core/procedure';
import { celsiusFrom } from '@/core/units';
import { useFormats } from '@/shell/formats';
import { Button } from '@/ui/button';
import { Panel } from '@/ui/layout';
import { NumberField } from '@/ui/number-field';
import { Say } from '@/ui/text';
import { notANumber, parseDecimal, tempMessage, type FieldMessage } from '@/words';
import { offTableMessage } from '@/words/bench/benchWords';
import { cupTempSays } from '@/words/bench/cupTemp';
import type { Bench } from './useBench';

interface Props {
  readonly bench: Bench;
  readonly plan: BenchPlan;
  readonly cup: Cup;
}

/** A cup that has another temperature than the rest: what it should show follows. */
export function CupTemp({ bench, plan, cup }: Props) {
  const formats = useFormats();
  const [open, setOpen] = useState(false);
  const [typed, setTyped] = useState('');
  const [message, setMessage] = useState<FieldMessage>();
  const take = () => {
    const parsed = parseDecimal(typed);
    if (!parsed.ok) return setMessage(notANumber(parsed, cupTempSays.temperature));
    const tempC = celsiusFrom(parsed.value, formats.settings.tempUnit);
    const issue = checkTempEntry(tempC);
    if (issue) return setMessage(tempMessage(issue, formats));
    const next = withCupTemp(plan, cup.id, tempC);
    const off = offTableMessage(next, formats);
    if (off) return setMessage(off);
    const { also } = bench.draft;
    const kept = <T,>(body: T) => JSON.parse(JSON.stringify(body));
    bench.change({
      plan: kept(next),
      ...(also
        ? { also: { ...also, plan: kept(withCupTemp(also.plan, also.plan.cups[0]!.id, tempC)) } }
        : {}),
    });
    setOpen(false);
    setTyped('');
  };
  return (
    <View>
      <Button
        kind="text"
        label={cupTempSays.cupsAt(formats.temp(cupTempC(plan, cup)))}
        onPress={() => setOpen(!open)}
      />
      {open ? (
        <Panel tone="wash">
          <NumberField
            label={cupTempSays.thisCup}
            unit={formats.settings.tempUnit}
            typed={typed}
            onType={(text) => {
              setMessage(undefined);
              setTyped(text);
            }}
            message={message}
            onEnter={take}
            autoFocus
            size="large"
          />
          <Say size="small" tone="soft">
            {cupTempSays.hint}
          </Say>
          <Button label={cupTempSays.useIt} onPress={take} />
        </Panel>
      ) : null}
    </View>
  );
}
