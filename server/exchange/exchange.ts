import { randomInt } from 'node:crypto';
import { join } from 'node:path';
import { exchangePath, openHouseFolder, type HouseFolder } from '../house/houseFolder';
import { BookFolder } from './bookFolder';
import { Devices } from './devices';
import { thisDisk, type Disk } from './disk';
import { Pairing } from './pairing';

/** What the exchange of a house consists of. */
export interface Exchange {
  readonly book: BookFolder;
  readonly devices: Devices;
  readonly pairing: Pairing;
  readonly nowMs: () => number;
}

interface Around {
  /** Where everything of the exchange lies, the pieces below `books/house`. */
  readonly folder: HouseFolder;
  readonly disk?: Disk;
  readonly nowMs?: () => number;
  readonly random?: (below: number) => number;
}

/** Opens a house's exchange: its one book, the devices, and a code to pair more of them. */
export async function openExchange({
  folder,
  disk = thisDisk,
  nowMs = () => Date.now(),
  random = (below) => randomInt(below),
}: Around): Promise<Exchange> {
  const book = await BookFolder.open(join(folder.path, 'books', 'house'), disk);
  return { book, devices: new Devices(folder), pairing: new Pairing(random), nowMs };
}

/** The folder of the exchange on this computer. */
export const exchangeFolder = (): HouseFolder => openHouseFolder(exchangePath());
