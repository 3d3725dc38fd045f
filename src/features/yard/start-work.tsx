'use client';

import type { Duty } from '@/core/duty';
import { isWheelEnd } from '@/core/rig';
import type { Job } from '@/core/routine';
import { remedyIn, type RigView } from '@/features/rigs';
import type { DutyActions } from '@/features/duties';
import { to, toCard, toWork } from '@/links';
import { Button, LinkButton } from '@/ui';
import { nextItems } from './next-items';

/** What presses most of what work can be done about: the repair of a finding, or the duties of one kind. */
function pressing(view: RigView): { readonly repair: readonly Job[] } | { readonly duties: readonly Duty[] } {
  for (const item of nextItems(view)) {
    if (item.is === 'duties') return { duties: item.duties };
    if (item.is !== 'finding') continue;
    const { jobs } = remedyIn(view, item.finding);
    if (jobs.length > 0) return { repair: jobs };
  }
  return { duties: [] };
}

/** The way to the work that presses most: what is open goes on, else the gravest of what is due. */
export function StartWork({ view, actions }: { view: RigView; actions: DutyActions }) {
  const look = view.tow.fitness === 'fit' ? 'plain' : 'primary';
  const size = { size: 'lg', className: 'md:min-h-13' } as const;
  const bench = to('bench', view.rig.id);
  const open = view.open[0];
  const link = (href: string, words = 'Start the work') => (
    <LinkButton href={href} look={look} {...size}>
      {words}
    </LinkButton>
  );
  if (open) return link(toCard(open.session), 'Go on with the work');
  const press = pressing(view);
  if ('repair' in press) return link(toWork(view.rig.id, press.repair));
  const { duties } = press;
  const [first] = duties;
  if (!first) return link(bench);
  switch (first.routine) {
    case 'repack': {
      const ends = duties.map(({ place }) => place).filter((place) => isWheelEnd(place));
      return link(`${bench}&place=${ends.join(',')}`);
    }
    case 'tire-renew':
    case 'battery-renew':
      return link(
        to('parts', view.rig.id, { kind: first.routine === 'battery-renew' ? 'battery' : undefined }),
      );
    default: {
      const start = () =>
        first.routine === 'lug-recheck' ? actions.onRecheck(first) : actions.onDone(duties);
      return (
        <Button look={look} {...size} onClick={start}>
          Start the work
        </Button>
      );
    }
  }
}
