/** npm run build: the app as a folder for any HTTPS host; `-- --base /path/` for a path of it. */
import { ensure } from './ensure.mjs';

ensure();
const { buildFor } = await import('./build.mjs');
const { baseOf } = await import('./baseOf.mjs');
try {
  const base = baseOf(process.argv.slice(2));
  await buildFor(base);
  console.log(
    `dist/ is ready to be served at ${base || ''}/ of an HTTPS host. See docs/hosting.md.`,
  );
} catch (error) {
  console.error(error.message);
  process.exit(1);
}
