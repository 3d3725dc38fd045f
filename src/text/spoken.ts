/** What a unit is called when it is read out: for one, and for more. */
const UNITS: Readonly<Record<string, readonly [string, string]>> = {
  'lbf·ft': ['foot-pound', 'foot-pounds'],
  'N·m': ['newton meter', 'newton meters'],
  psi: ['P S I', 'P S I'],
  kPa: ['kilopascal', 'kilopascals'],
  bar: ['bar', 'bar'],
  in: ['inch', 'inches'],
  mm: ['millimeter', 'millimeters'],
  ft: ['foot', 'feet'],
  m: ['meter', 'meters'],
  mi: ['mile', 'miles'],
  km: ['kilometer', 'kilometers'],
  '°F': ['degree Fahrenheit', 'degrees Fahrenheit'],
  '°C': ['degree Celsius', 'degrees Celsius'],
  lb: ['pound', 'pounds'],
  kg: ['kilogram', 'kilograms'],
  oz: ['ounce', 'ounces'],
  g: ['gram', 'grams'],
  V: ['volt', 'volts'],
  A: ['amp', 'amps'],
  Ω: ['ohm', 'ohms'],
  min: ['minute', 'minutes'],
  h: ['hour', 'hours'],
  '%': ['percent', 'percent'],
};

/** A unit as it is read out where there is no figure before it; what is no unit of measure stays as it is. */
export function unitSpoken(unit: string): string {
  return UNITS[unit]?.[1] ?? unit;
}

const PARTS: Readonly<Record<string, readonly [string, string]>> = {
  '2': ['half', 'halves'],
  '3': ['third', 'thirds'],
  '4': ['quarter', 'quarters'],
  '8': ['eighth', 'eighths'],
  '16': ['sixteenth', 'sixteenths'],
  '32': ['thirty-second', 'thirty-seconds'],
  '64': ['sixty-fourth', 'sixty-fourths'],
};

const SIDES: Readonly<Record<string, string>> = { L: 'left', R: 'right' };

const UNIT = Object.keys(UNITS)
  .sort((a, b) => b.length - a.length)
  .join('|');
const FIGURE = String.raw`(\d[\d,]*(?:\.\d+)?)`;
const THOUSANDTHS = /\b0\.0(\d\d) in\b/g;
const FRACTION = new RegExp(String.raw`(?:\b(\d+) )?\b(\d+)/(\d+)(?: (${UNIT})(?![\w·]))?`, 'gu');
const WITH_UNIT = new RegExp(String.raw`${FIGURE} ?(${UNIT})(?![\w·])`, 'gu');

function fractionSpoken(
  all: string,
  whole: string | undefined,
  top: string,
  under: string,
  unit: string | undefined,
): string {
  const part = PARTS[under];
  if (!part) return all;
  const named = `${top} ${part[top === '1' ? 0 : 1]}`;
  const size = whole === undefined ? named : `${whole} and ${named}`;
  if (unit === undefined) return size;
  return `${size} ${UNITS[unit]?.[whole === undefined ? 0 : 1] ?? unit}`;
}

/** A text as a voice should read it: units, fractions, thousandths and wheel ends in words. */
export function spoken(text: string): string {
  return text
    .replace(/(\d)\s?[–-]\s?(?=\d)/g, '$1 to ')
    .replace(THOUSANDTHS, (_, size: string) => `${Number(size)} thousandths`)
    .replace(FRACTION, fractionSpoken)
    .replace(WITH_UNIT, (_, figure: string, unit: string) => {
      const [one, many] = UNITS[unit] ?? [unit, unit];
      return `${figure} ${figure === '1' ? one : many}`;
    })
    .replace(/\b(\d)([LR])\b/g, (_, axle: string, side: string) => `${axle} ${SIDES[side] ?? side}`)
    .replace(/\s*[·→]\s*/g, ', ');
}
