import { fromSI, unitFor, type Dimension, type Unit, type UnitSystem } from './units';

/** A number and its unit apart, so that screens can set one large and the other small. */
export interface Formatted {
  readonly number: string;
  readonly unit: Unit;
}

const DECIMALS: Record<Unit, number> = {
  mi: 0,
  km: 0,
  in: 3,
  mm: 2,
  ft: 0,
  m: 0,
  'lbf·ft': 0,
  'N·m': 0,
  psi: 0,
  kPa: 0,
  bar: 2,
  '°F': 0,
  '°C': 0,
  oz: 1,
  g: 0,
  lb: 0,
  kg: 0,
};

/** One of each: making a format costs a slow phone more than a thousand uses of it. */
const formats = new Map<string, Intl.NumberFormat>();

function formatOf(options: Intl.NumberFormatOptions): Intl.NumberFormat {
  const key = JSON.stringify(options);
  const known = formats.get(key);
  if (known) return known;
  const made = new Intl.NumberFormat('en-US', { signDisplay: 'negative', ...options });
  formats.set(key, made);
  return made;
}

const withMinus = (text: string) => text.replace('-', '−');

/** A number with grouped thousands and fixed decimals; minus zero is zero. */
export function formatNumber(value: number, decimals = 0): string {
  return withMinus(
    formatOf({ minimumFractionDigits: decimals, maximumFractionDigits: decimals }).format(value),
  );
}

/** A number with grouped thousands and as many decimals as it needs, up to some. */
export function formatUpTo(value: number, decimals: number): string {
  return withMinus(formatOf({ maximumFractionDigits: decimals }).format(value));
}

/** An amount of money: `$12.50`, `CA$12.50`. */
export function formatMoney({
  amount,
  currency,
}: {
  readonly amount: number;
  readonly currency: string;
}): string {
  return withMinus(formatOf({ style: 'currency', currency }).format(amount));
}

/** An SI value in the owner's system, at the precision the unit is read to unless told otherwise. */
export function formatQuantity(
  si: number,
  dimension: Dimension,
  system: UnitSystem,
  decimals?: number,
): Formatted {
  const unit = unitFor(dimension, system);
  // A bar is a large unit: what is told in whole psi has two decimals there.
  const least = unit === 'bar' ? DECIMALS.bar : 0;
  return { number: formatNumber(fromSI(si, unit), Math.max(least, decimals ?? DECIMALS[unit])), unit };
}

/** A length (m) as whole inches and the nearest fraction of `parts` (a power of two): `2 1/4`. */
export function formatInches(metres: number, parts = 16): string {
  const total = Math.round(Math.abs(fromSI(metres, 'in')) * parts);
  const sign = metres < 0 && total > 0 ? '−' : '';
  const whole = Math.floor(total / parts);
  let top = total % parts;
  let bottom = parts;
  while (top > 0 && top % 2 === 0) {
    top /= 2;
    bottom /= 2;
  }
  if (top === 0) return `${sign}${whole}`;
  return whole === 0 ? `${sign}${top}/${bottom}` : `${sign}${whole} ${top}/${bottom}`;
}
