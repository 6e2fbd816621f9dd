/** JSON with the keys of every object in order, so that equal books make equal files, byte for byte. */
export function canonicalJson(value: unknown): string {
  if (Array.isArray(value)) return `[${value.map((item) => canonicalJson(item)).join(',')}]`;
  if (value === null || typeof value !== 'object') return JSON.stringify(value) ?? 'null';
  const entries = Object.entries(value)
    .filter(([, held]) => held !== undefined)
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([key, held]) => `${JSON.stringify(key)}:${canonicalJson(held)}`);
  return `{${entries.join(',')}}`;
}
