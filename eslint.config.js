import tseslint from 'typescript-eslint';
import hooks from 'eslint-plugin-react-hooks';

/** What a stranger can read in one go; each exception stands beside its code with its reason. */
const readable = {
  'max-lines': ['error', { max: 400, skipBlankLines: false, skipComments: false }],
  'max-lines-per-function': ['error', { max: 60 }],
  'max-params': ['error', { max: 4 }],
  complexity: ['error', { max: 15 }],
  'no-nested-ternary': 'error',
  'max-statements-per-line': ['error', { max: 1 }],
  'one-var': ['error', 'never'],
};

export default tseslint.config(
  {
    ignores: [
      'node_modules/',
      '.next/',
      '.cache/',
      '.stryker-tmp/',
      'reports/',
      'data/',
      'next-env.d.ts',
      'test-results/',
      'playwright-report/',
    ],
  },
  ...tseslint.configs.recommended,
  hooks.configs.flat['recommended-latest'],
  {
    linterOptions: { reportUnusedDisableDirectives: 'error' },
    rules: {
      ...readable,
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      'no-console': 'error',
      eqeqeq: ['error', 'always', { null: 'ignore' }],
    },
  },
  {
    files: ['src/ui/**', 'src/app/**'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          name: 'next/dynamic',
          message: 'A part it cannot fetch loses the page while the server is away: take parts/later.',
        },
      ],
    },
  },
  { files: ['scripts/**', 'tests/**', 'src/instrumentation.ts'], rules: { 'no-console': 'off' } },
  {
    files: ['src/core/**', 'src/model/**'],
    ignores: ['**/*.test.{ts,tsx}', '**/*.bench.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: "MemberExpression[object.name='Date'][property.name='now']",
          message: 'No clock in the core: take nowMs.',
        },
        {
          selector: "NewExpression[callee.name='Date'][arguments.length=0]",
          message: 'No clock in the core: take nowMs.',
        },
        {
          selector: "MemberExpression[object.name='Math'][property.name='random']",
          message: 'No chance in the core: take a seeded stream.',
        },
        {
          selector: 'MemberExpression[object.name=/^(performance|process|globalThis|window)$/]',
          message: 'The core does not see the machine.',
        },
      ],
    },
  },
  // A describe() holds the cases of one subject: its length is a list, not a function to follow.
  // Rows of a table and what a generator draws are handed over by position.
  {
    files: ['**/*.test.{ts,tsx}', '**/*.spec.ts'],
    rules: { 'max-lines-per-function': 'off', 'max-params': 'off' },
  },
);
