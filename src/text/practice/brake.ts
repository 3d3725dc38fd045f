import type { BrakeFault, BrakeTest } from '@/core/practice';
import { formatNumber } from '@/core/base';

/** What is wrong with electric brakes, by its kind and place. */
export function brakeFaultWords({ kind, at }: Pick<BrakeFault, 'kind' | 'at'>): string {
  switch (kind) {
    case 'open':
      return `${at}: magnet open, its winding is broken`;
    case 'short':
      return `${at}: magnet shorted`;
    case 'axle-wire':
      return `The wire to axle ${at?.[0]} is broken`;
    case 'poor-joint':
      return 'A poor joint or ground that all magnets share';
  }
}

/** A measurement in words. */
export function brakeTestWords({ test, at }: BrakeTest): string {
  switch (test) {
    case 'current':
      return 'Breakaway pin out: measure the current at the battery.';
    case 'ohms':
      return `${at}: part its wires and measure across the magnet.`;
    case 'volts':
      return `${at}: brakes on, measure at the magnet’s wires.`;
  }
}

/** What the meter shows. */
export function brakeReadWords(test: BrakeTest['test'], value: number | undefined): string {
  if (value === undefined) return 'No reading: open';
  return `${formatNumber(value, 1)} ${test === 'current' ? 'A' : test === 'ohms' ? 'Ω' : 'V'}`;
}
