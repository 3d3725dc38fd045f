import { between, nothing, type Drawn, type Draws } from './draws';
import { blot, crack, dots, oval, ring, type Shape } from './shapes';

/** The end of a hub, seen from beside the wheel: the cap in its bore, and the lock behind it where the cap is gone. */
export const CAP = (() => {
  const face =
    (more: Draws): Draws =>
    (random, much) => [
      oval([160, 100], 92, 92, 'metal'),
      oval([160, 100], 60, 60, 'thin'),
      ...more(random, much),
    ];
  const cap: readonly Shape[] = [oval([160, 100], 54, 54, 'body'), oval([160, 100], 40, 40, 'thin')];
  const bare = (pin: boolean): readonly Shape[] => [
    oval([160, 100], 54, 54, 'body', 'grease'),
    {
      d: 'M160 66L190 83V117L160 134L130 117V83z',
      ink: 'metal',
    },
    oval([160, 100], 15, 15, 'body'),
    ...(pin
      ? [{ d: 'M118 104h84M202 104q8 6 0 14M202 104q10 -6 2 -14', ink: 'line' as const, width: 4 }]
      : []),
  ];
  return {
    on: face(() => cap),
    dented: face((random, much) => [
      ...cap,
      {
        ...blot(random, [between(random, 146, 176), between(random, 86, 116)], 13 + 5 * much, 'stain'),
        ink: 'line',
        width: 1.2,
      },
      { d: `M${between(random, 140, 152).toFixed(0)} 92q12 10 24 2`, ink: 'thin', width: 1.6 },
    ]),
    cracked: face((random, much) => [
      ...cap,
      crack(random, [between(random, 116, 128), 74], [between(random, 168, 196), 120 + 14 * much], 2),
    ]),
    loose: face((random, much) => [
      { ...oval([160 + 5 + 5 * much, 96], 54, 52, 'body') },
      { ...oval([160 + 5 + 5 * much, 96], 40, 38, 'thin') },
      { ...ring([160, 100], 60, 54, 'fill', 'black', [0.3, 0.62], random), opacity: 0.75 },
    ]),
    leaking: face((random, much) => [
      ...cap,
      ...Array.from({ length: 3 + Math.round(3 * much) }, () =>
        blot(
          random,
          [between(random, 108, 214), between(random, 140, 182)],
          between(random, 7, 15),
          'grease',
        ),
      ),
      { ...ring([160, 100], 58, 50, 'fill', 'grease', [0.4, 0.66], random), opacity: 0.9 },
    ]),
    missing: face(() => bare(true)),
    'lock-gone': face(() => bare(false)),
  } satisfies Drawn;
})();

/** The window of an oil bath, its line, and what stands in it. */
export const OIL = (() => {
  const bath =
    (level: readonly [number, number], tint: Shape['tint'], more: Draws = nothing): Draws =>
    (random, much) => {
      const y = between(random, level[0], level[1]);
      const half = Math.sqrt(Math.max(0, 70 * 70 - (y - 100) ** 2));
      return [
        oval([160, 100], 92, 92, 'metal'),
        oval([160, 100], 72, 72, 'body'),
        ...(y < 168
          ? [
              {
                d: `M${(160 - half).toFixed(1)} ${y.toFixed(1)}H${(160 + half).toFixed(1)}A70 70 0 0 1 ${(160 - half).toFixed(1)} ${y.toFixed(1)}z`,
                ink: 'fill' as const,
                tint,
                opacity: 0.9,
              },
            ]
          : []),
        { d: 'M92 100H228', ink: 'dashed' },
        ...more(random, much),
      ];
    };
  return {
    'at-mark': bath([97, 101], 'oil'),
    low: bath([122, 144], 'oil'),
    milky: bath([97, 101], 'milky'),
    dark: bath([97, 101], 'black'),
    metal: bath([97, 101], 'oil', (random, much) =>
      dots(random, 20 + Math.round(24 * much), [160, 136], 30, 0.8, 1.8, 'black'),
    ),
    empty: bath([175, 190], 'oil'),
  } satisfies Drawn;
})();
