import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { TankAnswer } from '@/book/answers';
import { useAnswer, questions } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { Button } from '@/ui/button';
import { Measured, Strip, TimeAxis } from '@/ui/chart';
import { Choice } from '@/ui/form';
import { Say } from '@/ui/text';
import { color, space } from '@/ui/tokens';
import { counted, axisWriter } from '@/words';
import { commonSays } from '@/words/common';
import { acrossTanksSays } from '@/words/tanks/acrossTanks';
import { spanDomain, type Span } from './historyModel';
import { historyBands, historyStrips } from './historyStrips';
import { pensUsed } from './pensUsed';

interface Props {
  readonly tanks: readonly TankAnswer[];
  readonly nowMs: number;
}

type Quantity = 'ph' | 'ec';
const LEFT = 44;

/** Small strips of all tanks on one time axis, with the pens that read them; to compare, to print. */
export function AcrossTanks({ tanks, nowMs }: Props) {
  const [quantity, setQuantity] = useState<Quantity>('ph');
  const [span, setSpan] = useState<Span>('fourWeeks');
  return (
    <View style={styles.across}>
      <View style={styles.head}>
        <Choice
          label={commonSays.what}
          quietLabel
          value={quantity}
          onChoose={setQuantity}
          options={[
            { value: 'ph', label: 'pH' },
            { value: 'ec', label: 'EC' },
          ]}
        />
        <Choice
          label={commonSays.spanOfTime}
          quietLabel
          value={span}
          onChoose={setSpan}
          options={[
            { value: 'week', label: acrossTanksSays.week },
            { value: 'fourWeeks', label: acrossTanksSays.fourWeeks },
            { value: 'season', label: acrossTanksSays.season },
          ]}
        />
        <Button kind="text" label={acrossTanksSays.print} onPress={() => window.print()} />
      </View>
      {tanks.map((tank) => (
        <OneTank key={tank.id} tank={tank} quantity={quantity} span={span} nowMs={nowMs} />
      ))}
    </View>
  );
}

interface OneProps {
  readonly tank: TankAnswer;
  readonly quantity: Quantity;
  readonly span: Span;
  readonly nowMs: number;
}

function OneTank({ tank, quantity, span, nowMs }: OneProps) {
  const formats = useFormats();
  const { data: history } = useAnswer(questions.tankHistory(tank.id, 'tank'));
  if (!history) return <View style={styles.empty} />;
  const domain = spanDomain(history.columns, span, nowMs);
  const bands = historyBands(tank, history, 'tank');
  const strips = historyStrips({ history, bands, sample: 'tank', domain, formats });
  const strip = strips.find(({ series }) => series === quantity);
  if (!strip) return null;
  const pens = pensUsed(history.columns, domain[0])
    .filter((pen) => pen[quantity] > 0)
    .map((pen) => `${pen.code} ${pen[quantity]}×`);
  const { name } = tank.body;
  return (
    <View style={styles.one}>
      <View style={styles.name}>
        <Say bold>{name}</Say>
        <Say size="small" tone="soft">
          {strip.name}
        </Say>
        <Say size="small" tone="soft">
          {pens.length > 0
            ? acrossTanksSays.readBy(pens.join(', '))
            : acrossTanksSays.notReadInThisSpan}
        </Say>
      </View>
      <View style={styles.strip}>
        <Measured>
          {(width) => (
            <>
              <Strip
                size={{ width, height: 84, left: LEFT }}
                look={
                  quantity === 'ph'
                    ? { color: color.seriesPh }
                    : { color: color.seriesEc, dash: '6 3' }
                }
                write={(value) => formats.number(value, strip.decimals)}
                sentence={acrossTanksSays.stripSaid({
                  quantity: strip.name,
                  name,
                  readings: counted(strip.count, 'reading'),
                })}
                flags={strip.flags}
                spec={strip.spec}
              />
              <TimeAxis domain={domain} size={{ width, left: LEFT }} write={axisWriter(domain)} />
            </>
          )}
        </Measured>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  across: { gap: space.s2 },
  head: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: space.s4 },
  one: { flexDirection: 'row', gap: space.s3, borderTopWidth: 1, borderTopColor: color.edge },
  name: { width: 170, paddingTop: space.s2 },
  strip: { flex: 1, minWidth: 0 },
  empty: { height: 110 },
});
