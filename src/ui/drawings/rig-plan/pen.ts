import { SIZE, type Box, type Heading } from './plan';

/** A point along the trailer (u, from the coupler) and across it (v, left is positive), in the drawing's units. */
export type Point = readonly [u: number, v: number];

/** Turns lengths along the trailer (u, from the coupler) and across it (v, left is positive) into the picture's x and y. */
export class Pen {
  constructor(
    private readonly heading: Heading,
    private readonly middle: number,
  ) {}

  point([u, v]: Point): readonly [number, number] {
    return this.heading === 'left' ? [u + SIZE.margin, this.middle + v] : [this.middle - v, u + SIZE.margin];
  }

  private at(p: Point): string {
    return this.point(p)
      .map((n) => Number(n.toFixed(1)))
      .join(' ');
  }

  line(...points: readonly Point[]): string {
    return points.map((p, i) => `${i === 0 ? 'M' : 'L'}${this.at(p)}`).join('');
  }

  shape(...points: readonly Point[]): string {
    return `${this.line(...points)}Z`;
  }

  /** A closed shape whose corners are rounded by `r`. */
  round(r: number, ...points: readonly Point[]): string {
    const n = points.length;
    const toward = (from: Point, to: Point, by: number): Point => {
      const length = Math.hypot(to[0] - from[0], to[1] - from[1]);
      const share = length === 0 ? 0 : Math.min(by, length / 2) / length;
      return [from[0] + (to[0] - from[0]) * share, from[1] + (to[1] - from[1]) * share];
    };
    return `${points
      .map((p, i) => {
        const before = points[(i + n - 1) % n] ?? p;
        const after = points[(i + 1) % n] ?? p;
        return `${i === 0 ? 'M' : 'L'}${this.at(toward(p, before, r))}Q${this.at(p)} ${this.at(toward(p, after, r))}`;
      })
      .join('')}Z`;
  }

  rect(u: number, v: number, long: number, wide: number, r = 0): string {
    const corners: Point[] = [
      [u, v],
      [u + long, v],
      [u + long, v + wide],
      [u, v + wide],
    ];
    return r === 0 ? this.shape(...corners) : this.round(r, ...corners);
  }

  curve(from: Point, ...bends: readonly (readonly [Point, Point])[]): string {
    return `M${this.at(from)}${bends.map(([by, to]) => `Q${this.at(by)} ${this.at(to)}`).join('')}`;
  }

  circle(p: Point, r: number): string {
    const [x, y] = this.point(p);
    return `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0Z`;
  }

  box(u: number, v: number, long: number, wide: number): Box {
    const [x0, y0] = this.point([u, v]);
    const [x1, y1] = this.point([u + long, v + wide]);
    return { x: Math.min(x0, x1), y: Math.min(y0, y1), width: Math.abs(x1 - x0), height: Math.abs(y1 - y0) };
  }
}
