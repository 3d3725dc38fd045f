import fc from 'fast-check';
import { gearDef, gearOf, placesOf, wheelEnds, type Place } from '@/core/rig';
import { anyModel, sampleModel } from '@/core/testing/arbitraries';
import { runs } from '@/core/testing/runs';
import { planOf } from './geometry';
import { nearest } from './nearest';
import type { Box } from './plan';

const apart = (a: Box, b: Box) =>
  a.x + a.width <= b.x || b.x + b.width <= a.x || a.y + a.height <= b.y || b.y + b.height <= a.y;

test.each(['left', 'up'] as const)(
  'every rig, tongue %s: a wheel at every end, inside the picture, none over another',
  (heading) => {
    fc.assert(
      fc.property(anyModel, (model) => {
        const plan = planOf(model, heading);
        expect(plan.wheels.map((wheel) => wheel.place)).toEqual(wheelEnds(model));
        expect(plan.spares).toHaveLength(model.spares);
        const onBoard = gearOf(model).filter(({ id }) => gearDef(id).zone !== 'tow');
        expect(plan.gear.map(({ id }) => id)).toEqual(onBoard.map(({ id }) => id));
        const boxes = [
          ...[...plan.wheels, ...plan.spares].map(({ box }) => box),
          ...plan.gear.flatMap((part) => part.boxes),
        ];
        // Gathered first and expected once: there are thousands of pairs.
        const outside = boxes.filter(
          (box) =>
            box.x < 0 || box.y < 0 || box.x + box.width > plan.width || box.y + box.height > plan.height,
        );
        const over = boxes.flatMap((box, i) =>
          boxes.slice(i + 1).flatMap((other) => (apart(box, other) ? [] : [[box, other]])),
        );
        expect({ outside, over }).toEqual({ outside: [], over: [] });
        const strokes = [...plan.strokes, ...plan.gear.flatMap((part) => part.strokes)];
        expect(strokes.map((stroke) => stroke.d).join()).not.toMatch(/NaN|undefined/);
      }),
      { numRuns: runs(200) },
    );
  },
);

test('left is left, seen facing forward', () => {
  const model = fc.sample(anyModel, { numRuns: 1, seed: 3 })[0];
  if (!model) throw new Error('no model');
  const at = (heading: 'left' | 'up', place: string) =>
    planOf(model, heading).wheels.find((wheel) => wheel.place === place)?.box;
  expect(at('up', '1L')?.x).toBeLessThan(at('up', '1R')?.x ?? 0);
  expect(at('left', '1L')?.y).toBeGreaterThan(at('left', '1R')?.y ?? 0);
});

test.each(['left', 'up'] as const)(
  'tongue %s: a tap on a thing takes it, a tap far off takes nothing',
  (heading) => {
    fc.assert(
      fc.property(anyModel, (model) => {
        const plan = planOf(model, heading);
        const offered = placesOf(model);
        const targets: [Place, Box][] = [
          ...[...plan.wheels, ...plan.spares].map(({ place, box }): [Place, Box] => [place, box]),
          ...plan.gear.flatMap(({ id, boxes }) => boxes.map((box): [Place, Box] => [id, box])),
        ];
        const missed = targets.filter(
          ([place, box]) => nearest(plan, box.x + box.width / 2, box.y + box.height / 2, offered) !== place,
        );
        expect(missed).toEqual([]);
        expect(nearest(plan, -500, -500, offered)).toBeUndefined();
        // What is not offered is never taken.
        const [first] = targets;
        if (first) expect(nearest(plan, first[1].x, first[1].y, [])).toBeUndefined();
      }),
      { numRuns: runs(60) },
    );
  },
);

test('gear that is told is inked, gear nobody has spoken of is dashed, gear it has not is left out', () => {
  const model = sampleModel({ kind: 'boat', brake: 'none' });
  const drawn = (gear: NonNullable<typeof model.gear>) =>
    Object.fromEntries(
      planOf({ ...model, gear }, 'up').gear.map((part) => [
        part.id,
        part.strokes.every(({ look }) => look === 'dash') ? 'dashed' : 'inked',
      ]),
    );
  expect(drawn({ winch: true, bunks: false })).toMatchObject({ winch: 'inked', rollers: 'dashed' });
  expect(drawn({ winch: true, bunks: false })).not.toHaveProperty('bunks');
  expect(drawn({})).not.toHaveProperty('ball');
});

test('an equalizer is drawn between two axles that both hang on one, and nowhere else', () => {
  const tandem = sampleModel({ axles: 2 });
  const strokes = (equalizer: boolean | undefined, suspension: 'leaf' | 'torsion' = 'leaf') =>
    planOf({ ...tandem, axles: tandem.axles.map((axle) => ({ ...axle, suspension, equalizer })) }, 'left')
      .strokes.length;
  expect(strokes(true)).toBeGreaterThan(strokes(undefined));
  expect(strokes(false)).toBe(strokes(undefined));
  expect(strokes(true, 'torsion')).toBe(strokes(undefined, 'torsion'));
});
