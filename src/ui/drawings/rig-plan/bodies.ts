import type { Pen, Point } from './pen';
import { SIZE, type Stroke } from './plan';

const H = SIZE.half;

/** The same strokes on the left (1) and on the right (−1). */
export const mirror = (draw: (side: 1 | -1) => readonly Stroke[]): readonly Stroke[] => [
  ...draw(1),
  ...draw(-1),
];

/** The two members of the tongue, from the coupler to the body. */
export function tongue(pen: Pen, from: number): readonly Stroke[] {
  return mirror((s) => [
    { look: 'ink', d: pen.line([36, s * 7], [from + 34, s * (H - 26)]) },
    { look: 'thin', d: pen.line([48, s * 4], [from + 34, s * (H - 33)]) },
  ]);
}

/** A closed body with a rounded nose: roof hatches, the air unit, the door on the curb side. */
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
    { look: 'ink', d: pen.line([from + 80, -H], [from + 104, -H]) },
    { look: 'thin', d: pen.rect(from + 80, -H - 8, 24, 8, 1) },
  ];
}

/** An open frame that narrows to the tongue, and the hull it carries as a dashed line. */
export function boat(pen: Pen, from: number, to: number): readonly Stroke[] {
  const bow: Point = [from + 40, 0];
  const hull = (s: 1 | -1) =>
    pen.curve(
      bow,
      [
        [from + 84, s * (H - 12)],
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
      { look: 'dash', d: hull(s) },
    ]),
    ...[from + 92, (from + to) / 2 - 10, to - 6].map((u): Stroke => ({
      look: 'thin',
      d: pen.rect(u, -H + 8, 7, 2 * H - 16),
    })),
    { look: 'dash', d: pen.line([to + 10, -(H - 18)], [to + 10, H - 18]) },
  ];
}

/** An open deck with planks along it. */
export function utility(pen: Pen, from: number, to: number): readonly Stroke[] {
  const planks = [-3, -2, -1, 0, 1, 2, 3].map((i) => (i * (2 * H - 14)) / 8);
  return [
    { look: 'body', d: pen.rect(from, -H, to - from, 2 * H, 3) },
    { look: 'thin', d: pen.rect(from + 7, -H + 7, to - from - 14, 2 * H - 14, 2) },
    ...planks.map((v): Stroke => ({ look: 'thin', d: pen.line([from + 7, v], [to - 7, v]) })),
  ];
}
