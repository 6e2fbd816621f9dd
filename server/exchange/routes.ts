import compression from 'compression';
import express, { Router, type Request, type RequestHandler, type Response } from 'express';
import { rateLimit } from 'express-rate-limit';
import type { z } from 'zod';
import { MINUTE_MS } from '@/core/units';
import {
  cursorSchema,
  pairAskedSchema,
  PIECE_MAX_BYTES,
  PIECE_NAME,
  unknownAskedSchema,
} from '@/interchange/exchange';
import { plainError } from '../common';
import type { Exchange } from './exchange';

/** How much is answered in a minute. */
export interface Rates {
  /** Requests of one paired device. */
  readonly device: number;
  /** Wrong tokens, and tries to pair, from one address. */
  readonly wrong: number;
}

const RATES: Rates = { device: 3000, wrong: 10 };

/** Waits so long before a wrong token is answered, ms: guessing is slow, a mistake is not felt. */
const WRONG_ANSWERED_AFTER_MS = 400;

/** The exchange as it is while it is on. */
type Now = () => Exchange;

const refuse = (response: Response, status: number, why: string) =>
  void response.status(status).json({ why });

const tooMany = (limit: number, more: object = {}) =>
  rateLimit({
    windowMs: MINUTE_MS,
    limit,
    standardHeaders: false,
    legacyHeaders: false,
    handler: (_request, response) => refuse(response, 429, 'slower'),
    ...more,
  });

/** Parses a part of a request; answers 400 and nothing where it is not of the schema. */
function parsed<Held>(schema: z.ZodType<Held>, data: unknown, response: Response) {
  const result = schema.safeParse(data);
  if (result.success) return result.data;
  refuse(response, 400, 'notUnderstood');
  return undefined;
}

const deviceOf = (response: Response) => response.locals.device as string;

const tokenOf = (request: Request) =>
  /^Bearer ([\w-]{32,128})$/.exec(request.get('authorization') ?? '')?.[1];

/** Lets in whose token is known; a wrong one is answered slowly, and after a few not at all. */
function onlyDevices(now: Now): RequestHandler {
  return (request, response, next) => {
    const { devices, nowMs } = now();
    const token = tokenOf(request);
    const known = token === undefined ? undefined : devices.whose(token, nowMs());
    if (known?.state === 'known') {
      response.locals.device = known.id;
      return void next();
    }
    const why = known?.state === 'revoked' ? 'revoked' : 'nobody';
    setTimeout(() => refuse(response, 401, why), WRONG_ANSWERED_AFTER_MS);
  };
}

function pairs(now: Now): RequestHandler {
  return (request, response) => {
    const { devices, pairing, nowMs } = now();
    const asked = parsed(pairAskedSchema, request.body, response);
    if (!asked) return;
    const tried = pairing.tried(asked.code, nowMs());
    if (tried === 'paired') response.json(devices.pair(asked, nowMs()));
    else refuse(response, tried === 'locked' ? 429 : 403, tried);
  };
}

function brings(now: Now): RequestHandler<{ sha256: string }> {
  return async (request, response) => {
    const { book } = now();
    const { sha256 } = request.params;
    const bytes: unknown = request.body;
    if (!Buffer.isBuffer(bytes)) return refuse(response, 415, 'notAPiece');
    const body = bytes.toString();
    const brought = await book.bring({ sha256, body }, deviceOf(response));
    if (brought.state === 'kept') response.json({ kept: true });
    else if (brought.state === 'full') refuse(response, 507, 'full');
    else response.status(422).json({ why: 'refused', told: brought.why });
  };
}

/** What came since a cursor: a line that tells of the answer, then each piece on a line of its own. */
function tells(now: Now): RequestHandler {
  return async (request, response) => {
    const { book } = now();
    const { after, at } = request.query;
    const cursor = parsed(cursorSchema, { after: Number(after), at }, response);
    if (!cursor) return;
    // A device that begins gets what it brought itself as well: it may have lost its book.
    const from = cursor.after > 0 && request.query.own !== '1' ? deviceOf(response) : undefined;
    const { pieces, ...head } = await book.after(cursor, from);
    const lines = [{ book: book.id, ...head }, ...pieces].map((line) => JSON.stringify(line));
    response.type('text/plain').send(`${lines.join('\n')}\n`);
  };
}

/**
 * The exchange as a part of the app's server: everything below it needs a device's token, but pairing,
 * which needs a code. Nothing of a request is logged.
 */
export function exchangeRoutes(now: Now, rates: Rates = RATES): Router {
  const router = Router();
  router.use(compression());
  router.use((_request, response, next) => {
    response.setHeader('Cache-Control', 'no-store');
    // A policy for pages, of which there is none here: a phone asks each minute.
    response.removeHeader('Content-Security-Policy');
    next();
  });
  const json = express.json({ limit: PIECE_MAX_BYTES, strict: true });
  const onlyWrong = { skipSuccessfulRequests: true };
  router.post('/pair', tooMany(rates.wrong, onlyWrong), json, pairs(now));
  const wrongToken = {
    ...onlyWrong,
    requestWasSuccessful: (_request: Request, { statusCode }: Response) => statusCode !== 401,
  };
  router.use(tooMany(rates.wrong, wrongToken), onlyDevices(now));
  const byDevice = { keyGenerator: (_request: Request, response: Response) => deviceOf(response) };
  router.use(tooMany(rates.device, byDevice));
  router.get('/pieces', tells(now));
  const raw = express.raw({ type: 'application/octet-stream', limit: PIECE_MAX_BYTES });
  router.put('/pieces/:sha256', named, raw, brings(now));
  router.post('/unknown', json, async (request, response) => {
    const asked = parsed(unknownAskedSchema, request.body, response);
    if (asked) response.json({ unknown: await now().book.unknown(asked.revIds) });
  });
  router.get('/devices', (_request, response) => {
    response.json({ devices: now().devices.all(deviceOf(response)) });
  });
  router.delete('/devices/:id', (request, response) => {
    if (now().devices.revoke(String(request.params.id))) response.json({ revoked: true });
    else refuse(response, 404, 'nobody');
  });
  router.use((_request, response) => refuse(response, 404, 'nothing'));
  router.use(plainError);
  return router;
}

/** A piece has the name of its content and no other: no path leads out of the folder. */
const named: RequestHandler<{ sha256: string }> = (request, response, next) => {
  if (PIECE_NAME.test(request.params.sha256)) next();
  else refuse(response, 400, 'notUnderstood');
};
