import { createContext, useContext, useMemo, type ReactNode } from 'react';
import { questions } from '@/book/react';
import { useFirstAnswer } from './useFirstAnswer';
import { DEFAULT_FORMATS, makeFormats, type Formats } from '@/words';

const FormatsContext = createContext<Formats>(makeFormats(DEFAULT_FORMATS));

/** How this book writes numbers. */
export function useFormats(): Formats {
  return useContext(FormatsContext);
}

/** Gives every screen the book's units and decimal mark. */
export function FormatsProvider({ children }: { readonly children: ReactNode }) {
  const { data } = useFirstAnswer(questions.settings());
  const settings = data?.settings ?? DEFAULT_FORMATS;
  const formats = useMemo(() => makeFormats(settings), [settings]);
  return <FormatsContext.Provider value={formats}>{children}</FormatsContext.Provider>;
}
