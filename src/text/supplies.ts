import type { SupplyBody, SupplyKept } from '@/core/log';
import { formatMoney, formatNumber, type UnitSystem } from '@/core/base';
import type { EntryWords } from './entry-words';
import { small } from './measure';
import { THICKENER_WORDS } from './rig';

/** What is kept an eye on, and by what it is counted. */
export const SUPPLY_NAMES: Readonly<Record<SupplyKept, readonly [name: string, one: string, many: string]>> =
  {
    'bearing-grease': ['Wheel bearing grease', '', ''],
    'chassis-grease': ['Chassis grease', '', ''],
    pins: ['Cotter pins', 'piece', 'pieces'],
    'brake-cleaner': ['Brake cleaner', 'can', 'cans'],
    connectors: ['Sealed wire connectors', 'piece', 'pieces'],
    gloves: ['Gloves', 'pair', 'pairs'],
  };

/** Grease is told by mass (kg), the rest by pieces. */
export const isGrease = (supply: SupplyKept): boolean => supply.endsWith('grease');

/** Ounces in a kilogram. */
const OUNCES = 35.27396;

/** The unit a supply is counted in. */
export function supplyUnit(supply: SupplyKept, system: UnitSystem): string {
  if (isGrease(supply)) return system === 'us' ? 'oz' : 'g';
  return SUPPLY_NAMES[supply][2];
}

/** A plain figure of a supply (oz or g, else pieces) as it is kept. */
export function supplyFrom(value: number, supply: SupplyKept, system: UnitSystem): number {
  if (!isGrease(supply)) return value;
  return system === 'us' ? value / OUNCES : value / 1000;
}

/** How much of a supply, with its unit. */
export function supplyAmount(value: number, supply: SupplyKept, system: UnitSystem): string {
  const shown = isGrease(supply) ? (system === 'us' ? value * OUNCES : value * 1000) : value;
  const [, one] = SUPPLY_NAMES[supply];
  // A stroke of a gun is a small thing: its figure keeps its digits.
  const decimals = shown !== 0 && shown < 0.1 ? 3 : Number.isInteger(shown) || shown >= 100 ? 0 : 1;
  const unit = shown === 1 && one !== '' ? one : supplyUnit(supply, system);
  return `${formatNumber(shown, decimals)} ${unit}`;
}

/** A supply counted or bought, as the log tells it. */
export function supplyEntry(
  { supply, counted, bought, stroke, thickener, price, where, note }: SupplyBody,
  system: UnitSystem,
): EntryWords {
  const [name] = SUPPLY_NAMES[supply];
  const amount = (value: number) => supplyAmount(value, supply, system);
  return {
    title:
      counted !== undefined
        ? `${name} counted: ${amount(counted)}`
        : `${name} bought: ${amount(bought ?? 0)}`,
    lines: [
      ...(counted !== undefined && bought !== undefined ? [`Bought: ${amount(bought)}`] : []),
      ...(thickener ? [`Thickened with ${small(THICKENER_WORDS[thickener])}`] : []),
      ...(stroke === undefined ? [] : [`A stroke gives ${supplyAmount(stroke, supply, system)}`]),
      ...(price ? [`Cost ${formatMoney(price)}`] : []),
      ...(where ? [`From ${where}`] : []),
      ...(note ? [note] : []),
    ],
  };
}
