import * as z from 'zod/mini';
import { TROUBLE_IDS, type Answers, type TroubleId } from '@/core/trouble';
import type { DraftDef } from '@/store';

/** Where one stands: asked before anything else. */
export const SAFETY = ['place', 'level', 'alone', 'night'] as const;
export type SafetyId = (typeof SAFETY)[number];

/** A trouble under way: what was said of the place, what is seen, and what was answered, in order. */
export interface TroubleDraft {
  readonly safety: Readonly<Partial<Record<SafetyId, 'yes' | 'no'>>>;
  /** The safety page is through. */
  readonly safe: boolean;
  readonly trouble?: TroubleId | undefined;
  readonly answers: Answers;
}

/** How it lies on this device. */
export const TROUBLE_DRAFT: DraftDef<TroubleDraft> = {
  version: 1,
  schema: z.object({
    safety: z.partialRecord(z.enum(SAFETY), z.enum(['yes', 'no'])),
    safe: z.boolean(),
    trouble: z.optional(z.enum(TROUBLE_IDS as [TroubleId, ...TroubleId[]])),
    answers: z.record(z.string(), z.union([z.string(), z.number()])),
  }) as unknown as z.ZodMiniType<TroubleDraft>,
};

/** Where it is kept. */
export const troubleDraftKey = (rig: string): string => `trouble ${rig}`;

/** The answers without one and all that were given after it. */
export function withoutFrom(order: readonly string[], answers: Answers, from: string): Answers {
  const at = order.indexOf(from);
  return Object.fromEntries(Object.entries(answers).filter(([id]) => order.indexOf(id) < at));
}
