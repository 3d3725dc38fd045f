import { existsSync, readdirSync, readFileSync } from 'node:fs';

/** Texts that name files of the house: whoever moves one finds what speaks of it here. */
const TEXTS = [
  'README.md',
  'CONTRIBUTING.md',
  ...readdirSync('docs').flatMap((file) => (file.endsWith('.md') ? [`docs/${file}`] : [])),
  'scripts/mutants.mjs',
];

const TOPS = [
  'core',
  'text',
  'instruments',
  'keeper',
  'workers',
  'store',
  'links',
  'ui',
  'features',
  'app',
  'testing',
];
const NAMED = new RegExp(
  `[\`'(]((?:src/)?(?:${TOPS.join('|')}|demo|e2e|bench|attack|scripts|docs)/[\\w./-]*\\w)[\`')]`,
  'g',
);

/** The paths that a text names, as it names them. */
const namedIn = (text: string) => [...text.matchAll(NAMED)].map(([, path = '']) => path);
const isThere = (path: string) => existsSync(path) || existsSync(`src/${path}`);

test.each(TEXTS)('%s names no file or folder that is not there', (text) => {
  expect(namedIn(readFileSync(text, 'utf8')).filter((path) => !isThere(path))).toEqual([]);
});

test('a path that is not there would be found, and most texts name some', () => {
  expect(namedIn('see `core/log/marks.ts`, (docs/WORDS.md)').filter((path) => !isThere(path))).toEqual([
    'core/log/marks.ts',
  ]);
  expect(TEXTS.flatMap((text) => namedIn(readFileSync(text, 'utf8'))).length).toBeGreaterThan(100);
});
