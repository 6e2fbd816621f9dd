import { z } from 'zod';
import {
  ID_PATTERN,
  KIND_SCHEMAS,
  MAX_PARENTS,
  RECORD_ID_PATTERN,
  SCHEMA_VERSION,
} from '@/records';
import { canonicalJson } from '@/records/canonicalJson';
import { checksum } from '@/records/storage/checksum';
import { BUNDLE_FORMAT, BUNDLE_VERSION } from './bundleSchema';

const idSchema = { type: 'string', pattern: ID_PATTERN.source };
const digestSchema = { type: 'string', pattern: '^[0-9a-f]{64}$' };

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
      recordId: { type: 'string', pattern: RECORD_ID_PATTERN.source },
      revId: idSchema,
      parents: { type: 'array', items: idSchema, maxItems: MAX_PARENTS },
      kind: { const: kind },
      at: { type: 'string', format: 'date-time' },
      zone: { type: 'string', maxLength: 64 },
      by: { type: 'string', maxLength: 8 },
      device: { type: 'string', minLength: 1, maxLength: 64 },
      act: idSchema,
      why: { type: 'string', maxLength: 400 },
      v: { const: SCHEMA_VERSION },
      effectiveFrom: { type: 'string', format: 'date-time' },
      body: { anyOf: [bodySchema(kind), { type: 'null' }] },
    },
    required: [
      'recordId',
      'revId',
      'parents',
      'kind',
      'at',
      'zone',
      'by',
      'device',
      'act',
      'v',
      'body',
    ],
  };
}

const kinds = Object.keys(KIND_SCHEMAS) as (keyof typeof KIND_SCHEMAS)[];

/** Tells one state of all record schemas from another: packs bear it, see `SCHEMA_FINGERPRINT`. */
export function schemaFingerprint(): string {
  return checksum(canonicalJson(kinds.map(revisionSchema)));
}

/** The JSON Schema of a `.zolder.json` file, made from the schemas that are in force. */
export function bundleJsonSchema(): object {
  const piece = (name: string, items: object) => ({
    type: 'object',
    properties: { sha256: digestSchema, [name]: { type: 'array', items } },
    required: ['sha256', name],
    additionalProperties: false,
  });
  const aside = {
    type: 'object',
    properties: {
      key: { type: 'string' },
      part: { type: 'integer', minimum: 0 },
      text: { type: 'string' },
    },
    required: ['key', 'part', 'text'],
  };
  const count = { type: 'integer', minimum: 0 };
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'Zolder book',
    description:
      'Every revision of a book, in pieces. Deleted records keep their revisions; body is null.',
    type: 'object',
    properties: {
      format: { const: BUNDLE_FORMAT },
      version: { const: BUNDLE_VERSION },
      pieces: {
        type: 'array',
        items: {
          oneOf: [
            piece('revisions', { oneOf: kinds.map(revisionSchema) }),
            piece('setAside', aside),
          ],
        },
      },
      total: {
        type: 'object',
        properties: { pieces: count, revisions: count, sha256: digestSchema },
        required: ['pieces', 'revisions', 'sha256'],
      },
    },
    required: ['format', 'version', 'pieces', 'total'],
  };
}
