import type { InstrumentNamed } from '@/core/log';
import type { Channel, Fix, Sample } from '@/core/road';

/** What an instrument tells: a figure, where it is, or that it is through or failed. */
export type Told =
  | { readonly told: 'sample'; readonly sample: Sample }
  | { readonly told: 'fix'; readonly fix: Fix }
  | { readonly told: 'end' }
  | { readonly told: 'failed'; readonly why: Failure };

/** Why an instrument tells nothing any more. */
export type Failure = 'refused' | 'lost' | 'none';

/**
 * One source of readings: simulated, recorded, the device's own position, a real instrument some day. Figures are in SI
 * and carry its name; one that is made up says so, and an own yard refuses what it told.
 */
export interface Instrument {
  /** Unique among those at work. */
  readonly id: string;
  readonly named: InstrumentNamed;
  readonly reads: readonly (Channel | 'position')[];
  /** Begins to tell; gives what stops it. */
  readonly start: (tell: (told: Told) => void) => () => void;
}
