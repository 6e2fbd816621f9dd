import { z } from 'zod';

/** Names our file among all other JSON. */
export const BUNDLE_FORMAT = 'zolder-book';

/** Version of the file's frame. A file with a higher one is from a newer Zolder. */
export const BUNDLE_VERSION = 2;

const digest = z.string().regex(/^[0-9a-f]{64}$/);

/** A value of storage that could not be read, as it was found; long ones in parts. */
const asideSchema = z.object({
  key: z.string().max(400),
  part: z.number().int().min(0),
  text: z.string(),
});

/** A piece: revisions, or what was set aside, with the SHA-256 of its canonical JSON. */
export const pieceSchema = z.union([
  z.object({ sha256: digest, revisions: z.array(z.unknown()) }),
  z.object({ sha256: digest, setAside: z.array(asideSchema) }),
]);

/** What stands at the end: how much there must be, and the SHA-256 of all digests in a row. */
export const totalSchema = z.object({
  pieces: z.number().int().min(0),
  revisions: z.number().int().min(0),
  sha256: digest,
});

/** The whole frame, for files that another program wrote anew. */
export const bundleSchema = z.object({
  format: z.literal(BUNDLE_FORMAT),
  version: z.literal(BUNDLE_VERSION),
  pieces: z.array(pieceSchema),
  total: totalSchema,
});

/** The frame of version 1: all revisions in one list, without digests. */
export const bundleV1Schema = z.object({
  format: z.literal(BUNDLE_FORMAT),
  version: z.literal(1),
  revisions: z.array(z.unknown()),
});
