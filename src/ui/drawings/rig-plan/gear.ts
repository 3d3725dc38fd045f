import { gearOf, type GearId, type RigKind, type RigModel } from '@/core/rig';
import { mirror } from './bodies';
import type { Pen } from './pen';
import { SIZE, type GearPart, type Stroke } from './plan';

const H = SIZE.half;

/** Where along the trailer things are: the body from and to, and the end of the last wheel. */
export interface Along {
  readonly from: number;
  readonly to: number;
  readonly last: number;
}

/** A box along (u) and across (v): start, start, length, width. */
type Zone = readonly [u: number, v: number, long: number, wide: number];

interface Drawn {
  readonly zones: readonly Zone[];
  readonly strokes: readonly Stroke[];
}

const both = (u: number, v: number, long: number, wide: number): readonly Zone[] => [
  [u, v, long, wide],
  [u, -v - wide, long, wide],
];

type Draw = (pen: Pen, at: Along) => Drawn;

/** A lamp: at the corners of a closed body or a boat's frame, outside the ramp of a deck. */
const lamp =
  (side: 1 | -1, kind: RigKind): Draw =>
  (pen, { to }) => {
    const near = kind === 'utility' ? H - 16 : H - 26;
    const v = side === 1 ? near : -near - 16;
    return {
      zones: [[to - 6, v - 1, 12, 18]],
      strokes: [
        { look: 'metal', d: pen.rect(to - 4, v, 7, 16, 1) },
        { look: 'thin', d: pen.line([to - 4, v + 8], [to + 3, v + 8]) },
      ],
    };
  };

const plate =
  (kind: RigKind): Draw =>
  (pen, { to }) => {
    const zone: Zone = kind === 'utility' ? [to - 25, 29, 14, 17] : [to - 9, 9, 13, 20];
    const [u, v, long, wide] = zone;
    return { zones: [zone], strokes: [{ look: 'ink', d: pen.rect(u + 3, v + 1, long - 6, wide - 2, 1) }] };
  };

const plateLamp =
  (kind: RigKind): Draw =>
  (pen, { to }) => {
    const zone: Zone = kind === 'utility' ? [to - 25, 12, 14, 14] : [to - 9, -8, 13, 14];
    const [u, v] = zone;
    return { zones: [zone], strokes: [{ look: 'ink', d: pen.circle([u + 7, v + 7], 3.5) }] };
  };

/** Small lamps and reflectors sit where each kind of body has an edge for them. */
const MARKER: Record<RigKind, number> = { rv: 62, boat: 96, utility: 62 };
const edge = (kind: RigKind) => (kind === 'boat' ? H - 14 : H - 6);

const markerLamps =
  (kind: RigKind): Draw =>
  (pen, { from }) => {
    const u = from + MARKER[kind];
    const v = edge(kind);
    return {
      zones: both(u, v, 14, 12),
      strokes: mirror((s) => [
        { look: 'ink', d: pen.circle([u + 7, s * (v + 6)], 4) },
        { look: 'solid', d: pen.circle([u + 7, s * (v + 6)], 1.4) },
      ]),
    };
  };

const reflectors =
  (kind: RigKind): Draw =>
  (pen, { from, to }) => {
    const u = kind === 'boat' ? to - 52 : from + (kind === 'rv' ? 45 : 2);
    const v = kind === 'boat' ? H - 14 : H - 4;
    return {
      zones: both(u, v, 14, 11),
      strokes: mirror((s) => [
        { look: 'metal', d: pen.rect(u + 2, s === 1 ? v + 3 : -v - 8, 10, 5, 1) },
        { look: 'thin', d: pen.line([u + 7, s * (v + 3)], [u + 7, s * (v + 8)]) },
      ]),
    };
  };

function drawings(kind: RigKind): Partial<Record<GearId, Draw>> {
  return {
    coupler: (pen) => ({
      zones: [[0, -11, 38, 22]],
      strokes: [
        { look: 'body', d: pen.round(7, [2, -10], [36, -10], [36, 10], [2, 10]) },
        { look: 'solid', d: pen.circle([11, 0], 5) },
        { look: 'thin', d: pen.line([22, -6], [31, -6], [31, 6], [22, 6]) },
      ],
    }),
    couplerPin: (pen) => ({
      zones: [[22, 12, 16, 16]],
      strokes: [
        { look: 'ink', d: pen.line([27, 10], [27, 20]) },
        { look: 'ink', d: pen.circle([27, 22.5], 3) },
      ],
    }),
    safetyChains: (pen) => ({
      zones: [[2, -30, 36, 17]],
      strokes: mirror((s) => [
        {
          look: 'dash',
          d: pen.curve(
            [48, s * 13],
            [
              [18, s * 22],
              [4, -s * 12],
            ],
          ),
        },
      ]),
    }),
    breakaway: (pen) => ({
      zones: [[42, 13, 18, 17]],
      strokes: [
        { look: 'body', d: pen.rect(45, 15, 13, 10, 2) },
        {
          look: 'thin',
          d: pen.curve(
            [45, 20],
            [
              [38, 27],
              [6, 22],
            ],
          ),
        },
      ],
    }),
    plug: (pen) => ({
      zones: [[42, -30, 18, 17]],
      strokes: [
        {
          look: 'thin',
          d: pen.curve(
            [78, -16],
            [
              [64, -30],
              [54, -21],
            ],
          ),
        },
        { look: 'ink', d: pen.circle([50, -20], 4.5) },
        { look: 'solid', d: pen.circle([50, -20], 1.4) },
      ],
    }),
    tongueJack: (pen) => ({
      zones: [[57, -11, 20, 22]],
      strokes: [
        { look: 'body', d: pen.circle([67, 0], 8.5) },
        { look: 'ink', d: pen.circle([67, 0], 3) },
        { look: 'ink', d: pen.line([67, 3], [67, 20]) },
      ],
    }),
    swingPin: (pen) => ({
      zones: [[78, -10, 12, 20]],
      strokes: [
        { look: 'thin', d: pen.line([84, -14], [84, 14]) },
        { look: 'solid', d: pen.circle([84, 0], 3) },
      ],
    }),
    frame: (pen) => {
      // A flatbed carries its spare before the deck, so its weld is shown nearer the jack.
      const u = kind === 'utility' ? 78 : 91;
      return {
        zones: [[u, -11, 12, 22]],
        strokes: [
          { look: 'ink', d: pen.line([u + 6, -15], [u + 6, 15]) },
          ...mirror((s) =>
            [10, 13, 16].map((v): Stroke => ({
              look: 'thin',
              d: pen.line([u + 3, s * v], [u + 9, s * (v + 2)]),
            })),
          ),
        ],
      };
    },
    winch: (pen, { from }) => ({
      zones: [[from + 1, -12, 13, 24]],
      strokes: [
        { look: 'body', d: pen.round(3, [from + 2, -9], [from + 13, -9], [from + 13, 9], [from + 2, 9]) },
        { look: 'ink', d: pen.line([from + 7, -15], [from + 7, 15]) },
      ],
    }),
    winchStrap: (pen, { from }) => ({
      zones: [[from + 15, -9, 14, 18]],
      strokes: [{ look: 'ink', d: pen.line([from + 13, 0], [from + 38, 0]) }],
    }),
    bowStop: (pen, { from }) => ({
      zones: [[from + 30, -12, 15, 24]],
      strokes: [{ look: 'ink', d: pen.line([from + 43, -10], [from + 33, 0], [from + 43, 10]) }],
    }),
    bunks: (pen, { from, to }) => ({
      zones: both(from + 120, 15, to - from - 152, 16),
      strokes: mirror((s) => [
        { look: 'metal', d: pen.rect(from + 104, s === 1 ? 18 : -28, to - from - 122, 10, 5) },
      ]),
    }),
    rollers: (pen, { from, to }) => {
      const mid = (from + to) / 2 + 12;
      return {
        zones: [[mid - 18, -10, 36, 20]],
        strokes: [from + 100, mid - 8, mid + 6, to - 40].map((u) => ({
          look: 'metal',
          d: pen.rect(u, -8, 6, 16, 3),
        })),
      };
    },
    galvanizing: (pen, { from }) => ({
      zones: [[from + 112, H - 17, 26, 16]],
      strokes: [0, 5, 10, 15, 20].map((du) => ({
        look: 'thin',
        d: pen.line([from + 114 + du, H - 15], [from + 118 + du, H - 9]),
      })),
    }),
    transomStraps: (pen, { to }) => ({
      zones: both(to - 32, 36, 18, 20),
      strokes: mirror((s) => [
        { look: 'ink', d: pen.line([to - 26, s * (H - 8)], [to - 20, s * (H - 21)], [to + 8, s * (H - 22)]) },
      ]),
    }),
    stabilizers: (pen, { from, to }) => {
      const corners = [from + 40, to - 24].flatMap((u) =>
        ([1, -1] as const).map((s) => [u, s * (H - 13)] as const),
      );
      return {
        zones: corners.map(([u, v]): Zone => [u - 8, v - 8, 16, 16]),
        strokes: corners.map(([u, v]) => ({
          look: 'ink',
          d: pen.line([u - 5, v - 5], [u + 5, v + 5], [u, v], [u - 5, v + 5], [u + 5, v - 5]),
        })),
      };
    },
    levelingBlocks: (pen, { from }) => ({
      zones: [[from + 62, -48, 20, 18]],
      strokes: [
        { look: 'metal', d: pen.rect(from + 64, -46, 16, 14, 1) },
        { look: 'thin', d: pen.line([from + 64, -39], [from + 80, -39]) },
      ],
    }),
    gearGuards: (pen, { last }) => ({
      zones: both(last - 3, H + 2, 16, 14),
      strokes: mirror((s) => [
        {
          look: 'ink',
          d: pen.curve(
            [last, s * (H + 3)],
            [
              [last + 10, s * (H + 4)],
              [last + 10, s * (H + 14)],
            ],
          ),
        },
      ]),
    }),
    deck: (_, { from, to }) => ({ zones: [[(from + to) / 2 - 32, -22, 64, 44]], strokes: [] }),
    sideRails: (pen, { from, to }) => ({
      zones: both(from + 20, H - 12, 34, 12),
      strokes: mirror((s) => [
        { look: 'ink', d: pen.line([from + 3, s * (H - 4)], [to - 3, s * (H - 4)]) },
        ...[0.05, 0.35, 0.65, 0.95].map((share): Stroke => {
          const u = from + (to - from) * share;
          return { look: 'metal', d: pen.rect(u - 3, s === 1 ? H - 7 : -H + 1, 6, 6) };
        }),
      ]),
    }),
    tieDowns: (pen, { from, to }) => {
      const spots = [from + 38, to - 38].flatMap((u) => ([1, -1] as const).map((s) => [u, s * 38] as const));
      return {
        zones: spots.map(([u, v]): Zone => [u - 8, v - 8, 16, 16]),
        strokes: spots.flatMap(([u, v]): readonly Stroke[] => [
          { look: 'metal', d: pen.rect(u - 4, v - 5, 8, 4, 1) },
          { look: 'ink', d: pen.circle([u, v + 1], 4.5) },
        ]),
      };
    },
    toolBox: (pen, { from }) => ({
      zones: [[from + 9, -26, 20, 52]],
      strokes: [
        { look: 'body', d: pen.rect(from + 11, -24, 16, 48, 2) },
        { look: 'thin', d: pen.line([from + 23, -24], [from + 23, 24]) },
        { look: 'solid', d: pen.circle([from + 25, 0], 1.6) },
      ],
    }),
    ramp: (pen, { to }) => ({
      zones: [[to + 1, -26, 14, 52]],
      strokes: [
        { look: 'ink', d: pen.rect(to, -H + 18, 14, 2 * H - 36, 1) },
        ...[-0.6, -0.3, 0, 0.3, 0.6].map((share): Stroke => ({
          look: 'thin',
          d: pen.line([to, share * (H - 18)], [to + 14, share * (H - 18)]),
        })),
      ],
    }),
    rampHinges: (pen, { to }) => ({
      zones: both(to - 4, 28, 17, 15),
      strokes: mirror((s) => [{ look: 'solid', d: pen.rect(to - 3, s === 1 ? 32 : -38, 6, 6, 1) }]),
    }),
    reflectors: reflectors(kind),
    markerLamps: markerLamps(kind),
    lampLeft: lamp(1, kind),
    lampRight: lamp(-1, kind),
    plate: plate(kind),
    plateLamp: plateLamp(kind),
  };
}

/** The gear of a rig in the drawing; what is on the tow vehicle is not. Gear nobody has confirmed is dashed. */
export function gearParts(pen: Pen, model: RigModel, at: Along): readonly GearPart[] {
  const all = drawings(model.kind);
  return gearOf(model).flatMap(({ id, known }): GearPart[] => {
    const drawn = all[id]?.(pen, at);
    if (!drawn) return [];
    return [
      {
        id,
        known,
        boxes: drawn.zones.map(([u, v, long, wide]) => pen.box(u, v, long, wide)),
        strokes: known ? drawn.strokes : drawn.strokes.map((stroke) => ({ ...stroke, look: 'dash' })),
      },
    ];
  });
}
