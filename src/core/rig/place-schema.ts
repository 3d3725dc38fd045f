import * as z from 'zod/mini';
import { GEAR_IDS } from './gear';

/** Reads a wheel end code. */
export const wheelEndSchema = z.enum(['1L', '1R', '2L', '2R', '3L', '3R']);

/** Reads any place of a rig. */
export const placeSchema = z.enum(['1L', '1R', '2L', '2R', '3L', '3R', 'S1', 'S2', ...GEAR_IDS]);
