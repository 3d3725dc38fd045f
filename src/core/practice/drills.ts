import type { Subject } from '../rules';

/** What can be practiced, in the order it is offered. */
export const DRILLS = ['nut', 'listen', 'order', 'grade', 'star', 'fault', 'leak', 'tongue', 'drag'] as const;
export type DrillId = (typeof DRILLS)[number];

/** One session of the first course: the drill it comes to, and of grading the subjects it keeps to. */
export interface Session {
  readonly id: string;
  readonly drill: DrillId;
  readonly subjects?: readonly Subject[];
}

/** The first course, for somebody who has just bought a trailer: what can hurt on the way home comes first. */
export const COURSE = [
  { id: 'bring-home', drill: 'star' },
  { id: 'its-tires', drill: 'grade', subjects: ['tire-wall', 'wear', 'tread'] },
  { id: 'no-brake-light', drill: 'fault' },
  { id: 'loading', drill: 'tongue' },
  { id: 'cold-morning', drill: 'leak' },
  { id: 'first-jack', drill: 'order' },
  { id: 'spun-by-hand', drill: 'listen' },
  { id: 'hub-open', drill: 'grade', subjects: ['rollers', 'spindle', 'seal', 'old-grease', 'lining'] },
  { id: 'hub-closed', drill: 'nut' },
  { id: 'brakes-set', drill: 'drag' },
] as const satisfies readonly Session[];
/** A session of the course by its id. */
export type SessionId = (typeof COURSE)[number]['id'];
