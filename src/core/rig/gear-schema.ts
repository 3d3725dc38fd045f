import * as z from 'zod/mini';
import { GEAR_IDS } from './gear';

/** Reads which gear a rig has and has not. */
export const gearSchema = z.partialRecord(z.enum(GEAR_IDS), z.boolean());
