/** Expo settings. ZOLDER_APP_ROOT lets the bench export an empty app on the same packages. */
const root = process.env.ZOLDER_APP_ROOT ?? 'app';
module.exports = {
  name: 'Zolder',
  slug: 'zolder',
  version: require('./package.json').version,
  scheme: 'zolder',
  userInterfaceStyle: 'automatic',
  platforms: ['web'],
  // The path on a host, as a word that the build replaces: one export serves every path.
  experiments: process.env.ZOLDER_BASE ? { baseUrl: process.env.ZOLDER_BASE } : {},
  web: { output: 'single', bundler: 'metro' },
  plugins: [['expo-router', { root, asyncRoutes: false }]],
};
