import { z } from 'zod';
import { ID_PATTERN } from '@/records/ids';

/** A piece is at most so many bytes of UTF-8. */
export const PIECE_MAX_BYTES = 256 * 1024;

/** One answer brings pieces up to about so many bytes, and always one where there is any. */
export const ANSWER_MAX_BYTES = 1024 * 1024;

/** So many revisions are asked of at once whether the house has them. */
export const ASKED_AT_ONCE = 4000;

/** Names a piece: the SHA-256 of its bytes, 64 hex digits. */
export const PIECE_NAME = /^[0-9a-f]{64}$/;

/** A code for pairing: six digits. */
export const CODE_PATTERN = /^\d{6}$/;

/** Where a device stands in the log of arrivals: after how many, and which piece came last. */
export const cursorSchema = z.object({
  /** The number of the last arrival that was taken; 0: none. */
  after: z.number().int().min(0),
  /** The name of that piece, by which the house knows its own log again; '' before the first. */
  at: z.string().regex(/^([0-9a-f]{64})?$/),
});

export type Cursor = z.infer<typeof cursorSchema>;

/** What a device asks to be paired. */
export const pairAskedSchema = z.object({
  code: z.string().regex(CODE_PATTERN),
  /** What the grower calls the device. */
  name: z.string().trim().min(1).max(40),
  /** The device as revisions name it. */
  device: z.string().min(1).max(64),
});

/** What a paired device is given, once. */
export const pairedSchema = z.object({
  /** Never logged, never exported. */
  token: z.string().min(32).max(128),
  id: z.string().min(1).max(32),
});

/** A device of the house, as another one sees it. */
export const houseDeviceSchema = z.object({
  id: z.string().min(1).max(32),
  name: z.string().min(1).max(40),
  device: z.string().min(1).max(64),
  /** When it was paired, and when it last met the house, UTC. */
  since: z.iso.datetime(),
  seen: z.iso.datetime(),
  /** It is the one that asks. */
  own: z.boolean(),
});

export type HouseDevice = z.infer<typeof houseDeviceSchema>;

/** The devices that are paired. */
export const devicesSchema = z.object({ devices: z.array(houseDeviceSchema) });

/** The first line of an answer with pieces; each further line is a piece. */
export const arrivalsHeadSchema = z.object({
  /** Names the folder of this book; another one is a folder that was begun anew. */
  book: z.string().min(1).max(64),
  /** The device's place in the log is not this log's: everything is compared anew. */
  begunAnew: z.boolean(),
  /** Pieces of the whole log that the folder lost. */
  lost: z.number().int().min(0),
  cursor: cursorSchema,
  /** More came than this answer brings. */
  more: z.boolean(),
});

/** A piece as it arrives. */
export const arrivalSchema = z.object({
  sha256: z.string().regex(PIECE_NAME),
  /** The bytes of the piece: a JSON list of revisions. */
  body: z.string(),
});

/** Which revisions a device asks about. */
export const unknownAskedSchema = z.object({
  revIds: z.array(z.string().regex(ID_PATTERN)).max(ASKED_AT_ONCE),
});

/** Those of them that the house does not hold. */
export const unknownSchema = z.object({ unknown: z.array(z.string()) });

/** The code a computer shows, or until when it shows none. */
export type CodeShown =
  { readonly code: string; readonly untilMs: number } | { readonly lockedUntilMs: number };
