import type { RequestHandler } from 'express';
import { openExchange, type Exchange } from './exchange';
import type { HouseFolder } from '../house/houseFolder';
import { exchangeRoutes, type Rates } from './routes';

/** The exchange as a house may have it: off until somebody asks for it, and off again. */
export interface TheExchange {
  readonly isOn: () => boolean;
  /** The exchange while it is on. */
  readonly now: () => Exchange | undefined;
  /** Turns it on or off, and remembers it for the next start. */
  readonly turn: (on: boolean) => Promise<void>;
  /** Answers 404 while it is off. */
  readonly handler: RequestHandler;
}

interface Options {
  readonly folder: HouseFolder;
  /** It was asked for at this start; else it is as it was left. */
  readonly asked: boolean;
  readonly open?: (around: { folder: HouseFolder }) => Promise<Exchange>;
  readonly rates?: Rates;
}

const FILE = 'exchange.json';

/** What a house's exchange was left as. */
const wasOn = (folder: HouseFolder) => folder.read(FILE) === 'on';

/** Makes the exchange of a house, on where it was asked for or was left on. */
export async function theExchange({
  folder,
  asked,
  open = openExchange,
  rates,
}: Options): Promise<TheExchange> {
  let exchange: Exchange | undefined;
  // Made once: what was counted of wrong tokens stays counted.
  const routes = exchangeRoutes(() => exchange!, rates);
  const turn = async (on: boolean) => {
    exchange = on ? (exchange ?? (await open({ folder }))) : undefined;
    folder.write(FILE, on ? 'on' : 'off');
  };
  if (asked || wasOn(folder)) await turn(true);
  return {
    isOn: () => exchange !== undefined,
    now: () => exchange,
    turn,
    handler(request, response, next) {
      if (exchange) routes(request, response, next);
      else response.status(404).json({ why: 'nothing' });
    },
  };
}
