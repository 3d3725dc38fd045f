import { between, nothing, type Drawn, type Draws } from './draws';
import { blot, crack, lines, oval, rectangle, ring, type Shape } from './shapes';

/** How thick the least lining is drawn: dashed in the picture. */
const LEAST = 8;

/** A lining from its face, and below it from its edge with the least thickness dashed. */
function lining(thick: readonly [number, number], face: Draws): Draws {
  return (random, much) => {
    const high = between(random, thick[1], thick[0]) * (1 - 0.05 * much);
    return [
      rectangle([16, 16, 288, 84], 'body', 'lining', 10),
      ...lines(random, 14, [22, 24, 276, 68], 'thin', 0.18),
      ...face(random, much),
      rectangle([16, 172, 288, 12], 'metal'),
      ...(high > 1 ? [rectangle([20, 172 - high, 280, high], 'body', 'lining')] : []),
      { d: `M10 ${172 - LEAST}H310`, ink: 'dashed' },
    ];
  };
}
const THICK = [26, 40] as const;

export const LINING = {
  good: lining(THICK, nothing),
  hairline: lining(THICK, (random, much) =>
    Array.from({ length: 2 + Math.round(4 * much) }, () => {
      const [x, y] = [between(random, 50, 260), between(random, 40, 66)];
      return crack(random, [x, y], [x + between(random, 8, 26), y + between(random, -10, 12)], 1);
    }),
  ),
  thin: lining([10, 15], nothing),
  'at-minimum': lining([4, 7.5], nothing),
  cracked: lining(THICK, (random, much) => [
    crack(
      random,
      [between(random, 60, 250), 17],
      [between(random, 60, 250), between(random, 60, 99)],
      1.6 + much,
    ),
    ...(much > 0.5
      ? [crack(random, [between(random, 60, 250), 99], [between(random, 60, 250), 55], 1.5)]
      : []),
  ]),
  greasy: lining(THICK, (random, much) =>
    Array.from({ length: 3 + Math.round(4 * much) }, () =>
      blot(random, [between(random, 50, 270), between(random, 32, 84)], between(random, 10, 26), 'grease'),
    ),
  ),
  gone: lining([0, 0.6], (random) => [
    rectangle([40, 30, 240, 58], 'metal'),
    ...lines(random, 18, [44, 34, 232, 50], 'line', 0.5),
  ]),
} satisfies Drawn;

export const DRUM = (() => {
  const face =
    (more: Draws): Draws =>
    (random, much) => [
      ring([160, 250], 225, 140, 'metal'),
      ...Array.from({ length: 3 }, () => arcAt(between(random, 150, 216), 'thin', 0.25)),
      ...more(random, much),
    ];
  const arcAt = (r: number, ink: Shape['ink'], opacity = 1, width = 1): Shape => ({
    d: `M${160 - r} 250A${r} ${r} 0 0 1 ${160 + r} 250`,
    ink,
    opacity,
    width,
  });
  return {
    smooth: face(nothing),
    'light-grooves': face((random, much) =>
      Array.from({ length: 4 + Math.round(5 * much) }, () =>
        arcAt(between(random, 148, 218), 'line', 0.75, 1),
      ),
    ),
    'deep-grooves': face((random, much) =>
      Array.from({ length: 3 + Math.round(3 * much) }, () =>
        arcAt(between(random, 150, 214), 'line', 1, 4 + 2 * much),
      ),
    ),
    blue: face((random, much) =>
      Array.from({ length: 3 + Math.round(4 * much) }, () => {
        const a = between(random, 0.15, 0.85) * Math.PI;
        const r = between(random, 160, 208);
        return blot(random, [160 - r * Math.cos(a), 250 - r * Math.sin(a)], between(random, 10, 20), 'blue');
      }),
    ),
    cracked: face((random, much) => {
      const a = between(random, 0.25, 0.75) * Math.PI;
      const at = (r: number, b = a): readonly [number, number] => [
        160 - r * Math.cos(b),
        250 - r * Math.sin(b),
      ];
      return [crack(random, at(223), at(150 - 8 * much, a + 0.08), 2.4)];
    }),
  } satisfies Drawn;
})();

export const MAGNET = (() => {
  const marks = (opacity: number, side = 1): readonly Shape[] =>
    [110, 210].map((x, i) => ({
      ...oval([x, 100], 9, 9, 'line'),
      opacity: i === 0 ? opacity : opacity * side,
      width: 2.4,
    }));
  const face =
    (more: Draws): Draws =>
    (random, much) => [
      oval([160, 100], 120, 76, 'metal'),
      oval([160, 100], 108, 65, 'thin'),
      ...lines(random, 12, [80, 60, 160, 80], 'thin', 0.2),
      ...more(random, much),
    ];
  return {
    even: face(() => marks(1)),
    faint: face((_, much) => marks(0.34 - 0.1 * much)),
    uneven: face((random, much) => [
      ...marks(1, 0),
      { d: `M${170 - 10 * much} 26Q${200 - 20 * much} 100 ${168 - 8 * much} 174`, ink: 'line', width: 2 },
      ...lines(random, 10, [190, 56, 70, 90], 'line', 0.5),
    ]),
    'marks-gone': face((random) => lines(random, 8, [80, 60, 160, 80], 'line', 0.35)),
    greasy: face((random, much) => [
      ...marks(0.8),
      ...Array.from({ length: 3 + Math.round(3 * much) }, () =>
        blot(random, [between(random, 80, 240), between(random, 60, 140)], between(random, 12, 24), 'grease'),
      ),
    ]),
    'coil-showing': face((random, much) => [
      oval([160, 100], 60 + 20 * much, 34 + 12 * much, 'body', 'copper'),
      ...Array.from({ length: 7 }, (_, i) =>
        oval([160, 100], 14 + i * (7 + 2 * much), 8 + i * (4 + much), 'line'),
      ),
      crack(random, [70, 70], [120, 86], 1.6),
    ]),
  } satisfies Drawn;
})();

/** A brake disc from its face. */
export const DISC = (() => {
  const face =
    (more: Draws): Draws =>
    (random, much) => [
      oval([160, 100], 94, 94, 'metal'),
      oval([160, 100], 46, 46, 'body'),
      oval([160, 100], 18, 18, 'metal'),
      ...Array.from({ length: 5 }, (_, i): Shape => {
        const a = (i * 2 * Math.PI) / 5;
        return oval([160 + 32 * Math.sin(a), 100 - 32 * Math.cos(a)], 4, 4, 'line');
      }),
      ...more(random, much),
    ];
  const groove = (r: number, width: number, opacity: number): Shape => ({
    ...oval([160, 100], r, r, 'line'),
    width,
    opacity,
  });
  return {
    smooth: face(nothing),
    'light-grooves': face((random, much) =>
      Array.from({ length: 4 + Math.round(4 * much) }, () => groove(between(random, 52, 90), 1, 0.6)),
    ),
    'deep-grooves': face((random, much) =>
      Array.from({ length: 3 + Math.round(2 * much) }, () =>
        groove(between(random, 54, 88), 3.6 + 2 * much, 1),
      ),
    ),
    cracked: face((random, much) => {
      const a = between(random, 0, 2 * Math.PI);
      const at = (r: number, b: number): readonly [number, number] => [
        160 + r * Math.cos(b),
        100 + r * Math.sin(b),
      ];
      return [crack(random, at(93, a), at(56 - 8 * much, a + 0.25), 2.4)];
    }),
  } satisfies Drawn;
})();
