import { lazy, Suspense, type ComponentType } from 'react';
import { Skeleton } from '@/ui/layout';
import { loadingSays } from '@/words/shell/loading';

/** What is loaded only when it is first shown, by what it holds. */
export type ChunkName = 'charts' | 'tables' | 'forms' | 'dosing' | 'book' | 'drag' | 'practice';

/** What a chunk holds, by its exported names. */
type Held = Readonly<Record<string, unknown>>;

const loaders = new Map<ChunkName, () => Promise<Held>>();

/** Says how a chunk is loaded; said once, above all features, so that none of them names another. */
export function provideChunk(name: ChunkName, load: () => Promise<Held>): void {
  loaders.set(name, load);
}

/** A chunk's own export; rejects where nobody provided the chunk, or it holds no such name. */
export async function fromChunk<Kind>(chunk: ChunkName, name: string): Promise<Kind> {
  const held = await loaders.get(chunk)?.();
  if (!held || !(name in held)) throw new Error(loadingSays.missing(chunk, name));
  return held[name] as Kind;
}

const LOADING = {
  charts: loadingSays.chart,
  tables: loadingSays.table,
  forms: loadingSays.form,
  dosing: loadingSays.dose,
  book: loadingSays.book,
  drag: loadingSays.list,
  practice: loadingSays.practice,
} as const satisfies Readonly<Record<ChunkName, string>>;

/** A component of a chunk, with a skeleton until it is there. */
export function chunkPart<Props extends object = object>(chunk: ChunkName, name: string) {
  const Part = lazy(async () => ({
    default: await fromChunk<ComponentType<object>>(chunk, name),
  })) as unknown as ComponentType<Props>;
  return function ChunkPart(props: Props) {
    return (
      <Suspense fallback={<Skeleton label={LOADING[chunk]} />}>
        <Part {...props} />
      </Suspense>
    );
  };
}
