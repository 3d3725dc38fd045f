import type { Random } from '../../base';
import { between, nothing, type Drawn, type Draws } from './draws';
import { blot, crack, lines, oval, rectangle, ring, type Shape } from './shapes';

export const WELD = (() => {
  const made =
    (more: Draws): Draws =>
    (random, much) => [
      rectangle([10, 108, 300, 62], 'metal'),
      rectangle([128, 10, 64, 98], 'metal'),
      ...[...Array(11).keys()].map((i): Shape => ({
        d: `M${104 + i * 11} 112a8 8 0 0 1 8 -9`,
        ink: 'line',
        width: 1.4,
      })),
      { d: 'M100 112q60 -14 120 0', ink: 'line' },
      ...more(random, much),
    ];
  return {
    sound: made(nothing),
    rust: made((random, much) =>
      Array.from({ length: 3 + Math.round(4 * much) }, () =>
        blot(random, [between(random, 60, 260), between(random, 96, 150)], between(random, 9, 20), 'rust'),
      ),
    ),
    'main-crack': made((random, much) => [
      crack(random, [between(random, 108, 128), 110], [between(random, 70, 110), 132 + 14 * much], 2),
    ]),
    through: made((random, much) => [
      { ...crack(random, [between(random, 110, 130), 106], [between(random, 90, 120), 170], 4 + 2 * much) },
      { d: 'M96 170h34', ink: 'line' },
    ]),
  } satisfies Drawn;
})();

export const STRAP = (() => {
  const web = (from: number, to: number): readonly Shape[] => [
    rectangle([from, 64, to - from, 72], 'body', 'web'),
    ...Array.from({ length: Math.floor((to - from) / 16) }, (_, i): Shape => ({
      d: `M${from + 8 + i * 16} 64v72`,
      ink: 'thin',
      opacity: 0.6,
    })),
    { d: `M${from} 88H${to}M${from} 112H${to}`, ink: 'thin', opacity: 0.5 },
  ];
  const fuzz = (random: Random, count: number, long: number, width: number): readonly Shape[] =>
    Array.from({ length: count }, () => {
      const [x, up] = [between(random, 16, 304), random() < 0.5];
      return {
        d: `M${x.toFixed(0)} ${up ? 64 : 136}l${between(random, -4, 4).toFixed(1)} ${((up ? -1 : 1) * between(random, long / 2, long)).toFixed(1)}`,
        ink: 'line' as const,
        width,
      };
    });
  return {
    sound: () => web(8, 312),
    fuzzed: (random, much) => [...web(8, 312), ...fuzz(random, 26 + Math.round(20 * much), 8, 0.9)],
    frayed: (random, much) => {
      const x = between(random, 90, 220);
      const deep = 16 + 12 * much;
      return [
        ...web(8, 312),
        {
          d: `M${(x - 12).toFixed(0)} 63L${x.toFixed(0)} ${(64 + deep).toFixed(0)}L${(x + 14).toFixed(0)} 63z`,
          ink: 'body',
        },
        ...fuzz(random, 10, 10, 1),
        ...Array.from({ length: 8 }, (_, i): Shape => ({
          d: `M${(x - 10 + i * 3).toFixed(0)} ${(66 + deep * (1 - Math.abs(i - 4) / 5)).toFixed(0)}q${between(random, -6, 6).toFixed(0)} -16 ${between(random, -9, 9).toFixed(0)} -28`,
          ink: 'line',
          width: 1.1,
        })),
      ];
    },
    stiff: (random, much) => [
      ...web(8, 312),
      ...Array.from({ length: 5 + Math.round(4 * much) }, () =>
        blot(random, [between(random, 40, 280), between(random, 78, 122)], between(random, 8, 16), 'rust'),
      ),
    ],
    cut: (random, much) => {
      const x = between(random, 140, 180);
      const gap = 14 + 16 * much;
      return [
        ...web(8, x - gap),
        ...web(x + gap, 312),
        ...fuzz(random, 6, 8, 1),
        {
          d: `M${(x - gap).toFixed(0)} 64l7 18l-8 18l8 18l-7 18M${(x + gap).toFixed(0)} 64l-7 18l8 18l-8 18l7 18`,
          ink: 'line',
          width: 1.6,
        },
      ];
    },
  } satisfies Drawn;
})();

export const PIVOT = (() => {
  const eye =
    (gap: number, long: number, more: Draws): Draws =>
    (random, much) => {
      const g = gap * (0.75 + 0.5 * much);
      return [
        { d: 'M160 20a80 80 0 1 0 66 122l84 10V118l-72 -12a80 80 0 0 0 -78 -86z', ink: 'metal' },
        oval([156, 100 + g / 2], 42, 42 + g / 2 + long * (0.8 + 0.4 * much), 'body', 'rubber'),
        oval([156, 100], 30, 30, 'metal'),
        ...(g > 0
          ? [
              {
                d: `M${130} ${128 + g / 2}q26 ${(14 + g).toFixed(0)} 52 0`,
                ink: 'line' as const,
                width: 1.4 + g / 6,
              },
            ]
          : []),
        ...more(random, much),
      ];
    };
  return {
    'no-play': eye(0, 0, nothing),
    seen: eye(5, 0, nothing),
    bright: eye(9, 0, (random) => [
      { ...ring([156, 100], 50, 41, 'fill', 'spark', [0.2, 0.8], random), opacity: 0.95 },
      ...lines(random, 7, [122, 138, 70, 14], 'thin', 0.8),
    ]),
    oval: eye(3, 15, nothing),
    cracked: eye(3, 0, (random, much) => {
      const a = between(random, 2.4, 4.4);
      const at = (r: number): readonly [number, number] => [156 + r * Math.cos(a), 98 + r * Math.sin(a)];
      return [crack(random, at(44), at(72 + 6 * much), 2.4)];
    }),
  } satisfies Drawn;
})();

/** Sheet of the wheel well, from below. */
export const WELL = (() => {
  const sheet =
    (more: Draws): Draws =>
    (random, much) => [
      { d: 'M10 190V90Q10 14 160 14Q310 14 310 90V190z', ink: 'metal' },
      { d: 'M40 190V98Q40 42 160 42Q280 42 280 98V190', ink: 'thin', opacity: 0.5 },
      rectangle([126, 14, 68, 30], 'body'),
      ...more(random, much),
    ];
  const spots = (random: () => number, count: number, from: number, to: number) =>
    Array.from({ length: count }, () =>
      blot(random, [between(random, 40, 280), between(random, 64, 172)], between(random, from, to), 'rust'),
    );
  return {
    sound: sheet(nothing),
    rust: sheet((random, much) => spots(random, 3 + Math.round(3 * much), 8, 15)),
    scale: sheet((random, much) => [
      ...spots(random, 5 + Math.round(2 * much), 18, 32),
      ...Array.from({ length: 8 }, () => {
        const [x, y] = [between(random, 60, 260), between(random, 72, 164)];
        return crack(random, [x, y], [x + between(random, -18, 18), y + between(random, 6, 16)], 1.4);
      }),
    ]),
    through: sheet((random, much) => {
      const [x, y] = [between(random, 110, 210), between(random, 60, 84)];
      return [
        ...spots(random, 3, 16, 28),
        blot(random, [x, y], 22 + 8 * much, 'rust'),
        { ...blot(random, [x, y], 12 + 7 * much, 'black'), opacity: 1 },
      ];
    }),
  } satisfies Drawn;
})();
