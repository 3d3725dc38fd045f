/** A point on a circle: angle in turns clockwise from the top. */
export function around(cx: number, cy: number, r: number, turns: number): readonly [number, number] {
  const angle = turns * 2 * Math.PI;
  return [cx + r * Math.sin(angle), cy - r * Math.cos(angle)];
}

/** A regular polygon as an SVG path: `turn` in turns clockwise from the top. */
export function polygon(cx: number, cy: number, r: number, sides: number, turn = 0): string {
  const points = Array.from({ length: sides }, (_, i) => around(cx, cy, r, turn + i / sides));
  return `${points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`).join('')}Z`;
}

/** An arc as an SVG path, between two angles in turns clockwise from the top. */
export function arc(cx: number, cy: number, r: number, from: number, to: number): string {
  const [x0, y0] = around(cx, cy, r, from);
  const [x1, y1] = around(cx, cy, r, to);
  const large = Math.abs(to - from) > 0.5 ? 1 : 0;
  return `M${x0.toFixed(1)} ${y0.toFixed(1)}A${r} ${r} 0 ${large} ${to > from ? 1 : 0} ${x1.toFixed(1)} ${y1.toFixed(1)}`;
}
