import { msOf, type Instant } from '../base';

/** What practice begins from where no seed is asked for: the moment. */
export const firstSeed = (now: Instant): number => (msOf(now) % 999_983) + 1;

/** The seed after one: seeds that follow each other are of no kin. */
export const nextSeed = (seed: number): number => seed + 7919;
