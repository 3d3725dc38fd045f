import { workOf } from '../src/core/log';
import type { Seeded } from '../e2e/by-script';

/** Two wheels were off: their rechecks come due with the miles. */
export const WORN: Seeded = {
  kind: 'work',
  body: {
    ...workOf([{ routine: 'repack', place: '1L' }]),
    refits: (['1L', '1R'] as const).map((place) => ({
      place,
      limits: [16_093, 40_233, 80_467],
      threads: 'dry' as const,
    })),
  },
};
