import { chromium, type BrowserContext, type Page } from '@playwright/test';
import { spawnSync } from 'node:child_process';
import { createHash, X509Certificate } from 'node:crypto';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { connect } from 'node:tls';
import { findCertutil } from '../../scripts/chromium.mjs';
import { servePhones } from '../../scripts/serve.mjs';

interface HouseOptions {
  readonly own?: boolean;
  readonly port?: number;
}

/** A house that serves phones, with keys of its own. */
export async function startHouse({ own = true, port = 0 }: HouseOptions = {}) {
  const folder = mkdtempSync(join(tmpdir(), 'zolder-house-'));
  const server = await servePhones({ house: folder, own, port });
  const help = /page that helps is at (\S+)/.exec(server.said())?.[1] ?? '';
  return {
    /** The one address of the app. */
    url: server.url,
    /** The page that helps, as this computer opens it. */
    help,
    said: server.said,
    /** Switches the exchange on as the page that helps does; answers the code it then shows. */
    async code(): Promise<string> {
      const turned = await fetch(`${help}/house/exchange`, {
        method: 'POST',
        headers: { 'content-type': 'application/json', 'x-zolder': 'here' },
        body: JSON.stringify({ on: true }),
      });
      const { code = '' } = (await turned.json()) as { code?: string };
      return code;
    },
    stopServer: server.stop,
    stop: () => {
      server.stop();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

type House = Awaited<ReturnType<typeof startHouse>>;

/** The certificate a server shows, whoever vouches for it. */
function shownBy(url: string): Promise<X509Certificate> {
  const { port } = new URL(url);
  return new Promise((resolve, reject) => {
    const socket = connect({ port: Number(port), host: '127.0.0.1', rejectUnauthorized: false });
    socket.on('secureConnect', () => {
      resolve(new X509Certificate(socket.getPeerCertificate().raw));
      socket.end();
    });
    socket.on('error', reject);
  });
}

/** A device with a browser profile of its own. */
export class Device {
  private readonly home = mkdtempSync(join(tmpdir(), 'zolder-device-'));
  private readonly more: string[] = [];

  /** Puts the house's authority among those its browser trusts, as a grower does by hand. */
  async trust(house: House): Promise<void> {
    const pem = await (await fetch(`${house.help}/house/zolder-house.pem`)).text();
    if (!findCertutil()) {
      // Without the tool the very certificate is taken on trust: all but the trust itself is tried.
      const shown = await shownBy(house.url);
      const key = shown.publicKey.export({ type: 'spki', format: 'der' });
      const hash = createHash('sha256').update(key).digest('base64');
      this.more.push(`--ignore-certificate-errors-spki-list=${hash}`);
      return;
    }
    const store = join(this.home, '.pki/nssdb');
    mkdirSync(store, { recursive: true });
    const file = join(this.home, 'house.pem');
    writeFileSync(file, pem);
    for (const args of [
      ['-N', '--empty-password'],
      ['-A', '-t', 'C,,', '-n', 'house', '-i', file],
    ]) {
      const { status, stderr } = spawnSync('certutil', ['-d', `sql:${store}`, ...args]);
      if (status !== 0) throw new Error(`certutil: ${String(stderr)}`);
    }
  }

  /** Opens its browser; `findsNames` as false is a device that knows no `.local` name. */
  async open({ findsNames = true } = {}): Promise<{ context: BrowserContext; page: Page }> {
    const context = await chromium.launchPersistentContext(join(this.home, 'profile'), {
      executablePath: process.env.ZOLDER_CHROMIUM,
      viewport: { width: 390, height: 844 },
      reducedMotion: 'reduce',
      acceptDownloads: true,
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-background-networking',
        ...(findsNames ? ['--host-resolver-rules=MAP *.local 127.0.0.1'] : []),
        ...this.more,
      ],
      env: { ...process.env, HOME: this.home } as Record<string, string>,
    });
    return { context, page: context.pages()[0] ?? (await context.newPage()) };
  }

  forget(): void {
    rmSync(this.home, { recursive: true, force: true, maxRetries: 3 });
  }
}
