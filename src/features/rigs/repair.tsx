import { cardDoing } from '@/core/duty';
import { remedyOf, type Remedy } from '@/core/judge';
import type { FindingState } from '@/core/log';
import { toCard, toWork } from '@/links';
import { LinkButton } from '@/ui';
import { findingHref } from './links';
import type { RigView } from './use-rigs';

/** What puts a finding right on this rig, and what looks at it again. */
export function remedyIn(
  { rig, model, house }: Pick<RigView, 'rig' | 'model' | 'house'>,
  finding: FindingState,
): Remedy {
  return remedyOf(finding, { model, house, findings: Object.values(rig.findings) });
}

/** Starts the card that puts a finding right; nothing where a part, a welder or a shop does. */
export function RepairButton({
  view,
  finding,
  children,
  size,
}: {
  view: RigView;
  finding: FindingState;
  children: React.ReactNode;
  size?: 'lg';
}) {
  const { jobs, figure } = remedyIn(view, finding);
  // Without its figure no round of torque puts it right.
  if (figure)
    return (
      <LinkButton look="primary" {...(size && { size })} href={findingHref(view.rig.id, finding.id)}>
        Enter the figure
      </LinkButton>
    );
  const open = jobs.map((job) => cardDoing(view.open, job)).find((work) => work !== undefined);
  if (jobs.length === 0) return null;
  return (
    <LinkButton
      look="primary"
      {...(size && { size })}
      href={open ? toCard(open.session) : toWork(view.rig.id, jobs)}
    >
      {open ? 'Go on with the work' : children}
    </LinkButton>
  );
}
