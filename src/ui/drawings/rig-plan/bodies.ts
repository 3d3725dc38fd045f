import type { Pen, Point } from './pen';
import { SIZE, type Stroke } from './plan';

const H = SIZE.half;

/** The same strokes on the left (1) and on the right (−1). */
export const mirror = (draw: (side: 1 | -1) => readonly Stroke[]): readonly Stroke[] => [
  ...draw(1),
  ...draw(-1),
];

/** Lamps stand at both corners of the back. */
function lamps(pen: Pen, u: number): readonly Stroke[] {
  return mirror((s) => [{ look: 'metal', d: pen.rect(u, s === 1 ? H - 26 : -H + 10, 6, 16, 1) }]);
}

/** Coupler, A-frame, jack, and chains crossed below. */
export function coupler(pen: Pen, from: number): readonly Stroke[] {
  return [
    ...mirror((s) => [
      {
        look: 'dash',
        d: pen.curve(
          [44, s * 10],
          [
            [16, s * 16],
            [6, -s * 9],
          ],
        ),
      },
      { look: 'ink', d: pen.line([36, s * 7], [from + 34, s * (H - 26)]) },
      { look: 'thin', d: pen.line([48, s * 4], [from + 34, s * (H - 33)]) },
    ]),
    { look: 'body', d: pen.round(7, [2, -10], [36, -10], [36, 10], [2, 10]) },
    { look: 'solid', d: pen.circle([11, 0], 5) },
    { look: 'body', d: pen.circle([62, 0], 8.5) },
    { look: 'ink', d: pen.line([62, 0], [62, 24]) },
  ];
}

/** A closed body with a rounded nose: roof hatches, the air unit, the door on the curb side, four stabilizers. */
export function rv(pen: Pen, from: number, to: number): readonly Stroke[] {
  const mid = (from + to) / 2 - 50;
  const outline: readonly Point[] = [
    [from, -H * 0.5],
    [from + 40, -H],
    [to - 12, -H],
    [to, -H + 10],
    [to, H - 10],
    [to - 12, H],
    [from + 40, H],
    [from, H * 0.5],
  ];
  return [
    { look: 'body', d: pen.round(24, ...outline) },
    { look: 'dash', d: pen.line([from + 58, -H + 4], [from + 58, H - 4]) },
    { look: 'thin', d: pen.rect(mid - 31, -21, 62, 42, 6) },
    { look: 'thin', d: pen.rect(mid - 21, -12, 42, 24, 3) },
    { look: 'thin', d: pen.rect(from + 76, -12, 24, 24, 4) },
    { look: 'thin', d: pen.rect(to - 56, -12, 24, 24, 4) },
    { look: 'ink', d: pen.line([from + 76, -H], [from + 116, -H]) },
    { look: 'thin', d: pen.rect(from + 80, -H - 8, 32, 8, 1) },
    ...mirror((s) =>
      [from + 40, to - 22].map((u): Stroke => {
        const v = s * (H - 13);
        return {
          look: 'thin',
          d: pen.line([u - 5, v - 5], [u + 5, v + 5], [u, v], [u - 5, v + 5], [u + 5, v - 5]),
        };
      }),
    ),
    ...lamps(pen, to - 4),
  ];
}

/** An open frame that narrows to the tongue: bunks, winch post, and the hull it carries as a dashed line. */
export function boat(pen: Pen, from: number, to: number): readonly Stroke[] {
  const bow: Point = [from + 22, 0];
  const hull = (s: 1 | -1) =>
    pen.curve(
      bow,
      [
        [from + 70, s * (H - 10)],
        [from + 180, s * (H - 6)],
      ],
      [
        [to - 40, s * (H - 6)],
        [to + 10, s * (H - 18)],
      ],
    );
  return [
    ...mirror((s) => [
      { look: 'ink', d: pen.line([from - 4, s * 24], [from + 90, s * (H - 8)], [to, s * (H - 8)]) },
      { look: 'thin', d: pen.line([from + 4, s * 18], [from + 92, s * (H - 16)], [to, s * (H - 16)]) },
      { look: 'metal', d: pen.rect(from + 104, s === 1 ? 18 : -28, to - from - 122, 10, 5) },
      { look: 'dash', d: hull(s) },
    ]),
    ...[from + 92, (from + to) / 2 - 10, to - 6].map((u): Stroke => ({
      look: 'thin',
      d: pen.rect(u, -H + 8, 7, 2 * H - 16),
    })),
    { look: 'dash', d: pen.line([to + 10, -(H - 18)], [to + 10, H - 18]) },
    { look: 'body', d: pen.round(3, [from + 2, -9], [from + 16, -9], [from + 16, 9], [from + 2, 9]) },
    { look: 'ink', d: pen.line([from + 9, -14], [from + 9, 14]) },
    { look: 'thin', d: pen.line([from + 16, 0], [from + 22, 0]) },
    ...lamps(pen, to - 4),
  ];
}

/** An open deck: planks along it, stake pockets, and the ramp folded up at the back. */
export function utility(pen: Pen, from: number, to: number): readonly Stroke[] {
  const planks = [-3, -2, -1, 0, 1, 2, 3].map((i) => (i * (2 * H - 14)) / 8);
  return [
    { look: 'body', d: pen.rect(from, -H, to - from, 2 * H, 3) },
    { look: 'thin', d: pen.rect(from + 7, -H + 7, to - from - 14, 2 * H - 14, 2) },
    ...planks.map((v): Stroke => ({ look: 'thin', d: pen.line([from + 7, v], [to - 7, v]) })),
    ...mirror((s) =>
      [0.1, 0.34, 0.88].map((share): Stroke => ({
        look: 'metal',
        d: pen.rect(from + (to - from) * share - 6, s === 1 ? H - 5 : -H, 12, 5),
      })),
    ),
    { look: 'ink', d: pen.rect(to, -H + 9, 13, 2 * H - 18, 1) },
    ...[-0.75, -0.5, -0.25, 0, 0.25, 0.5, 0.75].map((share): Stroke => ({
      look: 'thin',
      d: pen.line([to, share * (H - 10)], [to + 13, share * (H - 10)]),
    })),
    ...lamps(pen, to - 7),
  ];
}
