import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { describeTank } from '@/acts';
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
import { alphaPairs, ownPairs } from './alphaModel';
import { commonSays } from '@/words/common';
import { alphaRefusalWords, alphaSays } from '@/words/tanks/alpha';
import type { TankId } from '@/records';

const ROWS = [0, 1, 2, 3, 4];

/** The feed's own temperature coefficient, from the same feed read cold and warm. */
export function AlphaScreen() {
  const { tankId } = useLocalSearchParams<{ tankId: TankId }>();
  const nowMs = useNowMs();
  const back = useBack();
  const goOn = useGoOn();
  const formats = useFormats();
  const { act } = useAct();
  const { data: tank } = useAnswer(questions.tank(tankId, nowMs));
  const { data: pens = [] } = useAnswer(questions.pens(nowMs));
  const { data: page } = useAnswer(questions.readingsPage(tankId, 'tank', 20));
  const [rows, setRows] = useState(ROWS.map(() => ({ temp: '', ec: '' })));
  if (!tank) return <Skeleton label={commonSays.loadingTheTank} />;
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
    const alphaPerC = Number(fit.value.alphaPerC.toFixed(5));
    if (await act(describeTank(tank, { alphaPerC }))) goOn.back();
  };
  return (
    <Screen
      actions={
        <>
          <Button wet label={commonSays.back} onPress={back} />
          {fit.ok ? (
            <Button
              kind="main"
              wet
              grow
              label={alphaSays.takePercent(percent(fit.value.alphaPerC))}
              onPress={save}
            />
          ) : null}
        </>
      }
    >
      <Say size="large" face="slab" heading={1}>
        {alphaSays.title(tank.body.name)}
      </Say>
      <Say size="small">{alphaSays.nowPerCToMeasureIt(percent(tank.body.alphaPerC))}</Say>
      {own.length > 0 ? <Button label={alphaSays.takeOwn(own.length)} onPress={takeOwn} /> : null}
      <Panel>
        {rows.map((row, at) => (
          <View key={at} style={styles.row}>
            <TextField
              label={alphaSays.temperatureAt(at + 1)}
              unit={formats.settings.tempUnit}
              numeric
              typed={row.temp}
              onType={set(at, 'temp')}
            />
            <TextField
              label={alphaSays.ecAt(at + 1)}
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
              {alphaSays.fitted({
                percent: percent(fit.value.alphaPerC),
                margin:
                  fit.value.alphaStdUPerC === undefined
                    ? alphaSays.noErrorToSee
                    : alphaSays.percentMargin(percent(2 * fit.value.alphaStdUPerC)),
                ec: formats.ec(fit.value.ec25MsPerCm),
                unit: formats.ecUnit,
              })}
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
