import { useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { isGear, isWheelEnd, type Place } from '@/core/rig';
import { compile, type Job, type Run } from '@/core/routine';
import { routineDef, type RoutinePlace, type WorkId } from '@/core/rules';
import type { RigView } from '@/features/rigs';
import { compileWords, placeName } from '@/text';
import { canBeDone, jobsFromUrl } from './jobs-url';
import { familiesOf } from './work-list';

/** The jobs chosen for a card: which work is in hand, where it is put on or taken off, and why it cannot be. */
export interface Jobs {
  readonly jobs: readonly Job[];
  readonly work: WorkId;
  /** The first of two wheels that change places. */
  readonly partner: Place | undefined;
  /** Why the last tap did nothing. */
  readonly refused: string | undefined;
  readonly isTaken: (place: RoutinePlace) => boolean;
  readonly choose: (work: WorkId) => void;
  readonly toggle: (place: RoutinePlace, of?: WorkId) => void;
  readonly drop: (job: Job) => void;
  readonly set: (jobs: readonly Job[]) => void;
}

/** The jobs chosen on the Bench, begun with those that the address asks for. */
export function useJobs({ model, rig, house }: RigView, open: readonly Run[]): Jobs {
  const params = useSearchParams();
  const isTaken = (place: RoutinePlace) =>
    isWheelEnd(place) &&
    open.some((run) => run.card.jobs.some((job) => job.place === place || job.with === place));
  const [jobs, set] = useState<readonly Job[]>(() =>
    jobsFromUrl(params, model, house).filter((job) => !isTaken(job.place)),
  );
  const [work, setWork] = useState<WorkId>(
    jobs[0]?.routine ?? familiesOf({ model, house })[0]?.[1][0] ?? 'lights',
  );
  const [partner, setPartner] = useState<Place>();
  const [refused, setRefused] = useState<string>();
  const tried = (job: Job) => compile(model, [job], house, { threads: rig.threads });

  const drop = (job: Job) => set(jobs.filter((one) => one !== job));
  const rotate = (place: RoutinePlace) => {
    if (place === 'rig' || isGear(place)) return;
    const there = jobs.find(
      (job) => job.routine === 'tire-rotate' && (job.place === place || job.with === place),
    );
    if (there) return drop(there);
    if (!partner)
      return isWheelEnd(place)
        ? setPartner(place)
        : setRefused('Tap the wheel on the rig first, then its spare.');
    setPartner(undefined);
    if (partner === place) return;
    const job: Job = { routine: 'tire-rotate', place: partner, with: place };
    const card = tried(job);
    if (card.ok) set([...jobs, job]);
    else setRefused(compileWords(card.error));
  };
  const toggle = (place: RoutinePlace, of: WorkId = work) => {
    setRefused(undefined);
    if (isTaken(place)) return setRefused(`${placeName(place)} is open on the bench already.`);
    if (of === 'tire-rotate') return rotate(place);
    if (!canBeDone(model, house, of, place)) {
      const card = tried({ routine: of, place });
      return setRefused(card.ok ? undefined : compileWords(card.error));
    }
    const there = jobs.find((job) => job.routine === of && job.place === place);
    if (there) drop(there);
    else set([...jobs, { routine: of, place }]);
  };
  const choose = (next: WorkId) => {
    setWork(next);
    setPartner(undefined);
    setRefused(undefined);
    const places = routineDef(next).places(model, house);
    const [only] = places;
    if (places.length === 1 && only !== undefined) toggle(only, next);
  };
  const setAll = (all: readonly Job[]) => {
    set(all);
    if (all[0] && !all.some(({ routine }) => routine === work)) setWork(all[0].routine);
  };
  return { jobs, work, partner, refused, isTaken, choose, toggle, drop, set: setAll };
}
