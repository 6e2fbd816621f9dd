/** What the keyboard can do on a wide screen. A screen offers an act; the frame binds the key. */
export type KeyAct = 'read' | 'check' | 'dose' | 'add' | 'find' | 'why' | 'keys' | 'save' | 'back';

/** The keys; what each does is told in `words/shell/keys.ts`. */
export const KEYS: readonly {
  readonly key: string;
  readonly act: KeyAct;
}[] = [
  { key: 'r', act: 'read' },
  { key: 'c', act: 'check' },
  { key: 'd', act: 'dose' },
  { key: 'n', act: 'add' },
  { key: '/', act: 'find' },
  { key: '.', act: 'why' },
  { key: '?', act: 'keys' },
];

/** A key press as the page tells it. */
export interface Pressed {
  readonly key: string;
  readonly ctrlKey: boolean;
  readonly metaKey: boolean;
  readonly altKey: boolean;
  /** The focus stands in a field that takes letters. */
  readonly typing: boolean;
}

/** What a key press means: a place by number, an act, or nothing. */
export type Meaning =
  | { readonly kind: 'place'; readonly index: number }
  | { readonly kind: 'act'; readonly act: KeyAct };

/**
 * What a key press means. Single letters are off while typing; Esc and Ctrl or ⌘ with Enter work
 * always. With single keys switched off only those two remain.
 */
export function meaningOf(pressed: Pressed, singleKeys: boolean): Meaning | undefined {
  const { key, ctrlKey, metaKey, altKey, typing } = pressed;
  const act = (name: KeyAct): Meaning => ({ kind: 'act', act: name });
  if (key === 'Escape') return act('back');
  if (key === 'Enter' && (ctrlKey || metaKey)) return act('save');
  if (typing || !singleKeys || ctrlKey || metaKey || altKey) return undefined;
  if (/^[1-5]$/.test(key)) return { kind: 'place', index: Number(key) - 1 };
  const found = KEYS.find((entry) => entry.key === key.toLowerCase());
  return found && act(found.act);
}
