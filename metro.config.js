const path = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);
const resolveDefault = config.resolver.resolveRequest;

// zod ships every language; only English is used, and the rest would add 40 kB to each bundle.
config.resolver.resolveRequest = (context, name, platform) => {
  const resolve = resolveDefault ?? context.resolveRequest;
  const fromZod = context.originModulePath.includes(`${path.sep}zod${path.sep}`);
  if (fromZod && /locales\/index\.(c?js|mjs)$/.test(name)) {
    return { type: 'sourceFile', filePath: path.resolve(__dirname, 'scripts/zod-locales.js') };
  }
  // The whole of the statistics package would ship with the first screen; three functions are used.
  if (name === 'simple-statistics')
    return {
      type: 'sourceFile',
      filePath: path.resolve(__dirname, 'scripts/simple-statistics.js'),
    };
  return resolve(context, name, platform);
};

// A module runs when something of it is first used: much of what the libraries ship never is.
config.transformer.getTransformOptions = async () => ({
  transform: { experimentalImportSupport: false, inlineRequires: true },
});

// The path on a host is written into what is cached.
config.cacheVersion = `base ${process.env.ZOLDER_BASE ?? ''}`;

module.exports = config;
