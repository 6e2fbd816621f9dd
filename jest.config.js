const shared = {
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1' },
  transform: { '\\.mjs$': 'babel-jest' },
  transformIgnorePatterns: [
    '/node_modules/(?!((jest-)?react-native[^/]*|@react-native[^/]*|idb|ulid|@noble/hashes|expo[^/]*|@expo[^/]*|lucide-react-native|date-fns|d3-[a-z-]+|internmap|uqr)/)',
  ],
};

/** Two projects: plain Node for all that has no screen, a simulated page for components. */
module.exports = {
  // A machine with busy neighbours is ten times slower than itself.
  testTimeout: 30_000,
  projects: [
    {
      ...shared,
      displayName: 'node',
      preset: 'jest-expo/node',
      transform: {
        ...shared.transform,
        '/(src/(core|records|storage|book|demo)|server/exchange)/.*\\.test\\.ts$':
          '<rootDir>/scripts/jest/bundledTest.cjs',
      },
      testMatch: ['<rootDir>/{src,server,scripts}/**/*.test.ts'],
    },
    {
      ...shared,
      displayName: 'web',
      preset: 'jest-expo/web',
      testMatch: ['<rootDir>/src/**/*.test.tsx'],
    },
  ],
};
