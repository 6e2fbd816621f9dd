import { useState } from 'react';
import type { BundleRefusal, FilePreview } from '@/book/client';
import { useBook } from '@/book/react';
import { BUNDLE_MAX_BYTES } from '@/interchange/bundle/bundleLimits';

type State =
  | { readonly kind: 'none' | 'reading' }
  | { readonly kind: 'refused'; readonly refusal: BundleRefusal }
  | { readonly kind: 'preview'; readonly preview: FilePreview }
  | { readonly kind: 'taken'; readonly added: number };

/** A file on its way into the book: opened, seen, then taken or left. */
export function useBookFile() {
  const { client } = useBook();
  const [state, setState] = useState<State>({ kind: 'none' });
  const open = async (file: File) => {
    if (file.size > BUNDLE_MAX_BYTES) {
      const refusal = {
        reason: 'tooLarge',
        bytes: file.size,
        limitBytes: BUNDLE_MAX_BYTES,
      } as const;
      setState({ kind: 'refused', refusal });
      return;
    }
    setState({ kind: 'reading' });
    const result = await client.openFile(await file.text());
    setState(
      result.ok
        ? { kind: 'preview', preview: result.value }
        : { kind: 'refused', refusal: result.refusal },
    );
  };
  const take = async () => {
    setState({ kind: 'reading' });
    setState({ kind: 'taken', added: (await client.takeFile()).added });
  };
  return { state, open, take, leave: () => setState({ kind: 'none' }) };
}
