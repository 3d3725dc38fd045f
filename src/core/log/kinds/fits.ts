import * as z from 'zod/mini';
import { words } from '../../base';
import { PART_KINDS, SOURCES } from '../../rig';
import { defineKind } from '../define';

const body = z.strictObject({
  kind: z.enum(PART_KINDS),
  /** Which of its numbers: a bearing has one for the roller and one for the race. */
  fact: z.enum(['number', 'roller', 'race']),
  number: words(40),
  /** Another maker's number that fits as well. */
  also: words(40),
  /** Who says so; a guess is noted, and held against nothing. */
  source: z.enum(SOURCES),
});

/** What else fits. */
export type FitsBody = z.infer<typeof body>;

/** A number that another one fits in place of, as its owner found out. */
export const fits = defineKind({
  kind: 'fits',
  version: 1,
  body,
  group: 'parts',
  places: () => [],
  corrected: 'elsewhere',
  upcasters: [],
  apply: (rig, told) => ({ fits: [...rig.fits, told] }),
});
