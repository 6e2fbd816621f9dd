import { useRef, useState } from 'react';
import { thisMoment, type BundleRefusal, type FilePreview } from '@/book/client';
import { useBook } from '@/book/react';

type State =
  | { readonly kind: 'none' | 'reading' }
  | { readonly kind: 'refused'; readonly refusal: BundleRefusal }
  | { readonly kind: 'preview'; readonly preview: FilePreview }
  | { readonly kind: 'taken'; readonly added: number };

/** A file on its way into the book: opened, seen, then taken or left. */
export function useBookFile() {
  const { client, acts } = useBook();
  const [state, setState] = useState<State>({ kind: 'none' });
  /** Pressed twice it is taken in once. */
  const taking = useRef(false);
  const open = async (file: File) => {
    setState({ kind: 'reading' });
    try {
      const result = await client.openFile(file);
      setState(
        result.ok
          ? { kind: 'preview', preview: result.value }
          : { kind: 'refused', refusal: result.refusal },
      );
    } catch (error) {
      setState({ kind: 'none' });
      acts.fail(error, () => open(file));
    }
  };
  const take = async () => {
    if (taking.current) return;
    taking.current = true;
    const before = state;
    setState({ kind: 'reading' });
    try {
      const { added } = await client.takeFile(thisMoment());
      setState({ kind: 'taken', added });
    } catch (error) {
      setState(before);
      acts.fail(error, take);
    } finally {
      taking.current = false;
    }
  };
  return { state, open, take, leave: () => setState({ kind: 'none' }) };
}
