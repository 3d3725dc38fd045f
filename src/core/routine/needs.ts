import { fitting, partAt, plainNumber, type PartState, type RigState } from '../log';
import { axleOf, isWheelEnd, type PartKind, type Place, type RigModel, type WheelEnd } from '../rig';
import { lugTorque, type RoutinePlace } from '../rules';
import type { Thickener } from '../figures';
import type { Card, CardStep } from './card';
import type { Act } from './steps';

/** A thing that is called for where a card has one of some acts. */
interface For {
  readonly acts: readonly Act[];
  /** Not where the card has this act: then another thing covers it. */
  readonly but?: Act;
  readonly when?: (model: RigModel) => boolean;
}

const always: For = { acts: [] };
const by = (...acts: Act[]): For => ({ acts });

/** Tools by what calls for them, in the order they are laid out. */
const TOOLS = {
  'corner-lift': by('jack'),
  'frame-lift': by('frame-up'),
  chocks: { acts: ['threads'], but: 'jack' },
  'lug-bar': by('break-loose', 'wheel-off', 'threads'),
  'lug-key': {
    acts: ['break-loose', 'check-lugs', 'threads'],
    when: ({ wheels }) => wheels.key !== undefined && !/^no(ne)?\b/i.test(wheels.key),
  },
  'cover-tool': { acts: ['cover-off'], when: ({ wheels }) => wheels.coverTool !== undefined },
  'torque-wrench': by(
    'torque',
    'check-lugs',
    'adapter-torque',
    'plate-on',
    'caliper-on',
    'torque-axle',
    'torque-joints',
    'axle-bolts',
    'tighten-joints',
  ),
  'wire-cutter': by('wires-off', 'axle-wires-off', 'magnet-out'),
  crimper: by('wires-on', 'magnet-in', 'axle-wires-on'),
  'mallet-pliers': by('cap-off', 'cap-look'),
  'spindle-wrench': by('nut-set'),
  'seal-puller': by('seal-out'),
  'wood-block': by('seal-in'),
  'hammer-drift': by('race-out', 'race-in'),
  'brake-spoon': by('shoes-back', 'brake-adjust'),
  'depth-gauge': by('measure-brake', 'look-through'),
  'caliper-wrench': by('caliper-off'),
  'plate-wrench': by('plate-on', 'plate-off'),
  'spring-pliers': by('shoes-on', 'shoes-off'),
  'grease-gun': by('pump', 'top-up', 'grease-pivot', 'grease-gear'),
  inflator: by('pressure', 'set-pressure'),
  'tread-gauge': by('look-tire'),
  multimeter: by('read-battery', 'magnet-in'),
  'fixings-wrench': by('check-fixings', 'joints-off', 'axle-off', 'axle-bolts', 'strip-gear'),
  'bushing-press': by('bush-out'),
  'tape-measure': by('square-axle', 'note-spacing', 'mark-axle'),
  helper: by('lamps-left'),
  light: always,
} as const satisfies Readonly<Record<string, For>>;

/** What is used up, by what calls for it. */
const SUPPLIES = {
  pins: by('lock-in'),
  'bearing-grease': by('pack', 'pump', 'cap-fit'),
  'chassis-grease': by('grease-pivot', 'tighten-joints', 'grease-gear'),
  solvent: by('clean', 'wipe-spindle'),
  'thread-brush': by('threads', 'dress-threads'),
  'brake-cleaner': by('look-brake', 'wipe-face', 'shoes-on', 'plate-on', 'pads-in'),
  connectors: by('wires-on', 'magnet-in', 'axle-wires-on'),
  'contact-care': by('clean-contacts', 'clean-plug'),
  rags: by('wipe-fitting', 'plug-out'),
  gloves: always,
} as const satisfies Readonly<Record<string, For>>;

export type ToolId = keyof typeof TOOLS;
export type SupplyId = keyof typeof SUPPLIES;

/** A new part that a card puts in, held against what is on record and on the shelf. */
export interface PartNeed {
  readonly part:
    | 'seal'
    | 'inner-set'
    | 'outer-set'
    | 'hub'
    | 'plate'
    | 'shoes'
    | 'pads'
    | 'magnet'
    | 'stud'
    | 'cap'
    | 'axle'
    | 'tire'
    | 'battery';
  readonly place: RoutinePlace;
  /** The number of the one that sits there. */
  readonly number: string | undefined;
  /** Where nobody read it: the number of the one before it. */
  readonly before: string | undefined;
  /** Those of its kind on the shelf, of that number where one is known. */
  readonly shelf:
    { readonly count: number; readonly grade: string | undefined; readonly aboard: boolean } | undefined;
  /** One is bought and not here yet. */
  readonly ordered: boolean;
}

/** What a card asks for before it starts. */
export interface CardNeeds {
  readonly tools: readonly ToolId[];
  readonly supplies: readonly SupplyId[];
  /** New cotter pins. */
  readonly pins: number;
  /** Cartridges at hand for a purge: one a hub is possible; 0 where nothing is purged. */
  readonly cartridges: number;
  /** Every torque that the wrench is set to (N·m), lowest and highest; none where no figure is known. */
  readonly torque: { readonly from: number; readonly to: number } | undefined;
  /** Wheel ends that get grease, by what is in them; undefined where nobody knows. */
  readonly grease: readonly { readonly in: Thickener | undefined; readonly places: readonly WheelEnd[] }[];
  readonly parts: readonly PartNeed[];
  /** Bushings of the whole suspension, where they are renewed; 0 where they are not. */
  readonly bushings: number;
}

type Known = Pick<RigState, 'parts' | 'grease' | 'fits'> | undefined;

/** What a part is kept as; those that are not kept have no numbers on record. */
const KIND_OF: Readonly<Record<PartNeed['part'], readonly [PartKind, fact?: string] | undefined>> = {
  seal: ['seal'],
  'inner-set': ['innerSet', 'roller'],
  'outer-set': ['outerSet', 'roller'],
  hub: ['hub'],
  plate: ['brake'],
  shoes: ['brake'],
  pads: ['brake'],
  stud: undefined,
  cap: ['cap'],
  axle: undefined,
  magnet: ['brake'],
  tire: ['tire'],
  battery: ['battery'],
};

/** The number by which a kind of part is asked for. */
const numberFact = (kind: PartKind) => (kind === 'innerSet' || kind === 'outerSet' ? 'roller' : 'number');

/** The parts of a kind that lie on the shelf, aboard or on order, of a number where one is known: a passenger tire is none for a trailer, and what is unfit is no part. */
function lyingFor(rig: Known, kind: PartKind, number: string | undefined): readonly PartState[] {
  const wanted =
    number === undefined ? undefined : fitting(rig ?? { fits: [] }, kind, numberFact(kind), number);
  return Object.values(rig?.parts ?? {}).filter(
    (one) =>
      one.at === 'shelf' &&
      one.kind === kind &&
      one.grade !== 'unfit' &&
      one.facts['madeFor']?.value !== 'passenger' &&
      (wanted === undefined ||
        Object.values(one.facts).some(
          (spec) => spec !== undefined && wanted.has(plainNumber(String(spec.value))),
        )),
  );
}

/** How many of what a card needs are here and how many on order; nothing of parts that are not kept. */
export function stockOf(
  rig: Known,
  part: PartNeed['part'],
  number: string | undefined,
): { readonly here: number; readonly ordered: number } {
  const kept = KIND_OF[part];
  const lying = kept ? lyingFor(rig, kept[0], number) : [];
  const ordered = lying.filter(({ shelf }) => shelf === 'order').length;
  return { here: lying.length - ordered, ordered };
}

function partNeed(rig: Known, part: PartNeed['part'], place: RoutinePlace): PartNeed {
  const kept = KIND_OF[part];
  if (!kept) return { part, place, number: undefined, before: undefined, shelf: undefined, ordered: false };
  const [kind, fact = 'number'] = kept;
  const there = rig && place !== 'rig' ? partAt(rig, kind, place as Place) : undefined;
  const text = (value: unknown) => (value === undefined ? undefined : String(value));
  const number = text(there?.facts[fact]?.value);
  const fitting = lyingFor(rig, kind, number);
  const here = fitting.filter((one) => one.shelf !== 'order');
  return {
    part,
    place,
    number,
    // It may well be the same, and nobody read it.
    before: number ? undefined : text(there?.replaced?.[fact]?.value),
    shelf: here[0] && { count: here.length, grade: here[0].grade, aboard: here[0].shelf === 'aboard' },
    ordered: fitting.length > here.length,
  };
}

const JOB_PARTS: readonly (readonly [PartNeed['part'], readonly string[]])[] = [
  ['hub', ['hub-renew', 'hub-build', 'brakes-install']],
  ['plate', ['plate-renew', 'brakes-install']],
  ['shoes', ['shoe-renew']],
  ['pads', ['pad-renew']],
  ['magnet', ['magnet-renew']],
  ['stud', ['stud-renew']],
  ['cap', ['cap-renew']],
  ['axle', ['axle-set']],
  ['tire', ['tire-renew']],
  ['battery', ['battery-renew']],
];

/** Bushings at the eyes and shackles of one leaf axle. */
const BUSHINGS_AN_AXLE = 4;

/** The lowest and the highest torque (N·m) that a card sets or checks. */
function wrenchRange({ steps }: Card, model: RigModel): CardNeeds['torque'] {
  const set = steps.flatMap(({ step, round, torque, threads }) => [
    round?.torque,
    torque?.value,
    step === 'check-lugs' ? lugTorque(model, threads)?.value : undefined,
  ]);
  const known = set.filter((value) => value !== undefined);
  return known.length > 0 ? { from: Math.min(...known), to: Math.max(...known) } : undefined;
}

/** What a card needs: tools, what is used up, and parts held against what lies on the shelf. */
export function needsOf(card: Card, model: RigModel, rig: Known): CardNeeds {
  const has = (act: Act) => card.steps.some(({ step }: CardStep) => step === act);
  const placesOf = (...acts: readonly Act[]) => [
    ...new Set(card.steps.flatMap(({ step, place }) => (acts.includes(step) ? [place ?? 'rig'] : []))),
  ];
  const wanted = <K extends string>(table: Readonly<Record<K, For>>) =>
    (Object.keys(table) as K[]).filter((id) => {
      const { acts, but, when } = table[id];
      return (acts.length === 0 || acts.some(has)) && !(but && has(but)) && (when?.(model) ?? true);
    });
  const pins = placesOf('lock-in').filter(
    (place) => isWheelEnd(place) && model.axles[axleOf(place)]?.lock === 'cotter',
  ).length;
  const inside = new Map<Thickener | undefined, WheelEnd[]>();
  for (const place of placesOf('pack', 'pump', 'cap-fit').filter(isWheelEnd)) {
    const kind = rig?.grease[place];
    inside.set(kind, [...(inside.get(kind) ?? []), place]);
  }
  const jobsAt = (works: readonly string[]) =>
    card.jobs.filter(({ routine }) => works.includes(routine)).map(({ place }) => place);
  const leaf = model.axles.filter(({ suspension }) => suspension === 'leaf').length;
  return {
    tools: wanted(TOOLS),
    supplies: wanted(SUPPLIES).filter(
      (id) => (id !== 'pins' || pins > 0) && (id !== 'bearing-grease' || inside.size > 0),
    ),
    pins,
    cartridges: card.house.grease === 'purge' ? placesOf('pump').length : 0,
    torque: wrenchRange(card, model),
    grease: [...inside].map(([kind, places]) => ({ in: kind, places })),
    parts: [
      ...placesOf('seal-in').map((place) => partNeed(rig, 'seal', place)),
      ...placesOf('race-in').flatMap((place) => [
        partNeed(rig, 'inner-set', place),
        partNeed(rig, 'outer-set', place),
      ]),
      ...JOB_PARTS.flatMap(([part, works]) => jobsAt(works).map((place) => partNeed(rig, part, place))),
    ],
    bushings: jobsAt(['bushings']).length > 0 ? leaf * BUSHINGS_AN_AXLE : 0,
  };
}
