import type { Random } from '../../base';
import { between, nothing, type Drawn, type Draws } from './draws';
import { blot, crack, rectangle, type Shape, oval } from './shapes';

export const WALL = (() => {
  const made =
    (more: Draws, outline = 'M20 0Q28 178 160 184Q292 178 300 0'): Draws =>
    (random, much) => [
      { d: `${outline}H230Q222 108 160 112Q98 108 90 0z`, ink: 'body', tint: 'rubber' },
      { d: 'M52 0Q60 150 160 156Q260 150 268 0', ink: 'thin', opacity: 0.6 },
      { d: 'M90 0Q98 108 160 112Q222 108 230 0', ink: 'line' },
      ...more(random, much),
    ];
  /** Somewhere on the wall between bead and tread. */
  const spot = (random: Random): readonly [number, number, number] => {
    const a = between(random, 0.2, 0.8) * Math.PI;
    const r = between(random, 96, 132);
    return [160 - r * Math.cos(a), 18 + (r + 12) * Math.sin(a), a];
  };
  return {
    clean: made(nothing),
    crazed: made((random, much) =>
      Array.from({ length: 22 + Math.round(20 * much) }, () => {
        const [x, y] = spot(random);
        return {
          ...crack(random, [x, y], [x + between(random, -9, 9), y + between(random, 3, 9)], 0.7),
          opacity: 0.8,
        };
      }),
    ),
    cracks: made((random, much) =>
      Array.from({ length: 3 + Math.round(3 * much) }, () => {
        const [x, y] = spot(random);
        const [w, h] = [between(random, 2.4, 4.5), between(random, 14, 24)];
        return {
          d: `M${x.toFixed(1)} ${y.toFixed(1)}q${w.toFixed(1)} ${(h / 2).toFixed(1)} 0 ${h.toFixed(1)}q-${w.toFixed(1)} -${(h / 2).toFixed(1)} 0 -${h.toFixed(1)}z`,
          ink: 'crack' as const,
          width: 1,
        };
      }),
    ),
    'flat-spot': (random, much) => {
      const [from, to] = [between(random, 84, 108), between(random, 212, 236)];
      const level = 182 - 10 * much;
      return made(
        nothing,
        `M20 0Q26 150 ${from.toFixed(0)} ${level.toFixed(0)}H${to.toFixed(0)}Q294 150 300 0`,
      )(random, much);
    },
    cut: made((random, much) => {
      const [x, y] = spot(random);
      const long = 34 + 22 * much;
      return [
        {
          d: `M${x.toFixed(1)} ${y.toFixed(1)}q${(long / 2).toFixed(1)} 6 ${long.toFixed(1)} 16q-${(long / 2).toFixed(1)} 2 -${long.toFixed(1)} -16z`,
          ink: 'body' as const,
        },
        ...Array.from({ length: 4 }, (_, i): Shape => ({
          d: `M${(x + 8 + (i * long) / 6).toFixed(1)} ${(y + 5 + i * 2).toFixed(1)}l2 6`,
          ink: 'thin',
        })),
        {
          d: `M${x.toFixed(1)} ${y.toFixed(1)}q${(long / 2).toFixed(1)} 6 ${long.toFixed(1)} 16`,
          ink: 'crack' as const,
          width: 2,
        },
      ];
    }),
    bulge: made((random, much) => {
      const left = random() < 0.5;
      const at = (x: number) => (left ? x : 320 - x).toFixed(0);
      const top = between(random, 30, 38);
      const d = `M${at(23)} ${top.toFixed(0)}Q${at(-4 - 22 * much)} ${between(random, 70, 88).toFixed(0)} ${at(46)} 115`;
      return [
        { d, ink: 'fill', tint: 'rubber' },
        { d, ink: 'line' },
      ];
    }),
    cord: made((random, much) => {
      const [x, y] = spot(random);
      const n = 5 + Math.round(3 * much);
      return [
        { ...blot(random, [x, y], 22 + 6 * much, 'spark'), opacity: 0.9 },
        ...Array.from({ length: n }, (_, i): Shape => ({
          d: `M${(x - 16 + i * 5).toFixed(1)} ${(y - 14).toFixed(1)}l8 28M${(x - 8 + i * 5).toFixed(1)} ${(y - 14).toFixed(1)}l-8 28`,
          ink: 'line',
          width: 1,
        })),
      ];
    }),
  } satisfies Drawn;
})();

/** Blocks of the tread cut across, each worn down by so much of its height. */
function across(worn: readonly number[], bar = false): Draws {
  return (random, much) => [
    { d: 'M14 150H306V182Q160 200 14 182z', ink: 'body', tint: 'rubber' },
    { d: 'M14 62H306', ink: 'dashed' },
    ...worn.map((share, i) => {
      const top =
        64 + Math.min(84, Math.max(0, share * (0.8 + 0.25 * much) + between(random, -0.03, 0.03)) * 86);
      return rectangle([20 + i * 58, top, 46, 152 - top], 'body', 'rubber');
    }),
    ...(bar ? [{ d: 'M66 128h12M124 128h12M182 128h12M240 128h12', ink: 'line' as const, width: 4 }] : []),
  ];
}

export const WEAR = {
  even: across([0.2, 0.2, 0.2, 0.2, 0.2]),
  edges: across([0.75, 0.4, 0.15, 0.4, 0.75]),
  middle: across([0.15, 0.45, 0.8, 0.45, 0.15]),
  'one-side': (random, much) => {
    const worn = [0.85, 0.62, 0.4, 0.22, 0.1];
    return across(random() < 0.5 ? worn : [...worn].reverse())(random, much);
  },
  cupped: across([0.1, 0.7, 0.15, 0.75, 0.12]),
} satisfies Drawn;

export const TREAD = {
  deep: across([0.15, 0.15, 0.15, 0.15, 0.15], true),
  worn: across([0.6, 0.6, 0.6, 0.6, 0.6], true),
  'at-limit': across([0.82, 0.82, 0.82, 0.82, 0.82], true),
  cord: (random, much) => [
    ...across([1.1, 1.1, 1.1, 1.1, 1.1])(random, much),
    ...Array.from({ length: 14 + Math.round(10 * much) }, (): Shape => {
      const x = between(random, 60, 250);
      return { d: `M${x.toFixed(0)} 152l8 18M${(x + 8).toFixed(0)} 152l-8 18`, ink: 'line', width: 1 };
    }),
  ],
} satisfies Drawn;

/** The tread from its face: three ribs, and what sticks in it. */
export const OBJECT = (() => {
  const face =
    (more: Draws): Draws =>
    (random, much) => [
      rectangle([20, 10, 280, 180], 'body', 'rubber', 10),
      ...[90, 160, 230].map((x): Shape => ({
        d: `M${x} 12q6 22 0 44t0 44t0 44t0 44`,
        ink: 'line',
        width: 7,
        opacity: 0.75,
      })),
      ...more(random, much),
    ];
  const spot = (random: Random): readonly [number, number] => [
    between(random, 50, 270),
    between(random, 40, 160),
  ];
  return {
    none: face(nothing),
    stone: face((random, much) => [
      {
        ...blot(random, [90 + 70 * Math.floor(random() * 3), between(random, 50, 150)], 8 + 5 * much, 'rag'),
        opacity: 1,
      },
    ]),
    nail: face((random, much) => {
      const [x, y] = spot(random);
      const r = 7 + 3 * much;
      return random() < 0.5
        ? [oval([x, y], r, r, 'metal')]
        : [
            oval([x, y], r + 2, r + 2, 'metal'),
            {
              d: `M${(x - r).toFixed(1)} ${y.toFixed(1)}h${(2 * r).toFixed(1)}M${x.toFixed(1)} ${(y - r).toFixed(1)}v${(2 * r).toFixed(1)}`,
              ink: 'line',
              width: 2.4,
            },
          ];
    }),
  } satisfies Drawn;
})();
