import type { ComponentProps } from 'react';
import type { ControlChart as ControlChartDrawn } from './ControlChart';
import { PenNotThere } from '@/features/parts/PenNotThere';
import { chunkPart } from '@/shell/chunk';
import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { readControl } from '@/acts';
import { useAnswer, useAct, useNowMs, useRows, questions } from '@/book/react';
import { checkPhEntry, checkTempEntry } from '@/core/plausibility';
import { celsiusFrom } from '@/core/units';
import { useFormats } from '@/shell/formats';
import { SimpleTable } from '@/features/parts/SimpleTable';
import { SaveBar } from '@/features/parts/SaveBar';
import { SelectField } from '@/ui/form';
import { Panel, Screen, Skeleton } from '@/ui/layout';
import { NumberField } from '@/ui/number-field';
import { Say } from '@/ui/text';
import {
  notANumber,
  parseDecimal,
  phMessage,
  shortDay,
  tempMessage,
  type FieldMessage,
} from '@/words';
import { commonSays } from '@/words/common';
import { controlSays, controlSentence } from '@/words/pens/control';
import { CONTROL_NOMINALS, controlPoints } from './controlModel';
import type { PenId } from '@/records';

const ControlChart = chunkPart<ComponentProps<typeof ControlChartDrawn>>('charts', 'ControlChart');

/** The check standard of a pen: an early warning and its chart; never a calibration point. */
export function ControlScreen() {
  const { penId } = useLocalSearchParams<{ penId: PenId }>();
  const nowMs = useNowMs();
  const formats = useFormats();
  const { act } = useAct();
  const { data: pen } = useAnswer(questions.pen(penId, nowMs));
  const { data: rows } = useRows('controlReading');
  const [nominal, setNominal] = useState('7');
  const [shown, setShown] = useState('');
  const [temp, setTemp] = useState('');
  const [messages, setMessages] = useState<{ shown?: FieldMessage; temp?: FieldMessage }>({});
  if (pen === null) return <PenNotThere />;
  if (!pen || !rows) return <Skeleton label={controlSays.loadingTheControl} />;
  const points = controlPoints(rows, penId);
  const errors = points.map(({ error }) => error);
  const number = (x: number) => formats.number(x, 2);
  const save = async () => {
    const [value, degrees] = [parseDecimal(shown), parseDecimal(temp)];
    const tempC = degrees.ok ? celsiusFrom(degrees.value, formats.settings.tempUnit) : undefined;
    const phIssue = value.ok ? checkPhEntry(value.value) : undefined;
    const tempIssue = tempC === undefined ? undefined : checkTempEntry(tempC);
    const next = {
      shown: value.ok
        ? phIssue && phMessage(phIssue, formats)
        : notANumber(value, controlSays.valueShown),
      temp: degrees.ok
        ? tempIssue && tempMessage(tempIssue, formats)
        : notANumber(degrees, 'temperature'),
    };
    setMessages(JSON.parse(JSON.stringify(next)) as typeof messages);
    if (next.shown || next.temp || !value.ok || tempC === undefined) return;
    const body = {
      penId,
      at: new Date().toISOString(),
      nominalPh: Number(nominal),
      shown: value.value,
      tempC,
      note: '',
    };
    if (await act(readControl(body))) setShown('');
  };
  return (
    <Screen actions={<SaveBar label={controlSays.writeItDown} onSave={save} />}>
      <Say size="large" face="slab" heading={1}>
        {controlSays.title(pen.body.code)}
      </Say>
      <Say>{controlSentence(errors, number)}</Say>
      <Panel>
        <SelectField
          label={controlSays.theControlsValue}
          value={nominal}
          options={CONTROL_NOMINALS.map((value) => ({
            value: String(value),
            label: formats.number(value, 2),
          }))}
          onChoose={setNominal}
        />
        <NumberField
          label={commonSays.shows}
          unit=""
          typed={shown}
          onType={setShown}
          message={messages.shown}
          size="large"
        />
        <NumberField
          label={commonSays.temp}
          unit={formats.settings.tempUnit}
          typed={temp}
          onType={setTemp}
          message={messages.temp}
          size="large"
        />
        <Say size="small" tone="soft">
          {controlSays.aBufferOfASecondLot}
        </Say>
      </Panel>
      {points.length > 0 ? (
        <View>
          <ControlChart penCode={pen.body.code} points={points} nowMs={nowMs} />
          <SimpleTable
            label={commonSays.checkStandard}
            heads={[commonSays.day, controlSays.shown, controlSays.shouldBe, controlSays.error]}
            rows={[...points].reverse().map(({ id, atMs, shown: value, truth, error }) => ({
              id,
              cells: [shortDay(atMs), number(value), number(truth), formats.number(error, 2)],
            }))}
            mono={[1, 2, 3]}
          />
        </View>
      ) : null}
    </Screen>
  );
}
