/** npm run schema: writes the published JSON Schema of the book file anew from the record schemas. */
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { bundleJsonSchema } from '../src/interchange/bundle/bundleJsonSchema';

const place = join(__dirname, '..', 'docs/formats/zolder-book.schema.json');
writeFileSync(place, `${JSON.stringify(bundleJsonSchema(), null, 2)}\n`);
