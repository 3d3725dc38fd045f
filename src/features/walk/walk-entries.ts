import type { WalkBody } from '@/core/log';
import type { RigState } from '@/core/log';
import { isWheelEnd, type RigModel } from '@/core/rig';
import type { HouseRules } from '@/core/rules';
import type { UnitSystem } from '@/core/quantity';
import { findingsOfWalk, walkBody, type Judged, type Walk } from '@/core/walk';
import { photoDraft, type Draft } from '@/features/common';
import { walkFindingText } from '@/text';
import type { WalkDraft } from './walk-draft';

interface Making {
  readonly draft: WalkDraft;
  readonly walk: Walk;
  readonly judged: readonly Judged[];
  readonly rig: Pick<RigState, 'findings' | 'refits'>;
  readonly model: RigModel;
  readonly house: HouseRules;
  readonly decision: WalkBody['decision'];
  readonly minutes: number;
  readonly id: () => string;
  readonly units: UnitSystem;
}

/** What a look with the wrench says of an open recheck. */
function recheckResult({ answer }: Judged): 'held' | 'moved' | 'loose' {
  if (answer.as === 'clear') return 'held';
  return answer.grade === 'moved' ? 'moved' : 'loose';
}

/** What a walk puts on the log: itself, rechecks it closed, findings it opened or saw again, and its pictures. */
export function walkEntries(making: Making): readonly Draft[] {
  const { draft, walk, judged, rig, model, house, decision, minutes, id, units } = making;
  const walkId = id();
  const found = findingsOfWalk(judged, rig, model, house).map((one) => ({
    one,
    finding: one.do === 'seen' ? one.finding.id : id(),
  }));
  const body: WalkBody = {
    ...walkBody(walk, draft.answers, draft.around),
    minutes,
    ...(decision && { decision }),
  };
  const rechecks = judged.flatMap((one): Draft[] => {
    const { item, answer } = one;
    if (item.look !== 'torque' || answer.as === 'skipped' || !isWheelEnd(item.place)) return [];
    if (!rig.refits[item.place]) return [];
    return [{ kind: 'recheck', body: { place: item.place, result: recheckResult(one) } }];
  });
  const findings = found.map(({ one, finding }): Draft => {
    const { judged: seen, verdict } = one;
    const text = walkFindingText(seen, units).slice(0, 500);
    const of = seen.of && { of: seen.of };
    return one.do === 'seen'
      ? { kind: 'finding.seen', body: { finding, verdict, text, ...of, from: walkId } }
      : {
          kind: 'finding.opened',
          id: finding,
          body: {
            place: seen.item.place,
            verdict,
            text,
            ...of,
            ...(one.pulls && { pulls: one.pulls }),
            from: walkId,
          },
        };
  });
  const photos = draft.photos.map(({ item, photo }): Draft => {
    const about = found.find(({ one }) => one.judged.item.key === item);
    const place = walk.zones.flatMap((zone) => zone.items).find(({ key }) => key === item)?.place ?? 'rig';
    return photoDraft(photo, place, { of: about?.finding ?? walkId });
  });
  return [{ kind: 'walk', id: walkId, body }, ...rechecks, ...findings, ...photos];
}
