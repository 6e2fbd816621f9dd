import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { LEDGER_KINDS, type LedgerKind } from '@/book/answers';
import { questions, useAnswer } from '@/book/react';
import { filterLine, queryOf, type BookParams } from '@/features/book/bookQuery';
import type { DecimalMark } from '@/interchange/tables';
import { useFormats } from '@/shell/formats';
import { useBack } from '@/shell/navigation/useBack';
import { Button } from '@/ui/button';
import { Choice, SelectField } from '@/ui/form';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { commonSays } from '@/words/common';
import { kindsName } from '@/words/kindWords';
import { outSays } from '@/words/out/out';
import { canShareFiles, useTakeOut, type Taken } from './useTakeOut';

/** Figures of the book as a file for other programs: what the Book shows, or everything. */
export function OutScreen() {
  const query = queryOf(useLocalSearchParams<BookParams>());
  const back = useBack();
  const { settings } = useFormats();
  const { data: names } = useAnswer(questions.bookNames());
  const [as, setAs] = useState<Taken['as']>('csv');
  const [kind, setKind] = useState<LedgerKind>(query.kind ?? 'reading');
  const [mark, setMark] = useState<DecimalMark>(settings.decimalMark);
  const { make, making, done } = useTakeOut(query);
  const [canShare] = useState(canShareFiles);
  if (!names) return <Skeleton label={commonSays.loading} />;
  const taken: Taken = as === 'csv' ? { as, kind, mark } : { as };
  const filtered = as !== 'calendar' && Object.keys(query).length > 0;
  return (
    <Screen
      actions={
        <>
          <Button wet label={commonSays.back} onPress={back} />
          {canShare ? (
            <Button wet label={outSays.share} disabled={making} onPress={() => make(taken, true)} />
          ) : null}
          <Button
            kind="main"
            wet
            grow
            label={outSays.save}
            disabled={making}
            onPress={() => make(taken, false)}
          />
        </>
      }
    >
      <Say size="huge" face="slab" heading={1}>
        {outSays.title}
      </Say>
      <Say size="small">{outSays.whatFor}</Say>
      <Choice
        label={outSays.as}
        value={as}
        onChoose={setAs}
        options={[
          { value: 'csv', label: outSays.csv, hint: outSays.csvHint },
          { value: 'package', label: outSays.package, hint: outSays.packageHint },
          { value: 'calendar', label: outSays.calendar, hint: outSays.calendarHint },
        ]}
      />
      {as === 'csv' ? (
        <>
          <SelectField
            label={outSays.kind}
            value={kind}
            options={LEDGER_KINDS.map((each) => ({ value: each, label: kindsName(each) }))}
            onChoose={(value) => setKind(LEDGER_KINDS.find((each) => each === value) ?? 'reading')}
          />
          <Choice
            label={outSays.mark}
            value={mark}
            onChoose={setMark}
            options={[
              { value: '.', label: outSays.point },
              { value: ',', label: outSays.comma },
            ]}
          />
        </>
      ) : null}
      <Say size="small" bold>
        {as === 'calendar'
          ? outSays.updates
          : filtered
            ? outSays.only(filterLine(as === 'csv' ? { ...query, kind } : query, names))
            : outSays.everything}
      </Say>
      <View role="status" aria-live="polite">
        {making ? <Say size="small">{outSays.making}</Say> : null}
        {done ? (
          <Say bold tone="fit">
            {done}
          </Say>
        ) : null}
      </View>
    </Screen>
  );
}
