import { partAt, type RigState } from '@/core/log';
import type { UnitSystem } from '@/core/quantity';
import {
  axleOf,
  isWheelEnd,
  sideOf,
  type PartKind,
  type Place,
  type RigModel,
  type WheelEnd,
} from '@/core/rig';
import type { Act, Card } from '@/core/routine';
import { lugTorque, type HouseRules, type RoutinePlace, type Thickener } from '@/core/rules';
import { factWords } from './facts';
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

const GREASE: Record<HouseRules['lubricant'], string> = {
  'one-grease': 'lithium complex, marine grade for boats',
  'heavy-duty': 'heavy-duty high temperature',
};

/** What a card is laid out for. */
interface Bench {
  readonly card: Card;
  readonly model: RigModel;
  readonly rig: Pick<RigState, 'parts' | 'grease'> | undefined;
  readonly house: HouseRules;
  readonly system: UnitSystem;
}

type Places = (...acts: readonly Act[]) => readonly RoutinePlace[];

/** Where some steps of a card are done, each place once. */
function placesFor({ card }: Bench): Places {
  return (...acts) => [
    ...new Set(card.steps.flatMap(({ step, place }) => (acts.includes(step) ? [place ?? 'rig'] : []))),
  ];
}

/** The parts of a kind that lie on the shelf, and which of them is the one by its number. */
function onShelf({ rig }: Bench, kind: PartKind, number?: string): string | undefined {
  const lying = Object.values(rig?.parts ?? {}).filter((part) => part.at === 'shelf' && part.kind === kind);
  const fitting = number
    ? lying.filter((part) => Object.values(part.facts).some((fact) => fact?.value === number))
    : lying;
  const [best] = fitting;
  if (!best) return undefined;
  return `${fitting.length === 1 ? 'one' : String(fitting.length)} on the shelf${best.grade ? `, ${small(GRADE_WORDS[best.grade])}` : ''}`;
}

function numberOf({ rig }: Bench, kind: PartKind, place: RoutinePlace, fact = 'number'): string | undefined {
  const value = rig && place !== 'rig' ? partAt(rig, kind, place as Place)?.facts[fact]?.value : undefined;
  return value === undefined ? undefined : String(value);
}

/** The number of the part that was there before the one that is: it may well be the same, and nobody read it. */
function numberBefore(
  { rig }: Bench,
  kind: PartKind,
  place: RoutinePlace,
  fact = 'number',
): string | undefined {
  const value =
    rig && place !== 'rig' ? partAt(rig, kind, place as Place)?.replaced?.[fact]?.value : undefined;
  return value === undefined ? undefined : String(value);
}

/** A new part for a place: by its number, from the shelf, or to be read first. */
function newPart(bench: Bench, name: string, kind: PartKind, place: RoutinePlace, fact?: string): Item {
  const number = numberOf(bench, kind, place, fact);
  const shelf = onShelf(bench, kind, number);
  const before = number ? undefined : numberBefore(bench, kind, place, fact);
  const note = [
    number && `number ${number} sits there`,
    before && `the one before was ${before}: hold it against the one that comes out`,
    shelf,
  ]
    .filter(Boolean)
    .join(', ');
  return {
    name: `${name} for ${place}`,
    note: note || 'number not on record: read it off the old one first',
  };
}

/** Every figure that a round or a check of this card is done at: a card may meet dry threads and treated ones. */
function torqueNote({ card, model, system }: Bench): string {
  const wanted = card.steps.filter(({ round, step }) => round !== undefined || step === 'check-lugs');
  const states = [...new Set(wanted.map(({ threads }) => threads))];
  return list(
    states.map((threads) =>
      lugTorque(model, threads) ? torqueSpec(model, system, threads) : 'the lug torque, once it is known',
    ),
  );
}

function tools(bench: Bench, at: Places): readonly Item[] {
  const { model, system } = bench;
  const any = (...acts: readonly Act[]) => at(...acts).length > 0;
  const when = (holds: boolean, ...items: Item[]) => (holds ? items : []);
  const { wheels } = model;
  return [
    ...when(any('jack'), {
      name: 'Two chocks, a jack, a stand',
      note: 'jack and stand rated over the corner they carry',
    }),
    ...when(any('frame-up'), {
      name: 'Four stands, and a jack for each axle',
      note: 'rated over the whole rig, on firm ground',
    }),
    ...when(any('threads') && !any('jack'), { name: 'Two chocks' }),
    ...when(any('break-loose', 'wheel-off', 'threads'), {
      name: 'Long bar and lug socket',
      ...(wheels.socket && { note: factWords('socket', wheels.socket, system) }),
    }),
    ...when(
      any('break-loose', 'check-lugs', 'threads') &&
        wheels.key !== undefined &&
        !/^no(ne)?\b/i.test(wheels.key),
      { name: 'Locking-nut key', note: wheels.key ?? '' },
    ),
    ...when(any('cover-off') && wheels.coverTool !== undefined, {
      name: 'For the wheel cover',
      note: wheels.coverTool ?? '',
    }),
    ...when(any('torque', 'check-lugs'), { name: `Torque wrench that reaches ${torqueNote(bench)}` }),
    ...when(any('cap-off'), { name: 'Mallet, pliers' }),
    ...when(any('nut-set'), { name: 'Wrench for the spindle nut' }),
    ...when(any('seal-out'), { name: 'Seal puller or a large screwdriver' }),
    ...when(any('seal-in'), { name: 'Block of wood, broad and flat', note: 'drives the seal flush' }),
    ...when(any('race-out', 'race-in'), {
      name: 'Hammer and soft drift',
      note: 'drives races; eyes covered',
    }),
    ...when(any('shoes-back', 'brake-adjust'), { name: 'Brake spoon', note: 'for the star wheel' }),
    ...when(any('measure-brake'), { name: 'Depth gauge or caliper', note: 'lining and drum' }),
    ...when(any('caliper-off'), { name: 'Wrench for the caliper bolts, and wire to hang it' }),
    ...when(any('plate-on', 'plate-off'), {
      name: 'Socket and wrench for the plate nuts',
      note: 'the lower ones often take no socket',
    }),
    ...when(any('shoes-on', 'shoes-off'), { name: 'Brake spring pliers' }),
    ...when(any('pump', 'top-up', 'grease-pivot'), { name: 'Grease gun, loaded and primed' }),
    ...when(any('pressure', 'set-pressure'), { name: 'Pressure gauge and inflator' }),
    ...when(any('look-tire'), { name: 'Tread gauge' }),
    ...when(any('read-battery', 'magnet-in'), { name: 'Multimeter' }),
    ...when(any('check-fixings', 'joints-off', 'axle-bolts'), {
      name: 'Wrenches and sockets for the axle fixings',
      note: 'and a torque wrench that reaches their figure',
    }),
    ...when(any('bush-out'), { name: 'Press or drift for the bushings' }),
    ...when(any('square-axle', 'note-spacing', 'mark-axle'), { name: 'Tape measure' }),
    ...when(any('lamps-left'), { name: 'A helper, or a phone that films' }),
    { name: 'Good light, a tray, paint to mark with' },
  ];
}

function greaseItem(bench: Bench, places: readonly RoutinePlace[]): Item {
  const inside = new Map<Thickener, RoutinePlace[]>();
  for (const place of places) {
    const kind = isWheelEnd(place) ? bench.rig?.grease[place] : undefined;
    if (kind) inside.set(kind, [...(inside.get(kind) ?? []), place]);
  }
  const told = [...inside].map(([kind, at]) => `${small(THICKENER_WORDS[kind])} is in ${list(at)}`);
  const unknown = places.filter((place) => isWheelEnd(place) && !bench.rig?.grease[place]);
  const rest = unknown.length > 0 ? [`not known what is in ${list(unknown)}`] : [];
  const mixed = inside.size > 1 ? ['two kinds: never one gun for both'] : [];
  return {
    name: 'Wheel bearing grease',
    note: `${[...told, ...rest, ...mixed].join('; ')}; house rule: ${GREASE[bench.house.lubricant]}`,
  };
}

function used(bench: Bench, at: Places): readonly Item[] {
  const { model, house } = bench;
  const any = (...acts: readonly Act[]) => at(...acts).length > 0;
  const when = (holds: boolean, ...items: Item[]) => (holds ? items : []);
  const pins = at('lock-in').filter(
    (place) => isWheelEnd(place) && model.axles[axleOf(place)]?.lock === 'cotter',
  ).length;
  const greased = at('pack', 'pump').filter((place) => place !== 'rig');
  return [
    ...when(pins > 0, {
      name: pins === 1 ? 'A new cotter pin' : `${pins} new cotter pins`,
      ...(house.cotter === 'reuse' && { note: 'in case the old ones are tired' }),
    }),
    ...when(greased.length > 0, greaseItem(bench, greased)),
    ...when(any('grease-pivot', 'tighten-joints'), { name: 'Chassis grease' }),
    ...when(any('clean'), { name: 'Solvent, brush, rags' }),
    ...when(any('threads', 'dress-threads'), {
      name: 'Wire brush for the threads',
      note: bench.card.steps.some(({ step, threads }) => step !== 'check-lugs' && threads === 'treated')
        ? 'and anti-seize, thinly, on threads only'
        : 'and solvent on a rag: they are wiped dry',
    }),
    ...when(any('look-brake', 'wipe-face', 'shoes-on', 'plate-on'), {
      name: 'Brake cleaner, and water to wipe dust off wet',
    }),
    ...when(any('wires-on', 'magnet-in'), {
      name: 'Sealed wire connectors',
      note: 'heat-shrink, or gel-filled',
    }),
    ...when(any('clean-contacts', 'clean-plug'), { name: 'Contact brush, dielectric grease, spare bulbs' }),
    ...when(any('wipe-fitting', 'plug-out'), { name: 'Rags, and spare cap plugs' }),
    { name: 'Gloves, eye protection' },
  ];
}

function parts(bench: Bench, at: Places): readonly Item[] {
  const { card, model, system } = bench;
  const seals = at('seal-in').map((place) => newPart(bench, 'New seal', 'seal', place));
  const sets = at('race-in').flatMap((place) => [
    newPart(bench, 'Inner bearing and race', 'innerSet', place, 'roller'),
    newPart(bench, 'Outer bearing and race', 'outerSet', place, 'roller'),
  ]);
  const jobs = (...works: readonly string[]) =>
    card.jobs.filter(({ routine }) => works.includes(routine)).map(({ place }) => place);
  const ends = (places: readonly RoutinePlace[]) =>
    places.filter((place): place is WheelEnd => isWheelEnd(place));
  const drum = (place: WheelEnd) => model.axles[axleOf(place)]?.drum;
  const plates = ends(jobs('plate-renew', 'brakes-install')).map((place): Item => {
    const size = drum(place);
    return {
      name: `${sideOf(place) === 'L' ? 'Left' : 'Right'} brake plate for ${place}`,
      note: size ? factWords('drum', size, system) : 'drum size not on record: measure it first',
    };
  });
  const shoes = ends(jobs('shoe-renew')).map((place): Item => {
    const size = drum(place);
    return {
      name: `Shoes and hardware for ${place}`,
      note: size ? factWords('drum', size, system) : 'drum size not on record: measure it first',
    };
  });
  const bushings = jobs('bushings').length > 0 ? [bushingsItem(bench)] : [];
  return [
    ...seals,
    ...sets,
    ...jobs('hub-renew', 'brakes-install').map((place) => newPart(bench, 'New hub or drum', 'hub', place)),
    ...plates,
    ...shoes,
    ...jobs('magnet-renew').map((place) => newPart(bench, 'Magnet', 'brake', place)),
    ...jobs('tire-renew').map((place): Item => ({
      name: `Tire for ${place}`,
      note: [
        model.tires?.size && factWords('tireSize', model.tires.size, system),
        model.tires?.loadRange &&
          `load range ${factWords('loadRange', model.tires.loadRange, system)} at least`,
        onShelf(bench, 'tire'),
      ]
        .filter(Boolean)
        .join(', '),
    })),
    ...jobs('battery-renew').map((): Item => ({
      name: 'Breakaway battery',
      note: onShelf(bench, 'battery') ?? '12 V, sealed, charged',
    })),
    ...bushings,
  ];
}

function bushingsItem({ model, system }: Bench): Item {
  const leaf = model.axles.filter(({ suspension }) => suspension === 'leaf').length;
  return {
    name: `${count(leaf * 4, 'bushing')}, bolts and nuts, ${leaf > 1 ? 'two equalizers' : 'shackle plates'}`,
    note: model.equalizerSpacing
      ? `equalizer ${measure(model.equalizerSpacing.value, 'length', system)} between its outer bolts`
      : 'measure the equalizer between its outer bolts first',
  };
}

/** What a card needs: tools, what is used up, and parts held against what lies on the shelf. */
export function layOut(
  card: Card,
  model: RigModel,
  rig: Pick<RigState, 'parts' | 'grease'> | undefined,
  house: HouseRules,
  system: UnitSystem,
): LaidOut {
  const bench: Bench = { card, model, rig, house, system };
  const at = placesFor(bench);
  return { tools: tools(bench, at), used: used(bench, at), parts: parts(bench, at) };
}
