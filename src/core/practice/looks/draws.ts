import type { Random } from '../../base';
import type { Shape } from './shapes';

/** Pictures are drawn in a field of so many units. */
export const FIELD = { width: 320, height: 200 } as const;

/** How a condition is drawn: more of it the higher `much` is (0 to 1), and no two alike. */
export type Draws = (random: Random, much: number) => readonly Shape[];

/** The grades of one subject, best first, each as it is drawn. */
export type Drawn = Readonly<Record<string, Draws>>;

export const between = (random: Random, from: number, to: number) => from + (to - from) * random();
export const upTo = (random: Random, from: number, to: number) => Math.round(between(random, from, to));

/** Nothing to be seen. */
export const nothing: Draws = () => [];
