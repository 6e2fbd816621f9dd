import type { z } from 'zod';
import { answer, refuse, type Result } from '@/core/result';
import {
  arrivalsHeadSchema,
  arrivalSchema,
  devicesSchema,
  pairedSchema,
  unknownSchema,
  type Cursor,
  type HouseDevice,
  type Piece,
} from '@/interchange/exchange';
import type { RevId } from '@/records';

/** Why the house was not met. */
export type HouseTrouble =
  /** It does not answer: another network, or its computer is off. */
  | 'away'
  /** What answers there has no exchange, or has it switched off. */
  | 'off'
  /** This device was taken off the list. */
  | 'revoked'
  /** The house does not know this device. */
  | 'nobody'
  /** Too much was asked of it in a minute. */
  | 'slower'
  /** Its disk is full. */
  | 'full'
  /** A code was wrong, or is over. */
  | 'wrong'
  /** Too many wrong codes; a new one is shown in a minute. */
  | 'locked'
  /** It refused a piece of this book. */
  | 'refused'
  /** What came could not be kept on this device. */
  | 'here';

/** What came since a place in the log. */
export interface Came extends z.infer<typeof arrivalsHeadSchema> {
  readonly pieces: readonly Piece[];
}

type Fetching = (url: string, options: RequestInit) => Promise<Response>;

/** An answer is waited for so long, ms. */
const TIMEOUT_MS = 20_000;

const TROUBLES: Readonly<Record<number, HouseTrouble>> = {
  401: 'nobody',
  403: 'wrong',
  413: 'refused',
  415: 'refused',
  422: 'refused',
  429: 'slower',
  507: 'full',
};

const REASONS: readonly string[] = ['revoked', 'locked', 'wrong'] satisfies HouseTrouble[];

/** Parses JSON by a schema; undefined where it is something else, such as a page of a web space. */
function parsed<Held>(schema: z.ZodType<Held>, text: string): Held | undefined {
  try {
    return schema.safeParse(JSON.parse(text)).data;
  } catch {
    return undefined;
  }
}

/** What the house's computer answers; every answer is parsed, and every refusal has a name. */
export class HouseCalls {
  /** `base` is the address of the exchange; `fetching` is the browser's own unless a test gives one. */
  constructor(
    private readonly base: string,
    private readonly fetching: Fetching = (url, options) => fetch(url, options),
  ) {}

  private async ask(
    way: string,
    { token, headers, ...options }: RequestInit & { token?: string },
  ): Promise<Result<string, HouseTrouble>> {
    try {
      const response = await this.fetching(`${this.base}${way}`, {
        ...options,
        headers: { ...headers, ...(token ? { authorization: `Bearer ${token}` } : {}) },
        cache: 'no-store',
        credentials: 'omit',
        signal: AbortSignal.timeout(TIMEOUT_MS),
      });
      const text = await response.text();
      if (response.ok) return answer(text);
      const why = /"why":"(\w+)"/.exec(text)?.[1] ?? '';
      if (REASONS.includes(why)) return refuse(why as HouseTrouble);
      // A server that stumbles is met another time.
      return refuse(TROUBLES[response.status] ?? (response.status >= 500 ? 'away' : 'off'));
    } catch {
      return refuse('away');
    }
  }

  private async asked<Held>(
    schema: z.ZodType<Held>,
    way: string,
    options: RequestInit & { token?: string },
  ): Promise<Result<Held, HouseTrouble>> {
    const told = await this.ask(way, options);
    if (!told.ok) return told;
    const held = parsed(schema, told.value);
    return held === undefined ? refuse('off') : answer(held);
  }

  private post(body: unknown, token?: string): RequestInit & { token?: string } {
    const headers = { 'content-type': 'application/json' };
    return {
      method: 'POST',
      headers,
      body: JSON.stringify(body),
      ...(token ? { token } : {}),
    };
  }

  /** Pairs this device by the code that the computer shows. */
  pair(asked: { code: string; name: string; device: string }) {
    return this.asked(pairedSchema, '/pair', this.post(asked));
  }

  /** What came since a place in the log; what this device brought only where it begins. */
  async pieces(token: string, { after, at }: Cursor): Promise<Result<Came, HouseTrouble>> {
    const told = await this.ask(`/pieces?after=${after}&at=${at}`, { token });
    if (!told.ok) return told;
    const [first = '', ...lines] = told.value.trimEnd().split('\n');
    const head = parsed(arrivalsHeadSchema, first);
    const pieces = lines.map((line) => parsed(arrivalSchema, line));
    if (!head || pieces.includes(undefined)) return refuse('off');
    return answer({ ...head, pieces: pieces as readonly Piece[] });
  }

  /** Brings a piece; resolves when the house has it on its disk. */
  async bring(token: string, { sha256, body }: Piece): Promise<Result<null, HouseTrouble>> {
    const headers = { 'content-type': 'application/octet-stream' };
    const bytes = new TextEncoder().encode(body);
    const told = await this.ask(`/pieces/${sha256}`, {
      method: 'PUT',
      token,
      headers,
      body: bytes,
    });
    if (!told.ok) return told;
    // A page of a web space is no promise that the piece is kept.
    return told.value === '{"kept":true}' ? answer(null) : refuse('off');
  }

  /** Of these revisions, those the house has not got. */
  async unknown(
    token: string,
    revIds: readonly RevId[],
  ): Promise<Result<readonly string[], HouseTrouble>> {
    const told = await this.asked(unknownSchema, '/unknown', this.post({ revIds }, token));
    return told.ok ? answer(told.value.unknown) : told;
  }

  async devices(token: string): Promise<Result<readonly HouseDevice[], HouseTrouble>> {
    const told = await this.asked(devicesSchema, '/devices', { token });
    return told.ok ? answer(told.value.devices) : told;
  }

  async revoke(token: string, id: string): Promise<Result<null, HouseTrouble>> {
    const told = await this.ask(`/devices/${encodeURIComponent(id)}`, { method: 'DELETE', token });
    return told.ok ? answer(null) : told;
  }
}
