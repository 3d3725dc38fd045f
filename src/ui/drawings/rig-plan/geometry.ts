import { hasBrake, sideOf, sparesOf, wheelEnds, type RigModel } from '@/core/rig';
import { boat, mirror, rv, tongue, utility } from './bodies';
import { gearParts } from './gear';
import { Pen } from './pen';
import { SIZE, type Heading, type Plan, type Stroke } from './plan';

const BODIES = { rv, boat, utility } as const;

/** An axle with its springs or torsion arms, and a backing plate where it has brakes. */
function axle(pen: Pen, u: number, model: RigModel, index: number): readonly Stroke[] {
  const spec = model.axles[index];
  const { half, gap } = SIZE;
  const wide = half + gap;
  const tube = spec?.suspension === 'torsion' ? 9 : 6;
  return [
    { look: 'metal', d: pen.rect(u - tube / 2, -wide, tube, 2 * wide, 1) },
    ...mirror((s): readonly Stroke[] => {
      const spring: Stroke =
        spec?.suspension === 'torsion'
          ? { look: 'metal', d: pen.rect(u - 2, s === 1 ? half - 14 : -half + 6, 26, 8, 3) }
          : {
              look: 'ink',
              d: pen.curve(
                [u - 38, s * (half - 10)],
                [
                  [u, s * (half - 3)],
                  [u + 38, s * (half - 10)],
                ],
                [
                  [u, s * (half - 17)],
                  [u - 38, s * (half - 10)],
                ],
              ),
            };
      const plate: Stroke = { look: 'metal', d: pen.rect(u - 17, s === 1 ? wide - 5 : -wide, 34, 5, 1) };
      return spec && hasBrake(spec) ? [spring, plate] : [spring];
    }),
  ];
}

/** Where each axle stands along the trailer: the group's middle is 60 % back along the frame. */
function axlesAlong(count: number, from: number, to: number): readonly number[] {
  const middle = from + (to - from) * 0.6;
  return Array.from({ length: count }, (_, i) => middle + (i - (count - 1) / 2) * SIZE.spacing);
}

/** An equalizer between the springs of neighboring axles, on each side. */
function equalizers(pen: Pen, along: readonly number[], model: RigModel): readonly Stroke[] {
  return along.slice(1).flatMap((u, i) => {
    const pair = [model.axles[i], model.axles[i + 1]];
    if (!pair.every((one) => one?.suspension === 'leaf' && one.equalizer)) return [];
    const mid = u - SIZE.spacing / 2;
    const v = SIZE.half - 10;
    return mirror((s) => [
      {
        look: 'metal',
        d: pen.round(3, [mid - 10, s * v], [mid, s * (v + 6)], [mid + 10, s * v], [mid, s * (v - 5)]),
      },
      { look: 'solid', d: pen.circle([mid, s * v], 1.8) },
    ]);
  });
}

/** Spares: at the back of a closed body, before the deck of a flatbed, beside the tongue of a boat trailer. */
function sparesDrawn(pen: Pen, model: RigModel, from: number, to: number): Plan['spares'] {
  const across = model.spares === 1 ? [-30] : [-62, 2];
  const zone = (i: number): [number, number, number, number] => {
    if (model.kind === 'boat') return [from - 32, i === 0 ? -SIZE.half + 2 : SIZE.half - 24, 62, 22];
    return [model.kind === 'rv' ? to + 9 : from - 27, across[i] ?? 0, 22, 60];
  };
  return sparesOf(model).map((place, i) => {
    const [u, v, long, wide] = zone(i);
    const lies = long > wide;
    const tread = Array.from({ length: 8 }, (_, n) => {
      const at = 5 + n * 7;
      return lies
        ? pen.line([u + at, v + 4], [u + at + 4, v + wide - 4])
        : pen.line([u + 4, v + at], [u + long - 4, v + at + 4]);
    }).join('');
    return { place, box: pen.box(u, v, long, wide), tread };
  });
}

/** The plan of a rig from above, tongue to the left or up. Every part follows from the model. */
export function planOf(model: RigModel, heading: Heading): Plan {
  const count = model.axles.length;
  const { half, gap, wheel, margin } = SIZE;
  const from = SIZE.tongue[model.kind];
  const to = from + (SIZE.body[heading][count - 1] ?? 0);
  const outside = half + gap + wheel.wide;
  const middle = outside + margin;
  const pen = new Pen(heading, middle);
  const along = axlesAlong(count, from, to);
  const behind = model.kind === 'rv' ? (model.spares > 0 ? 36 : 6) : 20;

  const wheels = wheelEnds(model).map((place) => {
    const u = along[Number(place[0]) - 1] ?? 0;
    const left = sideOf(place) === 'L';
    const v = left ? half + gap : -outside;
    const tread = Array.from({ length: 9 }, (_, i) => {
      const at = u - wheel.long / 2 + 6 + i * 7.3;
      return pen.line([at, v + 5], [at + 4, v + wheel.wide - 5]);
    }).join('');
    const hub = pen.rect(u - 9, left ? v + wheel.wide - 1 : v - 4, 18, 5, 1);
    return { place, box: pen.box(u - wheel.long / 2, v, wheel.long, wheel.wide), tread, hub };
  });
  const first = (along[0] ?? 0) - wheel.long / 2 - 7;
  const last = (along[count - 1] ?? 0) + wheel.long / 2 + 7;
  const fenders = mirror((s) => [
    {
      look: 'dash',
      d: pen.round(
        8,
        [first, s * (half + 4)],
        [first, s * (outside + 6)],
        [last, s * (outside + 6)],
        [last, s * (half + 4)],
      ),
    },
  ]);
  const axles = [...along.flatMap((u, i) => axle(pen, u, model, i)), ...equalizers(pen, along, model)];
  const closed = model.kind === 'rv';
  const long = to + behind + 2 * margin;
  return {
    width: heading === 'left' ? long : 2 * middle,
    height: heading === 'left' ? 2 * middle : long,
    strokes: [
      ...(closed ? [] : axles),
      ...tongue(pen, from),
      ...BODIES[model.kind](pen, from, to),
      // A deck hides its axles; a closed body is drawn as if one saw through it.
      ...(closed ? axles : fenders),
    ],
    gear: gearParts(pen, model, { from, to, last }),
    wheels,
    spares: sparesDrawn(pen, model, from, to),
  };
}
