import { useRef, useState } from 'react';
import {
  listenTo,
  thisMoment,
  wasStopped,
  type BundleRefusal,
  type FilePreview,
} from '@/book/client';
import { useBook } from '@/book/react';
import { inBackground } from '@/trouble';

type State =
  | { readonly kind: 'none' }
  | { readonly kind: 'reading' | 'taking'; readonly share: number }
  | { readonly kind: 'refused'; readonly refusal: BundleRefusal }
  | { readonly kind: 'preview'; readonly preview: FilePreview }
  | { readonly kind: 'taken'; readonly added: number };

/** A file on its way into the book: opened, seen, then taken or left. */
export function useBookFile() {
  const { client, acts } = useBook();
  const [state, setState] = useState<State>({ kind: 'none' });
  /** Pressed twice it is taken in once. */
  const taking = useRef(false);
  // What comes on its own way may come after the end.
  const hear = (kind: 'reading' | 'taking') => (share: number) =>
    setState((now) => (now.kind === kind ? { kind, share } : now));
  const open = async (file: File) => {
    setState({ kind: 'reading', share: 0 });
    try {
      const result = await client.openFile(file, listenTo(hear('reading')));
      setState(
        result.ok
          ? { kind: 'preview', preview: result.value }
          : { kind: 'refused', refusal: result.refusal },
      );
    } catch (error) {
      setState({ kind: 'none' });
      if (!wasStopped(error)) acts.fail(error, () => open(file));
    }
  };
  const take = async () => {
    if (taking.current) return;
    taking.current = true;
    const before = state;
    setState({ kind: 'taking', share: 0 });
    try {
      const { added } = await client.takeFile(thisMoment(), listenTo(hear('taking')));
      setState({ kind: 'taken', added });
    } catch (error) {
      setState(before);
      if (!wasStopped(error)) acts.fail(error, take);
    } finally {
      taking.current = false;
    }
  };
  const stop = () => inBackground('file', client.stopFile());
  return { state, open, take, stop, leave: () => setState({ kind: 'none' }) };
}
