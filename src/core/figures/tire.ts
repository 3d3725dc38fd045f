import { toSI } from '../base';

/** What a size string says; lengths in m. */
export interface TireSize {
  readonly madeFor: 'trailer' | 'light-truck' | 'passenger' | undefined;
  readonly width: number;
  /** Height of the wall as a share of the width. */
  readonly aspect: number;
  readonly rim: number;
  readonly diameter: number;
  readonly radial: boolean;
  /** The size without what stands before and after it, `225/75R15`. */
  readonly name: string;
}

const CLASS = { ST: 'trailer', LT: 'light-truck', P: 'passenger' } as const;
const METRIC = /^(ST|LT|P)?(\d{3})(?:\/(\d{2}))?(R|D|B|-)(\d{2}(?:\.5)?)(LT|ST|C)?/;
const INCH = /^(ST|LT)?(\d{1,2}\.\d{1,2})(R|-|X)(\d{1,2})(LT|ST)?/;
/** Small tires by their height: `20.5x8.0-10`. */
const TALL = /^(ST|LT)?(\d{2}(?:\.\d)?)X(\d{1,2}(?:\.\d{1,2})?)(R|-)(\d{1,2})(LT|ST)?/;
/** The wall of a metric tire that does not say it, as a share of its width. */
const UNSAID = 82;

/** Reads a tire's size: `ST225/75R15`, `205/75D14`, `145R12`, `4.80-12`, `4.80 x 12`, `20.5x8.0-10`; undefined where it is none. */
export function tireSize(text: string): TireSize | undefined {
  const bare = text.toUpperCase().replace(/\s+/g, '').replace(/×/g, 'X');
  const metric = METRIC.exec(bare);
  if (metric) {
    const [, before = '', wide = '', share = '', build = '', hole = '', after = ''] = metric;
    const width = Number(wide) / 1000;
    const aspect = Number(share || UNSAID) / 100;
    const rim = toSI(Number(hole), 'in');
    const prefix = (before || after) as keyof typeof CLASS;
    return {
      madeFor: CLASS[prefix],
      width,
      aspect,
      rim,
      diameter: rim + 2 * width * aspect,
      radial: build === 'R',
      name: `${wide}${share && `/${share}`}${build}${hole}`,
    };
  }
  const tall = TALL.exec(bare);
  if (tall) {
    const [, before = '', high = '', wide = '', build = '', hole = '', after = ''] = tall;
    const [diameter, width, rim] = [high, wide, hole].map((size) => toSI(Number(size), 'in')) as [
      number,
      number,
      number,
    ];
    if (diameter <= rim) return undefined;
    return {
      madeFor: CLASS[(before || after) as keyof typeof CLASS],
      width,
      aspect: (diameter - rim) / 2 / width,
      rim,
      diameter,
      radial: build === 'R',
      name: `${high}x${wide}${build}${hole}`,
    };
  }
  const inch = INCH.exec(bare);
  if (!inch) return undefined;
  const [, before = '', wide = '', build = '', hole = '', after = ''] = inch;
  const width = toSI(Number(wide), 'in');
  const rim = toSI(Number(hole), 'in');
  // Sizes in inches leave the wall unsaid: it is about as high as the tire is wide.
  const aspect = 0.98;
  return {
    madeFor: CLASS[(before || after) as keyof typeof CLASS],
    width,
    aspect,
    rim,
    diameter: rim + 2 * width * aspect,
    radial: build === 'R',
    name: `${wide}${build === 'X' ? '-' : build}${hole}`,
  };
}

/** Turns of a free tire of a diameter (m) in a mile; a loaded one turns about three in a hundred more. */
export function turnsPerMile(diameter: number): number {
  return toSI(1, 'mi') / (Math.PI * diameter);
}

const psi = (value: number) => toSI(value, 'psi');

/** The highest cold pressure (Pa) of a metric trailer tire by its load range. */
const MAX_COLD: Readonly<Record<string, number>> = {
  B: psi(35),
  C: psi(50),
  D: psi(65),
  E: psi(80),
  F: psi(95),
  G: psi(110),
  H: psi(125),
};

/** The usual highest cold pressure (Pa) of a load range; the sidewall's own figure outranks it. */
export function maxColdPressure(loadRange: string): number | undefined {
  return MAX_COLD[loadRange];
}

/** How a tire's load goes with its pressure: our estimate, the careful end of what tire makers use. */
const LOAD_BY_PRESSURE = 0.8;

/** The cold pressure (Pa) at which a tire carries a load (kg), from what it carries at its highest: an estimate, never over that. */
export function pressureForLoad(load: number, capacity: number, most: number): number {
  return Math.min(most, most * (load / capacity) ** (1 / LOAD_BY_PRESSURE));
}

/** What a tire carries (kg) at a lower cold pressure (Pa), from what it carries at its highest: an estimate, never more than that. */
export function loadAtPressure(pressure: number, capacity: number, most: number): number {
  return capacity * Math.min(1, Math.max(0, pressure) / most) ** LOAD_BY_PRESSURE;
}

/** Miles (m) that tread (m) lasts to its limit (m), worn from `new` to `now` over a distance (m); undefined where nothing was worn. */
export function distanceLeft(
  tread: { readonly new: number; readonly now: number; readonly limit: number },
  driven: number,
): number | undefined {
  const worn = tread.new - tread.now;
  if (worn <= 0 || driven <= 0) return undefined;
  return (Math.max(0, tread.now - tread.limit) / worn) * driven;
}

/** What metric trailer tires carry (lb) by size and load range. */
const CARRIES: Readonly<Record<string, Readonly<Record<string, number>>>> = {
  '175/80-13': { B: 1100, C: 1360, D: 1610 },
  '185/80-13': { C: 1480, D: 1710 },
  '205/75-14': { C: 1760, D: 2040 },
  '215/75-14': { C: 1870, D: 2200 },
  '205/75-15': { C: 1820, D: 2150 },
  '225/75-15': { C: 2150, D: 2540, E: 2830 },
  '235/80-16': { D: 3000, E: 3520 },
  '235/85-16': { E: 3640, G: 4400 },
};

/** What a trailer tire of a size and load range usually carries at its highest cold pressure (kg); undefined where the table has none. */
export function usualCapacity(size: string, loadRange: string): number | undefined {
  const read = tireSize(size);
  if (!read || (read.madeFor !== undefined && read.madeFor !== 'trailer')) return undefined;
  const pounds = CARRIES[read.name.replace(/[RDB]/, '-')]?.[loadRange];
  return pounds === undefined ? undefined : toSI(pounds, 'lb');
}
