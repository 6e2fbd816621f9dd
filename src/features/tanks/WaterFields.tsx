import { useController, useWatch, type Control } from 'react-hook-form';
import { useRows } from '@/book/react';
import { FormField } from '@/features/parts/FormField';
import { SelectField } from '@/ui/form';
import type { TankFormIn, TankFormOut } from './tankFormSchema';

/** Which waters a tank is filled with, one or two. */
export function Waters({
  control,
}: {
  readonly control: Control<TankFormIn, unknown, TankFormOut>;
}) {
  const { data: waters = [] } = useRows('water');
  const { field: first } = useController({ control, name: 'waterA' });
  const { field: second } = useController({ control, name: 'waterB' });
  const chosen = useWatch({ control, name: 'waterA' });
  const options = [
    { value: '', label: waters.length === 0 ? 'none in the book yet' : 'not said' },
    ...waters.map(({ id, body }) => ({ value: id, label: body.name })),
  ];
  return (
    <>
      <SelectField
        label="Filled with"
        value={first.value}
        options={options}
        onChoose={first.onChange}
      />
      {chosen === '' || waters.length < 2 ? null : (
        <>
          <SelectField
            label="Mixed with"
            value={second.value}
            options={options.map((o) =>
              o.value === '' ? { value: '', label: 'nothing else' } : o,
            )}
            onChoose={second.onChange}
          />
          {second.value === '' ? null : (
            <FormField control={control} name="share" label="Share of the first" unit="%" numeric />
          )}
        </>
      )}
    </>
  );
}
