import next from 'eslint-config-next';
import prettier from 'eslint-config-prettier';
import ts from 'typescript-eslint';

const rules = [
  {
    ignores: [
      '.next/**',
      'public/sw.js',
      'next-env.d.ts',
      'coverage/**',
      'test-results/**',
      'playwright-report/**',
    ],
  },
  ...next,
  prettier,
  {
    rules: {
      'no-console': 'error',
      eqeqeq: 'error',
      'no-restricted-syntax': [
        'error',
        { selector: 'TSAnyKeyword', message: 'Say what it is; unknown where nobody can.' },
        { selector: 'TSNonNullExpression', message: 'Handle the missing case.' },
      ],
    },
  },
  {
    // The core is deterministic: clock, zone and randomness are arguments.
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'navigator',
        'localStorage',
        'crypto',
        'fetch',
        'performance',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'The clock is an argument.' },
        { object: 'Math', property: 'random', message: 'Randomness is an argument.' },
      ],
    },
  },
  {
    // No promise is left to itself: it is awaited, or `reported`, which says what goes wrong.
    files: ['src/{app,features,ui,store,workers,keeper}/**/*.{ts,tsx}', 'e2e/**/*.ts'],
    ignores: ['**/*.test.ts', '**/*.test.tsx'],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    plugins: { '@typescript-eslint': ts.plugin },
    rules: { '@typescript-eslint/no-floating-promises': ['error', { ignoreVoid: false }] },
  },
  { files: ['scripts/**', 'bench/**', 'attack/**'], rules: { 'no-console': 'off' } },
];

export default rules;
