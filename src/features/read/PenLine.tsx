import type { PenId } from '@/records';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { PenAnswer } from '@/book/answers';
import { Choice } from '@/ui/form';
import { Press } from '@/ui/button';
import { Say } from '@/ui/text';
import { space, TOUCH } from '@/ui/tokens';
import { ago, PEN_TONE, PEN_WORD, QUANTITY_NAME } from '@/words';
import { penLineSays } from '@/words/read/penLine';
import { sideOf } from './readModel';

interface Props {
  readonly quantity: 'ph' | 'ec';
  readonly pen: PenAnswer;
  readonly pens: readonly PenAnswer[];
  readonly nowMs: number;
  readonly onChoose: (quantity: 'ph' | 'ec', id: PenId) => void;
}

/** Which pen it is and whether it can be believed, said before the reading counts. */
export function PenLine({ quantity, pen, pens, nowMs, onChoose }: Props) {
  const [open, setOpen] = useState(false);
  const side = sideOf(pen, quantity);
  const word = side?.word ?? pen.word;
  const checked =
    side?.lastCheckMs === undefined ? '' : penLineSays.checkedAt(ago(side.lastCheckMs, nowMs));
  const label = QUANTITY_NAME[quantity];
  return (
    <View>
      <View style={styles.line}>
        <Say size="small" style={styles.pen}>
          {penLineSays.withPen}{' '}
          <Say size="small" bold>
            {pen.body.code}
          </Say>{' '}
          <Say size="small" tone={PEN_TONE[word]} bold={word !== 'ready'}>
            {PEN_WORD[word].toLowerCase()}
          </Say>
          {checked}
        </Say>
        {pens.length > 1 ? (
          <Press
            name={penLineSays.anotherPenFor(label)}
            onPress={() => setOpen(!open)}
            style={styles.change}
          >
            <Say size="small" tone="action" style={styles.link}>
              {penLineSays.anotherPen}
            </Say>
          </Press>
        ) : null}
      </View>
      {open ? (
        <Choice
          label={penLineSays.penFor(label)}
          quietLabel
          value={pen.id}
          options={pens.map(({ id, body }) => ({ value: id, label: body.code, hint: body.name }))}
          onChoose={(id) => {
            onChoose(quantity, id);
            setOpen(false);
          }}
        />
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', alignItems: 'center', gap: space.s2, marginBottom: -space.s2 },
  pen: { flex: 1 },
  change: { minHeight: TOUCH, justifyContent: 'center' },
  link: { textDecorationLine: 'underline' },
});
