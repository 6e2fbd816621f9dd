import { join } from 'node:path';
import { makeApp, type Start } from './app';

const DEFAULT_PORT = 4173;

/** `npm start`: the demo glasshouse; `npm start -- --own`: an empty book. PORT chooses the port. */
function main(): void {
  const port = Number(process.env.PORT ?? DEFAULT_PORT);
  if (!Number.isInteger(port) || port < 0 || port > 65535) {
    console.error(`PORT must be a whole number from 0 to 65535, not "${process.env.PORT}".`);
    process.exit(1);
  }
  const start: Start = process.argv.includes('--own') ? 'own' : 'demo';
  const dist = join(__dirname, '..', 'dist');
  const server = makeApp({ dist, start }).listen(port, (error?: Error & { code?: string }) => {
    if (error) {
      const taken = error.code === 'EADDRINUSE';
      console.error(
        taken
          ? `Port ${port} is in use. Choose another: PORT=${port + 1} npm start`
          : `The server could not start: ${error.message}`,
      );
      process.exit(1);
    }
    const address = server.address();
    const actual = typeof address === 'object' && address ? address.port : port;
    console.log(`Zolder is ready at http://localhost:${actual}`);
  });
}

main();
