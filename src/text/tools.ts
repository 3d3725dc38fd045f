import type { HouseRules } from '@/core/rules';
import type { UnitSystem } from '@/core/quantity';
import { factWords } from './facts';
import { axleOf, hasBrake, hasDrum, hubTakesFitting, type RigModel, type WheelEnd } from '@/core/rig';

/** Something to have at hand before the card starts. */
export interface Item {
  readonly name: string;
  /** Only where it is not plain what it is for, or which one. */
  readonly note?: string;
}

const GREASE: Record<HouseRules['lubricant'], string> = {
  'one-grease': 'lithium complex, marine grade for boats',
  'heavy-duty': 'heavy-duty high temperature',
};

/** What a repack at some wheel ends needs: tools, then what is used up. */
export function layOut(
  model: RigModel,
  places: readonly WheelEnd[],
  torque: string,
  sealNumber: (place: WheelEnd) => string | undefined,
  house: HouseRules,
  system: UnitSystem,
): { readonly tools: readonly Item[]; readonly used: readonly Item[] } {
  const axles = places.map((place) => model.axles[axleOf(place)]).filter((axle) => axle !== undefined);
  const any = (test: (axle: (typeof axles)[number]) => boolean) => axles.some(test);
  const n = places.length;
  return {
    tools: [
      { name: 'Two chocks, a jack, a stand', note: 'jack and stand rated over the corner they carry' },
      {
        name: 'Long bar and lug socket',
        ...(model.wheels.socket && { note: factWords('socket', model.wheels.socket, system) }),
      },
      ...(model.wheels.key && !/^no(ne)?\b/i.test(model.wheels.key)
        ? [{ name: 'Locking-nut key', note: model.wheels.key }]
        : []),
      ...(model.wheels.coverTool ? [{ name: 'For the wheel cover', note: model.wheels.coverTool }] : []),
      { name: `Torque wrench that reaches ${torque}` },
      { name: 'Mallet, pliers, a large screwdriver or seal puller' },
      { name: 'Wrench for the spindle nut' },
      { name: 'Block of wood, broad and flat', note: 'drives the seal flush' },
      ...(any(hasDrum) ? [{ name: 'Brake spoon', note: 'for the star wheel' }] : []),
      ...(any((axle) => axle.brake === 'hydraulic-disc')
        ? [{ name: 'Wrench for the caliper bolts, and wire to hang it' }]
        : []),
      ...(any(hubTakesFitting) ? [{ name: 'Grease gun, primed' }] : []),
      { name: 'Good light, a tray, paint to mark with' },
    ],
    used: [
      ...places.map((place) => {
        const number = sealNumber(place);
        return {
          name: `New seal for ${place}`,
          note: number ? `number ${number} last time` : 'number not on record: read it first, or carry two',
        };
      }),
      ...(any((axle) => axle.lock === 'cotter')
        ? [
            {
              name: n === 1 ? 'A new cotter pin' : `${n} new cotter pins`,
              ...(house.cotter === 'reuse' && { note: 'in case the old ones are tired' }),
            },
          ]
        : []),
      {
        name: 'Wheel bearing grease',
        note: `the kind that is in there already; house rule: ${GREASE[house.lubricant]}`,
      },
      { name: 'Solvent, brush, rags, gloves, eye protection' },
      ...(any(hasBrake) ? [{ name: 'Brake cleaner, and water to wipe dust off wet' }] : []),
    ],
  };
}
