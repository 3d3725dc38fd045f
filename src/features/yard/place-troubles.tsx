import { markOfVerdict } from '@/core/base';
import type { FindingState } from '@/core/log';
import type { Place } from '@/core/rig';
import { remedyIn, RepairButton, type RigView } from '@/features/rigs';
import { to } from '@/links';
import { usePreferences } from '@/store';
import { capital, conflictWords, day, findingWords, jobsTitle, limitStands, VERDICT_WORDS } from '@/text';
import { Button, LinkButton, Mark } from '@/ui';

/** What is wrong at a place: findings to be fixed, and the conflict there. */
export function PlaceTroubles({
  view,
  place,
  now,
  onFix,
}: {
  view: RigView;
  place: Place;
  now: string;
  onFix: (finding: FindingState) => void;
}) {
  const { units } = usePreferences();
  const findings = Object.values(view.rig.findings).filter((finding) => finding.place === place);
  const conflicts = view.conflicts.filter((conflict) => conflict.place === place);
  return (
    <>
      {findings.map((finding) => (
        <section key={finding.id} className="border-line border-b py-4">
          <p className="flex items-start gap-2.5">
            <Mark mark={markOfVerdict(finding.verdict)} size={24} />
            <span>
              <span className="font-semibold">{VERDICT_WORDS[finding.verdict]}:</span>{' '}
              {findingWords(finding, units)}
              <span className="text-soft block">seen {day(finding.at, now)}</span>
              {finding.limit && (
                <span className="block">{capital(limitStands(finding, view.rig.distance, units) ?? '')}</span>
              )}
            </span>
          </p>
          <div className="mt-3 flex flex-wrap gap-2.5">
            <RepairButton view={view} finding={finding}>
              {jobsTitle(remedyIn(view, finding).jobs)}
            </RepairButton>
            <LinkButton href={to('finding', view.rig.id, { id: finding.id })}>Photos and story</LinkButton>
            {!remedyIn(view, finding).figure && <Button onClick={() => onFix(finding)}>Fixed</Button>}
          </div>
        </section>
      ))}
      {conflicts.map((conflict) => {
        const { title, why } = conflictWords(conflict, units);
        return (
          <section key={conflict.id} className="border-line border-b py-4">
            <p className="flex items-start gap-2.5">
              <Mark mark={markOfVerdict(conflict.verdict)} size={24} spoken />
              <span>
                <span className="font-semibold">{capital(title)}.</span>{' '}
                <span className="text-soft">{why}</span>
              </span>
            </p>
          </section>
        );
      })}
    </>
  );
}
