import type { Random } from '../../base';

/** What a line or face of a picture is drawn with; the interface knows the color of each. */
export type Ink = 'body' | 'metal' | 'line' | 'thin' | 'crack' | 'dashed' | 'fill';
/** What a face is made of or smeared with, where that is not plain. */
export type Tint =
  | 'lining'
  | 'rubber'
  | 'web'
  | 'rag'
  | 'copper'
  | 'grease'
  | 'stain'
  | 'rust'
  | 'blue'
  | 'fresh'
  | 'dark'
  | 'milky'
  | 'oil'
  | 'black'
  | 'spark';

/** One piece of a picture: an outline in the picture's own units, and what it is drawn with. */
export interface Shape {
  readonly d: string;
  readonly ink: Ink;
  readonly tint?: Tint | undefined;
  readonly width?: number;
  readonly opacity?: number;
}

type Point = readonly [x: number, y: number];
type Box = readonly [x: number, y: number, width: number, height: number];

const between = (random: Random, from: number, to: number) => from + (to - from) * random();
const n = (value: number) => value.toFixed(1);

export function rectangle([x, y, w, h]: Box, ink: Ink, tint?: Tint, round = 0): Shape {
  const r = Math.min(round, w / 2, h / 2);
  return {
    d:
      r > 0
        ? `M${n(x + r)} ${n(y)}h${n(w - 2 * r)}a${r} ${r} 0 0 1 ${r} ${r}v${n(h - 2 * r)}a${r} ${r} 0 0 1 -${r} ${r}h-${n(w - 2 * r)}a${r} ${r} 0 0 1 -${r} -${r}v-${n(h - 2 * r)}a${r} ${r} 0 0 1 ${r} -${r}z`
        : `M${n(x)} ${n(y)}h${n(w)}v${n(h)}h${n(-w)}z`,
    ink,
    tint,
  };
}

export function oval([x, y]: Point, rx: number, ry: number, ink: Ink, tint?: Tint): Shape {
  return {
    d: `M${n(x - rx)} ${n(y)}a${n(rx)} ${n(ry)} 0 1 0 ${n(2 * rx)} 0a${n(rx)} ${n(ry)} 0 1 0 ${n(-2 * rx)} 0z`,
    ink,
    tint,
  };
}

/** A ring, or the stretch of it between two shares of a turn, begun somewhere by chance. */
export function ring(
  [x, y]: Point,
  outer: number,
  inner: number,
  ink: Ink,
  tint?: Tint,
  part?: Point,
  random?: Random,
): Shape {
  const [from, to] = part ?? [0, 0.9999];
  // A whole ring is closed at its foot, where it does not look like a crack.
  const turn = random ? random() * 0.25 : part ? 0 : 0.5;
  const at = (r: number, share: number) =>
    `${n(x + r * Math.sin(2 * Math.PI * (share + turn)))} ${n(y - r * Math.cos(2 * Math.PI * (share + turn)))}`;
  const large = to - from > 0.5 ? 1 : 0;
  return {
    d: `M${at(outer, from)}A${outer} ${outer} 0 ${large} 1 ${at(outer, to)}L${at(inner, to)}A${inner} ${inner} 0 ${large} 0 ${at(inner, from)}z`,
    ink,
    tint,
  };
}

/** A crack from one point to another: it jumps from side to side and gets finer. */
export function crack(random: Random, [x0, y0]: Point, [x1, y1]: Point, width: number): Shape {
  const pieces = 6;
  const long = Math.hypot(x1 - x0, y1 - y0);
  const across: Point = [-(y1 - y0) / (long || 1), (x1 - x0) / (long || 1)];
  const points = Array.from({ length: pieces + 1 }, (_, i) => {
    const t = i / pieces;
    const off = i === 0 || i === pieces ? 0 : between(random, -0.09, 0.09) * long;
    return `${n(x0 + (x1 - x0) * t + across[0] * off)} ${n(y0 + (y1 - y0) * t + across[1] * off)}`;
  });
  return { d: `M${points.join('L')}`, ink: 'crack', width };
}

/** A stain or smear round a point, uneven at its edge; `wide` stretches it. */
export function blot(random: Random, [x, y]: Point, size: number, tint: Tint, wide = 1): Shape {
  const corners = 9;
  const at = Array.from({ length: corners }, (_, i) => {
    const a = (2 * Math.PI * i) / corners;
    const r = size * between(random, 0.7, 1.15);
    return [x + wide * r * Math.cos(a), y + r * Math.sin(a)] as const;
  });
  const middle = (i: number) => {
    const [a, b] = [at[i % corners] ?? [x, y], at[(i + 1) % corners] ?? [x, y]];
    return `${n((a[0] + b[0]) / 2)} ${n((a[1] + b[1]) / 2)}`;
  };
  const curves = at.map(
    (_, i) => `Q${n(at[(i + 1) % corners]?.[0] ?? x)} ${n(at[(i + 1) % corners]?.[1] ?? y)} ${middle(i + 1)}`,
  );
  return { d: `M${middle(0)}${curves.join('')}z`, ink: 'fill', tint, opacity: 0.85 };
}

/** Specks strewn round a point. */
export function dots(
  random: Random,
  count: number,
  [x, y]: Point,
  within: number,
  least: number,
  most: number,
  tint?: Tint,
): readonly Shape[] {
  return Array.from({ length: count }, () => {
    const [a, r] = [random() * 2 * Math.PI, within * Math.sqrt(random())];
    const size = between(random, least, most);
    return { ...oval([x + r * Math.cos(a), y + r * Math.sin(a)], size, size, 'fill'), tint: tint ?? 'black' };
  });
}

/** Fine marks of working, level and faint, strewn over a box. */
export function lines(
  random: Random,
  count: number,
  [x, y, w, h]: Box,
  ink: Ink,
  opacity: number,
): readonly Shape[] {
  return Array.from({ length: count }, () => {
    const [from, level] = [between(random, x, x + w * 0.7), between(random, y, y + h)];
    return { d: `M${n(from)} ${n(level)}h${n(between(random, 8, w * 0.25))}`, ink, opacity };
  });
}
