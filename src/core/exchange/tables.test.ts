import fc from 'fast-check';
import { toSI } from '../base';
import { HOUSE_DEFAULT } from '../rules';
import { sampleModel } from '../testing/arbitraries';
import { csvOf, guessMapping, idOfContent, readRows, readTable, type RowsAbout, type TableIn } from '.';

const about: RowsAbout = {
  rig: '018bf000-0000-7000-8000-000000000001',
  model: sampleModel({}),
  house: HOUSE_DEFAULT,
  system: 'us',
  currency: 'USD',
  now: '2026-06-01T12:00:00.000Z',
  noon: (day) => `${day}T17:00:00.000Z`,
  readings: { 'cold pressure': 'pressure', lining: 'lining' },
  works: { repack: 'repack', lights: 'lights' },
};

function read(kind: TableIn, text: string, more: Partial<RowsAbout> = {}) {
  const table = readTable(text);
  if (!table.ok) throw new Error(table.error.code);
  const all = { ...about, ...more };
  return readRows(kind, table.value, guessMapping(kind, table.value, all.system), all);
}
const bodies = (rows: ReturnType<typeof read>) =>
  rows.map(({ read: row }) => (row.ok ? row.value.body : [row.error.field, row.error.code]));

describe('a table out', () => {
  test('has its names, and nothing in it is ever run as a formula', () => {
    const text = csvOf({
      head: ['Date', 'Note'],
      rows: [
        ['2026-05-16', '=HYPERLINK("x")'],
        ['2026-05-17', '-5'],
        ['2026-05-18', '+1+cmd|x'],
        ['2026-05-19', 'a, "b"\nc'],
      ],
    });
    expect(text.startsWith('\uFEFFDate,Note\r\n')).toBe(true);
    expect(text).toContain(`'=HYPERLINK`);
    expect(text).toContain('2026-05-17,-5');
    expect(text).toContain(`'+1+cmd`);
    expect(readTable(text)).toMatchObject({
      ok: true,
      value: { rows: expect.arrayContaining([['2026-05-19', 'a, "b"\nc']]) as unknown },
    });
  });

  test('whatever is in its cells, read again it is the same but for what was made harmless', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.string(), fc.string()), { minLength: 1 }), (rows) => {
        const back = readTable(csvOf({ head: ['a', 'b'], rows: rows.map(([a, b]) => [`x${a}`, `y${b}`]) }));
        expect(back.ok && back.value.rows).toEqual(rows.map(([a, b]) => [`x${a}`.trim(), `y${b}`.trim()]));
      }),
    );
  });
});

describe('trips from a table', () => {
  test('by the names of its columns, with miles, launches and notes', () => {
    expect(
      bodies(read('trips', 'Date,Miles,Launches,Notes\n5/16/2026,"1,240.5",2,the lakes\n5/23/2026,88,,\n')),
    ).toEqual([
      { distance: toSI(1240.5, 'mi'), launches: 2, note: 'the lakes' },
      { distance: toSI(88, 'mi'), launches: 0 },
    ]);
  });

  test('semicolons, decimal commas, kilometers, days first, a byte-order mark', () => {
    const rows = read(
      'trips',
      '\uFEFFDatum;Distance km;Comment\n23.05.2026;1.240,5;see\n24.05.2026;88,2;\n',
      { system: 'metric' },
    );
    expect(bodies(rows)).toEqual([
      { distance: toSI(1240.5, 'km'), launches: 0, note: 'see' },
      { distance: toSI(88.2, 'km'), launches: 0 },
    ]);
    expect(rows[0]?.read.ok && rows[0].read.value.happened).toBe('2026-05-23T17:00:00.000Z');
  });

  test.each([
    ['2026-05-16,10\n2026-04-02,3', 'ymd'],
    ['5/16/2026,10\n4/2/2026,3', 'mdy'],
    ['16/5/2026,10\n2/4/2026,3', 'dmy'],
    ['16.5.26,10\n2.4.26,3', 'dmy'],
  ])('%j is %s', (lines, style) => {
    const table = readTable(`Day,Distance\n${lines}\n`);
    if (!table.ok) throw new Error('no table');
    expect(guessMapping('trips', table.value, 'us').dates).toBe(style);
    expect(
      read('trips', `Day,Distance\n${lines}\n`).map(
        ({ read: row }) => row.ok && row.value.happened.slice(0, 10),
      ),
    ).toEqual(['2026-05-16', '2026-04-02']);
  });

  test('each row that cannot be says why, by its line, and the others stand', () => {
    const rows = read(
      'trips',
      'Date,Miles,Launches\n2026-05-16,far,0\n2026-13-40,10,0\n2026-09-01,10,0\n,10,0\n2026-05-17,-4,0\n2026-05-18,12,1.5\n2026-05-19,12,1\n',
    );
    expect(bodies(rows).slice(0, 6)).toEqual([
      ['distance', 'not-a-number'],
      ['date', 'no-day'],
      ['date', 'future'],
      ['date', 'missing'],
      ['distance', 'out-of-range'],
      ['launches', 'out-of-range'],
    ]);
    expect(rows[6]).toMatchObject({ line: 8, read: { ok: true } });
  });

  test('the same file read again gives the same ids; two rows alike are two', () => {
    const text = 'Date,Miles\n2026-05-16,10\n2026-05-16,10\n2026-05-17,10\n';
    const ids = (rows: ReturnType<typeof read>) => rows.map(({ read: row }) => (row.ok ? row.value.id : ''));
    const first = ids(read('trips', text));
    expect(new Set(first).size).toBe(3);
    expect(ids(read('trips', text))).toEqual(first);
    expect(idOfContent('2026-05-16T17:00:00.000Z', 'x')).toMatch(
      /^[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/,
    );
    expect([...first].sort()[2]).toBe(first[2]);
  });

  test('what is no table is told', () => {
    expect(readTable('')).toMatchObject({ error: { code: 'empty' } });
    expect(readTable('Date,Miles\n')).toMatchObject({ error: { code: 'empty' } });
    expect(readTable('one\ntwo\n')).toMatchObject({ error: { code: 'one-column' } });
    expect(readTable(`a,b\n${'1,2\n'.repeat(20_001)}`)).toMatchObject({ error: { code: 'too-large' } });
  });
});

describe('readings and work from a table', () => {
  test('readings by place and name, in the owner’s units', () => {
    const rows = bodies(
      read(
        'readings',
        'Date,Place,Reading,Value\n2026-05-16,1L,Cold pressure,65\n2026-05-16,left 1,cold pressure,64 psi\n2026-05-16,7X,Cold pressure,65\n2026-05-16,1R,Mood,5\n2026-05-16,1R,Cold pressure,9000\n',
      ),
    );
    expect(rows[0]).toEqual({ taken: [{ place: '1L', what: 'pressure', value: toSI(65, 'psi') }] });
    expect(rows[1]).toEqual({ taken: [{ place: '1L', what: 'pressure', value: toSI(64, 'psi') }] });
    expect(rows.slice(2)).toEqual([
      ['place', 'no-such-place'],
      ['what', 'unknown'],
      ['value', 'out-of-range'],
    ]);
  });

  test('a wheel that was off within the last month still asks for its rechecks; one long ago does not', () => {
    const left = (day: string) => {
      const [row] = read('work', `Date,Job,Where\n${day},Repack,1L\n`);
      return row?.read.ok && row.read.value.kind === 'work' ? row.read.value.body.refits : undefined;
    };
    expect(left('2026-05-16')).toEqual([expect.objectContaining({ place: '1L', limits: expect.any(Array) })]);
    expect(left('2026-04-16')).toEqual([]);
    // Read again when a month has gone by, it is the same row.
    const idOn = (now: string) => {
      const [row] = read('work', 'Date,Job,Where\n2026-05-16,Repack,1L\n', { now });
      return row?.read.ok ? row.read.value.id : undefined;
    };
    expect(idOn('2026-06-01T12:00:00.000Z')).toBe(idOn('2026-09-01T12:00:00.000Z'));
  });

  test('how far it is, is told on the way', () => {
    const text = `Date,Miles\n${Array.from({ length: 1200 }, (_, i) => `2026-05-1${i % 6},${i + 1}`).join('\n')}\n`;
    const table = readTable(text);
    if (!table.ok) throw new Error(table.error.code);
    const told: number[] = [];
    readRows('trips', table.value, guessMapping('trips', table.value, 'us'), about, (share) =>
      told.push(share),
    );
    expect(told.length).toBeGreaterThan(3);
    expect(told).toEqual([...told].sort((a, b) => a - b));
    expect(told.every((share) => share >= 0 && share < 1)).toBe(true);
  });

  test('work with what it cost and took', () => {
    const rows = bodies(
      read(
        'work',
        'Date,Job,Where,Cost,Minutes,Notes\n2026-05-16,Repack,1L,$48.20,95,new seal\n2026-05-16,Lights,rig,,,\n2026-05-16,Repack,spare,,,\n2026-05-16,Dance,1L,,,\n',
      ),
    );
    expect(rows[0]).toMatchObject({
      jobs: [{ routine: 'repack', place: '1L' }],
      cost: { amount: 48.2, currency: 'USD' },
      minutes: 95,
      note: 'new seal',
      from: 'written',
    });
    expect(rows[1]).toMatchObject({ jobs: [{ routine: 'lights', place: 'rig' }] });
    expect(rows.slice(2)).toEqual([
      ['place', 'no-such-place'],
      ['work', 'unknown'],
    ]);
  });
});
