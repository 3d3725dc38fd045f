import type { WheelEnd } from '@/core/rig';

/** Which way the tongue points: `left` lies along a wide screen, `up` stands on a narrow one. */
export type Heading = 'left' | 'up';

/** A part of the drawing. */
export interface Stroke {
  readonly look: 'body' | 'ink' | 'thin' | 'dash' | 'metal' | 'solid';
  readonly d: string;
}

/** A box in the drawing's units. */
export interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** A trailer seen from above, drawn from its own model. */
export interface Plan {
  readonly width: number;
  readonly height: number;
  readonly strokes: readonly Stroke[];
  readonly wheels: readonly {
    readonly place: WheelEnd;
    readonly box: Box;
    readonly tread: string;
    readonly hub: string;
  }[];
  readonly spares: readonly { readonly name: 'S1' | 'S2'; readonly box: Box }[];
}

/** Sizes in the drawing's units: lengths along the trailer by axles and heading, halves and gaps across it. */
export const SIZE = {
  tongue: 104,
  body: { left: [400, 500, 590], up: [250, 320, 400] },
  half: 62,
  spacing: 96,
  wheel: { long: 74, wide: 26 },
  gap: 9,
  margin: 14,
} as const;
