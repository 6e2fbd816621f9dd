/** npm run schema: writes the published JSON Schema and the fingerprint of the record schemas anew. */
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { bundleJsonSchema, schemaFingerprint } from '../src/interchange/bundle/bundleJsonSchema';

const place = join(__dirname, '..', 'docs/formats/zolder-book.schema.json');
writeFileSync(place, `${JSON.stringify(bundleJsonSchema(), null, 2)}\n`);

const print = join(__dirname, '..', 'src/records/migrations/fingerprint.ts');
const words =
  '/** Tells one state of the record schemas from another; written by `npm run schema`, held by a test. */';
writeFileSync(print, `${words}\nexport const SCHEMA_FINGERPRINT = '${schemaFingerprint()}';\n`);
