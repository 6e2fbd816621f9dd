import { useEffect } from 'react';
import type { FieldValues, UseFormReturn } from 'react-hook-form';
import { useDraft } from '@/book/react';

/** Keeps an open form as a draft; fields come back as they were typed. */
export function useFormDraft<In extends FieldValues, Out>(
  name: string,
  form: Pick<UseFormReturn<In, unknown, Out>, 'subscribe' | 'reset' | 'getValues'>,
) {
  const { subscribe, reset, getValues } = form;
  const { keep, forget } = useDraft<In>(name, (draft) =>
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
