import { createServer } from 'node:http';
import { makeApp } from '../../app';
import { openHouseFolder } from '../../house/houseFolder';
import { listenOn, portOf } from '../../listening';
import { thisDisk, type Disk } from '../disk';
import { openExchange } from '../exchange';
import { theExchange } from '../theExchange';

/**
 * A house's server that is killed by itself now and then, on the way from a write to its answer, as a
 * computer whose plug is pulled. Arguments: the folder, the export, one kill in so many writes (0: never).
 */
async function main(): Promise<void> {
  const [path = '', dist = '', oneIn = '0'] = process.argv.slice(2);
  const folder = openHouseFolder(path);
  let writes = 0;
  const mayDie = () => {
    writes += 1;
    // Not while it starts: else it would never come up.
    if (writes > 4 && Number(oneIn) > 0 && Math.random() < 1 / Number(oneIn))
      process.kill(process.pid, 'SIGKILL');
  };
  const disk: Disk = {
    ...thisDisk,
    writeWhole: async (file, bytes) => {
      await thisDisk.writeWhole(file, bytes);
      mayDie();
    },
    append: async (file, text) => {
      mayDie();
      await thisDisk.append(file, text);
      mayDie();
    },
  };
  const open = () => openExchange({ folder, disk, random: () => 123_456 });
  const rates = { device: 1_000_000, wrong: 1000 };
  const exchange = await theExchange({ folder, asked: true, open, rates });
  exchange.now()!.pairing.shown(Date.now());
  const app = makeApp({ dist, start: 'own', exchange: exchange.handler });
  const server = await listenOn(createServer(app), 0, { host: '127.0.0.1', variable: 'PORT' });
  console.log(`port ${portOf(server)}`);
  // A code is used up by each pairing.
  setInterval(() => exchange.now()!.pairing.shown(Date.now()), 20);
}

main().catch((error: unknown) => {
  console.error(error);
  process.exit(1);
});
