import { partSchema, type PartFacts } from '../rig';
import type { PartState, RigState } from './state';

/** The parts of a rig after something was read off one; undefined where the part is not there or cannot have such a fact. */
export function readPart(
  rig: Pick<RigState, 'parts'>,
  id: string,
  read: Readonly<Record<string, PartFacts[string] | null>>,
): Readonly<Record<string, PartState>> | undefined {
  const part = rig.parts[id];
  if (!part) return undefined;
  const facts = Object.fromEntries(
    Object.entries({ ...part.facts, ...read }).filter(([, spec]) => spec !== null && spec !== undefined),
  );
  const spec = partSchema.safeParse({ kind: part.kind, facts });
  return spec.success ? { ...rig.parts, [id]: { ...part, facts: spec.data.facts } } : undefined;
}
