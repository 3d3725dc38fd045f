'use client';

import { isGear, isSpare, isWheelEnd, placesOf, type Place } from '@/core/rig';
import type { Job } from '@/core/routine';
import { markOfDuty } from '@/core/base';
import { routineDef, type WorkId } from '@/core/rules';
import type { RigView } from '@/features/rigs';
import { placeName, workTitle } from '@/text';
import { Button, cx, FieldError, RigPlan, type PlaceLabel } from '@/ui';
import type { Jobs } from './use-jobs';

const NOTE = {
  clear: 'current',
  soon: 'soon due',
  unknown: 'no record',
  due: 'due',
  overdue: 'overdue',
} as const;

/** How some work stands at each place where it can be done. */
function labelsOf(view: RigView, work: WorkId): Partial<Record<Place, PlaceLabel>> {
  const labels = view.duties.flatMap((duty) =>
    duty.routine === work && duty.place !== 'rig' && isWheelEnd(duty.place)
      ? [[duty.place, { mark: markOfDuty(duty.verdict), note: NOTE[duty.verdict] }] as const]
      : [],
  );
  return Object.fromEntries(labels);
}

/** What is asked of the drawing for the work that is chosen. */
function ask({ work, jobs, partner }: Jobs): string {
  const title = workTitle(work);
  if (work === 'tire-rotate')
    return partner ? `${title}: ${partner} swaps with which?` : `${title}: tap the two to swap.`;
  return jobs.some(({ routine }) => routine === work)
    ? 'Tap another place, or other work: set-up is shared, one corner is up at a time.'
    : `${title}: tap where. Set-up is shared, one corner is up at a time.`;
}

/** Where the chosen work is done: the rig drawn, its gear as buttons, or the whole of it. */
export function WorkPlaces({ view, chosen }: { view: RigView; chosen: Jobs }) {
  const { model, house } = view;
  const { jobs, work, partner, refused, isTaken, toggle, set } = chosen;
  const where = routineDef(work).places(model, house);
  const offered = (
    work === 'tire-rotate'
      ? placesOf(model).filter((place) => isWheelEnd(place) || isSpare(place))
      : placesOf(model)
  ).filter((place) => isWheelEnd(place) || where.includes(place) || work === 'tire-rotate');
  const atWork = jobs.filter(({ routine }) => routine === work);
  const plan = {
    model,
    labels: labelsOf(view, work),
    chosen: [...atWork.flatMap((job) => [job.place, job.with]), partner].filter(
      (place) => place !== undefined && place !== 'rig',
    ),
    choosable: offered,
    onChoose: (place: Place) => toggle(place),
  };
  const aboutPlaces = where.some((place) => place !== 'rig');
  const listed = where.filter((place) => place !== 'rig' && isGear(place));
  const onAll = () => {
    const all = where.filter((place) => !isTaken(place)).map((place): Job => ({ routine: work, place }));
    set([...jobs.filter(({ routine }) => routine !== work), ...all]);
  };
  return (
    <div className="border-line bg-sheet rounded-sheet border">
      <p className="border-line border-b px-4 py-2.5 text-lg">
        {aboutPlaces ? ask(chosen) : `${workTitle(work)} is done to the whole rig.`}
      </p>
      <RigPlan
        {...plan}
        heading="left"
        className={cx('hidden px-4 md:block', jobs.length > 0 && 'xl:hidden')}
      />
      <RigPlan
        {...plan}
        heading="up"
        className={cx('mx-auto max-w-sm py-3 md:hidden', jobs.length > 0 && 'xl:block')}
      />
      {refused && (
        <div className="border-line border-t px-4 py-2">
          <FieldError>{refused}</FieldError>
        </div>
      )}
      <div className="border-line flex flex-wrap gap-2 border-t px-4 py-3">
        {!aboutPlaces && (
          <Button aria-pressed={atWork.length > 0} onClick={() => toggle('rig')}>
            {atWork.length > 0 ? 'Take it off the card' : 'Put it on the card'}
          </Button>
        )}
        {listed.map((place) => (
          <Button
            key={place}
            look={atWork.some((job) => job.place === place) ? 'primary' : 'plain'}
            aria-pressed={atWork.some((job) => job.place === place)}
            className="px-3"
            onClick={() => toggle(place)}
          >
            {placeName(place)}
          </Button>
        ))}
        {where.length > 1 && work !== 'tire-rotate' && <Button onClick={onAll}>All {where.length}</Button>}
      </div>
    </div>
  );
}
