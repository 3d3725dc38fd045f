import { toSI } from '../base';

/** The circle (m) through `studs` evenly spaced studs whose neighbors stand `apart` (m), center to center. */
export function boltCircle(apart: number, studs: number): number {
  return apart / Math.sin(Math.PI / studs);
}

/** The circle (m) of an odd pattern from the far edge of one stud to the center of the next but one (m), with the stud's diameter (m). */
export function boltCircleAcross(across: number, studs: number, studDiameter: number): number {
  return (across - studDiameter / 2) / Math.sin((2 * Math.PI) / studs);
}

const inch = (value: number) => toSI(value, 'in');

/** The patterns that trailers are built with, by studs: circles in m. */
const USUAL: Readonly<Record<number, readonly number[]>> = {
  4: [inch(4)],
  5: [inch(4.5), inch(4.75), inch(5), inch(5.5)],
  6: [inch(5.5)],
  8: [inch(6.5)],
};

/** A measured circle against the usual ones (m): the nearest, and whether it is near enough to be it. */
export interface PatternMatch {
  readonly circle: number;
  readonly usual: number | undefined;
}

/** Names the usual pattern that a measured circle (m) is, within what a rule can be read to. */
export function matchPattern(circle: number, studs: number): PatternMatch {
  const near = (USUAL[studs] ?? []).find((one) => Math.abs(one - circle) <= inch(0.1));
  return { circle, usual: near };
}
