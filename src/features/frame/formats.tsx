import { createContext, useContext, useMemo, type ReactNode } from 'react';
import { useAnswer } from '@/book/react';
import { makeFormats, type Formats } from '@/words';

const DEFAULTS = { decimalMark: '.', tempUnit: '°C', ecScale: 'mS/cm', volumeUnit: 'L' } as const;
const FormatsContext = createContext<Formats>(makeFormats(DEFAULTS));

/** How this book writes numbers. */
export function useFormats(): Formats {
  return useContext(FormatsContext);
}

/** Gives every screen the book's units and decimal mark. */
export function FormatsProvider({ children }: { readonly children: ReactNode }) {
  const { data } = useAnswer(['settings'], (client) => client.settings());
  const settings = data?.settings ?? DEFAULTS;
  const formats = useMemo(() => makeFormats(settings), [settings]);
  return <FormatsContext.Provider value={formats}>{children}</FormatsContext.Provider>;
}
