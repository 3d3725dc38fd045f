import type { Instant } from '../base';
import { workOf, type TripBody } from '../log';
import type { NewEntry } from './new-entry';

/** A trip that was towed, and the rinse after its launches where it was told with it. */
export function tripEntries(body: TripBody, happened: Instant, rinsed: boolean): readonly NewEntry[] {
  return [
    { kind: 'trip', body, happened },
    ...(rinsed && body.launches > 0
      ? [{ kind: 'work' as const, happened, body: workOf([{ routine: 'rinse', place: 'rig' }]) }]
      : []),
  ];
}
