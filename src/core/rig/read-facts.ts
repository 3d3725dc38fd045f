import * as z from 'zod/mini';
import { FACTS } from './part-schema';
import type { Specified } from './source';

type ReadFacts = Readonly<Record<string, Specified<string | number> | null>>;

/** What was read off a part whose kind is told elsewhere: each fact as some kind of part has it; `null` withdraws one. */
export const readFactsSchema: z.ZodMiniType<ReadFacts> = (() => {
  const shape: Record<string, z.ZodMiniType> = {};
  for (const facts of Object.values(FACTS))
    for (const [name, fact] of Object.entries(facts))
      shape[name] = z.union([...(shape[name] ? [shape[name]] : [z.null()]), fact]);
  const all = Object.fromEntries(Object.entries(shape).map(([name, fact]) => [name, z.optional(fact)]));
  return z.strictObject(all) as unknown as z.ZodMiniType<ReadFacts>;
})();
