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
  /\bKeep it\b/,
  /Put it on record/,
  /\brenewals? of\b|\bis renewed\b|\bare renewed\b|Renew the\b/,
  /\bnew(ly)? fitted\b|Fitted here/,
  /\blooked at\b/,
  /First look/,
  /the verge\b/,
  /\b(once|twice|all) round\b/,
  /\bburn(s|t)? (out|bright)\b|[Aa]ll burn\b/,
  /less than nothing/,
  /\bIt stands (on|in)\b/,
  /times? of ten\b/,
  /\ball the same\b/,
  /\banew\b|demo afresh/,
  /half of the world/,
  /\bfor ever\b/,
  /nobody has (told|said|looked)/,
  /no food for skin/,
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

test('what the screen calls a thing is in the glossary, and on a screen', () => {
  const glossary = readFileSync('docs/GLOSSARY.md', 'utf8');
  const [meanings = '', called = ''] = glossary.split('## What the screen calls it');
  const rows = [...called.matchAll(/^\| (\w+) +\| (.+?) +\|$/gm)].map(([, code, screen]) => ({
    code,
    screen,
  }));
  expect(rows.length).toBeGreaterThan(10);
  const screens = files.map(said).join('\n').toLowerCase();
  for (const { code = '', screen = '' } of rows) {
    expect(meanings).toMatch(new RegExp(`^\\| (\\w+, )?${code}\\b`, 'm'));
    expect(`${code}: ${screens.includes(screen.toLowerCase()) ? screen : 'on no screen'}`).toBe(
      `${code}: ${screen}`,
    );
  }
});

test('the words that are retired would be found where they stood', () => {
  for (const line of ["title: 'Put it down'", 'label="Log it"', '<h2>Lately</h2>', "word: 'Keep'"])
    expect(RETIRED.some((word) => word.test(line))).toBe(true);
});
