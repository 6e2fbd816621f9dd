import type { TableSeen } from '@/book/answers';
import { EC_SCALES } from '@/core/units';
import { Choice, FieldRow, SelectField, TextField } from '@/ui/form';
import { Say } from '@/ui/text';
import { SCALE_LABEL } from '@/words';
import { DAY_ORDER_WORD, DELIMITER_WORD, intakeSays, SUBJECT_WORD } from '@/words/intake/intake';
import { typedAs } from './typedAs';
import type { TypedWish } from './wish';

/** Lines in which the names of columns may stand. */
const HEAD_LINES = 20;

interface Props {
  readonly typed: TypedWish;
  readonly onChange: (typed: TypedWish) => void;
  /** The table must be looked at anew: its cells or its heads are others. */
  readonly onLook: (at: Pick<TableSeen, 'subject' | 'shape'>) => void;
}

const options = <Value extends string>(words: Readonly<Record<Value, string>>) =>
  typedAs<Value>(Object.keys(words)).map((value) => ({ value, label: words[value] }));

/** How the table is written: guessed, shown, and changed where the guess is wrong. */
export function ShapeFields({ typed, onChange, onLook }: Props) {
  const { seen } = typed;
  const { subject, shape, units, columns } = seen;
  const patch = (next: Partial<TableSeen>) => onChange({ ...typed, seen: { ...seen, ...next } });
  const holds = (role: (typeof columns)[number]) => columns.includes(role);
  return (
    <>
      <Choice
        label={intakeSays.holds}
        value={subject}
        options={options(SUBJECT_WORD)}
        onChoose={(next) => onLook({ subject: next, shape })}
      />
      <FieldRow>
        <SelectField
          label={intakeSays.parted}
          value={shape.delimiter}
          options={options(DELIMITER_WORD)}
          onChoose={(next) => {
            const [delimiter] = typedAs<typeof shape.delimiter>([next]);
            onLook({ subject, shape: { ...shape, delimiter: delimiter! } });
          }}
        />
        <SelectField
          label={intakeSays.headsIn}
          value={String(shape.headAt)}
          options={[
            ...Array.from({ length: HEAD_LINES }, (_, at) => ({
              value: String(at),
              label: intakeSays.headsLine(at + 1),
            })),
            { value: '-1', label: intakeSays.noHeads },
          ]}
          onChoose={(next) => onLook({ subject, shape: { ...shape, headAt: Number(next) } })}
        />
      </FieldRow>
      <FieldRow>
        <SelectField
          label={intakeSays.mark}
          value={shape.mark}
          options={[
            { value: '.', label: intakeSays.point },
            { value: ',', label: intakeSays.comma },
          ]}
          onChoose={(mark) => patch({ shape: { ...shape, mark: mark === ',' ? ',' : '.' } })}
        />
        <SelectField
          label={intakeSays.days}
          value={shape.dayOrder}
          options={options(DAY_ORDER_WORD)}
          onChoose={(next) => {
            const [dayOrder] = typedAs<typeof shape.dayOrder>([next]);
            patch({ shape: { ...shape, dayOrder: dayOrder! }, dayOrderUnsure: false });
          }}
        />
      </FieldRow>
      {seen.dayOrderUnsure ? (
        <Say size="small" bold tone="off">
          {intakeSays.daysUnsure}
        </Say>
      ) : null}
      <FieldRow>
        {holds('ec') ? (
          <SelectField
            label={intakeSays.ecScale}
            value={units.ecScale}
            options={EC_SCALES.map((value) => ({ value, label: SCALE_LABEL[value] }))}
            onChoose={(next) => {
              const ecScale = EC_SCALES.find((one) => one === next) ?? units.ecScale;
              patch({ units: { ...units, ecScale } });
            }}
          />
        ) : null}
        {holds('temp') ? (
          <SelectField
            label={intakeSays.tempUnit}
            value={units.tempUnit}
            options={[
              { value: '°C', label: '°C' },
              { value: '°F', label: '°F' },
            ]}
            onChoose={(next) =>
              patch({ units: { ...units, tempUnit: next === '°F' ? '°F' : '°C' } })
            }
          />
        ) : null}
        {subject === 'checks' ? (
          <TextField
            label={intakeSays.cupTemp}
            typed={typed.cupTempC}
            numeric
            onType={(cupTempC) => onChange({ ...typed, cupTempC })}
          />
        ) : null}
      </FieldRow>
    </>
  );
}
