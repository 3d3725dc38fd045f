import { cardDoing, type Duty } from '@/core/duty';
import { isWheelEnd } from '@/core/rig';
import type { RigView } from '@/features/rigs';
import { to, toCard } from '@/links';
import { Button, LinkButton } from '@/ui';

/** What can be done about a duty. */
export interface DutyActions {
  readonly onRecheck: (duty: Duty) => void;
  readonly onDone: (duties: readonly Duty[]) => void;
}

/** The one thing to do about some duties of one routine: the Bench, a sheet, or the place where a fact or a part is told. */
export function DutyAction({
  view,
  duties,
  actions,
  primary = false,
}: {
  view: RigView;
  duties: readonly Duty[];
  actions: DutyActions;
  primary?: boolean;
}) {
  const [duty] = duties;
  if (!duty) return null;
  const look = primary ? 'primary' : 'plain';
  const rig = view.rig.id;
  if (duty.reason === 'no-figure')
    return (
      <LinkButton look={look} href={to('rig', rig)}>
        Enter it
      </LinkButton>
    );
  switch (duty.routine) {
    case 'lug-recheck':
      return (
        <Button look={look} onClick={() => actions.onRecheck(duty)}>
          Recheck
        </Button>
      );
    case 'repack': {
      const run = cardDoing(view.open, { routine: 'repack', place: duty.place });
      const ends = duties.map(({ place }) => place).filter((place) => place !== 'rig' && isWheelEnd(place));
      return (
        <LinkButton
          look={look}
          href={run ? toCard(run.session) : to('bench', rig, { place: ends.join(',') })}
        >
          {run ? 'Go on with the work' : primary ? 'Start the repack' : 'Start'}
        </LinkButton>
      );
    }
    case 'tire-renew':
    case 'battery-renew':
      return (
        <LinkButton
          look={look}
          href={to('parts', rig, { kind: duty.routine === 'battery-renew' ? 'battery' : undefined })}
        >
          Parts
        </LinkButton>
      );
    default:
      return (
        <Button look={look} onClick={() => actions.onDone(duties)}>
          Mark it done
        </Button>
      );
  }
}
