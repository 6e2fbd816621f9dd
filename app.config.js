/** Expo settings. ZOLDER_APP_ROOT lets the bench export an empty app on the same packages. */
const root = process.env.ZOLDER_APP_ROOT ?? 'app';
module.exports = {
  name: 'Zolder',
  slug: 'zolder',
  version: require('./package.json').version,
  scheme: 'zolder',
  userInterfaceStyle: 'automatic',
  platforms: ['web'],
  web: { output: 'single', bundler: 'metro' },
  plugins: [['expo-router', { root, asyncRoutes: { web: 'production', default: false } }]],
};
