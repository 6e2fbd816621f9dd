import { useState } from 'react';
import {
  LEDGER_KINDS,
  LEDGER_VERDICTS,
  type BookNames,
  type LedgerQuery,
  type NamedRecord,
} from '@/book/answers';
import { DayField } from '@/features/parts/DayField';
import { dayMs, dayText } from '@/features/parts/days';
import { FieldRow, SelectField } from '@/ui/form';
import { Panel } from '@/ui/layout';
import { findSays, VERDICT_FOUND } from '@/words/book/find';
import { kindsName } from '@/words/kindWords';
import type { BookParams } from './bookQuery';

/** The query as it stands, and what to do when it changes. */
export interface BookFiltersProps {
  readonly query: LedgerQuery;
  readonly names: BookNames;
  readonly onChange: (patch: BookParams) => void;
}

/** What of the Book is shown: by what it is about, who wrote it, what it came to, and when. */
export function BookFilters({ query, names, onChange }: BookFiltersProps) {
  const choose = (name: keyof BookParams) => (value: string) =>
    onChange({ [name]: value === '' ? undefined : value });
  const all = (label: string) => [{ value: '', label }];
  const named = (list: readonly NamedRecord[]) =>
    list.map(({ id, name }) => ({ value: id, label: name }));
  return (
    <Panel>
      <FieldRow>
        <SelectField
          label={findSays.kind}
          value={query.kind ?? ''}
          options={[
            ...all(findSays.everyKind),
            ...LEDGER_KINDS.map((kind) => ({ value: kind, label: kindsName(kind) })),
          ]}
          onChoose={choose('kind')}
        />
        <SelectField
          label={findSays.place}
          value={query.tankId ?? ''}
          options={[...all(findSays.everyPlace), ...named(names.tanks)]}
          onChoose={choose('tank')}
        />
        <SelectField
          label={findSays.pen}
          value={query.penId ?? ''}
          options={[...all(findSays.everyPen), ...named(names.pens)]}
          onChoose={choose('pen')}
        />
        <SelectField
          label={findSays.lotLabel}
          value={query.lotId ?? ''}
          options={[...all(findSays.everyLot), ...named(names.lots)]}
          onChoose={choose('lot')}
        />
        <SelectField
          label={findSays.person}
          value={query.by ?? ''}
          options={[
            ...all(findSays.everybody),
            ...names.people.map((initials) => ({ value: initials, label: initials })),
          ]}
          onChoose={choose('by')}
        />
        <SelectField
          label={findSays.verdict}
          value={query.verdict ?? ''}
          options={[
            ...all(findSays.anyVerdict),
            ...LEDGER_VERDICTS.map((verdict) => ({
              value: verdict,
              label: VERDICT_FOUND[verdict],
            })),
          ]}
          onChoose={choose('verdict')}
        />
      </FieldRow>
      <FieldRow>
        <Day
          label={findSays.fromLabel}
          monthMeans="first"
          ms={query.fromMs}
          onDay={choose('from')}
        />
        <Day label={findSays.toLabel} monthMeans="last" ms={query.toMs} onDay={choose('to')} />
      </FieldRow>
    </Panel>
  );
}

interface DayProps {
  readonly monthMeans: 'first' | 'last';
  readonly label: string;
  readonly ms: number | undefined;
  readonly onDay: (typed: string) => void;
}

/** A day of a query as its field has it. */
const dayField = (ms: number | undefined): string =>
  ms === undefined ? '' : dayText(new Date(ms).toISOString());

/** A day: what is typed stays as it is typed, and counts once it is a day. */
function Day({ label, ms, monthMeans, onDay }: DayProps) {
  const [typed, setTyped] = useState(() => dayField(ms));
  const [about, setAbout] = useState(ms);
  if (ms !== about) {
    setAbout(ms);
    if (ms === undefined) setTyped('');
  }
  const isDay = typed.trim() === '' || !Number.isNaN(dayMs(typed, monthMeans));
  return (
    <DayField
      label={label}
      monthMeans={monthMeans}
      typed={typed}
      onType={(text) => {
        setTyped(text);
        const noon = dayMs(text, monthMeans);
        if (text.trim() === '') onDay('');
        else if (!Number.isNaN(noon)) onDay(dayText(new Date(noon).toISOString()));
      }}
      message={isDay ? undefined : { text: findSays.noDay }}
    />
  );
}
