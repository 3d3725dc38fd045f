import { cureOf } from '../judge';
import { findingKey, type Evidence, type FindingState, type Found, type RigState } from '../log';
import type { RigModel } from '../rig';
import type { HouseRules, RoutinePlace, Subject, JudgedReading, WorkId } from '../rules';
import type { NewEntry } from './new-entry';

/** The open finding that rests on the same thing at the same place. */
export function sameFinding(
  findings: RigState['findings'],
  place: string,
  of: Evidence | undefined,
): FindingState | undefined {
  const key = findingKey(place, of);
  return key === undefined
    ? undefined
    : Object.values(findings).find((one) => findingKey(one.place, one.of) === key);
}

/** The work that puts right what a grade or a reading showed; none where nothing but a renewal does. */
export function remedyFor(
  what: Subject | JudgedReading,
  place: RoutinePlace,
  model: RigModel,
  house: Pick<HouseRules, 'grease' | 'renewal' | 'hubs'>,
  grade?: string,
): { readonly remedy: WorkId } | undefined {
  const remedy = cureOf(what, place, model, house, grade);
  return remedy && { remedy };
}

/** How a finding comes to the log. */
export interface Telling {
  /** The rig as it stands; what is closed in the same breath stands no more. */
  readonly rig: Pick<RigState, 'findings'> | undefined;
  readonly closing?: readonly string[];
  /** The walk, work or test that found it. */
  readonly from?: string | undefined;
  /** Its own id, where pictures speak of it. */
  readonly id?: string | undefined;
  readonly happened?: string | undefined;
}

/** Something that is not right, for the log: the finding that stands for it is seen again, else one is opened. */
export function tellFinding(found: Found, { rig, closing = [], from, id, happened }: Telling): NewEntry {
  const same = rig && sameFinding(rig.findings, found.place, found.of);
  const when = happened === undefined ? {} : { happened };
  const about = {
    verdict: found.verdict,
    ...(found.of && { of: found.of }),
    ...(found.limit && { limit: found.limit }),
    ...(from !== undefined && { from }),
  };
  if (same && !closing.includes(same.id)) {
    const note = [found.text, found.note].filter(Boolean).join('. ').slice(0, 500);
    return {
      kind: 'finding.seen',
      ...when,
      body: {
        finding: same.id,
        ...about,
        // Told again as one that stays: what was left of an earlier limit does not hold any more.
        ...(same.limit && !found.limit && found.verdict === 'stop' && { stays: true as const }),
        ...(note !== '' && { note }),
      },
    };
  }
  const { text, note, remedy, place } = found;
  return {
    kind: 'finding.opened',
    ...when,
    ...(id !== undefined && { id }),
    body: {
      place,
      ...about,
      ...(text !== undefined && { text: text.slice(0, 500) }),
      ...(note !== undefined && note !== '' && { note: note.slice(0, 500) }),
      ...(remedy && { remedy }),
    },
  };
}

/** The finding that a draft is about. */
export function findingOf(draft: NewEntry): string | undefined {
  if (draft.kind === 'finding.seen') return draft.body.finding;
  return draft.kind === 'finding.opened' ? draft.id : undefined;
}
