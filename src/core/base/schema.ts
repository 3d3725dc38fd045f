import * as z from 'zod/mini';
import { isInstant } from './instant';

/** Text of at most so many letters. */
export const text = (most: number) => z.string().check(z.maxLength(most));

/** Words that say something: trimmed, not empty, at most so many letters. */
export const words = (most: number) => z.string().check(z.trim(), z.minLength(1), z.maxLength(most));

/** Text of a shape. */
export const shaped = (shape: RegExp) => z.string().check(z.regex(shape));

/** Far above anything that is measured on a trailer, in any unit of ours, and below where reckoning breaks. */
export const MOST = 1e12;

/** A whole number between two others, both allowed. */
export const whole = (least: number, most: number) => z.int().check(z.minimum(least), z.maximum(most));

/** A number that is not below zero, at most so much. */
export const nonNegative = (most = MOST) => z.number().check(z.minimum(0), z.maximum(most));

/** A number above zero, at most so much. */
export const positive = (most = MOST) => z.number().check(z.positive(), z.maximum(most));

/** A moment, as instants are kept. */
export const moment = z.string().check(z.refine(isInstant, { message: 'not a moment' }));
