import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { saveTank } from '@/acts';
import { useAnswer, useAct, useNowMs, questions } from '@/book/react';
import { fitAlpha } from '@/core/conductivity';
import { useFormats } from '@/shell/formats';
import { useBack } from '@/shell/navigation/useBack';
import { useGoOn } from '@/shell/navigation/useGoOn';
import { Button } from '@/ui/button';
import { TextField } from '@/ui/form';
import { Panel, Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { alphaPairs, alphaRefusalWords, ownPairs } from './alphaModel';
import { counted } from '@/words';

const ROWS = [0, 1, 2, 3, 4];

/** The feed's own temperature coefficient, from the same feed read cold and warm. */
export function AlphaScreen() {
  const { tankId } = useLocalSearchParams<{ tankId: string }>();
  const nowMs = useNowMs();
  const back = useBack();
  const goOn = useGoOn();
  const formats = useFormats();
  const { act } = useAct();
  const { data: tank } = useAnswer(questions.tank(tankId, nowMs));
  const { data: pens = [] } = useAnswer(questions.pens(nowMs));
  const { data: page } = useAnswer(questions.readingsPage(tankId, 'tank', 20));
  const [rows, setRows] = useState(ROWS.map(() => ({ temp: '', ec: '' })));
  if (!tank) return <Skeleton label="Loading the tank" />;
  const fit = fitAlpha(alphaPairs(rows, formats));
  const set = (at: number, field: 'temp' | 'ec') => (typed: string) =>
    setRows(rows.map((row, index) => (index === at ? { ...row, [field]: typed } : row)));
  const own = ownPairs(page?.rows ?? [], pens);
  const takeOwn = () =>
    setRows(
      ROWS.map((at) => {
        const pair = own[at];
        if (!pair) return { temp: '', ec: '' };
        const temp = formats.temp(pair.tempC).split(' ')[0] ?? '';
        return { temp, ec: formats.ecFine(pair.ecMsPerCm) };
      }),
    );
  const percent = (value: number) => formats.number(100 * value, 2);
  const save = async () => {
    if (!fit.ok) return;
    const body = { ...tank.body, alphaPerC: Number(fit.value.alphaPerC.toFixed(5)) };
    if (await act(saveTank(tank, body))) goOn.back();
  };
  return (
    <Screen
      actions={
        <>
          <Button wet label="Back" onPress={back} />
          {fit.ok ? (
            <Button
              kind="main"
              wet
              grow
              label={`Take ${percent(fit.value.alphaPerC)} % per °C`}
              onPress={save}
            />
          ) : null}
        </>
      }
    >
      <Say size="large" face="slab" heading={1}>
        Coefficient · {tank.body.name}
      </Say>
      <Say size="small">
        Now {percent(tank.body.alphaPerC)} % per °C. To measure it: one cup of the feed, cold from
        the fridge and left to warm; write temperature and EC a few times. The pen must not
        compensate: choose its uncompensated mode, or a pen without.
      </Say>
      {own.length > 0 ? (
        <Button
          label={`Take this tank’s own ${counted(own.length, 'reading')}`}
          onPress={takeOwn}
        />
      ) : null}
      <Panel>
        {rows.map((row, at) => (
          <View key={at} style={styles.row}>
            <TextField
              label={`Temperature ${at + 1}`}
              unit={formats.settings.tempUnit}
              numeric
              typed={row.temp}
              onType={set(at, 'temp')}
            />
            <TextField
              label={`EC ${at + 1}`}
              unit={formats.ecUnit}
              numeric
              typed={row.ec}
              onType={set(at, 'ec')}
            />
          </View>
        ))}
      </Panel>
      <Panel tone="wash">
        <View role="status" aria-live="polite">
          {fit.ok ? (
            <Say bold>
              α = {percent(fit.value.alphaPerC)}
              {fit.value.alphaStdUPerC === undefined
                ? ' % per °C; two pairs leave no error to see'
                : ` ± ${percent(2 * fit.value.alphaStdUPerC)} % per °C`}
              . EC at 25 °C: {formats.ec(fit.value.ec25MsPerCm)} {formats.ecUnit}.
            </Say>
          ) : (
            <Say>{alphaRefusalWords(fit.refusal, formats)}</Say>
          )}
        </View>
      </Panel>
    </Screen>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', gap: space.s3 } });
