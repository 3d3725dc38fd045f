import { partAt, type PaperFigures, type PaperId, type RigState } from '../log';
import { factValue, wheelEnds, type FactId, type RigModel } from '../rig';
import type { NewEntry } from './new-entry';

/** What of the facts stands on the tongue card. */
const ON_THE_CARD: readonly FactId[] = [
  'torque',
  'pressure',
  'socket',
  'maxPressure',
  'tireSize',
  'loadRange',
  'liftPoint',
  'liftHeight',
  'gvwr',
];
/** What of the parts does: read off what sits at each wheel end. */
const NUMBERS = [
  ['innerSet', 'roller'],
  ['outerSet', 'roller'],
  ['seal', 'number'],
] as const;

/** What the tongue card says by now: raw values (SI) by what they are. */
export function tongueFigures(rig: Pick<RigState, 'parts'>, model: RigModel): PaperFigures {
  const told: Record<string, string | number> = {};
  const put = (name: string, raw: unknown) => {
    const value = raw && typeof raw === 'object' && 'value' in raw ? raw.value : raw;
    if (typeof value === 'number') told[name] = value;
    else if (typeof value === 'string') told[name] = value.slice(0, 80);
  };
  for (const id of ON_THE_CARD) put(id, factValue(model, id));
  for (const end of wheelEnds(model))
    for (const [kind, fact] of NUMBERS) put(`${kind}-${end}`, partAt(rig, kind, end)?.facts[fact]);
  return told;
}

/** A paper that was made, with what it was made with where it is asked later what has changed. */
export function paperEntry(paper: PaperId, rig: Pick<RigState, 'parts'>, model: RigModel): NewEntry {
  return {
    kind: 'paper',
    body: { paper, ...(paper === 'tongue' && { figures: tongueFigures(rig, model) }) },
  };
}

/** What the tongue card was printed with that is otherwise now, new or gone, by what it is; undefined where none was printed. */
export function changedSincePrinted(
  rig: Pick<RigState, 'parts' | 'papers'>,
  model: RigModel,
): readonly string[] | undefined {
  const printed = rig.papers.tongue?.figures;
  if (!printed) return undefined;
  const now = tongueFigures(rig, model);
  return [...new Set([...Object.keys(printed), ...Object.keys(now)])].filter(
    (name) => printed[name] !== now[name],
  );
}
