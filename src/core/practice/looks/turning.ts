import type { Random } from '../../base';
import { pick } from '../shuffled';
import { between, nothing, upTo, type Drawn, type Draws } from './draws';
import { blot, crack, dots, oval, rectangle, ring, type Shape } from './shapes';

export const ROLLERS = (() => {
  /** Rollers standing in their cage, or a race from its running face. */
  const made =
    (more: Draws, gap = false): Draws =>
    (random, much) => {
      const race = random() < 0.4 && !gap;
      const on: readonly Shape[] = race
        ? [
            ring([160, 330], 300, 190, 'metal'),
            { d: 'M-80 200A250 250 0 0 1 400 200', ink: 'thin', opacity: 0.4 },
          ]
        : [
            rectangle([10, 24, 300, 18], 'body'),
            rectangle([10, 158, 300, 18], 'body'),
            ...[30, 100, 170, 240].flatMap((x, i): readonly Shape[] =>
              gap && i === 2
                ? []
                : [
                    { d: `M${x} 44h50l5 112h-60z`, ink: 'metal' },
                    { d: `M${x + 14} 54l-3 92`, ink: 'thin', opacity: 0.5 },
                  ],
            ),
          ];
      return [...on, ...more(random, much)];
    };
  const spot = (random: Random): readonly [number, number] => [
    pick([52, 122, 192, 262], random) + between(random, -20, 20),
    between(random, 62, 140),
  ];
  return {
    mirror: made((random) => [{ d: `M${upTo(random, 36, 46)} 60l-2 40`, ink: 'thin', opacity: 0.6 }]),
    stained: made((random, much) =>
      Array.from({ length: 3 + Math.round(4 * much) }, () =>
        blot(random, spot(random), between(random, 6, 14), 'stain'),
      ),
    ),
    pitted: made((random, much) =>
      Array.from({ length: 2 + Math.round(2 * much) }, () =>
        dots(random, 12, spot(random), 16, 1.2, 3),
      ).flat(),
    ),
    blue: made((random, much) =>
      Array.from({ length: 3 + Math.round(2 * much) }, () =>
        blot(random, spot(random), between(random, 14, 26), 'blue'),
      ),
    ),
    broken: made(
      (random) => [crack(random, [190, 26], [204, 42], 2.4), crack(random, [186, 174], [200, 158], 2.4)],
      true,
    ),
  } satisfies Drawn;
})();

export const SPINDLE = (() => {
  const shaft =
    (more: Draws, step = 0): Draws =>
    (random, much) => {
      const s = step * (3 + 3 * much);
      return [
        {
          d: `M10 40H70V${52}H${84}V${52 + s}H${104}V52H112V62H190L200 78H262V86H308V114H262V122H200L190 138H112V148H104V${148 - s}H84V148H70V160H10z`,
          ink: 'metal',
        },
        ...Array.from({ length: 6 }, (_, i): Shape => ({ d: `M${268 + i * 7} 86v28`, ink: 'thin' })),
        { d: 'M112 62v76M190 62v76M200 78v44', ink: 'thin' },
        ...more(random, much),
      ];
    };
  return {
    smooth: shaft(nothing),
    'wear-line': shaft((random) => [
      { d: `M${between(random, 87, 99).toFixed(1)} 53V147`, ink: 'line', opacity: 0.7, width: 1.4 },
      { d: `M${upTo(random, 100, 103)} 53V147`, ink: 'thin', opacity: 0.6 },
    ]),
    step: shaft(() => [{ d: 'M84 52V148M104 52V148', ink: 'line', width: 1.6 }], 1),
    heat: shaft((random, much) => [
      { ...rectangle([114, 63, 40 + 30 * much, 74], 'fill', 'blue'), opacity: 0.75 },
      { ...rectangle([156 + 20 * much, 63, 26, 74], 'fill', 'stain'), opacity: 0.6 },
      blot(random, [228, 100], 16, 'blue'),
    ]),
    scored: shaft((random, much) =>
      Array.from({ length: 6 + Math.round(6 * much) }, () => {
        const x = between(random, 118, 184);
        return {
          d: `M${x.toFixed(1)} ${upTo(random, 64, 76)}V${upTo(random, 118, 136)}`,
          ink: 'line' as const,
          width: 1.5 + 2 * much,
        };
      }),
    ),
  } satisfies Drawn;
})();

export const SEAL = (() => {
  const made =
    (more: Draws): Draws =>
    (random, much) => [
      { ...oval([160, 96], 88, 88, 'metal') },
      oval([160, 96], 62, 62, 'body', 'rubber'),
      oval([160, 96], 46, 46, 'line'),
      oval([160, 96], 40, 40, 'body'),
      ...more(random, much),
    ];
  return {
    dry: made(nothing),
    damp: made((random, much) => [
      {
        ...ring([160, 96], 62, 44, 'fill', 'stain', [0.3 - 0.1 * much, 0.75 + 0.1 * much], random),
        opacity: 0.5,
      },
    ]),
    weeping: made((random, much) => [
      { ...ring([160, 96], 62, 44, 'fill', 'grease', [0.35, 0.68], random), opacity: 0.85 },
      ...Array.from({ length: 1 + Math.round(2 * much) }, () => {
        const x = between(random, 138, 182);
        return {
          d: `M${x.toFixed(0)} 154q-7 ${(16 + 16 * much).toFixed(0)} 0 ${(22 + 16 * much).toFixed(0)}q7 -6 0 -${(22 + 16 * much).toFixed(0)}z`,
          ink: 'fill' as const,
          tint: 'grease' as const,
        };
      }),
    ]),
    damaged: made((random, much) => {
      const a = random() * 2 * Math.PI;
      const at = (r: number, b: number) =>
        `${(160 + r * Math.cos(b)).toFixed(1)} ${(96 + r * Math.sin(b)).toFixed(1)}`;
      return [
        { d: `M${at(44, a - 0.16 - 0.1 * much)}L${at(60, a)}L${at(44, a + 0.16)}z`, ink: 'body' },
        crack(
          random,
          [160 + 48 * Math.cos(a + 2), 96 + 48 * Math.sin(a + 2)],
          [160 + 61 * Math.cos(a + 2.1), 96 + 61 * Math.sin(a + 2.1)],
          1.6,
        ),
      ];
    }),
    'line-behind': made((random, much) =>
      Array.from({ length: 2 + Math.round(2 * much) }, (_, i): Shape => ({
        d: `M${upTo(random, 112, 122)} ${92 + i * 6}q48 ${upTo(random, 26, 40)} 96 ${upTo(random, -6, 6)}q14 -8 26 ${upTo(random, -18, 14)}`,
        ink: 'line',
        width: 1.6,
      })),
    ),
    'on-shoes': made((random, much) => [
      rectangle([258, 20, 44, 160], 'body', 'lining', 6),
      { ...ring([160, 96], 62, 44, 'fill', 'grease', [0.1, 0.9], random), opacity: 0.9 },
      ...Array.from({ length: 4 + Math.round(3 * much) }, () =>
        blot(random, [between(random, 266, 294), between(random, 34, 168)], between(random, 7, 13), 'grease'),
      ),
      blot(random, [236, 150], 16, 'grease'),
    ]),
  } satisfies Drawn;
})();

export const GREASE = (() => {
  /** A wipe of what came out, and a dab of new beside it. */
  const made =
    (tint: Shape['tint'], more: Draws = nothing): Draws =>
    (random, much) => [
      rectangle([8, 8, 304, 184], 'body', 'rag', 6),
      blot(random, [128, 100], 68, tint ?? 'fresh', 1.35),
      ...more(random, much),
      blot(random, [270, 150], 18, 'fresh'),
      { d: 'M246 182h48', ink: 'dashed' },
    ];
  return {
    'as-new': made('fresh'),
    darkened: made('dark'),
    thin: made('fresh', (random, much) => [
      { ...blot(random, [128, 112], 84 + 12 * much, 'oil', 1.3), opacity: 0.4 },
      ...Array.from({ length: 5 }, () =>
        blot(random, [between(random, 70, 190), between(random, 70, 140)], between(random, 4, 9), 'fresh'),
      ),
    ]),
    water: made('milky', (random, much) => [
      ...(much > 0.5 ? [blot(random, [between(random, 90, 160), 90], 22, 'rust')] : []),
      ...Array.from({ length: 4 + Math.round(4 * much) }, () => ({
        ...oval([between(random, 70, 190), between(random, 66, 140)], 3, 4, 'thin'),
        opacity: 0.7,
      })),
    ]),
    metal: made('dark', (random, much) =>
      dots(random, 26 + Math.round(30 * much), [128, 100], 64, 0.8, 1.9, 'spark'),
    ),
    burnt: made('black', (random) =>
      Array.from({ length: 4 }, () => {
        const [x, y] = [between(random, 80, 170), between(random, 70, 130)];
        return {
          ...crack(random, [x, y], [x + between(random, 14, 34), y + between(random, -14, 18)], 1.4),
          tint: 'spark' as const,
        };
      }),
    ),
  } satisfies Drawn;
})();
