import { useEffect } from 'react';
import type { FieldValues, UseFormReturn } from 'react-hook-form';
import { useDraft } from '@/book/react';
import { useFormats } from '@/shell/formats';

/** Keeps an open form as a draft; fields come back as they were typed, where EC is still written so. */
export function useFormDraft<In extends FieldValues, Out>(
  name: string,
  form: Pick<UseFormReturn<In, unknown, Out>, 'subscribe' | 'reset' | 'getValues'>,
) {
  const { subscribe, reset, getValues } = form;
  const { ecScale } = useFormats().settings;
  const inUnit = ecScale === 'mS/cm' ? name : [name, ecScale].join(' ');
  const { keep, forget } = useDraft<In>(inUnit, (draft) =>
    reset({ ...getValues(), ...draft }, { keepDefaultValues: true }),
  );
  useEffect(
    () =>
      subscribe({
        formState: { values: true, isDirty: true },
        callback: ({ values, isDirty }) => {
          if (isDirty) keep(values);
        },
      }),
    [subscribe, keep],
  );
  return { forget };
}
