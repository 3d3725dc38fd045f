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

/** A number with grouped thousands and fixed decimals; minus zero is zero. */
export function formatNumber(value: number, decimals = 0): string {
  const text = Math.abs(value).toFixed(decimals);
  const [whole = '0', part] = text.split('.');
  const grouped = whole.replace(/\B(?=(\d{3})+(?!\d))/g, ',');
  const body = part === undefined ? grouped : `${grouped}.${part}`;
  return value < 0 && Number(text) !== 0 ? `−${body}` : body;
}

/** An SI value in the owner's system, at the precision the unit is read to unless told otherwise. */
export function formatQuantity(
  si: number,
  dimension: Dimension,
  system: UnitSystem,
  decimals?: number,
): Formatted {
  const unit = unitFor(dimension, system);
  return { number: formatNumber(fromSI(si, unit), decimals ?? DECIMALS[unit]), unit };
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
