/** The keys of an object as they came, and in order, each as it stands in a text. */
interface Shape {
  readonly came: readonly string[];
  readonly inOrder: readonly (readonly [key: string, written: string])[];
}

/** Records of a kind have the same keys in the same order, over and over. */
const shapes = new Map<string, Shape>();

/** Shapes that are remembered; a file may hold any number of them. */
const SHAPES_AT_MOST = 2000;

function shapeOf(value: object): Shape {
  const came = Object.keys(value);
  const name = came.join('\n');
  const known = shapes.get(name);
  // Two lists of keys may have one name, where a key holds what stands between them.
  if (known?.came.length === came.length && known.came.every((key, at) => key === came[at]))
    return known;
  // An object lists whole numbers first: so they have always stood in files.
  const sorted = Object.keys(Object.fromEntries([...came].sort().map((key) => [key, 0])));
  const shape = { came, inOrder: sorted.map((key) => [key, `${JSON.stringify(key)}:`] as const) };
  if (shapes.size < SHAPES_AT_MOST) shapes.set(name, shape);
  return shape;
}

/** Printable ASCII without quotes and backslashes: it stands in JSON as it is. */
const PLAIN = /^[ !#-[\]-~]*$/;

/** A value as JSON; undefined for what has none there, such as a function. */
function written(value: unknown): string | undefined {
  if (typeof value === 'string') return PLAIN.test(value) ? `"${value}"` : JSON.stringify(value);
  if (value === null || typeof value !== 'object') return JSON.stringify(value);
  if (Array.isArray(value)) return `[${value.map((one) => written(one) ?? 'null').join(',')}]`;
  const held = value as Readonly<Record<string, unknown>>;
  let text = '';
  for (const [key, name] of shapeOf(value).inOrder) {
    const one = written(held[key]);
    if (one !== undefined) text += text === '' ? name + one : `,${name}${one}`;
  }
  return `{${text}}`;
}

/** JSON with the keys of every object in order, so that equal books make equal files, byte for byte. */
export function canonicalJson(value: unknown): string {
  return written(value) ?? 'null';
}
