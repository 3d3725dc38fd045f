import { GUESSES } from '../figures';
import type { Subject } from '../rules';

/** What is practiced on simulated parts, in the order it is offered. */
export const DRILLS = ['nut', 'listen', 'order', 'grade', 'star', 'fault'] as const;
export type DrillId = (typeof DRILLS)[number];

/** All that can be practiced: the drills, then the figures that are guessed before they are worked out. */
export const PRACTICED = [...DRILLS, ...GUESSES] as const;
export type PracticeId = (typeof PRACTICED)[number];

/** One session of the first course: what it comes to, and of grading the subjects it keeps to. */
export interface Session {
  readonly id: string;
  readonly drill: PracticeId;
  readonly subjects?: readonly Subject[];
}

/** The first course, for somebody who has just bought a trailer: what can hurt on the way home comes first. */
export const COURSE = [
  { id: 'bring-home', drill: 'star' },
  { id: 'its-tires', drill: 'grade', subjects: ['tire-wall', 'wear', 'tread'] },
  { id: 'no-brake-light', drill: 'fault' },
  { id: 'loading', drill: 'balance' },
  { id: 'cold-morning', drill: 'leak' },
  { id: 'first-jack', drill: 'order' },
  { id: 'spun-by-hand', drill: 'listen' },
  { id: 'hub-open', drill: 'grade', subjects: ['rollers', 'spindle', 'seal', 'old-grease', 'lining'] },
  { id: 'hub-closed', drill: 'nut' },
] as const satisfies readonly Session[];
/** A session of the course by its id. */
export type SessionId = (typeof COURSE)[number]['id'];
