import { useController, type Control } from 'react-hook-form';
import { Choice } from '@/ui/form';
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
}

/** A choice bound to the pen form. */
export function FormChoice({ control, name, label, options }: Props) {
  const { field } = useController({ control, name });
  return <Choice label={label} value={field.value} options={options} onChoose={field.onChange} />;
}
