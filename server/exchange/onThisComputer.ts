import express, { Router, type Request, type RequestHandler } from 'express';
import { renderSVG } from 'uqr';
import { z } from 'zod';
import type { TheExchange } from './theExchange';

const HERE = ['127.0.0.1', '::1', '::ffff:127.0.0.1'];
const NAMES_OF_HERE = /^(localhost|127\.0\.0\.1|\[::1\])(:\d+)?$/;

/** What a program that passes requests on says of them: they come from elsewhere. */
const PASSED_ON = ['forwarded', 'via', 'x-forwarded-for', 'x-real-ip'];

/** Whether a request comes from this very computer, by its own name: no other site, no other device. */
function isFromHere(request: Request): boolean {
  const { remoteAddress = '' } = request.socket;
  const isPassedOn = PASSED_ON.some((name) => request.get(name) !== undefined);
  return (
    !isPassedOn && HERE.includes(remoteAddress) && NAMES_OF_HERE.test(request.get('host') ?? '')
  );
}

const onlyHere: RequestHandler = (request, response, next) => {
  response.setHeader('Cache-Control', 'no-store');
  if (isFromHere(request)) next();
  else response.status(404).json({ why: 'nothing' });
};

/** A page of another site may send a form here, but never with a header of its own. */
const fromOwnPage: RequestHandler = (request, response, next) => {
  const origin = request.get('origin');
  const own = origin === undefined || origin === `http://${request.get('host')}`;
  if (own && request.get('x-zolder') === 'here') next();
  else response.status(403).json({ why: 'notFromHere' });
};

/** What a phone scans: the code stands behind the `#`, which no server is told. */
export const pairingLink = (appOrigin: string, code: string) => `${appOrigin}/together#${code}`;

const turnSchema = z.object({ on: z.boolean() });

/** What the page that helps may do on the computer itself: see the code, turn the exchange on and off. */
export function onThisComputer(exchange: TheExchange, appOrigin: () => string): Router {
  const router = Router();
  router.use(onlyHere);
  const tell = () => {
    const now = exchange.now();
    if (!now) return { on: false };
    const shown = now.pairing.shown(now.nowMs());
    if (!('code' in shown)) return { on: true, ...shown };
    return {
      on: true,
      ...shown,
      qr: renderSVG(pairingLink(appOrigin(), shown.code), { border: 2 }),
    };
  };
  router.get('/', (_request, response) => void response.json(tell()));
  router.post('/', fromOwnPage, express.json({ limit: '1kb' }), async (request, response) => {
    const asked = turnSchema.safeParse(request.body);
    if (!asked.success) return void response.status(400).json({ why: 'notUnderstood' });
    await exchange.turn(asked.data.on);
    response.json(tell());
  });
  return router;
}
