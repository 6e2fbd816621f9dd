import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Row } from '@/book/answers';
import { useRows } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { useBack } from '@/shell/navigation/useBack';
import { Button } from '@/ui/button';
import { Choice, SelectField } from '@/ui/form';
import { Panel, Screen, Skeleton } from '@/ui/layout';
import { NumberField } from '@/ui/number-field';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { parseDecimal } from '@/words';
import { commonSays } from '@/words/common';
import { mixMissingSentence, mixSays } from '@/words/waters/mix';
import { mixOf } from './mixModel';
import { alkalinityText } from '@/words/waters/waterWords';

/** Two waters to a target EC or alkalinity: how much of each. */
export function MixScreen() {
  const { data: waters } = useRows('water');
  if (!waters) return <Skeleton label={commonSays.loadingTheWaters} />;
  return <Mix waters={waters} />;
}

function Mix({ waters }: { readonly waters: readonly Row<'water'>[] }) {
  const back = useBack();
  const formats = useFormats();
  const [firstId, setFirst] = useState(waters[0]?.id ?? '');
  const [secondId, setSecond] = useState(waters[1]?.id ?? '');
  const [by, setBy] = useState<'ecMsPerCm' | 'alkalinityMmolPerL'>('ecMsPerCm');
  const [target, setTarget] = useState('');
  const [volume, setVolume] = useState('');
  const find = (id: string) => waters.find((water) => water.id === id)?.body;
  const [typed, litres] = [parseDecimal(target), parseDecimal(volume)];
  const mix = mixOf({
    first: find(firstId),
    second: find(secondId),
    by,
    value: typed.ok
      ? by === 'ecMsPerCm'
        ? formats.ecFromTyped(typed.value)
        : typed.value
      : undefined,
    volumeL: litres.ok ? litres.value : undefined,
  });
  const options = waters.map(({ id, body }) => ({ value: id, label: body.name }));
  return (
    <Screen actions={<Button wet grow label={mixSays.backToTheWaters} onPress={back} />}>
      <Say size="huge" face="slab" heading={1}>
        {mixSays.mixTwoWaters}
      </Say>
      <View style={styles.pair}>
        <View style={styles.side}>
          <SelectField
            label={mixSays.first}
            value={firstId}
            options={options}
            onChoose={setFirst}
          />
        </View>
        <View style={styles.side}>
          <SelectField
            label={mixSays.second}
            value={secondId}
            options={options}
            onChoose={setSecond}
          />
        </View>
      </View>
      <Choice
        label={mixSays.toWhichTarget}
        value={by}
        onChoose={setBy}
        options={[
          { value: 'ecMsPerCm', label: 'EC', hint: mixSays.at25C(formats.ecUnit) },
          { value: 'alkalinityMmolPerL', label: mixSays.alkalinity, hint: 'mmol/L' },
        ]}
      />
      <Panel>
        <NumberField
          label={mixSays.target}
          unit={by === 'ecMsPerCm' ? formats.ecUnit : 'mmol/L'}
          typed={target}
          onType={setTarget}
          size="large"
        />
        <NumberField
          label={mixSays.inAll}
          unit="L"
          typed={volume}
          onType={setVolume}
          size="large"
        />
      </Panel>
      <Panel tone="wash">
        <View role="status" aria-live="polite">
          {mix.kind === 'told' ? (
            <>
              <Say size="large" bold face="mono">
                {mix.litres
                  ? `${formats.number(mix.litres.first, 1)} L + ${formats.number(mix.litres.second, 1)} L`
                  : `${formats.number(100 * mix.firstShare, 0)} % + ${formats.number(100 - 100 * mix.firstShare, 0)} %`}
              </Say>
              <Say size="small">
                {mixSays.mixture({
                  first: find(firstId)?.name ?? '',
                  second: find(secondId)?.name ?? '',
                  ec: `${formats.ec(mix.ecMsPerCm)} ${formats.ecUnit}`,
                  alkalinity: alkalinityText(mix.alkalinityMmolPerL, formats),
                })}
              </Say>
            </>
          ) : (
            <Say>{mixMissingSentence(mix)}</Say>
          )}
        </View>
      </Panel>
    </Screen>
  );
}

const styles = StyleSheet.create({
  pair: { flexDirection: 'row', gap: space.s3 },
  side: { flex: 1, minWidth: 0 },
});
