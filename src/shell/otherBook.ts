import { thisMoment } from '@/book/client';
import { inBase } from '@/ui/inBase';
import { useBook } from '@/book/react';

/** Leaves the demo for the grower's own book. The page loads itself anew on the other book. */
export function useLeaveDemo(): () => void {
  return useOpenBook('own');
}

/** Opens the other book. */
export function useOpenBook(book: 'own' | 'demo'): () => void {
  const { client, acts } = useBook();
  const open = () => {
    client.chooseBook(book, thisMoment()).then(
      () => window.location.assign(inBase('/')),
      (error: unknown) => acts.fail(error, open),
    );
  };
  return open;
}
