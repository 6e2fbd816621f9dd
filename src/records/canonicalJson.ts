/** The same value with the keys of every object in order and without what is undefined. */
function inOrder(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(inOrder);
  if (value === null || typeof value !== 'object') return value;
  const held = value as Readonly<Record<string, unknown>>;
  const ordered: Record<string, unknown> = {};
  for (const key of Object.keys(held).sort()) {
    if (held[key] !== undefined) ordered[key] = inOrder(held[key]);
  }
  return ordered;
}

/** JSON with the keys of every object in order, so that equal books make equal files, byte for byte. */
export function canonicalJson(value: unknown): string {
  return JSON.stringify(inOrder(value)) ?? 'null';
}
