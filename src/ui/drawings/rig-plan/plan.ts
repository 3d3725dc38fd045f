import type { GearId, Spare, WheelEnd } from '@/core/rig';

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

/** A piece of gear in the drawing: where it is taken hold of, once or on both sides, and its lines. */
export interface GearPart {
  readonly id: GearId;
  /** Dashed: nobody has said yet whether this rig has it. */
  readonly known: boolean;
  readonly boxes: readonly Box[];
  readonly strokes: readonly Stroke[];
}

/** A trailer seen from above, drawn from its own model. */
export interface Plan {
  readonly width: number;
  readonly height: number;
  readonly strokes: readonly Stroke[];
  readonly gear: readonly GearPart[];
  readonly wheels: readonly {
    readonly place: WheelEnd;
    readonly box: Box;
    readonly tread: string;
    readonly hub: string;
  }[];
  readonly spares: readonly { readonly place: Spare; readonly box: Box; readonly tread: string }[];
}

/** Sizes in the drawing's units: lengths along the trailer by axles and heading, halves and gaps across it. */
export const SIZE = {
  tongue: { rv: 104, boat: 104, utility: 118 },
  body: { left: [400, 500, 590], up: [250, 330, 420] },
  half: 62,
  spacing: 96,
  wheel: { long: 74, wide: 26 },
  gap: 9,
  margin: 14,
} as const;
