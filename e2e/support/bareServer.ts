import { existsSync, readFileSync, statSync } from 'node:fs';
import { createServer } from 'node:http';
import { extname, join, normalize } from 'node:path';

const TYPES: Readonly<Record<string, string>> = {
  '.html': 'text/html; charset=utf-8',
  '.js': 'text/javascript; charset=utf-8',
  '.css': 'text/css; charset=utf-8',
  '.svg': 'image/svg+xml',
  '.png': 'image/png',
  '.woff2': 'font/woff2',
  '.webmanifest': 'application/manifest+json',
  '.txt': 'text/plain; charset=utf-8',
};

/** A plain server of files under a path: no header of its own, no rule for deep links but 404.html. */
export async function bareServer(folder: string, base: string) {
  const asked: string[] = [];
  const server = createServer((request, response) => {
    const { pathname } = new URL(request.url ?? '/', 'http://localhost');
    asked.push(pathname);
    const send = (status: number, file: string) => {
      response.writeHead(status, { 'content-type': TYPES[extname(file)] ?? 'text/plain' });
      response.end(readFileSync(file));
    };
    const within = pathname.startsWith(`${base}/`);
    const inside = within ? normalize(decodeURIComponent(pathname.slice(base.length))) : '';
    const file = join(folder, inside === '/' ? 'index.html' : inside);
    if (within && existsSync(file) && statSync(file).isFile()) return send(200, file);
    if (within) return send(404, join(folder, '404.html'));
    response.writeHead(404).end('not here');
  });
  await new Promise<void>((resolve) => server.listen(0, resolve));
  const address = server.address();
  const port = typeof address === 'object' ? address?.port : 0;
  return {
    origin: `http://localhost:${port}`,
    url: `http://localhost:${port}${base}`,
    /** Every path that was asked for. */
    asked,
    stop: () => {
      server.close();
      server.closeAllConnections();
    },
  };
}
