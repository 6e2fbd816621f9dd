import { chmodSync, existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { homedir } from 'node:os';
import { join } from 'node:path';

/** Where a computer keeps a user's data: outside of every repository and export. */
function dataFolder(): string {
  if (process.platform === 'win32')
    return process.env.LOCALAPPDATA ?? join(homedir(), 'AppData', 'Local');
  if (process.platform === 'darwin') return join(homedir(), 'Library', 'Application Support');
  return process.env.XDG_DATA_HOME ?? join(homedir(), '.local', 'share');
}

/** What a house keeps on its computer: small files, each written whole, read by their owner alone. */
export interface HouseFolder {
  readonly path: string;
  read(name: string): string | undefined;
  write(name: string, text: string): void;
}

/** Where the house's keys lie. ZOLDER_HOUSE names another place. */
const keysFolder = () => process.env.ZOLDER_HOUSE ?? join(dataFolder(), 'zolder', 'house');

/** Where the pieces and devices of the exchange lie. ZOLDER_EXCHANGE names another place. */
export const exchangePath = () => process.env.ZOLDER_EXCHANGE ?? join(keysFolder(), 'exchange');

/** Opens a folder of the house, that of its keys unless another is given, making it on first use. */
export function openHouseFolder(folder = keysFolder()): HouseFolder {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  // It may have been there, open to others.
  chmodSync(folder, 0o700);
  return {
    path: folder,
    read(name) {
      const file = join(folder, name);
      return existsSync(file) ? readFileSync(file, 'utf8') : undefined;
    },
    write(name, text) {
      const file = join(folder, name);
      const half = `${file}.${process.pid}.new`;
      writeFileSync(half, text, { mode: 0o600 });
      renameSync(half, file);
    },
  };
}
