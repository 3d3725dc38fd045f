import { instantOf, type Instant } from '@/core/base';

/** Where the time comes from. The demo has a clock of its own, so that its pictures repeat. */
export interface Clock {
  /** The present moment. */
  readonly now: () => Instant;
}

/** The device's clock. */
export const deviceClock: Clock = { now: () => instantOf(Date.now()) };

/** A clock that read `start` when the device's read `opened`, and runs on from there. */
export function clockFrom(start: Instant, opened: Instant): Clock {
  const ahead = Date.parse(start) - Date.parse(opened);
  return { now: () => instantOf(Date.now() + ahead) };
}
