import type { FindingState } from '../log';
import type { NewEntry } from './new-entry';

/** Who a finding waits for, as it was told. */
export interface WaitsTold {
  readonly who: string;
  readonly booked: string;
  readonly tow: boolean | undefined;
  readonly note: string;
}

/** A finding that waits for someone, or for nobody any more. */
export function waitsEntry({ id }: Pick<FindingState, 'id'>, told: WaitsTold | undefined): NewEntry {
  if (!told) return { kind: 'finding.waits', body: { finding: id } };
  const note = told.note.trim().slice(0, 500);
  return {
    kind: 'finding.waits',
    body: {
      finding: id,
      who: told.who.trim().slice(0, 80),
      ...(told.booked !== '' && { booked: told.booked }),
      ...(told.tow !== undefined && { tow: told.tow }),
      ...(note !== '' && { note }),
    },
  };
}

/** A finding closed because nothing is to be done, with its owner's reason. */
export function needlessEntry({ id }: Pick<FindingState, 'id'>, why: string): NewEntry {
  return { kind: 'finding.closed', body: { finding: id, needless: true, how: why.trim().slice(0, 500) } };
}

/** What its owner decided about a finding, or about the rig, and why; which opinion it answers. */
export function decisionEntry(
  finding: Pick<FindingState, 'id' | 'place'> | undefined,
  told: { readonly decided: string; readonly why: string; readonly opinion?: string | undefined },
): NewEntry {
  return {
    kind: 'decision',
    body: {
      place: finding?.place ?? 'rig',
      ...(finding && { finding: finding.id }),
      ...(told.opinion !== undefined && { opinion: told.opinion }),
      decided: told.decided.trim().slice(0, 500),
      why: told.why.trim().slice(0, 500),
    },
  };
}
