/** Words that no screen says any more, with what is said instead in docs/WORDS.md; comments and tests may. */
import { readdirSync, readFileSync } from 'node:fs';

const RETIRED: readonly RegExp[] = [
  /What is done today/,
  /Put it down/,
  /Pass over/,
  /What someone says/,
  /this parts them/i,
  /did not burn/,
  /looks in one walk/,
  /Work it off/,
  /'Lately|"Lately|>Lately/,
  /speaks of trouble/,
  /held at torque/,
  /\bits owner\b/,
  /\bby the way\b/,
  /Tire look|Hub look/,
  /'Log it'|"Log it"|>Log it</,
  /'Keep'|>Keep</,
  /Look that (it|there|no|they)\b/,
];

function sources(folder: string): readonly string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = `${folder}/${entry.name}`;
    if (entry.isDirectory()) return sources(path);
    return /\.tsx?$/.test(path) && !/\.test\.tsx?$/.test(path) ? [path] : [];
  });
}

/** A file without its comments: those are no words of a screen. */
const said = (path: string) =>
  readFileSync(path, 'utf8')
    .replace(/\/\*[\s\S]*?\*\//g, '')
    .replace(/(^|\s)\/\/.*$/gm, '');

const files = ['src/text', 'src/features', 'src/app', 'src/ui'].flatMap(sources);

test.each(RETIRED.map((word) => [word.source, word] as const))('nothing on screen says %s', (_, word) => {
  expect(files.filter((path) => word.test(said(path)))).toEqual([]);
});

test('the words that are retired would be found where they stood', () => {
  for (const line of ["title: 'Put it down'", 'label="Log it"', '<h2>Lately</h2>', "word: 'Keep'"])
    expect(RETIRED.some((word) => word.test(line))).toBe(true);
});
