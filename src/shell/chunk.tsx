import { useEffect, useState, type ComponentType } from 'react';
import { Skeleton } from '@/ui/layout';
import { loadingSays } from '@/words/shell/loading';

/** What is loaded only when it is first shown, by what it holds. */
export type ChunkName =
  | 'bench'
  | 'book'
  | 'charts'
  | 'dosing'
  | 'drag'
  | 'forms'
  | 'help'
  | 'keyed'
  | 'practice'
  | 'read'
  | 'tables';

/** What a chunk holds, by its exported names. */
type Held = Readonly<Record<string, unknown>>;

const loaders = new Map<ChunkName, () => Promise<Held>>();
const loaded = new Map<ChunkName, Held>();

/** Says how a chunk is loaded; said once, above all features, so that none of them names another. */
export function provideChunk(name: ChunkName, load: () => Promise<Held>): void {
  loaders.set(name, load);
}

/** A chunk's own export; rejects where nobody provided the chunk, or it holds no such name. */
export async function fromChunk<Kind>(chunk: ChunkName, name: string): Promise<Kind> {
  const parts = loaded.get(chunk) ?? (await loaders.get(chunk)?.());
  if (!parts || !(name in parts)) throw new Error(loadingSays.missing(chunk, name));
  loaded.set(chunk, parts);
  return parts[name] as Kind;
}

/** What is told while a chunk is fetched; a sheet over the screen has no place for it. */
const LOADING = {
  bench: loadingSays.bench,
  book: loadingSays.book,
  charts: loadingSays.chart,
  dosing: loadingSays.dose,
  drag: loadingSays.list,
  forms: loadingSays.form,
  help: loadingSays.help,
  keyed: undefined,
  practice: loadingSays.practice,
  read: loadingSays.reading,
  tables: loadingSays.table,
} as const satisfies Readonly<Record<ChunkName, string | undefined>>;

const held = (chunk: ChunkName, name: string) =>
  loaded.get(chunk)?.[name] as ComponentType<object> | undefined;

/** A chunk's component where it is there, at once; throws what kept it from being loaded. */
function usePart(chunk: ChunkName, name: string): ComponentType<object> | undefined {
  const [, drawAgain] = useState(false);
  const [failed, setFailed] = useState<{ readonly error: unknown }>();
  // Begun while it is first drawn: an effect would be a frame later.
  const [coming] = useState(() => (held(chunk, name) ? undefined : fromChunk(chunk, name)));
  useEffect(() => {
    let left = false;
    coming?.then(
      () => left || drawAgain(true),
      (error: unknown) => left || setFailed({ error }),
    );
    return () => {
      left = true;
    };
  }, [coming]);
  if (failed) throw failed.error;
  return held(chunk, name);
}

/**
 * A component of a chunk, with a skeleton until it is there. Not React's own lazy part: one that is
 * loaded already would still be drawn as a skeleton first, and React shows what follows a skeleton
 * no sooner than 0.3 s after it.
 */
export function chunkPart<Props extends object = object>(chunk: ChunkName, name: string) {
  return function ChunkPart(props: Props) {
    const Part = usePart(chunk, name) as ComponentType<Props> | undefined;
    const label = LOADING[chunk];
    if (Part) return <Part {...props} />;
    return label === undefined ? null : <Skeleton label={label} />;
  };
}
