/** What is measured. `distance` is the road (mi, km), `length` the part (in, mm), `height` the land (ft, m); `mass` is grease (oz, g), `weight` a load (lb, kg). */
export type Dimension =
  'distance' | 'length' | 'height' | 'torque' | 'pressure' | 'temperature' | 'mass' | 'weight';

/** The two families of units an owner can choose between. */
export type UnitSystem = 'us' | 'metric';

interface UnitDef {
  readonly dimension: Dimension;
  /** SI units in one of this unit. */
  readonly factor: number;
  /** Added after the factor: temperatures only (K). */
  readonly offset?: number;
  /** Other spellings that people type. */
  readonly also: readonly string[];
}

const LBF_FT = 1.3558179483314004;

/** Every unit that is read or shown, with its size in SI. */
export const UNITS = {
  mi: { dimension: 'distance', factor: 1609.344, also: ['mile', 'miles'] },
  km: { dimension: 'distance', factor: 1000, also: ['kilometers', 'kilometres'] },
  in: { dimension: 'length', factor: 0.0254, also: ['"', '″', 'inch', 'inches'] },
  mm: { dimension: 'length', factor: 0.001, also: ['millimeters', 'millimetres'] },
  ft: { dimension: 'height', factor: 0.3048, also: ["'", 'feet', 'foot'] },
  m: { dimension: 'height', factor: 1, also: ['meters', 'metres'] },
  'lbf·ft': {
    dimension: 'torque',
    factor: LBF_FT,
    also: ['lbft', 'lbsft', 'ftlb', 'ftlbs', 'ftlbf', 'footpound', 'footpounds', 'poundfeet', 'poundfoot'],
  },
  'N·m': { dimension: 'torque', factor: 1, also: ['nm', 'newtonmeters', 'newtonmetres'] },
  psi: { dimension: 'pressure', factor: 6894.757293168361, also: ['lb/in2'] },
  kPa: { dimension: 'pressure', factor: 1000, also: [] },
  bar: { dimension: 'pressure', factor: 100_000, also: [] },
  '°F': {
    dimension: 'temperature',
    factor: 5 / 9,
    offset: 459.67 * (5 / 9),
    also: ['f', 'degf', 'degreesf'],
  },
  '°C': { dimension: 'temperature', factor: 1, offset: 273.15, also: ['c', 'degc', 'degreesc'] },
  oz: { dimension: 'mass', factor: 0.028349523125, also: ['ounces'] },
  g: { dimension: 'mass', factor: 0.001, also: ['grams'] },
  lb: { dimension: 'weight', factor: 0.45359237, also: ['lbs', 'pounds'] },
  kg: { dimension: 'weight', factor: 1, also: ['kilograms', 'kilos'] },
} as const satisfies Record<string, UnitDef>;

/** The symbol of a unit, as shown. */
export type Unit = keyof typeof UNITS;

const SHOWN: Record<UnitSystem, Record<Dimension, Unit>> = {
  us: {
    distance: 'mi',
    length: 'in',
    height: 'ft',
    torque: 'lbf·ft',
    pressure: 'psi',
    temperature: '°F',
    mass: 'oz',
    weight: 'lb',
  },
  metric: {
    distance: 'km',
    length: 'mm',
    height: 'm',
    torque: 'N·m',
    pressure: 'bar',
    temperature: '°C',
    mass: 'g',
    weight: 'kg',
  },
};

/** The unit a dimension is shown in, in the owner's system. */
export function unitFor(dimension: Dimension, system: UnitSystem): Unit {
  return SHOWN[system][dimension];
}

/** A value in a unit as SI (m, N·m, Pa, K, kg). */
export function toSI(value: number, unit: Unit): number {
  const def: UnitDef = UNITS[unit];
  return value * def.factor + (def.offset ?? 0);
}

/** An SI value (m, N·m, Pa, K, kg) in a unit. */
export function fromSI(si: number, unit: Unit): number {
  const def: UnitDef = UNITS[unit];
  return (si - (def.offset ?? 0)) / def.factor;
}
