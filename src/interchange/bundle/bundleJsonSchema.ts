import { z } from 'zod';
import { KIND_SCHEMAS, SCHEMA_VERSION } from '@/records';
import { BUNDLE_FORMAT, BUNDLE_VERSION } from './bundleSchema';

/** A kind's body as JSON Schema; rules beyond shape (low below high) are told in words there. */
function bodySchema(kind: keyof typeof KIND_SCHEMAS): object {
  const schema: Record<string, unknown> = z.toJSONSchema(KIND_SCHEMAS[kind], {
    io: 'input',
    unrepresentable: 'any',
  });
  delete schema.$schema;
  return schema;
}

/** One revision of a kind: the envelope round its body, or round nothing when it was deleted. */
function revisionSchema(kind: keyof typeof KIND_SCHEMAS): object {
  return {
    type: 'object',
    properties: {
      recordId: { type: 'string', minLength: 1, maxLength: 64 },
      revId: { type: 'string', minLength: 26, maxLength: 26 },
      parents: { type: 'array', items: { type: 'string' }, maxItems: 16 },
      kind: { const: kind },
      at: { type: 'string', format: 'date-time' },
      zone: { type: 'string', maxLength: 64 },
      by: { type: 'string', maxLength: 8 },
      device: { type: 'string', minLength: 1, maxLength: 64 },
      v: { const: SCHEMA_VERSION },
      effectiveFrom: { type: 'string', format: 'date-time' },
      body: { anyOf: [bodySchema(kind), { type: 'null' }] },
    },
    required: ['recordId', 'revId', 'parents', 'kind', 'at', 'zone', 'by', 'device', 'v', 'body'],
  };
}

/** The JSON Schema of a `.zolder.json` file, made from the schemas that are in force. */
export function bundleJsonSchema(): object {
  const kinds = Object.keys(KIND_SCHEMAS) as (keyof typeof KIND_SCHEMAS)[];
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'Zolder book',
    description: 'Every revision of a book. Deleted records keep their revisions; body is null.',
    type: 'object',
    properties: {
      format: { const: BUNDLE_FORMAT },
      version: { const: BUNDLE_VERSION },
      revisions: { type: 'array', items: { oneOf: kinds.map(revisionSchema) } },
    },
    required: ['format', 'version', 'revisions'],
  };
}
