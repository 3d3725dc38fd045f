import * as z from 'zod/mini';
import { MOST, words } from './schema';

/** The id of an entry, a rig or what else has one; the same id in large letters is the same. */
export const uuid = () => z.uuid().check(z.toLowerCase());

/** A name that tables are asked by: letters and dashes, and nothing that every object answers to by itself. */
export const code = (shape = /^[a-z][A-Za-z-]{0,59}$/) =>
  z.string().check(
    z.regex(shape),
    z.refine((name) => !(name in Object.prototype), { message: 'not a name of anything' }),
  );

/** Words that something is kept under: none that every object answers to by itself. */
export const keyWords = (most: number) =>
  words(most).check(z.refine((name) => !(name in Object.prototype), { message: 'not a name of anything' }));

/** A number that can be reckoned with. */
export const figure = () => z.number().check(z.minimum(-MOST), z.maximum(MOST));
