import fc from 'fast-check';
import { PART_KINDS, slotsOf, type PartSpec, type Place } from '../rig';
import { sampleModel } from '../testing/arbitraries';
import {
  foldEntries,
  makeEntry,
  partAt,
  rolledBy,
  type Entry,
  type EntryOf,
  type Kind,
  type RigState,
} from '.';

const RIG = '0196d000-0000-7000-8000-0000000000aa';
const MODEL = sampleModel({ axles: 2 });

/** A log told in order, a day apart. */
class Story {
  readonly entries: Entry[] = [];

  tell<K extends Kind>(kind: K, body: EntryOf<K>['body']): this {
    const n = this.entries.length;
    const at = new Date(Date.UTC(2026, 3, 1 + n)).toISOString();
    const id = `0196d000-0000-7000-8000-${n.toString(16).padStart(12, '0')}`;
    this.entries.push(makeEntry(kind, { id, rig: RIG, happened: at, recorded: at }, body));
    return this;
  }

  towed(distance: number): this {
    return this.tell('trip', { distance, launches: 0 });
  }

  get rig(): RigState {
    const rig = foldEntries(this.entries).state.rigs[RIG];
    if (!rig) throw new Error('no rig');
    return rig;
  }
}

const tire = (dot: string): PartSpec => ({ kind: 'tire', facts: { dot: { value: dot, source: 'marking' } } });
const story = () => new Story().tell('rig.setup', { model: MODEL });
const rolled = (rig: RigState, id: string) => {
  const part = rig.parts[id];
  return part && rolledBy(rig, part);
};

test('a tire rotated from 1L to 2R brings its age and miles; the spare rides along', () => {
  const told = story()
    .tell('part.fitted', { part: 'a', spec: tire('1121'), to: '1L', rolled: 0 })
    .tell('part.fitted', { part: 'b', spec: tire('1121'), to: '2R', rolled: 5000 })
    .tell('part.fitted', { part: 's', spec: tire('0519'), to: 'S1' })
    .towed(100_000)
    .tell('part.moved', {
      moves: [
        { part: 'a', to: '2R' },
        { part: 'b', to: 'S1' },
        { part: 's', to: '1L' },
      ],
    })
    .towed(40_000);
  const { rig } = told;
  expect(partAt(rig, 'tire', '2R')).toMatchObject({ id: 'a', facts: { dot: { value: '1121' } } });
  expect([rolled(rig, 'a'), rolled(rig, 'b'), rolled(rig, 's')]).toEqual([140_000, 105_000, 40_000]);
  expect([rig.parts['a']?.rolledKnown, rig.parts['s']?.rolledKnown]).toEqual([true, false]);
});

test('what sat in a place makes room: to the shelf, or gone, with its grade', () => {
  const told = story()
    .tell('part.fitted', { part: 'a', spec: tire('1121'), to: '1L', rolled: 0 })
    .towed(9000)
    .tell('part.fitted', {
      part: 'b',
      spec: tire('0126'),
      to: '1L',
      rolled: 0,
      old: { to: 'shelf', grade: 'worn' },
    })
    .towed(1000);
  expect(told.rig.parts['a']).toMatchObject({ at: 'shelf', grade: 'worn' });
  expect([rolled(told.rig, 'a'), rolled(told.rig, 'b')]).toEqual([9000, 1000]);
  expect(told.tell('part.moved', { moves: [{ part: 'a', to: 'gone' }] }).rig.parts['a']?.at).toBe('gone');
});

test('moves that would put two in one place, or move what is not there, change nothing and are noted', () => {
  const told = story()
    .tell('part.fitted', { part: 'a', spec: tire('1121'), to: '1L', rolled: 0 })
    .tell('part.fitted', { part: 'b', spec: tire('1121'), to: '1R', rolled: 0 })
    .tell('part.moved', { moves: [{ part: 'a', to: '1R' }] })
    .tell('part.moved', { moves: [{ part: 'zz', to: '1R' }] })
    .tell('part.fitted', { part: 'a', spec: tire('1121'), to: '2L' });
  expect(told.rig.parts['a']?.at).toBe('1L');
  expect(told.rig.contradictions).toHaveLength(3);
});

test('what is not fitted lies at home, is carried along or is on order, and is none of it once it is fitted', () => {
  const ordered = story().tell('part.fitted', {
    part: 'a seal',
    spec: { kind: 'seal', facts: {} },
    to: 'shelf',
    shelf: 'order',
  });
  const now = () => [ordered.rig.parts['a seal']?.at, ordered.rig.parts['a seal']?.shelf];
  expect(now()).toEqual(['shelf', 'order']);
  ordered.tell('part.moved', { moves: [{ part: 'a seal', to: 'shelf', shelf: 'aboard' }] });
  expect(now()).toEqual(['shelf', 'aboard']);
  ordered.tell('part.moved', { moves: [{ part: 'a seal', to: '1L' }] });
  expect(now()).toEqual(['1L', undefined]);
});

test('what is read later is added; a fact a part cannot have is refused', () => {
  const told = story()
    .tell('part.fitted', { part: 'a', spec: tire('1121'), to: '1L' })
    .tell('part.read', { part: 'a', facts: { size: { value: 'ST225/75R15', source: 'marking' } } })
    .tell('part.read', { part: 'a', facts: { dot: null } });
  expect(told.rig.parts['a']?.facts).toEqual({ size: { value: 'ST225/75R15', source: 'marking' } });
  const wrong = told.tell('part.read', {
    part: 'a',
    facts: { roller: { value: 'YB-44', source: 'marking' } },
  });
  expect(wrong.rig.contradictions).toHaveLength(1);
});

test('a repack gives bearings and seal their numbers, and the renewed seal is a new one', () => {
  const work: EntryOf<'work'>['body'] = {
    jobs: [{ routine: 'repack', place: '1L' }],
    from: 'bench',
    readings: [
      { place: '1L', what: 'seal-number', value: 'YS-171' },
      { place: '1L', what: 'inner-roller', value: 'YB-68' },
      { place: '1L', what: 'inner-race', value: 'YB-10' },
    ],
    conditions: [],
    materials: [],
    renewed: [{ place: '1L', part: 'seal' }],
    refits: [],
    skipped: [],
  };
  const told = story().tell('work', work).towed(5000).tell('work', work).towed(700);
  const seal = partAt(told.rig, 'seal', '1L');
  // What was read belongs to the seal that was levered out; of the new one nobody has read anything.
  expect(seal?.facts).toEqual({});
  expect(seal?.replaced?.['number']?.value).toBe('YS-171');
  expect(seal && rolledBy(told.rig, seal)).toBe(700);
  const inner = partAt(told.rig, 'innerSet', '1L');
  expect(inner?.facts).toMatchObject({ roller: { value: 'YB-68' }, race: { value: 'YB-10' } });
  expect(inner && rolledBy(told.rig, inner)).toBe(5700);
  expect(inner?.rolledKnown).toBe(false);
});

test('a part that goes in new has the number that was read off it, not that of the old one', () => {
  const body: EntryOf<'work'>['body'] = {
    jobs: [{ routine: 'bearing-renew', place: '1L' }],
    from: 'bench',
    readings: [
      { place: '1L', what: 'inner-roller', value: 'YB-68' },
      { place: '1L', what: 'new-inner-roller', value: 'YB-69' },
      { place: '1L', what: 'seal-number', value: 'YS-171' },
      { place: '1L', what: 'new-seal-number', value: 'YS-172' },
    ],
    conditions: [],
    materials: [],
    renewed: [
      { place: '1L', part: 'inner-set' },
      { place: '1L', part: 'seal' },
    ],
    refits: [],
    skipped: [],
  };
  const { rig } = story().tell('work', body);
  expect(partAt(rig, 'innerSet', '1L')?.facts).toEqual({ roller: { value: 'YB-69', source: 'marking' } });
  expect(partAt(rig, 'seal', '1L')?.facts).toEqual({ number: { value: 'YS-172', source: 'marking' } });
});

test('however parts are fitted and moved, no two of a kind share a place, and none is lost', () => {
  const places = slotsOf(MODEL, 'tire');
  const ids = ['a', 'b', 'c', 'd'];
  fc.assert(
    fc.property(
      fc.array(
        fc.record({
          id: fc.constantFrom(...ids),
          to: fc.constantFrom<Place | 'shelf' | 'gone'>(...places, 'shelf', 'gone'),
          towed: fc.integer({ min: 0, max: 5000 }),
        }),
        { maxLength: 20 },
      ),
      (moves) => {
        const told = story();
        for (const id of ids)
          told.tell('part.fitted', { part: id, spec: tire('1121'), to: 'shelf', rolled: 0 });
        for (const { id, to, towed } of moves)
          told.tell('part.moved', { moves: [{ part: id, to }] }).towed(towed);
        const { rig } = told;
        const seats = Object.values(rig.parts)
          .filter((part) => part.at !== 'shelf' && part.at !== 'gone')
          .map((part) => part.at);
        expect(new Set(seats).size).toBe(seats.length);
        expect(Object.keys(rig.parts).sort()).toEqual(ids);
        for (const part of Object.values(rig.parts))
          expect(rolledBy(rig, part)).toBeLessThanOrEqual(rig.distance);
      },
    ),
    { numRuns: 60 },
  );
});

test('every kind of part has places on a braked rig, and gear that is not there has none', () => {
  for (const kind of PART_KINDS) expect(slotsOf(MODEL, kind).length).toBeGreaterThan(0);
  expect(slotsOf(sampleModel({ brake: 'none' }), 'battery')).toEqual([]);
  expect(slotsOf({ ...MODEL, spares: 0 }, 'tire')).toEqual(['1L', '1R', '2L', '2R']);
});

test('a rig retired comes back; a rule chosen can be taken back', () => {
  const told = story().tell('rig.retired', { reason: 'sold' });
  expect(told.rig.retired).toMatchObject({ reason: 'sold' });
  expect(told.tell('rig.returned', {}).rig.retired).toBeUndefined();
  expect(told.tell('rig.returned', {}).rig.contradictions).toHaveLength(1);
  told.tell('rule.chosen', { rule: 'nut', school: 'light-drag' });
  expect(told.rig.rules).toEqual({ nut: 'light-drag' });
  expect(told.tell('rule.chosen', { rule: 'nut', school: null }).rig.rules).toEqual({});
  expect(() => told.tell('rule.chosen', { rule: 'nut', school: 'hope' })).toThrow();
});
