import { useState } from 'react';
import { View } from 'react-native';
import type { AdditionRow } from '@/book/answers';
import { useAnswer, questions } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { SimpleTable } from '@/features/parts/SimpleTable';
import type { Sample } from '@/records/kinds';
import { Button } from '@/ui/button';
import { Say } from '@/ui/text';
import { commonSays } from '@/words/common';
import { historySays } from '@/words/tanks/history';
import { historyLines } from '@/words/tanks/tankLines';
import type { TankId } from '@/records';

interface Props {
  readonly tankId: TankId;
  readonly sample: Sample;
  readonly additions: readonly AdditionRow[];
}

const FIRST = 14;
const MORE = 60;

/** A tank's readings and what was poured as a table, newest first, a page at a time. */
export function HistoryTable({ tankId, sample, additions }: Props) {
  const formats = useFormats();
  const [count, setCount] = useState(FIRST);
  const { data: page } = useAnswer(questions.readingsPage(tankId, sample, count));
  if (!page || page.total === 0) return null;
  const { rows, total } = page;
  const poured = sample === 'tank' ? additions : [];
  return (
    <View>
      <Say size="large" face="slab" heading={2}>
        {commonSays.readings}
      </Say>
      <SimpleTable
        label={commonSays.readings}
        heads={[
          commonSays.day,
          'pH',
          historySays.ecIn(formats.ecUnit),
          commonSays.temp,
          commonSays.by,
        ]}
        rows={historyLines(rows, poured, { formats, complete: rows.length >= total })}
        mono={[1, 2]}
        widths={[58, 90, 90, 52, 24]}
      />
      <Say size="small" tone="soft">
        {historySays.correctedValues(
          rows.length < total ? historySays.newestOf(rows.length, total) : historySays.allOf(total),
        )}
      </Say>
      {rows.length < total ? (
        <Button kind="text" label={historySays.older} onPress={() => setCount(count + MORE)} />
      ) : null}
    </View>
  );
}
