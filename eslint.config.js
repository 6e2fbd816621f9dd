const expo = require('eslint-config-expo/flat');

const noDefaultAsyncStorage = {
  paths: [
    {
      name: '@react-native-async-storage/async-storage',
      importNames: ['default'],
      message: 'Its default export is localStorage (5 MB). Use createAsyncStorage.',
    },
    { name: 'lucide-react-native', message: 'Import one icon from lucide-react-native/icons/….' },
    { name: 'date-fns', message: 'Import one function from date-fns/….' },
  ],
};

module.exports = [
  {
    ignores: [
      'dist/**',
      '.cache/**',
      '.expo/**',
      'node_modules/**',
      'public/**',
      'test-results/**',
    ],
  },
  ...expo,
  {
    rules: {
      'no-restricted-imports': ['error', noDefaultAsyncStorage],
      'no-console': ['error', { allow: ['warn', 'error'] }],
      'max-lines': ['error', { max: 300, skipBlankLines: true, skipComments: true }],
      eqeqeq: 'error',
      'import/no-named-as-default-member': 'off',
    },
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'localStorage',
        'crypto',
        'performance',
      ],
      'no-restricted-syntax': [
        'error',
        {
          selector: "CallExpression[callee.object.name='Date']",
          message: 'The core has no clock.',
        },
        { selector: "NewExpression[callee.name='Date']", message: 'The core has no clock.' },
        {
          selector: "MemberExpression[object.name='Math'][property.name='random']",
          message: 'Chance comes in as an argument.',
        },
      ],
    },
  },
  { files: ['scripts/**', 'server/**', 'e2e/**'], rules: { 'no-console': 'off' } },
];
