import { thisMoment } from '@/book/client';
import { keepLook } from './firstFrame/keep';
import { inBase } from '@/ui/inBase';
import { useBook } from '@/book/react';
import { paths, type Path } from './navigation/paths';

/** Leaves the demo for the grower's own book. The page loads itself anew on the other book. */
export function useLeaveDemo(): () => void {
  return useOpenBook('own');
}

/** Opens the other book, at one of its screens. */
export function useOpenBook(book: 'own' | 'demo', path: Path = paths.round): () => void {
  const { client, acts, device } = useBook();
  const open = () => {
    client.chooseBook(book, thisMoment()).then(
      () => {
        const { theme, textScale } = device;
        keepLook({ theme, textScale, book });
        window.location.assign(inBase(path));
      },
      (error: unknown) => acts.fail(error, open),
    );
  };
  return open;
}
