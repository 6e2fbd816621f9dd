/**
 * Makes one script of a test and all of our own it imports, as the app's bundler does: calls between
 * modules are then plain calls, and the many loops of the core run some three times as fast as through
 * the module registry of the test runner. Packages stay outside.
 */
const { createHash } = require('node:crypto');
const { join } = require('node:path');
const { buildSync } = require('esbuild');

/** Looked up once: in the runner's sandbox every use of a global is a search. */
const GLOBALS =
  'const { Math, Number, Float64Array, Array, Object, Infinity, NaN, Map, Set } = globalThis;';

module.exports = {
  process(_text, path, { config }) {
    const { outputFiles } = buildSync({
      entryPoints: [path],
      bundle: true,
      write: false,
      format: 'cjs',
      platform: 'node',
      target: 'node20',
      sourcemap: 'inline',
      packages: 'external',
      banner: { js: GLOBALS },
      alias: { '@': join(config.rootDir, 'src') },
    });
    return { code: outputFiles[0].text };
  },
  /** Never from the cache: what a test imports may have changed where the test has not. */
  getCacheKey: (_text, path) =>
    createHash('sha256').update(`${path} ${process.pid} ${process.hrtime.bigint()}`).digest('hex'),
};
