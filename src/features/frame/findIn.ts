import type { Path } from '@/shell/navigation/paths';
/** Something that can be found by its name. */
export interface Findable {
  readonly name: string;
  readonly what: string;
  readonly href: Path;
}

const MOST = 12;

/** Those whose name has every word typed, names that begin with it first; all (the first twelve) for nothing typed. */
export function findIn(all: readonly Findable[], typed: string): readonly Findable[] {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
  const rank = ({ name }: Findable) => (name.toLowerCase().startsWith(words[0] ?? '') ? 0 : 1);
  return all
    .filter(({ name, what }) =>
      words.every((word) => `${name} ${what}`.toLowerCase().includes(word)),
    )
    .sort((a, b) => rank(a) - rank(b))
    .slice(0, MOST);
}
