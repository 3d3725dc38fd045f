import { tripOutlook, type Outlook } from '@/core/duty';
import type { PlannedState } from '@/core/log';
import type { RigView } from './use-rigs';

/** The trips of a rig that are planned and not over, the next first. */
export function tripsAhead({ rig, now }: Pick<RigView, 'rig' | 'now'>): readonly PlannedState[] {
  const today = now.slice(0, 10);
  return Object.values(rig.planned)
    .filter((trip) => trip.at.slice(0, 10) >= today)
    .sort((a, b) => (a.at < b.at ? -1 : 1));
}

/** What a trip ahead runs into, after the trips planned before it. */
export function outlookOf(
  view: Pick<RigView, 'rig' | 'now' | 'duties'>,
  trip: Pick<PlannedState, 'id' | 'at' | 'distance' | 'launches'>,
): Outlook {
  const before = tripsAhead(view).filter((one) => one.id !== trip.id && one.at < trip.at);
  const earlier = {
    distance: before.reduce((sum, one) => sum + one.distance, 0),
    launches: before.reduce((sum, one) => sum + one.launches, 0),
  };
  return tripOutlook(view.rig, view.duties, trip, earlier);
}
