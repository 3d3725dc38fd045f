import type { RigModel } from './model';

type Structure = Pick<RigModel, 'kind' | 'axles' | 'wheels' | 'spares'> & { readonly gear: RigModel['gear'] };

const axles = (count: number, axle: RigModel['axles'][number]): RigModel['axles'] =>
  Array.from({ length: count }, () => ({ ...axle }));

/** Common layouts. They set structure only: a figure belongs to a maker, and none is filled in. */
export const TEMPLATES = {
  'tandem-rv': {
    kind: 'rv',
    axles: axles(2, { suspension: 'leaf', equalizer: true, brake: 'electric' }),
    wheels: { studs: 6 },
    spares: 1,
    gear: { breakaway: true, brakeController: true, stabilizers: true, plateLamp: true, markerLamps: true },
  },
  'single-rv': {
    kind: 'rv',
    axles: axles(1, { suspension: 'torsion', brake: 'electric' }),
    wheels: { studs: 5 },
    spares: 1,
    gear: { breakaway: true, brakeController: true, stabilizers: true, plateLamp: true },
  },
  'single-boat': {
    kind: 'boat',
    axles: axles(1, { suspension: 'leaf', brake: 'none', hub: 'pressure-cap' }),
    wheels: { studs: 5 },
    spares: 1,
    gear: { winch: true, winchStrap: true, bowStop: true, bunks: true, transomStraps: true },
  },
  'tandem-boat': {
    kind: 'boat',
    axles: axles(2, { suspension: 'torsion', brake: 'hydraulic-disc' }),
    wheels: { studs: 5 },
    spares: 1,
    gear: {
      breakaway: true,
      winch: true,
      winchStrap: true,
      bowStop: true,
      bunks: true,
      transomStraps: true,
      markerLamps: true,
    },
  },
  'single-utility': {
    kind: 'utility',
    axles: axles(1, { suspension: 'leaf', brake: 'none' }),
    wheels: { studs: 5 },
    spares: 0,
    gear: { deck: true, tieDowns: true, ramp: true, rampHinges: true },
  },
  'tandem-utility': {
    kind: 'utility',
    axles: axles(2, { suspension: 'leaf', equalizer: true, brake: 'electric' }),
    wheels: { studs: 5 },
    spares: 1,
    gear: {
      breakaway: true,
      brakeController: true,
      deck: true,
      tieDowns: true,
      ramp: true,
      rampHinges: true,
      markerLamps: true,
    },
  },
} as const satisfies Record<string, Structure>;

/** A common layout by its name. */
export type TemplateId = keyof typeof TEMPLATES;

/** The structure of a common layout as a rig of a name. */
export function templateModel(id: TemplateId, name: string): RigModel {
  const { gear, ...structure }: Structure = TEMPLATES[id];
  return { ...structure, name, miles: 'trips', ...(gear && { gear }) };
}
