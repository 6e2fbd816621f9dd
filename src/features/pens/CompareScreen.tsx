import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { PenNotThere } from '@/features/parts/PenNotThere';
import { comparePen } from '@/acts';
import type { PenAnswer, PenDetailAnswer } from '@/book/answers';
import { questions, useAct, useAnswer, useNowMs } from '@/book/react';
import { SaveBar } from '@/features/parts/SaveBar';
import { useFormats } from '@/shell/formats';
import { Choice } from '@/ui/form';
import { Panel, Screen, Skeleton } from '@/ui/layout';
import { NumberField } from '@/ui/number-field';
import { Say } from '@/ui/text';
import { commonSays } from '@/words/common';
import { comparedUnit, comparisonLine, compareSays } from '@/words/pens/compare';
import { comparisonOf, type Compared, type CompareMessages } from './comparisonForm';
import type { PenId } from '@/records';
import { QUANTITY_NAME } from '@/words';

/** A pen beside a checked one in the same liquid, or its thermometer beside another: no calibration. */
export function CompareScreen() {
  const { penId } = useLocalSearchParams<{ penId: PenId }>();
  const nowMs = useNowMs();
  const { data: pen } = useAnswer(questions.pen(penId, nowMs));
  const { data: pens } = useAnswer(questions.pens(nowMs));
  if (pen === null) return <PenNotThere />;
  if (!pen || !pens) return <Skeleton label={commonSays.loadingThePen} />;
  return <Compare key={penId} pen={pen} pens={pens} />;
}

/** The pens whose number can be trusted for a quantity, but for the one that is compared. */
const checkedPens = (pens: readonly PenAnswer[], own: string, what: Compared) =>
  pens.filter(
    ({ id, body, sides }) =>
      id !== own &&
      !body.gone &&
      sides.some(
        ({ quantity, word }) => quantity === what && (word === 'ready' || word === 'checkDue'),
      ),
  );

interface Props {
  readonly pen: PenDetailAnswer;
  readonly pens: readonly PenAnswer[];
}

function Compare({ pen, pens }: Props) {
  const formats = useFormats();
  const { act, busy } = useAct();
  const sides = pen.sides.map(({ quantity }) => quantity);
  const [what, setWhat] = useState<Compared>(sides[0] ?? 'temp');
  const [otherId, setOtherId] = useState<string>();
  const [ice, setIce] = useState<'ice' | 'other'>('ice');
  const [typed, setTyped] = useState({ own: '', other: '', temp: '' });
  const [messages, setMessages] = useState<CompareMessages>({});
  const others = checkedPens(pens, pen.id, what);
  const other = others.find(({ id }) => id === otherId) ?? others[0];
  const isTemp = what === 'temp';
  const field = (name: keyof typeof typed) => ({
    typed: typed[name],
    onType: (text: string) => {
      setMessages({ ...messages, [name]: undefined });
      setTyped({ ...typed, [name]: text });
    },
    message: messages[name],
    size: 'large' as const,
  });
  const save = async () => {
    const read = comparisonOf(typed, { pen, other, what, inIce: ice === 'ice', formats });
    setMessages(read.messages);
    if (read.body && (await act(comparePen(read.body))))
      setTyped({ own: '', other: '', temp: typed.temp });
  };
  const canSave = isTemp || other !== undefined;
  return (
    <Screen
      actions={canSave && !busy ? <SaveBar label={compareSays.writeItDown} onSave={save} /> : null}
    >
      <Say size="large" face="slab" heading={1}>
        {compareSays.title(pen.body.code)}
      </Say>
      <Say>{compareSays.whatItIs}</Say>
      <Panel>
        <Choice
          label={compareSays.whatIsCompared}
          value={what}
          onChoose={setWhat}
          options={[
            ...sides.map((value) => ({ value, label: QUANTITY_NAME[value] })),
            { value: 'temp' as const, label: compareSays.thermometer },
          ]}
        />
        {isTemp ? (
          <Choice
            label={compareSays.against}
            value={ice}
            onChoose={setIce}
            options={[
              { value: 'ice', label: compareSays.meltingIce, hint: compareSays.meltingIceHint },
              { value: 'other', label: compareSays.otherThermometer },
            ]}
          />
        ) : other ? (
          <Choice
            label={compareSays.withWhichPen}
            value={other.id}
            onChoose={setOtherId}
            options={others.map(({ id, body, word }) => ({
              value: id,
              label: `${body.code} · ${body.name}`,
              hint: word === 'ready' ? compareSays.checkedPenHint : compareSays.dueHint,
            }))}
          />
        ) : (
          <Say bold tone="attention">
            {compareSays.noCheckedPen}
          </Say>
        )}
        {canSave ? (
          <>
            <NumberField
              label={compareSays.shows(pen.body.code)}
              unit={comparedUnit(pen.body, what, formats)}
              {...field('own')}
            />
            {isTemp && ice === 'ice' ? null : (
              <NumberField
                label={
                  other && !isTemp ? compareSays.shows(other.body.code) : compareSays.theOtherShows
                }
                unit={comparedUnit((isTemp ? pen : (other ?? pen)).body, what, formats)}
                {...field('other')}
              />
            )}
            {isTemp ? null : (
              <NumberField
                label={commonSays.temp}
                unit={formats.settings.tempUnit}
                {...field('temp')}
              />
            )}
          </>
        ) : null}
      </Panel>
      {pen.comparisons.length > 0 ? (
        <View>
          <Say size="large" face="slab" heading={2}>
            {compareSays.earlier}
          </Say>
          {pen.comparisons.map((row) => (
            <Say key={row.id} size="small">
              {comparisonLine(row, formats)}
            </Say>
          ))}
        </View>
      ) : null}
    </Screen>
  );
}
