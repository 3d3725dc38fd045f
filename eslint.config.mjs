import next from 'eslint-config-next';
import prettier from 'eslint-config-prettier';
import ts from 'typescript-eslint';

const REACT = ['src/{app,features,ui}/**/*.tsx', 'src/**/use-*.ts', 'src/store/*.tsx'];

/** Rules that need types are oxlint's (`.oxlintrc.json`). */
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
  // What is about components looks where components and hooks stand: most of its time is a compiler's pass over each file.
  ...next.map((config) => ({ ...config, files: REACT })),
  { files: ['**/*.{ts,tsx}'], languageOptions: { parser: ts.parser } },
  prettier,
  {
    files: ['**/*.{ts,tsx,mjs,cjs}'],
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
    // An address written out forgets its rig.
    files: ['src/{features,text,ui}/**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}'],
    rules: {
      'no-restricted-syntax': [
        'error',
        { selector: 'TSAnyKeyword', message: 'Say what it is; unknown where nobody can.' },
        { selector: 'TSNonNullExpression', message: 'Handle the missing case.' },
        {
          selector: 'JSXAttribute[name.name=/^(href|path)$/] > Literal[value=/^\\u002F(?!api)/]',
          message: 'Addresses come from @/links.',
        },
        { selector: 'Literal[value=/^\\u002F[a-z-]+([?]|$)/]', message: 'Addresses come from @/links.' },
        {
          selector: 'TemplateElement[value.raw=/^\\u002F[a-z-]*[?]/]',
          message: 'Addresses come from @/links.',
        },
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
  { files: ['scripts/**', 'bench/**', 'attack/**'], rules: { 'no-console': 'off' } },
];

export default rules;
