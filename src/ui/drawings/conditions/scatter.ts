import { seeded } from '@/core/base';

/** Points strewn in a box, the same at every drawing: [x, y, size from 0 to 1]. */
export function strewn(
  count: number,
  [left, top, width, height]: readonly [number, number, number, number],
  seed = 1,
): readonly (readonly [number, number, number])[] {
  const next = seeded(seed);
  return Array.from({ length: count }, () => [left + next() * width, top + next() * height, next()] as const);
}

/** Parallel lines that hatch a box. */
export function hatch(
  [left, top, width, height]: readonly [number, number, number, number],
  gap = 4,
): string {
  const lines: string[] = [];
  for (let x = left - height; x < left + width; x += gap) {
    const from = Math.max(x, left);
    const to = Math.min(x + height, left + width);
    lines.push(
      `M${from.toFixed(1)} ${(top + height - (from - x)).toFixed(1)}L${to.toFixed(1)} ${(top + height - (to - x)).toFixed(1)}`,
    );
  }
  return lines.join('');
}

/** A jagged line from one point to another. */
export function jag(x0: number, y0: number, x1: number, y1: number, steps = 5, by = 2.2): string {
  const dots = Array.from({ length: steps + 1 }, (_, i) => {
    const t = i / steps;
    const side = i === 0 || i === steps ? 0 : i % 2 === 0 ? by : -by;
    const length = Math.hypot(x1 - x0, y1 - y0) || 1;
    const x = x0 + (x1 - x0) * t - ((y1 - y0) / length) * side;
    const y = y0 + (y1 - y0) * t + ((x1 - x0) / length) * side;
    return `${x.toFixed(1)} ${y.toFixed(1)}`;
  });
  return `M${dots.join('L')}`;
}
