import { readPreferences, setPreferences } from './preferences';
import { PREFERENCES_KEY } from './preferences-key';

const held = new Map<string, string>();
Object.assign(globalThis, {
  localStorage: {
    getItem: (key: string) => held.get(key) ?? null,
    setItem: (key: string, text: string) => held.set(key, text),
    clear: () => held.clear(),
  },
});

const keep = (value: unknown) => {
  localStorage.setItem(PREFERENCES_KEY, typeof value === 'string' ? value : JSON.stringify(value));
  return readPreferences();
};
const DEFAULTS = {
  units: 'us',
  theme: 'auto',
  rate: '1',
  yard: 'own',
  gloves: false,
  chapters: false,
  aloud: false,
  demoFolded: false,
  inStep: false,
  figures: [],
};

test('nothing kept is the defaults', () => {
  localStorage.clear();
  expect(readPreferences()).toEqual(DEFAULTS);
});

test('what was set is read again, and other tabs find it', () => {
  setPreferences({ units: 'metric', gloves: true, figures: ['balance', 'nut'] });
  expect(readPreferences()).toEqual({
    ...DEFAULTS,
    units: 'metric',
    gloves: true,
    figures: ['balance', 'nut'],
  });
  expect(JSON.parse(localStorage.getItem(PREFERENCES_KEY) ?? '')).toMatchObject({ units: 'metric' });
  setPreferences({ gloves: false });
  expect(readPreferences()).toMatchObject({ units: 'metric', gloves: false });
});

test.each([
  ['no JSON at all', 'units: metric'],
  ['nothing', 'null'],
  ['a list', []],
  [
    'another kind of each',
    { units: 'furlongs', theme: 7, rate: 1, yard: null, gloves: 'yes', figures: 'nut', inStep: 1 },
  ],
  ['figures that are not all names', { figures: ['nut', 3] }],
])('%s is read as the defaults', (_, value) => {
  expect(keep(value)).toEqual(DEFAULTS);
});

test('what is sound stands beside what is not, and what nobody knows is left out', () => {
  expect(keep({ units: 'metric', theme: 'dusk', aloud: true, later: { of: 'a newer version' } })).toEqual({
    ...DEFAULTS,
    units: 'metric',
    aloud: true,
  });
});
