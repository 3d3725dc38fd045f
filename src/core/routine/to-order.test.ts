import * as fc from 'fast-check';
import type { Entry, RigState } from '../log';
import { HOUSE_DEFAULT } from '../rules';
import { sampleModel } from '../testing/arbitraries';
import { storyFrom } from '../testing/story';
import { toOrder, type Job, type WorkAhead } from '.';

const story = storyFrom('2026-05-01');
const model = sampleModel({ axles: 2 });
const NOW = story.day(10);
const seal = (n: number, to: '1L' | '1R' | 'shelf', number: string, more: object = {}): Entry =>
  story.entry('part.fitted', 1, {
    part: `seal ${n}`,
    spec: { kind: 'seal', facts: { number: { value: number, source: 'marking' } } },
    to,
    rolled: 0,
    ...more,
  });
const rigOf = (...entries: readonly Entry[]): RigState => story.rigOf(story.setup(model), ...entries);
const repack = (place: '1L' | '1R' | '2L' | '2R'): Job => ({ routine: 'repack', place });
const ahead = (rig: RigState, jobs: readonly Job[], by = story.day(40)): WorkAhead => ({
  rig,
  model,
  house: HOUSE_DEFAULT,
  jobs: jobs.map((job) => ({ job, by })),
});
const seals = (work: WorkAhead) => toOrder([work], NOW).filter(({ part }) => part === 'seal');

test('seals of one number are counted by ends, less what lies here and what is on order', () => {
  const rig = rigOf(
    seal(1, '1L', 'YS-1'),
    seal(2, '1R', 'YS-1'),
    seal(3, 'shelf', 'YS-1', { shelf: 'home', bought: { where: 'parts counter' } }),
  );
  expect(seals(ahead(rig, [repack('1L'), repack('1R')]))).toMatchObject([
    { number: 'YS-1', places: ['1L', '1R'], need: 2, here: 1, ordered: 0, buy: 1, from: 'parts counter' },
  ]);
  const coming = rigOf(seal(1, '1L', 'YS-1'), seal(4, 'shelf', 'YS-1', { shelf: 'order' }));
  expect(seals(ahead(coming, [repack('1L')]))).toMatchObject([{ here: 0, ordered: 1, buy: 0 }]);
});

test('a number that fits as well counts as the same part, through one another, and never by a guess', () => {
  const also = (number: string, other: string, source: 'counter' | 'guess') =>
    story.entry('fits', 2, { kind: 'seal', fact: 'number', number, also: other, source });
  const lies = seal(3, 'shelf', 'x 9', { shelf: 'home' });
  const known = rigOf(
    seal(1, '1L', 'YS-1'),
    lies,
    also('YS-1', 'Q-4', 'counter'),
    also('X9', 'q-4', 'counter'),
  );
  expect(seals(ahead(known, [repack('1L')]))).toMatchObject([{ here: 1, buy: 0 }]);
  const guessed = rigOf(seal(1, '1L', 'YS-1'), lies, also('YS-1', 'X9', 'guess'));
  expect(seals(ahead(guessed, [repack('1L')]))).toMatchObject([{ here: 0, buy: 1 }]);
});

test('other numbers are other lines; a part nobody read has none', () => {
  const rig = rigOf(seal(1, '1L', 'YS-1'), seal(2, '1R', 'YS-2'));
  expect(seals(ahead(rig, [repack('1L'), repack('1R'), repack('2L')])).map(({ number }) => number)).toEqual([
    'YS-1',
    'YS-2',
    undefined,
  ]);
});

test('it is ordered ten days before, or today where that is past', () => {
  const [line] = seals(ahead(rigOf(), [repack('1L')]));
  expect(line?.orderBy).toBe(story.day(30));
  const [late] = seals(ahead(rigOf(), [repack('1L')], story.day(12)));
  expect(late?.orderBy).toBe(NOW);
});

test('brake plates have a hand; the same work twice asks once; what cannot be laid out asks for nothing', () => {
  const plates = toOrder(
    [
      ahead(rigOf(), [
        { routine: 'plate-renew', place: '1L' },
        { routine: 'plate-renew', place: '1R' },
        { routine: 'plate-renew', place: '1L' },
      ]),
    ],
    NOW,
  ).filter(({ part }) => part === 'plate');
  expect(plates.map(({ hand, need }) => [hand, need])).toEqual([
    ['L', 1],
    ['R', 1],
  ]);
  const bare = sampleModel({ axles: 1, brake: 'none' });
  const job: Job = { routine: 'plate-renew', place: '1L' };
  expect(toOrder([{ ...ahead(rigOf(), [job]), model: bare }], NOW)).toEqual([]);
});

test('what is bought with what is here and on order is never less than what is needed', () => {
  const places = ['1L', '1R', '2L', '2R'] as const;
  fc.assert(
    fc.property(fc.subarray([...places]), fc.nat({ max: 4 }), (where, here) => {
      const lying = Array.from({ length: here }, (_, i) => seal(i, 'shelf', 'YS-1', { shelf: 'home' }));
      for (const line of toOrder([ahead(rigOf(...lying), where.map(repack))], NOW)) {
        expect(line.buy + line.here + line.ordered).toBeGreaterThanOrEqual(line.need);
        expect(line.buy).toBeLessThanOrEqual(line.need);
        expect(line.places).toHaveLength(line.need);
      }
    }),
  );
});
