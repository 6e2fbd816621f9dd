import fc from 'fast-check';
import type { z } from 'zod';
import { KIND_SCHEMAS, type Kind } from '../kinds';

/** What a schema of zod tells of itself; only what the record schemas use. */
interface Def {
  readonly type: string;
  readonly shape?: Readonly<Record<string, AnySchema>>;
  readonly element?: AnySchema;
  readonly innerType?: AnySchema;
  readonly in?: AnySchema;
  readonly options?: readonly AnySchema[];
  readonly values?: readonly unknown[];
  readonly entries?: Readonly<Record<string, string>>;
  readonly keyType?: AnySchema;
  readonly valueType?: AnySchema;
  readonly format?: string;
  readonly checks?: readonly { readonly _zod: { readonly def: CheckDef } }[];
}
interface CheckDef {
  readonly check: string;
  readonly value?: number;
  readonly minimum?: number;
  readonly maximum?: number;
  readonly inclusive?: boolean;
}
type AnySchema = z.ZodType;

const defOf = (schema: AnySchema) => schema._zod.def as unknown as Def;

/** Names that records are known by in random books: references hit and miss. */
export interface References {
  readonly [field: string]: readonly string[];
}

function checksOf(def: Def): readonly CheckDef[] {
  return (def.checks ?? []).map(({ _zod }) => _zod.def);
}

/** Numbers of all sizes a schema takes, with its very ends and those that make divisions fail. */
function numbers(def: Def): fc.Arbitrary<number> {
  const checks = checksOf(def);
  const low = checks.find(({ check }) => check === 'greater_than');
  const high = checks.find(({ check }) => check === 'less_than');
  // `positive` is `finite` with one more rule of its own, which the schema does not tell by name.
  const isPositive = checks.filter(({ check }) => check === 'custom').length > 1;
  const min = Math.max(low?.value ?? -1e6, isPositive ? 1e-9 : -Infinity);
  const max = high?.value ?? 1e6;
  const special = [0, 1, 7, 7.01, 4.01, 0.01, 1e-9, -1e-9, 25, min, max];
  const among = special.filter((value) => value >= min && value <= max);
  const steps = (from: number, to: number) =>
    fc.integer({ min: 0, max: 100_000 }).map((at) => from + ((to - from) * at) / 100_000);
  return fc.oneof(
    fc.constantFrom(...among),
    steps(Math.max(min, 0), Math.min(max, 15)),
    steps(min, max),
  );
}

const FROM_MS = Date.UTC(2026, 0, 1);
const DAY_MS = 86_400_000;

/** Moments: mostly of one year, now and then at the far ends of time. */
const instants = fc.oneof(
  { arbitrary: fc.integer({ min: 0, max: 365 }).map((day) => FROM_MS + day * DAY_MS), weight: 8 },
  {
    arbitrary: fc.constantFrom(0, FROM_MS, Date.UTC(9999, 11, 31), Date.UTC(1970, 0, 1)),
    weight: 1,
  },
);

function strings(def: Def): fc.Arbitrary<string> {
  if (def.format === 'datetime') return instants.map((ms) => new Date(ms).toISOString());
  const max = checksOf(def).find(({ check }) => check === 'max_length')?.maximum ?? 20;
  const min = checksOf(def).find(({ check }) => check === 'min_length')?.minimum ?? 0;
  return fc.string({ minLength: Math.max(1, min), maxLength: Math.min(max, 12) });
}

function arrays(def: Def, item: fc.Arbitrary<unknown>): fc.Arbitrary<unknown> {
  const max = checksOf(def).find(({ check }) => check === 'max_length')?.maximum ?? 8;
  const min = checksOf(def).find(({ check }) => check === 'min_length')?.minimum ?? 0;
  return fc.array(item, { minLength: min, maxLength: Math.min(max, 8) });
}

/** Anything a schema takes. `refs` gives fields that name other records something to name. */
function anyOf(schema: AnySchema, refs: References, field = ''): fc.Arbitrary<unknown> {
  const def = defOf(schema);
  const known = refs[field];
  if (known && known.length > 0 && def.type === 'string')
    return fc.oneof(
      { arbitrary: fc.constantFrom(...known), weight: 5 },
      { arbitrary: fc.constant('nobody'), weight: 1 },
    );
  switch (def.type) {
    case 'string':
      return strings(def);
    case 'number':
      return numbers(def);
    case 'boolean':
      return fc.boolean();
    case 'literal':
      return fc.constantFrom(...(def.values ?? []));
    case 'enum':
      return fc.constantFrom(...Object.values(def.entries ?? {}));
    case 'union':
      return fc.oneof(...(def.options ?? []).map((option) => anyOf(option, refs, field)));
    case 'array':
      return arrays(def, anyOf(def.element!, refs, field));
    case 'optional':
    case 'default':
      return fc.option(anyOf(def.innerType!, refs, field), { nil: undefined });
    case 'nullable':
      return fc.option(anyOf(def.innerType!, refs, field), { nil: null, freq: 3 });
    case 'pipe':
      return anyOf(def.in!, refs, field);
    case 'record':
      return fc.dictionary(
        anyOf(def.keyType!, refs) as fc.Arbitrary<string>,
        anyOf(def.valueType!, refs),
        { maxKeys: 3 },
      );
    case 'object':
      return fc
        .record(
          Object.fromEntries(
            Object.entries(def.shape ?? {}).map(([name, inner]) => [
              name,
              anyOf(inner, refs, name),
            ]),
          ),
        )
        .map((made) => ({ ...made }));
    default:
      throw new Error(`A schema of type ${def.type} has no arbitrary.`);
  }
}

/** A body of a kind that its schema takes, as it is stored. */
export function anyBody(kind: Kind, refs: References): fc.Arbitrary<unknown> {
  const schema = KIND_SCHEMAS[kind];
  return anyOf(schema, refs)
    .map((body) => schema.safeParse(JSON.parse(JSON.stringify(body))))
    .filter((parsed) => parsed.success)
    .map((parsed) => parsed.data as unknown);
}
