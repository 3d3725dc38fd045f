import {
  formatNumber,
  formatQuantity,
  formatUpTo,
  fromSI,
  unitFor,
  type Dimension,
  type UnitSystem,
} from '@/core/base';

/** A quantity in SI as text with its unit: `180 mi`. */
export function measure(si: number, dimension: Dimension, system: UnitSystem, decimals?: number): string {
  const { number, unit } = formatQuantity(si, dimension, system, decimals);
  return `${number} ${unit}`;
}

/** A quantity in SI as a person would type it into a field: no grouping, no needless zeros. */
export function typed(si: number, dimension: Dimension, system: UnitSystem, decimals = 1): string {
  const unit = unitFor(dimension, system);
  return String(Number(fromSI(si, unit).toFixed(unit === 'bar' ? decimals + 1 : decimals)));
}

/** A count with its noun: `1 launch`, `3 launches`. */
export function count(n: number, one: string, many = `${one}s`): string {
  return `${formatUpTo(n, 3)} ${n === 1 ? one : many}`;
}

/** Bytes as a device tells them: `340 kB`, `1.2 MB`, `3.1 GB`. */
export function bytesText(bytes: number): string {
  if (bytes < 1e6) return `${formatNumber(Math.ceil(bytes / 1e3))} kB`;
  return bytes < 1e9 ? `${formatNumber(bytes / 1e6, 1)} MB` : `${formatNumber(bytes / 1e9, 1)} GB`;
}

/** A list as a sentence has it: `1L, 1R and 2L`. */
export function list(parts: readonly string[]): string {
  if (parts.length < 2) return parts[0] ?? '';
  return `${parts.slice(0, -1).join(', ')} and ${parts[parts.length - 1]}`;
}

const SMALL = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'];

/** A small count in words: `two jobs`. */
export function words(n: number, one: string, many = `${one}s`): string {
  return `${SMALL[n] ?? String(n)} ${n === 1 ? one : many}`;
}

/** The same text with a capital letter first. */
export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

const PARTS = [2, 3, 4, 6, 8];

/** A count with fractions as a person writes it: `1/2`, `1 1/4`; decimals where no plain fraction fits. */
export function fraction(n: number): string {
  const whole = Math.floor(n + 1e-9);
  const rest = n - whole;
  if (rest < 1e-6) return String(whole);
  const parts = PARTS.find((p) => Math.abs(rest * p - Math.round(rest * p)) < 1e-6);
  if (!parts) return formatNumber(n, 2);
  return `${whole > 0 ? `${whole} ` : ''}${Math.round(rest * parts)}/${parts}`;
}

/** A label in the middle of a sentence; abbreviations stay large. */
export function small(label: string): string {
  return label.replace(/^[A-Z](?=[a-z])/, (letter) => letter.toLowerCase());
}

/** A span of days as an owner says it: `12 months`, `6 months`, `5 years`, else in days. */
export function spanWords(days: number): string {
  if (days === 365) return '12 months';
  if (days % 365 === 0) return `${days / 365} years`;
  const months = Math.round((days / 365) * 12);
  return months > 1 && months < 12 && Math.abs((months * 365) / 12 - days) <= 1
    ? `${months} months`
    : count(days, 'day');
}
