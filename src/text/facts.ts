import { formatInches, formatUpTo, fromSI, unitFor, type UnitSystem } from '@/core/base';
import { factDef, type FactGroup, type FactId, type FactValue, type Source } from '@/core/rig';
import { measure, spanWords, typed } from './measure';
import { BASIS_WORDS, BRAKE_WORDS, CAP_WORDS, HUB_WORDS, LOCK_WORDS, WATER_WORDS } from './rig';

interface FactWords {
  readonly label: string;
  readonly options?: Readonly<Record<string, string>>;
}

const YES_NO = { true: 'Yes', false: 'No' } as const;

/** The name of every fact of a rig, and the words of its choices. */
export const FACT_WORDS: Record<FactId, FactWords> = {
  suspension: {
    label: 'Suspension',
    options: { leaf: 'Leaf springs', torsion: 'Torsion axle' },
  },
  equalizer: {
    label: 'Springs hang on an equalizer',
    options: YES_NO,
  },
  rating: {
    label: 'Axle rating (GAWR)',
  },
  gvwr: {
    label: 'Trailer rating (GVWR)',
  },
  axleSpacing: {
    label: 'Axle spacing',
  },
  equalizerSpacing: {
    label: 'Equalizer bolt spacing',
  },
  hub: {
    label: 'Hub',
    options: HUB_WORDS,
  },
  lock: {
    label: 'The nut is locked by',
    options: LOCK_WORDS,
  },
  cap: {
    label: 'Grease cap',
    options: CAP_WORDS,
  },
  capSize: { label: 'Cap size, across where it sits' },
  spindleNut: { label: 'Spindle nut, across the flats' },
  greaseReach: { label: 'The gun reaches the fitting with the wheel on', options: YES_NO },
  greaseDistance: { label: 'Grease after distance' },
  greaseDays: { label: 'Grease at least every' },
  flatWasher: {
    label: 'Washer with a flat (D)',
    options: YES_NO,
  },
  threadPitch: {
    label: 'Spindle thread',
  },
  slots: { label: 'Slots in the spindle nut' },
  pinHoles: {
    label: 'Pin holes through the spindle',
    options: { '1': 'One', '2': 'Two, crossed' },
  },
  endPlay: {
    label: "Maker's end play",
  },
  repackDistance: {
    label: 'Repack after distance',
  },
  repackDays: {
    label: 'Repack at least every',
  },
  repackLaunches: {
    label: 'Repack after launches',
  },
  brake: {
    label: 'Brakes',
    options: BRAKE_WORDS,
  },
  wires: {
    label: 'Wires at the backing plates',
    options: YES_NO,
  },
  drum: {
    label: 'Brake size',
  },
  lining: {
    label: 'Brake lining is',
    options: { bonded: 'Bonded (glued on)', riveted: 'Riveted' },
  },
  kitEqualizer: { label: 'Equalizer, as printed with the kit' },
  kitSpacing: { label: 'Axle spacing, as printed with the kit' },
  greasePoints: { label: 'Grease points on one side of the suspension' },
  greaseWheelOff: { label: 'A wheel must come off to reach one', options: YES_NO },
  axleTorque: { label: 'Torque of U-bolts or axle brackets' },
  jointTorque: { label: 'Torque of shackle and hanger bolts' },
  plateTorque: { label: 'Torque of the backing plate nuts' },
  caliperTorque: { label: 'Torque of the caliper bolts' },
  breakawayBattery: {
    label: 'Breakaway battery',
    options: { 'lead-acid': 'Lead-acid or gel', lithium: 'Lithium' },
  },
  breakawayRequired: { label: 'Breakaway required by law, as you looked it up', options: YES_NO },
  mountingBolts: {
    label: 'Bolts that hold a backing plate',
    options: { '4': 'Four', '5': 'Five' },
  },
  plateNut: { label: 'Backing plate nuts, across the flats' },
  actuator: {
    label: 'Brake pressure comes from',
    options: { surge: 'Surge coupler', 'electric-over-hydraulic': 'Electric over hydraulic' },
  },
  studs: {
    label: 'Studs on one wheel',
    options: { '4': '4', '5': '5', '6': '6', '8': '8' },
  },
  torque: {
    label: 'Lug torque',
  },
  firstStage: { label: 'First round, if the maker gives its own' },
  secondStage: { label: 'Second round, if the maker gives its own' },
  treatedTorque: {
    label: 'Lug torque, greased threads',
  },
  lubricant: {
    label: 'Anti-seize, by the wheel or axle maker',
    options: { forbidden: 'Forbidden: dry threads only', allowed: 'Allowed' },
  },
  studDiameter: {
    label: 'Stud diameter',
  },
  boltCircle: {
    label: 'Bolt circle',
  },
  material: {
    label: 'Wheel material',
    options: { steel: 'Steel', aluminum: 'Aluminum' },
  },
  socket: {
    label: 'Lug socket',
  },
  key: {
    label: 'Locking-nut key',
  },
  cover: {
    label: 'Wheel cover',
    options: {
      none: 'None',
      'pop-off': 'Pops off',
      slotted: 'Slotted ring',
      screwed: 'Screwed on',
      'capped-nuts': 'Held by capped nuts',
    },
  },
  coverTool: { label: 'Tool for the cover' },
  adapter: {
    label: 'Wheel adapters installed',
    options: YES_NO,
  },
  adapterNuts: {
    label: 'Nuts of one adapter',
    options: { '4': '4', '5': '5', '6': '6', '8': '8' },
  },
  adapterTorque: {
    label: 'Torque of the adapter nuts',
  },
  adapterCircle: { label: "Bolt circle of the adapter's own studs" },
  adapterRating: { label: 'Load rating of one adapter' },
  tireSize: {
    label: 'Tire size',
  },
  loadRange: {
    label: 'Load range',
    options: { B: 'B', C: 'C', D: 'D', E: 'E', F: 'F', G: 'G', H: 'H' },
  },
  pressure: {
    label: 'Cold pressure, by the placard',
  },
  maxPressure: { label: 'Highest cold pressure, on the tire wall' },
  wheelPressure: { label: 'Highest pressure stamped on the wheel' },
  valve: {
    label: 'Valves',
    options: { 'snap-in': 'Plain rubber, snapped in', metal: 'Metal or high-pressure' },
  },
  tireLoad: { label: 'Heaviest tire load, weighed' },
  spares: {
    label: 'Spares carried',
    options: { '0': 'None', '1': '1', '2': '2' },
  },
  liftPoint: {
    label: 'Lifted at',
    options: { frame: 'Frame rail by the wheel', maker: "The maker's point" },
  },
  liftHeight: {
    label: 'Height of the lifting point',
  },
  miles: {
    label: 'How miles come in',
    options: { trips: 'Trip by trip', meter: "The trailer's own meter" },
  },
  yearly: { label: 'Expected in a year' },
  use: {
    label: 'Towed',
    options: { highway: 'On highways', 'off-road': 'Off the road, slowly' },
  },
  roads: {
    label: 'Winter roads',
    options: { dry: 'Dry, no salt', salted: 'Salted' },
  },
  law: { label: 'Law where you tow, as you looked it up' },
  water: {
    label: 'Water it is launched in',
    options: WATER_WORDS,
  },
};

export const FACT_GROUP_WORDS: Record<FactGroup, string> = {
  axles: 'Axles and weights',
  hubs: 'Hubs and spindles',
  brakes: 'Brakes',
  wheels: 'Wheels',
  tires: 'Tires, by the placard',
  lifting: 'Lifting',
  use: 'How it is used',
};

/** A length of a part as its trade says it: inches in fractions, or millimeters. */
export function partLength(m: number, system: UnitSystem): string {
  if (system === 'metric') return measure(m, 'length', system, 1);
  // Linings are told in thirty-seconds.
  const parts = fromSI(m, 'in') * 32;
  return Math.abs(parts - Math.round(parts)) < 0.02
    ? `${formatInches(m, 32)} in`
    : measure(m, 'length', system);
}

/** A size as sockets and wrenches are sold: whole millimeters stay millimeters, fractions of an inch stay inches. */
export function soldSize(m: number, system: UnitSystem): string {
  const mm = fromSI(m, 'mm');
  if (Math.abs(mm - Math.round(mm)) < 0.02) return `${Math.round(mm)} mm`;
  const parts = fromSI(m, 'in') * 32;
  return Math.abs(parts - Math.round(parts)) < 0.02 ? `${formatInches(m, 32)} in` : partLength(m, system);
}

function bare(value: FactValue): { readonly value: unknown; readonly source: Source | undefined } {
  return value !== null && typeof value === 'object'
    ? { value: value.value, source: value.source }
    : { value, source: undefined };
}

/** True where a thread is one of the metric pitches: a whole number of quarter millimeters. */
export function isMetricThread(pitch: number): boolean {
  const quarters = fromSI(pitch, 'mm') * 4;
  return Math.abs(quarters - Math.round(quarters)) < 0.004;
}

/** A thread as it is told: `14 threads per inch`, `1.5 mm pitch`. */
export function threadWords(pitch: number): string {
  return isMetricThread(pitch)
    ? `${formatUpTo(fromSI(pitch, 'mm'), 2)} mm pitch`
    : `${formatUpTo(1 / fromSI(pitch, 'in'), 2)} threads per inch`;
}

const COUNTED: Partial<Record<FactId, string>> = {
  slots: 'slots',
  greasePoints: 'points',
  repackDays: 'days',
  greaseDays: 'days',
  repackLaunches: 'launches',
};

/** A fact's value alone, with its unit; `not known` where it is not. */
export function factText(id: FactId, raw: FactValue, system: UnitSystem): string {
  const { value } = bare(raw);
  if (value === undefined || value === null) return 'not known';
  const { type, sold } = factDef(id);
  if (sold) return soldSize(Number(value), system);
  switch (type.as) {
    case 'choice':
      return FACT_WORDS[id].options?.[String(value)] ?? String(value);
    case 'whole':
      return type.span ? spanWords(Number(value)) : `${String(value)} ${COUNTED[id] ?? ''}`.trim();
    case 'quantity':
      return type.dimension === 'length'
        ? partLength(Number(value), system)
        : measure(Number(value), type.dimension, system);
    case 'pitch':
      return threadWords(Number(value));
    case 'window': {
      const { min, max } = value as { min: number; max: number };
      return `${measure(min, 'length', system)} to ${measure(max, 'length', system)}`;
    }
    case 'drum': {
      const { diameter, width } = value as { diameter: number; width: number };
      return `${partLength(diameter, system)} × ${partLength(width, system)}`;
    }
    case 'words':
      return String(value);
  }
}

/** A fact with what it rests on: `110 lbf·ft, maker's figure`; a guess says so first. */
export function factWords(id: FactId, raw: FactValue, system: UnitSystem): string {
  const { source } = bare(raw);
  const said = factText(id, raw, system);
  if (source === undefined) return said;
  return source === 'guess' ? `a guess: ${said}` : `${said}, ${BASIS_WORDS[source]}`;
}

/** A fact as a person would type it, with the unit that goes behind the field. */
export function factTyped(id: FactId, raw: FactValue, system: UnitSystem): string {
  const { value } = bare(raw);
  if (value === undefined || value === null) return '';
  const { type, sold } = factDef(id);
  if (sold) return soldSize(Number(value), system);
  switch (type.as) {
    case 'quantity':
      return type.dimension === 'length'
        ? partLength(Number(value), system).replace(/ (in|mm)$/, '')
        : typed(Number(value), type.dimension, system);
    case 'pitch':
      return isMetricThread(Number(value))
        ? String(Number(fromSI(Number(value), 'mm').toFixed(2)))
        : String(Number((1 / fromSI(Number(value), 'in')).toFixed(2)));
    case 'window':
    case 'drum':
      return '';
    default:
      return String(value);
  }
}

/** The unit that stands behind a fact's field. */
export function factUnit(id: FactId, system: UnitSystem): string | undefined {
  const { type } = factDef(id);
  if (type.as === 'quantity') return unitFor(type.dimension, system);
  if (type.as === 'window' || type.as === 'drum') return unitFor('length', system);
  return COUNTED[id];
}
