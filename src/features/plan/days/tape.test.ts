import fc from 'fast-check';
import type { WorkToPlan, YardProblem } from '@/core/plan';
import { sampleModel } from '@/core/testing/arbitraries';
import { readFree } from './free-form';
import { lanesOf, namesShort } from './lanes';
import { frameOf, monthsOf, toldIn, tripsOn } from './tape-layout';

const RIG = 'r';
const band = (likely: string) => ({ early: likely, likely, late: likely, towed: {} });
const work = (routine: string, place: string, likely: string | undefined): WorkToPlan =>
  ({
    id: `${routine}@${place}`,
    rig: RIG,
    jobs: [{ routine, place }],
    band: likely === undefined ? undefined : band(likely),
  }) as never;
const yard = (...works: readonly WorkToPlan[]): YardProblem =>
  ({
    from: '2026-05-16',
    to: '2026-09-05',
    works,
    trips: [
      { id: 'a', rig: RIG, at: '2026-05-17T17:00:00.000Z', distance: 45_000, name: 'out to the flats' },
      { id: 'b', rig: 'other', at: '2026-05-23T17:00:00.000Z', distance: 290_000, name: undefined },
    ],
  }) as never;
const model = sampleModel({});

describe('the lanes of the tape', () => {
  test('a wheel end has its own, all else is hitch and body; what falls due about the same day stands together', () => {
    const lanes = lanesOf(
      yard(
        work('repack', '1L', undefined),
        work('tire-look', '1L', '2026-08-01T17:00:00.000Z'),
        work('brake-adjust', '1L', '2026-08-05T17:00:00.000Z'),
        work('lights', 'rig', '2027-08-05T17:00:00.000Z'),
      ),
      RIG,
      model,
    );
    expect(lanes[0]?.place).toBe('body');
    // A year from now is no matter of this tape.
    expect(lanes[0]?.ripening).toEqual([]);
    const left = lanes.find(({ place }) => place === '1L');
    expect(left?.ripening.map(({ names, due }) => [names.length, due])).toEqual([
      [1, true],
      [2, false],
    ]);
    expect(namesShort(['a', 'b', 'c'], 2)).toBe('a, b +1');
  });

  test('days run from left to right, months and trips where they are', () => {
    const frame = frameOf(1000, 112, 5);
    expect(frame.x(0)).toBe(frame.left);
    expect(frame.x(112)).toBe(frame.right);
    expect(monthsOf(yard()).map(({ name }) => name)).toEqual(['Jun', 'Jul', 'Aug', 'Sep']);
    const [first, second] = tripsOn(yard(), RIG, frame, 'us');
    expect(first).toMatchObject({ mine: true, row: 0, name: 'out to the flats, 28 mi' });
    // Its name would stand over the first one's.
    expect(second).toMatchObject({ mine: false, row: 1, name: 'trip, 180 mi' });
  });

  test('words never stand over each other, whatever ripens and wherever posts stand', () => {
    const frame = frameOf(1000, 112, 5);
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 112 }), { maxLength: 6 }),
        fc.array(fc.integer({ min: 110, max: 980 }), { maxLength: 5 }),
        (likely, posts) => {
          const ripening = [...likely]
            .sort((a, b) => a - b)
            .map((at) => ({
              names: ['brake adjustment', 'grease'],
              from: at - 42,
              early: at,
              likely: at,
              late: at,
              due: at === 0,
            }));
          let end = 0;
          for (const { at, label } of toldIn({ place: '1L', ripening }, frame, posts)) {
            if (at === undefined) continue;
            expect(at).toBeGreaterThanOrEqual(end);
            end = at + label.length * 6.4;
          }
        },
      ),
    );
  });
});

describe('free days as typed', () => {
  const empty = Array.from({ length: 7 }, () => '');
  test('hours and spans are read, an empty line is none', () => {
    const read = readFree({
      hours: [...empty.slice(0, 5), '6', '2.5'],
      blocked: [
        { from: '2026-07-01', to: '2026-07-09' },
        { from: '', to: '' },
      ],
      weeks: 16,
    });
    expect(read).toEqual({
      ok: true,
      value: {
        week: [0, 0, 0, 0, 0, 360, 150],
        blocked: [{ from: '2026-07-01', to: '2026-07-09' }],
        weeks: 16,
      },
    });
  });

  test('what cannot be is told at its place', () => {
    const read = readFree({
      hours: ['many', '25', ...empty.slice(2)],
      blocked: [
        { from: '2026-07-09', to: '2026-07-01' },
        { from: '2026-07-09', to: '' },
      ],
      weeks: 16,
    });
    expect(!read.ok && Object.keys(read.error.hours)).toEqual(['0', '1']);
    expect(!read.ok && Object.keys(read.error.blocked)).toEqual(['0', '1']);
  });
});
