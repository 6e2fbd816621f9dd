import { z } from 'zod';
import { CODE_PATTERN } from '@/interchange/exchange/wire';
import { ID_PATTERN, KINDS, RECORD_ID_PATTERN, type Kind } from '@/records';
import { finite } from '@/records/kinds/common';
import { sampleSchema } from '@/records/kinds/sample';
import { eventSchema, planSchema } from '@/records/kinds/session';
import { LEDGER_KINDS, LEDGER_VERDICTS } from './answers';
import { tableWish } from './tableWishSchema';
import type { BookApi } from './bookApi';
import { devicePatchSchema } from './device';
import { practiceRunSchema } from './practiceRuns';

const kind = z.enum(KINDS as [Kind, ...Kind[]]);
const id = z.string().regex(ID_PATTERN);
/** Of a record that may not be in the book: it can come from an address that was typed. */
const askedId = z.string().max(200);
const quantity = z.enum(['ph', 'ec']);
const nowMs = finite;
const moment = z.object({ nowMs, zone: z.string().max(64) });
const bookName = z.enum(['own', 'demo']);
const listener = z.instanceof(Function);
const file = z.instanceof(Blob);
const namedFile = z.instanceof(File);
const count = z.number().int().min(0);

/** A change as the page sends it; its body is held to the schema of its kind where it is written. */
const change = z.object({
  kind,
  recordId: z.string().regex(RECORD_ID_PATTERN).optional(),
  parents: z.array(id).optional(),
  effectiveFromMs: finite.optional(),
  why: z.string().max(400).optional(),
  body: z.unknown(),
});

const opening = z.object({
  start: bookName,
  hadBook: z.boolean(),
  inMemory: z.boolean().optional(),
});

const wish = z.object({
  productId: askedId,
  aimPh: finite.optional(),
  chasingAccepted: z.boolean(),
  neverChanged: z.boolean(),
});

const foundNow = z.object({
  plan: planSchema,
  events: z.array(eventSchema),
  afterCleaning: z.boolean(),
  atMs: finite,
});

/** Which entries of the Book are asked for; names come from an address that may be typed. */
const ledgerQuery = z.object({
  words: z.string().max(200).optional(),
  kind: z.enum(LEDGER_KINDS).optional(),
  tankId: askedId.optional(),
  penId: askedId.optional(),
  lotId: askedId.optional(),
  by: askedId.optional(),
  verdict: z.enum(LEDGER_VERDICTS).optional(),
  fromMs: finite.optional(),
  toMs: finite.optional(),
});

const eraseWish = z.object({
  untilMs: finite,
  fromMs: finite.optional(),
  tankId: askedId.optional(),
  penId: askedId.optional(),
});

const ledgerPart = z.object({ skip: count, count: count.max(500) });

/** What each call of the book worker takes, in order; a call without a line here does not compile. */
export const CALL_SCHEMAS = {
  open: z.tuple([opening, moment, listener, listener, listener]),
  append: z.tuple([z.array(change), moment, id]),
  undo: z.tuple([id, moment]),
  setDevice: z.tuple([devicePatchSchema, moment]),
  chooseBook: z.tuple([bookName, moment]),
  catchUp: z.tuple([moment]),
  health: z.tuple([nowMs]),
  correctClock: z.tuple([finite, moment, id]),
  bringBack: z.tuple([moment]),
  beginAnew: z.tuple([]),
  loadDraft: z.tuple([z.string(), nowMs]),
  keepDraft: z.tuple([z.string(), z.string().nullable(), nowMs]),
  practiceRuns: z.tuple([]),
  keepPracticeRun: z.tuple([practiceRunSchema]),
  exportBook: z.tuple([listener]),
  stopFile: z.tuple([]),
  rescue: z.tuple([listener]),
  openFile: z.tuple([file, listener]),
  takeFile: z.tuple([moment, listener]),
  resolve: z.tuple([z.array(z.object({ recordId: askedId, revId: id })), moment, id]),
  conflicts: z.tuple([]),
  rows: z.tuple([kind]),
  round: z.tuple([nowMs]),
  tanks: z.tuple([nowMs]),
  tank: z.tuple([askedId, nowMs]),
  tankHistory: z.tuple([askedId, sampleSchema.optional()]),
  readingsPage: z.tuple([askedId, sampleSchema, count]),
  waterUse: z.tuple([askedId, nowMs]),
  read: z.tuple([nowMs]),
  pens: z.tuple([nowMs]),
  pen: z.tuple([askedId, nowMs]),
  bench: z.tuple([askedId, quantity, nowMs]),
  lookBack: z.tuple([askedId, quantity, finite.optional()]),
  foundLookBack: z.tuple([askedId, quantity, foundNow]),
  dose: z.tuple([askedId, nowMs]),
  dosePlan: z.tuple([askedId, wish, nowMs]),
  ecDose: z.tuple([askedId, nowMs]),
  products: z.tuple([]),
  timers: z.tuple([nowMs]),
  shopping: z.tuple([nowMs]),
  shelf: z.tuple([nowMs]),
  ledger: z.tuple([ledgerQuery, ledgerPart]),
  bookNames: z.tuple([]),
  penSheets: z.tuple([finite, finite, askedId.optional()]),
  outCsv: z.tuple([z.enum(LEDGER_KINDS), ledgerQuery, z.enum(['.', ','])]),
  outPackage: z.tuple([ledgerQuery, nowMs]),
  dueDays: z.tuple([nowMs]),
  amendEffects: z.tuple([z.array(change), nowMs]),
  entry: z.tuple([askedId]),
  labels: z.tuple([]),
  settings: z.tuple([]),
  intakes: z.tuple([]),
  erasable: z.tuple([eraseWish, nowMs]),
  erase: z.tuple([eraseWish, moment, id]),
  houseStatus: z.tuple([]),
  meetHouse: z.tuple([nowMs]),
  pairHouse: z.tuple([z.string().regex(CODE_PATTERN), z.string().trim().min(1).max(40)]),
  leaveHouse: z.tuple([]),
  houseDevices: z.tuple([]),
  revokeDevice: z.tuple([askedId]),
  openTable: z.tuple([namedFile]),
  lookAgain: z.tuple([tableWish.pick({ subject: true, shape: true })]),
  readTable: z.tuple([tableWish, moment, listener]),
  cancelTable: z.tuple([]),
  rejectedRows: z.tuple([]),
  takeTable: z.tuple([moment, id, listener]),
} as const satisfies Record<keyof BookApi, z.ZodType>;
