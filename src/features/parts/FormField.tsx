import { useController, type Control, type FieldPath, type FieldValues } from 'react-hook-form';
import { TextField } from '@/ui/form';
import { DayField } from './DayField';

interface Props<In extends FieldValues, Out> {
  readonly control: Control<In, unknown, Out>;
  readonly name: FieldPath<In>;
  readonly label: string;
  readonly unit?: string;
  readonly hint?: string;
  readonly numeric?: boolean;
  readonly day?: boolean;
}

/** A text field bound to a form, with the form's message beside it. */
export function FormField<In extends FieldValues, Out>({
  control,
  name,
  day,
  numeric,
  unit,
  ...rest
}: Props<In, Out>) {
  const { field, fieldState } = useController({ control, name });
  const text = fieldState.error?.message;
  const bound = {
    ...rest,
    typed: String(field.value ?? ''),
    onType: field.onChange,
    onBlur: field.onBlur,
    inputRef: field.ref,
    message: text ? { text } : undefined,
  };
  if (day) return <DayField {...bound} />;
  return (
    <TextField
      {...bound}
      {...(numeric ? { numeric } : {})}
      {...(unit === undefined ? {} : { unit })}
    />
  );
}
