import { LIFT_MARGIN } from '@/core/figures';
import type { RigState } from '@/core/log';
import type { UnitSystem } from '@/core/base';
import { axleOf, isWheelEnd, sideOf, type RigModel } from '@/core/rig';
import {
  needsOf,
  type Card,
  type CardNeeds,
  type PartNeed,
  type SupplyId,
  type ToolId,
} from '@/core/routine';
import { lugTorque, torqueOf, type HouseRules } from '@/core/rules';
import { factText, factWords } from './facts';
import { BOLT_WORDS } from './finding';
import { count, list, measure, small } from './measure';
import { GRADE_WORDS } from './parts';
import { THICKENER_WORDS } from './rig';
import { torqueSpec } from './steps';

/** Something to have at hand before the card starts. */
export interface Item {
  readonly name: string;
  /** Only where it is not plain what it is for, or which one. */
  readonly note?: string;
}

/** What a card asks for, in the order it is laid out. */
export interface LaidOut {
  readonly tools: readonly Item[];
  readonly used: readonly Item[];
  readonly parts: readonly Item[];
}

/** What the words of a card's needs are made with. */
interface Setting {
  readonly card: Card;
  readonly needs: CardNeeds;
  readonly model: RigModel;
  readonly house: HouseRules;
  readonly system: UnitSystem;
}

const GREASE: Record<HouseRules['lubricant'], string> = {
  'one-grease': 'lithium complex, marine grade for boats',
  'heavy-duty': 'heavy-duty high temperature',
};

/** Every figure that a round or a check of this card is done at: a card may meet dry threads and treated ones. */
function torqueNote({ card, model, system }: Setting): string {
  const wanted = card.steps.filter(({ round, step }) => round !== undefined || step === 'check-lugs');
  const states = [...new Set(wanted.map(({ threads }) => threads))];
  const bolts = [...new Set(card.steps.flatMap(({ torque }) => (torque ? [torque.of] : [])))];
  return list([
    ...states.map((threads) =>
      lugTorque(model, threads) ? torqueSpec(model, system, threads) : 'the lug torque, once it is known',
    ),
    ...bolts.map((of) => {
      const figure = torqueOf(model, of);
      return figure
        ? `${measure(figure.value, 'torque', system)} for the ${BOLT_WORDS[of]}`
        : `the torque of the ${BOLT_WORDS[of]}, once it is known`;
    }),
  ]);
}

/** A torque wrench by what it has to reach, at both ends: most clickers are no good below a fifth of their scale. */
function wrenchName({ needs: { torque }, system }: Setting): string {
  if (!torque) return 'Torque wrench';
  const from = measure(torque.from, 'torque', system, 0);
  const to = measure(torque.to, 'torque', system, 0);
  return from === to ? `Torque wrench for ${to}` : `Torque wrench, or two, from ${from} to ${to}`;
}

/** The sizes of some nuts on the axles that a card works at. */
function sizes(id: 'spindleNut' | 'plateNut', { card, model, system }: Setting): { readonly note?: string } {
  const axles = new Set(
    card.steps.flatMap(({ place }) => (place && isWheelEnd(place) ? [axleOf(place)] : [])),
  );
  const told = [...axles].flatMap((i) => {
    const size = model.axles[i]?.[id];
    return size ? [factText(id, size, system)] : [];
  });
  return told.length > 0 ? { note: list([...new Set(told)]) } : {};
}

const TOOL_WORDS: Readonly<Record<ToolId, (setting: Setting) => Item>> = {
  'corner-lift': ({ model: { gvwr }, system }) => ({
    name: 'Two chocks, a jack, a stand',
    note: gvwr
      ? `jack and stand for at least ${measure((gvwr.value / 2) * LIFT_MARGIN, 'weight', system, 0)}: a quarter over half of the trailer's rating`
      : 'jack and stand rated over the corner they carry',
  }),
  'frame-lift': () => ({
    name: 'Four stands, and a jack for each axle',
    note: 'rated over the whole rig, on firm ground',
  }),
  chocks: () => ({ name: 'Two chocks' }),
  'lug-bar': ({ model: { wheels }, system }) => ({
    name: 'Long bar and lug socket',
    ...(wheels.socket && { note: factWords('socket', wheels.socket, system) }),
  }),
  'lug-key': ({ model: { wheels } }) => ({ name: 'Locking-nut key', note: wheels.key ?? '' }),
  'cover-tool': ({ model: { wheels } }) => ({ name: 'For the wheel cover', note: wheels.coverTool ?? '' }),
  'torque-wrench': (setting) => ({ name: wrenchName(setting), note: torqueNote(setting) }),
  'wire-cutter': () => ({ name: 'Wire cutter and stripper' }),
  crimper: () => ({ name: 'Crimper for the connectors', note: 'heat for heat-shrink ones' }),
  'mallet-pliers': () => ({ name: 'Mallet, pliers' }),
  'spindle-wrench': (setting) => ({ name: 'Wrench for the spindle nut', ...sizes('spindleNut', setting) }),
  'seal-puller': () => ({ name: 'Seal puller or a large screwdriver' }),
  'wood-block': () => ({ name: 'Block of wood, broad and flat', note: 'drives the seal flush' }),
  'hammer-drift': () => ({ name: 'Hammer and soft drift', note: 'drives races; eyes covered' }),
  'brake-spoon': () => ({ name: 'Brake spoon', note: 'for the star wheel' }),
  'depth-gauge': ({ card }) => ({
    name: 'Depth gauge or caliper',
    note: list([
      ...(card.steps.some(({ subjects }) => subjects.includes('pads')) ? ['pads and disc'] : []),
      ...(card.steps.some(({ readings }) =>
        readings.some(({ what }) => what === 'lining' || what === 'drum-diameter'),
      )
        ? ['lining and drum']
        : []),
    ]),
  }),
  'caliper-wrench': () => ({ name: 'Wrench for the caliper bolts, and wire to hang it' }),
  'plate-wrench': (setting) => ({
    name: 'Socket and wrench for the plate nuts',
    note: [sizes('plateNut', setting).note, 'the lower ones often take no socket'].filter(Boolean).join('; '),
  }),
  'spring-pliers': () => ({ name: 'Brake spring pliers' }),
  'grease-gun': () => ({ name: 'Grease gun, loaded and primed' }),
  inflator: () => ({ name: 'Pressure gauge and inflator' }),
  'tread-gauge': () => ({ name: 'Tread gauge' }),
  multimeter: () => ({ name: 'Multimeter' }),
  'fixings-wrench': () => ({
    name: 'Wrenches and sockets for the axle fixings',
    note: 'of the size that is on them',
  }),
  'bushing-press': () => ({ name: 'Press or drift for the bushings' }),
  'tape-measure': () => ({ name: 'Tape measure' }),
  helper: () => ({ name: 'A helper, or a phone that films' }),
  light: () => ({ name: 'Good light, a tray, paint to mark with' }),
};

function greaseItem({ needs: { grease, cartridges }, house }: Setting): Item {
  const known = grease.flatMap(({ in: kind, places }) =>
    kind ? [`${small(THICKENER_WORDS[kind])} is in ${list(places)}`] : [],
  );
  const unknown = grease.flatMap(({ in: kind, places }) => (kind ? [] : places));
  const rest = unknown.length > 0 ? [`not known what is in ${list(unknown)}`] : [];
  const mixed = known.length > 1 ? ['two kinds: never one gun for both'] : [];
  return {
    name:
      cartridges > 0
        ? `Wheel bearing grease, ${count(cartridges, 'cartridge')} at hand`
        : 'Wheel bearing grease',
    note: `${[...known, ...rest, ...mixed].join('; ')}; house rule: ${GREASE[house.lubricant]}`,
  };
}

const SUPPLY_WORDS: Readonly<Record<SupplyId, (setting: Setting) => Item>> = {
  pins: ({ needs: { pins }, house }) => ({
    name: pins === 1 ? 'A new cotter pin' : `${pins} new cotter pins`,
    ...(house.cotter === 'reuse' && { note: 'in case the old ones are tired' }),
  }),
  'bearing-grease': greaseItem,
  'chassis-grease': () => ({ name: 'Chassis grease' }),
  solvent: () => ({ name: 'Solvent, brush, rags' }),
  'thread-brush': ({ card }) => ({
    name: 'Wire brush for the threads',
    note: card.steps.some(({ step, threads }) => step !== 'check-lugs' && threads === 'treated')
      ? 'and anti-seize, thinly, on threads only'
      : 'and solvent on a rag: they are wiped dry',
  }),
  'brake-cleaner': () => ({ name: 'Brake cleaner, and water to wipe dust off wet' }),
  connectors: () => ({ name: 'Sealed wire connectors', note: 'heat-shrink, or gel-filled' }),
  'contact-care': () => ({ name: 'Contact brush, dielectric grease, spare bulbs' }),
  rags: () => ({ name: 'Rags, and spare cap plugs' }),
  gloves: () => ({ name: 'Gloves, eye protection' }),
};

function shelfNote({ shelf, ordered }: PartNeed): string | undefined {
  const order = ordered ? 'one is on order' : undefined;
  if (!shelf) return order;
  const grade = shelf.grade as keyof typeof GRADE_WORDS | undefined;
  const where = shelf.aboard ? 'aboard' : 'on the shelf';
  const here = `${shelf.count === 1 ? 'one' : String(shelf.count)} ${where}${grade ? `, ${small(GRADE_WORDS[grade])}` : ''}`;
  return order ? `${here}, ${order}` : here;
}

/** A new part by its number, from the shelf, or to be read first. */
function numbered(name: string, need: PartNeed, { card }: Pick<Setting, 'card'>): Item {
  const { place, number, before } = need;
  // A bare spindle has no old part to read it off.
  if (card.jobs.some((job) => job.routine === 'hub-build' && job.place === place))
    return {
      name: `${name} for ${place}`,
      note: shelfNote(need) ?? 'by the numbers of the new spindle, on its axle tag or from its maker',
    };
  const note = [
    number && `number ${number} sits there`,
    before && `the one before was ${before}: hold it against the one that comes out`,
    shelfNote(need),
  ]
    .filter(Boolean)
    .join(', ');
  return {
    name: `${name} for ${place}`,
    note: note || 'number not on record: read it off the old one first',
  };
}

/** A part that is bought by the size of its drum. */
function bySize(name: string, { place }: PartNeed, { model, system }: Setting): Item {
  const axle = isWheelEnd(place) ? model.axles[axleOf(place)] : undefined;
  const size = axle?.drum;
  // An axle without brakes has no drum to measure.
  const hasDrums = axle === undefined || axle.brake !== 'none';
  return {
    name,
    note: size
      ? factWords('drum', size, system)
      : hasDrums
        ? 'drum size not on record: measure it first'
        : 'by the axle: its tag names the brake it takes, and the flange has four or five holes',
  };
}

const PART_WORDS: Readonly<Record<PartNeed['part'], (need: PartNeed, setting: Setting) => Item>> = {
  seal: (need, setting) => numbered('New seal', need, setting),
  'inner-set': (need, setting) => numbered('Inner bearing and race', need, setting),
  'outer-set': (need, setting) => numbered('Outer bearing and race', need, setting),
  hub: (need, { card, model }) => {
    const axle = isWheelEnd(need.place) ? model.axles[axleOf(need.place)] : undefined;
    const fresh = card.jobs.some(
      ({ routine, place }) =>
        place === need.place && (routine === 'brakes-install' || routine === 'hub-build'),
    );
    // What sits there, or nothing, tells no number of a drum for new brakes.
    return fresh && axle?.brake === 'none'
      ? {
          name: `New hub or drum for ${need.place}`,
          note: 'by the numbers of the spindle, the stud circle, and the brake on the axle tag',
        }
      : numbered('New hub or drum', need, { card });
  },
  magnet: (need, setting) => numbered('Magnet', need, setting),
  plate: (need, setting) => {
    const hand = isWheelEnd(need.place) && sideOf(need.place) === 'R' ? 'Right' : 'Left';
    return bySize(`${hand} brake plate for ${need.place}`, need, setting);
  },
  pads: ({ place }) => ({ name: `Brake pads for ${place}, inner and outer` }),
  stud: ({ place }, { model: { wheels }, system }) => ({
    name: `Stud and nut for ${place}`,
    note: wheels.studDiameter
      ? `${factWords('studDiameter', wheels.studDiameter, system)}; hold it against the ones beside it`
      : 'hold it against the ones beside it: thread, length, knurl',
  }),
  cap: (need, { model, system }) => {
    const axle = isWheelEnd(need.place) ? model.axles[axleOf(need.place)] : undefined;
    const size = axle?.capSize && `${factText('capSize', axle.capSize, system)} across`;
    const number = need.number && `number ${need.number} sits there`;
    return {
      name: `Grease cap for ${need.place}`,
      note:
        [size, number, shelfNote(need)].filter(Boolean).join(', ') ||
        'by the bore of the hub: measure it, or take the old one along',
    };
  },
  axle: ({ place }) => ({
    name: `Axle ${place.slice(0, 1)}`,
    note: 'by its tag: rating, hub face to hub face, spring centers or bracket holes; new U-bolts or bolts with it',
  }),
  shoes: (need, setting) => bySize(`Shoes and hardware for ${need.place}`, need, setting),
  tire: (need, { model: { tires }, system }) => ({
    name: `Tire for ${need.place}`,
    note: [
      tires?.size && factWords('tireSize', tires.size, system),
      tires?.loadRange && `load range ${factWords('loadRange', tires.loadRange, system)} at least`,
      shelfNote(need),
    ]
      .filter(Boolean)
      .join(', '),
  }),
  battery: (need) => ({ name: 'Breakaway battery', note: shelfNote(need) ?? '12 V, sealed, charged' }),
};

function bushingsItem({ model, needs, system }: Setting): Item {
  const leaf = model.axles.filter(({ suspension }) => suspension === 'leaf').length;
  return {
    name: `${count(needs.bushings, 'bushing')}, bolts and nuts, ${leaf > 1 ? 'two equalizers' : 'shackle plates'}`,
    note: model.equalizerSpacing
      ? `equalizer ${measure(model.equalizerSpacing.value, 'length', system)} between its outer bolts`
      : 'measure the equalizer between its outer bolts first',
  };
}

/** What a card needs in words: tools, what is used up, and parts held against what lies on the shelf. */
export function layOut(
  card: Card,
  model: RigModel,
  rig: Pick<RigState, 'parts' | 'grease' | 'fits'> | undefined,
  house: HouseRules,
  system: UnitSystem,
): LaidOut {
  const needs = needsOf(card, model, rig);
  const setting: Setting = { card, needs, model, house, system };
  return {
    tools: needs.tools.map((id) => TOOL_WORDS[id](setting)),
    used: needs.supplies.map((id) => SUPPLY_WORDS[id](setting)),
    parts: [
      ...needs.parts.map((need) => PART_WORDS[need.part](need, setting)),
      ...(needs.bushings > 0 ? [bushingsItem(setting)] : []),
    ],
  };
}
