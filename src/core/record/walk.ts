import type { TowReason } from '../duty';
import { isOfAir, type GoDecision, type PhotoBody, type RigState, type WalkBody, type Found } from '../log';
import type { RigModel } from '../rig';
import type { HouseRules } from '../rules';
import {
  isGlance,
  itemsOf,
  standsAs,
  walkBody,
  type Answers,
  type Around,
  type GoVerdict,
  type Judged,
  type Walk,
} from '../road';
import type { NewEntry, NewId } from './new-entry';
import { findingOf, remedyFor, tellFinding } from './finding';
import { photoEntry, type PhotoSize } from './photo';
import { answerRechecks, resultOf, type Wrenched } from './recheck';

/** A walk as it was walked and judged. */
export interface WalkedRound {
  readonly walk: Walk;
  readonly answers: Answers;
  readonly around: Around;
  readonly judged: readonly Judged[];
  readonly rig: Pick<RigState, 'findings' | 'refits'>;
  readonly model: RigModel;
  readonly house: HouseRules;
  readonly decision: WalkBody['decision'];
  readonly minutes: number;
  /** Pictures by the item they show. */
  readonly photos: readonly { readonly item: string; readonly photo: PhotoSize }[];
  readonly newId: NewId;
}

/** What an item of a walk shows that is not right; nothing where it is clear or was not judged. */
export function foundOnWalk(judged: Judged, model: RigModel, house: HouseRules): Found | undefined {
  const { item, answer, of } = judged;
  // Filled there and then, a tire stands as it was left.
  const verdict = standsAs(judged);
  if (verdict === undefined || verdict === 'clear') return undefined;
  const what = of && 'what' in of ? item.reads : undefined;
  const note = answer.words?.trim();
  // Told in its owner's words: no rule is known for it.
  if (item.own) return { place: item.place, verdict, text: note ? `${item.own}: ${note}` : item.own };
  return {
    place: item.place,
    verdict,
    of: of ?? { notRight: item.look },
    ...(note && { note }),
    ...remedyFor(what ?? item.subject, item.place, model, house, answer.grade),
  };
}

/** The wheels whose nuts were gone round with a wrench. */
function wrenchedOn(judged: readonly Judged[]): readonly Wrenched[] {
  return judged.flatMap(({ item, answer }) =>
    item.look === 'torque' && answer.as !== 'skipped'
      ? [
          {
            place: item.place,
            result: answer.as === 'clear' ? ('held' as const) : resultOf(answer.grade ?? 'loose'),
          },
        ]
      : [],
  );
}

/** What stood against going, as it is kept: by what it is, so that it is told in words when it is read. */
function standingOf(reason: TowReason): NonNullable<GoDecision['standing']>[number] {
  switch (reason.kind) {
    case 'finding':
      return { finding: reason.finding.id };
    case 'limits':
      return { finding: reason.limits.by.id };
    case 'duty':
      return { routine: reason.duty.routine, place: reason.duty.place };
    case 'open-work':
      return { open: reason.work.place };
    case 'conflict': {
      const { code, place, have, want } = reason.conflict;
      return {
        conflict: code,
        place,
        ...(have !== undefined && { have }),
        ...(want !== undefined && { want }),
      };
    }
  }
}

/** What its owner says at the end of a walk that decides: against the rule with why, until when, and where it was. */
export interface Decided {
  readonly against: boolean;
  readonly why: string;
  readonly until: string;
  readonly where: string;
}

/** Whether to go, as it goes on record: by rule, and as its owner decided. */
export function decisionOf({ go: rule, reasons }: GoVerdict, { against, ...told }: Decided): GoDecision {
  const go = against ? 'care' : rule;
  const [why, until, where] = [told.why.trim(), told.until.trim(), told.where.trim()];
  const standing = reasons.flatMap((one) => (one.kind === 'standing' ? [standingOf(one.reason)] : []));
  return {
    rule,
    go,
    ...(go === 'care' && until !== '' && { until }),
    ...(against && { why }),
    ...(standing.length > 0 && { standing }),
    ...(where !== '' && { where }),
  };
}

/** Open findings that this walk looked at and found no longer there: what was only watched, by its grade; a pressure, by its figure. */
function goneOnWalk(
  { walk }: Walk,
  judged: readonly Judged[],
  rig: Pick<RigState, 'findings'>,
): readonly NewEntry[] {
  return Object.values(rig.findings).flatMap(({ id, place, verdict, of }): NewEntry[] => {
    const air = isOfAir(of);
    if (!of || (verdict === 'stop' && !air)) return [];
    const again = judged.find(
      (one) =>
        one.item.place === place &&
        one.answer.as !== 'skipped' &&
        !isGlance(walk, one.item.look) &&
        standsAs(one) === 'clear' &&
        ('subject' in of
          ? verdict === 'watch' && one.item.subject === of.subject && one.answer.value === undefined
          : air && one.item.reads === 'pressure' && one.answer.value !== undefined),
    );
    return again
      ? [{ kind: 'finding.closed', body: { finding: id, gone: true, ...(again.of && { of: again.of }) } }]
      : [];
  });
}

/** What a walk puts on the log: itself, rechecks it answered, findings it opened or saw again, and its pictures. */
export function walkEntries(told: WalkedRound): readonly NewEntry[] {
  const { walk, answers, around, judged, rig, model, house, decision, minutes, newId } = told;
  const walkId = newId();
  const found = judged.flatMap((one) => {
    const shown = foundOnWalk(one, model, house);
    return shown ? [{ item: one.item, draft: tellFinding(shown, { rig, from: walkId, id: newId() }) }] : [];
  });
  const photos = told.photos.map(({ item, photo }): NewEntry => {
    const about = found.find((one) => one.item.key === item);
    const place: PhotoBody['place'] = itemsOf(walk).find(({ key }) => key === item)?.place ?? 'rig';
    return photoEntry(photo, place, { of: (about && findingOf(about.draft)) ?? walkId });
  });
  const body: WalkBody = { ...walkBody(walk, answers, around), minutes, ...(decision && { decision }) };
  return [
    { kind: 'walk', id: walkId, body },
    ...answerRechecks(wrenchedOn(judged), rig.refits),
    ...found.map(({ draft }) => draft),
    ...goneOnWalk(walk, judged, rig),
    ...photos,
  ];
}
