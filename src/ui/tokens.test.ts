import { readdirSync, readFileSync } from 'node:fs';

const css = readFileSync('src/ui/tokens.css', 'utf8');

type Light = 'day' | 'night' | 'sun';

/** The rules of a block of the style sheet, by name. */
function block(selector: string): Readonly<Record<string, string>> {
  const from = css.indexOf(`${selector} {`);
  const body = css.slice(css.indexOf('{', from) + 1, css.indexOf('}', from));
  return Object.fromEntries(
    [...body.matchAll(/--([\w-]+): ([^;]+);/g)].map(([, name, value]) => [name, value]),
  );
}

const base = block(':root');
const sun = block(":root[data-theme='sun']");

/** A color as it is by one of the lights (#rrggbb). */
function color(role: string, light: Light): string {
  const told = (light === 'sun' ? sun[role] : undefined) ?? base[role] ?? '';
  const both = /light-dark\((#\w{6}), (#\w{6})\)/.exec(told);
  return (both ? both[light === 'night' ? 2 : 1] : told) ?? '';
}

/** Relative luminance of a color, and the contrast of two, as WCAG 2.2 defines them. */
function luminance(hex: string): number {
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => {
    const c = parseInt(hex.slice(at, at + 2), 16) / 255;
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}
function contrast(one: string, other: string): number {
  const [low = 0, high = 0] = [luminance(one), luminance(other)].sort((a, b) => a - b);
  return (high + 0.05) / (low + 0.05);
}

const LIGHTS: readonly Light[] = ['day', 'night', 'sun'];
const GROUNDS = ['paper', 'sheet'];
const STATES = ['clear', 'soon', 'due', 'stop', 'unknown'];
const WASHES = ['accent-wash', 'soon-wash', 'due-wash', 'stop-wash'];

test('black on white is 21 to 1', () => {
  expect(contrast('#000000', '#ffffff')).toBeCloseTo(21);
});

test.each(LIGHTS)('by %s every role has a color', (light) => {
  for (const role of Object.keys(base))
    expect([role, color(role, light)]).toEqual([role, expect.stringMatching(/^#[0-9a-f]{6}$/)]);
});

test.each(LIGHTS)(
  'by %s words are read at arm’s length: ink at 7 to 1, what is soft and each state at 4.5',
  (light) => {
    for (const ground of [...GROUNDS, 'sunk', ...WASHES])
      expect([ground, contrast(color('ink', light), color(ground, light)) >= 7]).toEqual([ground, true]);
    for (const word of ['soft', 'accent', ...STATES])
      for (const ground of GROUNDS)
        expect([word, ground, contrast(color(word, light), color(ground, light)) >= 4.5]).toEqual([
          word,
          ground,
          true,
        ]);
    expect(contrast(color('accent-ink', light), color('accent', light))).toBeGreaterThanOrEqual(4.5);
    for (const word of ['rail-ink', 'rail-soft', 'rail-mark'])
      expect(contrast(color(word, light), color('rail', light))).toBeGreaterThanOrEqual(4.5);
  },
);

test.each(LIGHTS)('by %s a state is read on its own wash', (light) => {
  for (const state of ['soon', 'due', 'stop'])
    expect([state, contrast(color(state, light), color(`${state}-wash`, light)) >= 4.5]).toEqual([
      state,
      true,
    ]);
});

// By day the pages themselves are held to it, where soon is not read on every wash: so nothing needs a look in each light.
test.each(['night', 'sun'] as const)('by %s every word is read on every ground', (light) => {
  for (const word of ['ink', 'soft', 'accent', ...STATES])
    for (const ground of [...GROUNDS, 'sunk', ...WASHES])
      expect([word, ground, contrast(color(word, light), color(ground, light)) >= 4.5]).toEqual([
        word,
        ground,
        true,
      ]);
});

test('in full sun nothing is paler than by day', () => {
  for (const word of ['ink', 'soft', 'accent', ...STATES])
    expect(contrast(color(word, 'sun'), color('paper', 'sun'))).toBeGreaterThan(
      contrast(color(word, 'day'), color('paper', 'day')),
    );
});

test('no style asks what an element has in it: every element of a page is looked into again for that at each change', () => {
  const files = ['src/ui', 'src/features', 'src/app'].flatMap((folder) =>
    readdirSync(folder, { recursive: true, encoding: 'utf8' })
      .filter((path) => /\.(css|tsx)$/.test(path) && !/\.test\./.test(path))
      .map((path) => `${folder}/${path}`),
  );
  expect(files).toContain('src/ui/tokens.css');
  expect(
    files.filter((path) =>
      /:has\(|\bhas-\[/.test(readFileSync(path, 'utf8').replace(/\/\*[\s\S]*?\*\//g, '')),
    ),
  ).toEqual([]);
});
