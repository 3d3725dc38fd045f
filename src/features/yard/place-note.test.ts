import { DAY_MS, markOfFitness, toSI } from '@/core/base';
import type { ConflictCode } from '@/core/judge';
import { dutiesOf, placeState, towVerdict, type OpenWork } from '@/core/duty';
import { foldEntries, makeEntry, type Entry, type EntryOf, type Kind } from '@/core/log';
import { sampleModel } from '@/core/testing/arbitraries';
import { placeNote } from './place-note';

const RIG = '0196d000-0000-7000-8000-0000000000aa';
const day = (n: number) => new Date(Date.parse('2026-03-01T12:00:00.000Z') + n * DAY_MS).toISOString();
let serial = 0;

function entry<K extends Kind>(kind: K, at: number, body: EntryOf<K>['body']): Entry {
  serial += 1;
  const id = `0196d000-0000-7000-8000-${serial.toString(16).padStart(12, '0')}`;
  return makeEntry(kind, { id, rig: RIG, happened: day(at), recorded: day(at) }, body);
}
const setup = () => entry('rig.setup', 0, { model: sampleModel({}) });
const repack = (at: number, limits: number[]) =>
  entry('work', at, {
    jobs: [{ routine: 'repack', place: '1L' }],
    from: 'bench',
    readings: [],
    conditions: [],
    materials: [],
    renewed: [],
    refits: limits.length > 0 ? [{ place: '1L', limits: limits.map((n) => toSI(n, 'mi')) }] : [],
    skipped: [],
  });

function noteAt(
  at: number,
  open: readonly OpenWork[],
  ...entries: Entry[]
): { readonly mark: string; readonly note: string } {
  const rig = foldEntries(entries).state.rigs[RIG];
  if (!rig) throw new Error('no rig');
  const duties = dutiesOf(rig, day(at)).filter(({ routine }) => /^(repack|lug-recheck)$/.test(routine));
  const state = placeState(rig, '1L', duties, open);
  return { mark: state.mark, note: placeNote(state, 'us') };
}

test('a wheel end says the one thing that matters there', () => {
  expect(noteAt(1, [], setup())).toEqual({ mark: 'unknown', note: 'no record' });
  expect(noteAt(1, [], setup(), repack(0, []))).toEqual({ mark: 'clear', note: '364 days left' });
  expect(noteAt(360, [], setup(), repack(0, []))).toEqual({ mark: 'soon', note: 'repack 5 days' });
  expect(noteAt(366, [], setup(), repack(0, []))).toEqual({ mark: 'due', note: 'repack due' });
  expect(noteAt(1, [], setup(), repack(0, [10]))).toEqual({ mark: 'soon', note: 'lugs 10 mi' });
});

test('work that is open, and a finding, come before what is due', () => {
  const work: OpenWork = { session: 's', place: '1L', works: ['repack'], unfit: true, step: 3, steps: 40 };
  const finding = entry('finding.opened', 1, { place: '1L', verdict: 'due', text: 'cap dented' });
  const long = entry('finding.opened', 1, {
    place: '1L',
    verdict: 'stop',
    text: 'hub tilts and clunks when it is rocked',
  });
  expect(noteAt(2, [work], setup())).toEqual({ mark: 'stop', note: 'work open' });
  expect(noteAt(2, [], setup(), repack(0, []), finding)).toEqual({ mark: 'due', note: 'cap dented' });
  expect(noteAt(2, [], setup(), repack(0, []), long)).toEqual({ mark: 'stop', note: 'finding' });
});

test('every verdict has its mark', () => {
  expect((['fit', 'after', 'unknown', 'not'] as const).map(markOfFitness)).toEqual([
    'clear',
    'due',
    'unknown',
    'stop',
  ]);
  const rig = foldEntries([setup()]).state.rigs[RIG];
  if (!rig) throw new Error('no rig');
  const duties = dutiesOf(rig, day(1));
  expect(new Set(duties.map(({ verdict }) => verdict))).toEqual(new Set(['unknown']));
  expect(markOfFitness(towVerdict(rig, duties, []).fitness)).toBe('unknown');
});

test('the conflict at a wheel end is said in few words', () => {
  const at = (code: ConflictCode, have?: number | string) => {
    const conflict = { id: code, code, place: '1L', verdict: 'due', have } as const;
    return placeNote({ place: '1L', mark: 'due', conflict }, 'us');
  };
  expect(at('tire-old', 6.98)).toBe('tire 6 y old');
  expect(at('tire-last-century', '238')).toBe('tire before 2000');
  expect(at('tire-not-trailer')).toBe('tire: see why');
  expect(at('disc-with-magnets')).toBe('facts differ');
});
