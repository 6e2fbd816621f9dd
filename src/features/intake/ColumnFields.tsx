import { View } from 'react-native';
import { FieldRow, SelectField } from '@/ui/form';
import { Say } from '@/ui/text';
import { intakeSays, ROLE_WORD } from '@/words/intake/intake';
import { withRole, type TypedWish } from './wish';

interface Props {
  readonly typed: TypedWish;
  readonly onChange: (typed: TypedWish) => void;
}

/** What each column is, with its first values under it. */
export function ColumnFields({ typed, onChange }: Props) {
  const { seen } = typed;
  return (
    <FieldRow>
      {seen.heads.map((head, at) => (
        <View key={`${at}/${head}`}>
          <SelectField
            label={intakeSays.column(at + 1, head)}
            value={seen.columns[at] ?? ''}
            options={[
              { value: '', label: intakeSays.leftOut },
              ...seen.roles.map((role) => ({ value: role, label: ROLE_WORD[role] })),
            ]}
            onChoose={(role) => onChange({ ...typed, seen: withRole(seen, at, role) })}
          />
          <Say size="tiny" tone="soft">
            {intakeSays.example(seen.examples.map((row) => row[at] ?? ''))}
          </Say>
        </View>
      ))}
    </FieldRow>
  );
}
