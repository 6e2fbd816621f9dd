import { useState, type Ref } from 'react';
import { StyleSheet, View, type TextInput } from 'react-native';
import { TextField } from '@/ui/form';
import { Button } from '@/ui/button';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import type { FieldMessage } from '@/words';
import { partsSays } from '@/words/parts/parts';
import { Calendar } from './Calendar';
import { dayInWords, dayMs, dayText } from './days';

interface Props {
  readonly label: string;
  readonly typed: string;
  readonly onType: (typed: string) => void;
  readonly onBlur?: () => void;
  readonly hint?: string;
  readonly message?: FieldMessage | undefined;
  readonly inputRef?: Ref<TextInput>;
  /** Which day a month alone means: a time begins with its first. */
  readonly monthMeans?: 'first' | 'last';
}

/** A day, typed as people write it or picked from a calendar; shown back in words at once. */
export function DayField({ hint, monthMeans = 'last', ...field }: Props) {
  const { label, typed, onType } = field;
  const [open, setOpen] = useState(false);
  const ms = dayMs(typed, monthMeans);
  return (
    <View style={styles.field}>
      <TextField {...field} hint={hint ? `${hint} ${partsSays.dayHint}` : partsSays.dayHint} />
      <View style={styles.line}>
        <View role="status" aria-live="polite">
          <Say size="small" bold>
            {dayInWords(typed, monthMeans)}
          </Say>
        </View>
        <Button
          kind="text"
          label={open ? partsSays.closeCalendar : partsSays.calendar}
          name={open ? partsSays.closeCalendarOf(label) : partsSays.calendarOf(label)}
          onPress={() => setOpen(!open)}
        />
      </View>
      {open ? (
        <Calendar
          day={Number.isNaN(ms) ? undefined : new Date(ms)}
          onPick={(day) => {
            onType(dayText(day.toISOString()));
            setOpen(false);
          }}
        />
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  field: { flexGrow: 1, flexShrink: 1, minWidth: 0 },
  line: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    justifyContent: 'space-between',
    gap: space.s2,
  },
});
