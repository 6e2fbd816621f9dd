import { createServer } from 'node:http';

/** Changes an answer on its way through; undefined lets it pass. */
type Change = (
  path: string,
  body: Buffer,
) => { status?: number; body: Buffer | string } | undefined;

/** The same server under another address, able to publish a new version of the service worker. */
export async function frontOf(url: string, change: Change) {
  const front = createServer((request, response) => {
    const passing = fetch(`${url}${request.url}`).then(async (answer) => {
      const body = Buffer.from(await answer.arrayBuffer());
      const changed = change(request.url ?? '/', body);
      const type = answer.headers.get('content-type') ?? 'text/plain';
      const headers = { 'content-type': type, 'cache-control': 'no-cache' };
      response.writeHead(changed?.status ?? answer.status, headers);
      response.end(changed?.body ?? body);
    });
    passing.catch(() => response.destroy());
  });
  await new Promise<void>((resolve) => front.listen(0, resolve));
  const address = front.address();
  const port = typeof address === 'object' ? address?.port : undefined;
  return { url: `http://localhost:${port}`, stop: () => front.close() };
}

/** The service worker's text as a new version would have it. */
export const newVersion = (body: Buffer) => ({ body: `${body.toString()}\n// new` });
