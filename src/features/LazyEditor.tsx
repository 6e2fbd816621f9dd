import { lazy, Suspense } from 'react';
import { Skeleton } from '@/ui/layout';

type Editors = Omit<typeof import('./editors'), 'readSample'>;

/** What reads the messages of a live display: it needs the schemas that the forms need. */
export const sampleReader = async () => (await import('./editors')).readSample;

/** Loads a form when it is opened: zod and the form library stay out of the first screen. */
export function lazyEditor(name: keyof Editors) {
  const Editor = lazy(async () => ({ default: (await import('./editors'))[name] }));
  return function LazyEditor() {
    return (
      <Suspense fallback={<Skeleton label="Loading the form" />}>
        <Editor />
      </Suspense>
    );
  };
}
