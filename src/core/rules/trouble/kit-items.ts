import type { Dimension } from '../../base';

/** A figure of something aboard, and its dimension; a count or minutes have none. */
export const KIT_FIGURES = {
  closed: 'length',
  raised: 'length',
  height: 'length',
  sag: 'length',
  droop: 'length',
  size: 'length',
  capacity: 'weight',
  rating: 'weight',
  least: 'torque',
  most: 'torque',
  reach: 'pressure',
  count: 'count',
  minutes: 'minutes',
} as const satisfies Record<string, Dimension | 'count' | 'minutes'>;
export type KitFigure = keyof typeof KIT_FIGURES;
export const KIT_FIGURE_IDS = Object.keys(KIT_FIGURES) as [KitFigure, ...KitFigure[]];

/** How the kit is laid in its box. */
export const KIT_GROUPS = ['lift', 'wheel', 'tire', 'hub', 'electric', 'hold', 'safety'] as const;
export type KitGroup = (typeof KIT_GROUPS)[number];

interface KitDef {
  readonly group: KitGroup;
  /** What is asked of it, so that it can be told whether it serves. */
  readonly figures?: readonly KitFigure[];
  /** What thickens it is asked. */
  readonly thickener?: true;
  /** Gone once it was used. */
  readonly usedUp?: true;
}

/** Everything of the kit that is no part with a number of its own (those are parts, carried aboard). */
const KIT = {
  jack: { group: 'lift', figures: ['closed', 'raised', 'capacity', 'sag', 'droop'] },
  blocks: { group: 'lift', figures: ['height'] },
  stand: { group: 'lift', figures: ['capacity'] },
  chocks: { group: 'lift', figures: ['count'] },
  plate: { group: 'lift' },
  'drive-up': { group: 'lift', figures: ['height'] },
  socket: { group: 'wheel', figures: ['size'] },
  bar: { group: 'wheel' },
  key: { group: 'wheel' },
  wrench: { group: 'wheel', figures: ['least', 'most'] },
  /** The rig's own wheel: its studs, circle, bore, offset and nut seat, tried on once. */
  'spare-fits': { group: 'wheel' },
  nuts: { group: 'wheel', figures: ['count'], usedUp: true },
  stud: { group: 'wheel', figures: ['count'], usedUp: true },
  'plug-kit': { group: 'tire', usedUp: true },
  gauge: { group: 'tire', figures: ['reach'] },
  inflator: { group: 'tire', figures: ['reach', 'minutes'] },
  'valve-core': { group: 'tire', usedUp: true },
  pins: { group: 'hub', usedUp: true },
  grease: { group: 'hub', thickener: true },
  'hub-oil': { group: 'hub', usedUp: true },
  thermometer: { group: 'hub' },
  spoon: { group: 'hub' },
  'hand-tools': { group: 'hub' },
  bulbs: { group: 'electric', usedUp: true },
  fuses: { group: 'electric', usedUp: true },
  'test-lamp': { group: 'electric' },
  wire: { group: 'electric', usedUp: true },
  'charger-lead': { group: 'electric' },
  'breakaway-cable': { group: 'electric', usedUp: true },
  strap: { group: 'hold', figures: ['rating', 'count'] },
  'axle-chain': { group: 'hold' },
  link: { group: 'hold', figures: ['rating'], usedUp: true },
  triangles: { group: 'safety' },
  vest: { group: 'safety' },
  lamp: { group: 'safety' },
  gloves: { group: 'safety' },
  extinguisher: { group: 'safety', usedUp: true },
  'rags-and-water': { group: 'safety', usedUp: true },
  'plastic-and-tape': { group: 'safety', usedUp: true },
  paper: { group: 'safety' },
} as const satisfies Record<string, KitDef>;

/** Something of the kit by its code. */
export type KitId = keyof typeof KIT;
export const KIT_IDS = Object.keys(KIT) as [KitId, ...KitId[]];

/** What is known of it. */
export function kitDef(id: KitId): KitDef {
  return KIT[id];
}
