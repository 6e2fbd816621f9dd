import { z } from 'zod';

/** Names our file among all other JSON. */
export const BUNDLE_FORMAT = 'zolder-book';

/** Version of the file's frame. A file with a higher one is from a newer Zolder. */
export const BUNDLE_VERSION = 1;

/** The frame round the revisions; each revision is parsed by its own kind's schema. */
export const bundleSchema = z.object({
  format: z.literal(BUNDLE_FORMAT),
  version: z.literal(BUNDLE_VERSION),
  revisions: z.array(z.unknown()).max(1_000_000),
});
