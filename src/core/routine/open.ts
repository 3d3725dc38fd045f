import type { OpenWork } from '../duty';
import type { RoutinePlace } from '../rules';
import type { Run } from './run';
import type { Act } from './steps';

/** What leaves a rig unfit until its card is closed: from here on something is loose, up or out. */
const OPENS: ReadonlySet<Act> = new Set([
  'break-loose',
  'jack',
  'threads',
  'frame-up',
  'pull-pin',
  'cap-look',
  'battery-out',
]);

/** The places at which something has been loosened, raised or pulled in this run. */
export function openAt(run: Run): readonly (RoutinePlace | undefined)[] {
  return run.card.steps.flatMap(({ key, step, place }) =>
    OPENS.has(step) && run.records[key]?.state === 'done' ? [place] : [],
  );
}

/** True from the first nut broken loose, wheel raised or pin pulled until the card is closed: the rig may not be towed. */
export function isUnfit(run: Run): boolean {
  return openAt(run).length > 0;
}

/** The work a run leaves open at each of its places, as the tow verdict weighs it. */
export function openWork(run: Run): readonly OpenWork[] {
  const open = openAt(run);
  const whole = open.includes(undefined);
  const places = [...new Set(run.card.jobs.flatMap((job) => [job.place, ...(job.with ? [job.with] : [])]))];
  return places.map((place) => ({
    session: run.id,
    place,
    works: run.card.jobs.flatMap((job) => (job.place === place || job.with === place ? [job.routine] : [])),
    unfit: whole || open.includes(place) || (place === 'rig' && open.length > 0),
    step: Math.min(run.index + 1, run.card.steps.length),
    steps: run.card.steps.length,
    ...(run.parked !== undefined && { parked: run.parked }),
  }));
}
