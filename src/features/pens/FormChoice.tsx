import { useController, type Control } from 'react-hook-form';
import { View } from 'react-native';
import { SchoolNote } from '@/features/parts/SchoolNote';
import { Choice } from '@/ui/form';
import type { DisputeId } from '@/words';
import type { PenFormIn, PenFormOut } from './penFormSchema';

interface Props {
  readonly control: Control<PenFormIn, unknown, PenFormOut>;
  readonly name: keyof PenFormIn;
  readonly label: string;
  readonly options: readonly {
    readonly value: string;
    readonly label: string;
    readonly hint?: string;
  }[];
  /** Where the trade is of two minds: the reason and the other school stand below. */
  readonly disputed?: DisputeId;
}

/** A choice bound to the pen form. */
export function FormChoice({ control, name, label, options, disputed }: Props) {
  const { field } = useController({ control, name });
  return (
    <View>
      <Choice label={label} value={field.value} options={options} onChoose={field.onChange} />
      {disputed ? <SchoolNote about={disputed} /> : null}
    </View>
  );
}
