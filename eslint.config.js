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

/** Paths that are typed by hand. */
const noPaths = ['Literal[value=', 'TemplateElement[value.raw='].map((start) => ({
  selector: `${start}/^\\u002f(tanks|pens|shelf|book|print|take-in|take-out|erase|read|settings|help|welcome)/]`,
  message: 'Paths come from shell/navigation/paths.ts: a mistyped one then does not compile.',
}));

/** Writing past the door. */
const noAppend = {
  selector: "CallExpression[callee.object.name='client'][callee.property.name='append']",
  message: 'Write through useAct: it books once, can be taken back, and fails aloud.',
};

/** Effects that run every time something is drawn. */
const noEveryRender = {
  selector: 'CallExpression[callee.name=/^use(Layout)?Effect$/][arguments.length=1]',
  message: 'Say what it depends on: without, it runs every time the screen is drawn.',
};

/** Sentences that stand in a screen. */
const noSentences = [
  'JSXText[value=/[A-Za-z]/]',
  'JSXAttribute[name.name=/^(label|hint|title|text|action|message)$/] > Literal[value=/[a-z]{2}/]',
  'Property[key.name=/^(label|hint|title|text)$/] > Literal[value=/^(?!mmol)[^/]*[a-z]{2}/]',
  'Literal[value=/^(?!mg|US|UK|[dMyE]+ [dMy ]+$).*[a-z] [a-z(]/i]',
  'TemplateElement[value.raw=/^(?!px solid $).*([a-z]{2,},? |[a-z] [a-z])/i]',
].map((selector) => ({
  selector,
  message: 'Screens draw, words speak: this belongs to src/words, in the file of its place.',
}));

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
      // The compiler tells the same, and they take most of the time of all rules.
      'import/namespace': 'off',
      'import/no-named-as-default': 'off',
      // Tells what the React Compiler would leave as it is; it is not used here.
      'react-hooks/incompatible-library': 'off',
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
  {
    // A screen is split by what it asks; a hook by what it keeps. Descriptions of fields are lists.
    files: ['{app,src/features,src/shell,src/ui}/**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}', 'src/features/pens/fields/**'],
    rules: {
      complexity: ['error', 18],
      'max-lines-per-function': ['error', { max: 100, skipBlankLines: true, skipComments: true }],
    },
  },
  {
    files: ['{src/{core,records,book,acts,interchange,demo,timers,trouble},server}/**/*.ts'],
    ignores: ['**/*.test.ts', '**/testing/**'],
    rules: { complexity: ['error', 24] },
  },
  {
    // No promise is left floating: what goes on by itself goes through `inBackground`, which notes failures.
    files: ['{app,src,server,e2e}/**/*.{ts,tsx}'],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: process.cwd() } },
    rules: {
      '@typescript-eslint/no-floating-promises': ['error', { ignoreVoid: false }],
      '@typescript-eslint/no-misused-promises': [
        'error',
        { checksVoidReturn: { attributes: false } },
      ],
    },
  },
  {
    // One door: what a person does reaches the book through `useAct` and the act door alone.
    files: ['src/features/**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}'],
    rules: {
      'no-restricted-syntax': ['error', noAppend, noEveryRender, ...noPaths],
    },
  },
  {
    files: ['{app,src/features,src/shell}/**/*.tsx'],
    ignores: ['**/*.test.tsx'],
    rules: {
      'no-restricted-syntax': ['error', noAppend, noEveryRender, ...noPaths, ...noSentences],
    },
  },
  {
    // View models speak as little as screens; descriptions of fields say what their field is called.
    files: ['src/features/**/*.ts'],
    ignores: [
      '**/*.test.ts',
      '**/*[fF]ields.ts',
      'src/features/*/fields/**',
      'src/features/parts/calendarStyles.ts',
    ],
    rules: {
      'no-restricted-syntax': ['error', noAppend, noEveryRender, ...noPaths, ...noSentences],
    },
  },
  { files: ['scripts/**', 'server/**', 'e2e/**'], rules: { 'no-console': 'off' } },
];
