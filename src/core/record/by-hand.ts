import type { Instant, Severity } from '../base';
import type { Duty } from '../duty';
import { judgeGrade } from '../judge';
import { workOf, type RigState } from '../log';
import { isWheelEnd, type RigModel, type WheelEnd } from '../rig';
import {
  refitLeft,
  routineDef,
  type HouseRules,
  type RoutineId,
  type RoutinePlace,
  type Subject,
  type WorkId,
} from '../rules';
import type { NewEntry, NewId } from './new-entry';
import { remedyFor, tellFinding } from './finding';
import { answerRechecks } from './recheck';

/** What is known where work is written down by hand. */
export interface ByHand {
  readonly rig: RigState;
  readonly model: RigModel;
  readonly house: HouseRules;
  readonly newId: NewId;
  readonly happened?: Instant;
}

/** What was found at one place where work was done: good, or what is not right in own words. */
export type DoneAt =
  | {
      readonly place: RoutinePlace;
      readonly as: 'good';
      /** What its owner says was done there as well, of what goes with it. */
      readonly also?: readonly RoutineId[] | undefined;
    }
  | { readonly place: RoutinePlace; readonly as: 'wrong'; readonly text: string; readonly verdict: Severity };

/** A wheel that was off for it, or that a shop or the verge left to be torqued, is a refit: its miles start now. */
function isRefit(duty: Duty): boolean {
  if (routineDef(duty.routine as WorkId).wheelOff === true) return true;
  return (
    duty.routine === 'lug-torque' && duty.meters.some((use) => use.cause === 'shop' || use.cause === 'verge')
  );
}

/** Duties of one routine done by hand: the work with what it leaves, rechecks it answers, and a finding where something was not right. */
export function doneEntries(
  duties: readonly Duty[],
  done: readonly DoneAt[],
  { rig, model, house, newId, happened }: ByHand,
): readonly NewEntry[] {
  const routine = duties[0]?.routine as WorkId;
  const when = happened === undefined ? {} : { happened };
  const wheelOff = routineDef(routine).wheelOff === true;
  const refitted = duties.flatMap((duty) =>
    isWheelEnd(duty.place) && isRefit(duty) && done.some(({ place }) => place === duty.place)
      ? [duty.place]
      : [],
  );
  const work = newId();
  return [
    {
      kind: 'work',
      id: work,
      ...when,
      body: {
        ...workOf(
          done.flatMap((one) => [
            { routine, place: one.place },
            ...(one.as === 'good' ? (one.also ?? []) : []).map((also) => ({
              routine: also,
              place: one.place,
            })),
          ]),
        ),
        conditions: done.flatMap(({ place, as }) =>
          routine === 'hub-look' && as === 'good' && isWheelEnd(place)
            ? [
                { place, subject: 'rock' as const, grade: 'none' },
                { place, subject: 'spin' as const, grade: 'free' },
              ]
            : [],
        ),
        refits: refitted.map((place) => {
          const { threads, ...left } = refitLeft(place, house, model);
          // Torqued where it stood: its threads are as they were.
          return wheelOff ? { ...left, threads } : left;
        }),
      },
    },
    ...(routine === 'lug-torque'
      ? answerRechecks(
          done.flatMap(({ place, as }) => (as === 'good' ? [{ place, result: 'held' as const }] : [])),
          rig.refits,
          refitted,
        ).map((draft) => ({ ...draft, ...when }))
      : []),
    ...done.flatMap((one): readonly NewEntry[] =>
      one.as === 'good'
        ? []
        : [
            tellFinding(
              {
                place: one.place,
                verdict: one.verdict,
                text: one.text,
                // A hub that does not rock and spin as it should is opened, or serviced where it stays shut.
                ...(routine === 'hub-look' && remedyFor('rock', one.place, model, house)),
              },
              { rig, from: work, happened },
            ),
          ],
    ),
  ];
}

/** What goes with work that is written down by hand, where its owner says it was done as well: nothing is taken for seen by itself. Of work that is remembered no refit is on record, so its torque is asked for too. */
export function alsoDone(
  routine: RoutineId,
  place: RoutinePlace,
  model: RigModel,
  house: HouseRules,
  when: 'now' | 'remembered',
): readonly RoutineId[] {
  const { covers, wheelOff } = routineDef(routine);
  return covers.filter(
    (id) =>
      routineDef(id).places(model, house).includes(place) &&
      // A wheel that was off is torqued, and a hub that was packed has its grease.
      !(id === 'lug-torque' && wheelOff === true && when === 'now') &&
      id !== 'grease',
  );
}

/** The yearly look at a hub that stays shut, by how it rocks and spins. */
export function hubLookEntries(
  place: WheelEnd,
  grades: readonly { readonly subject: Subject; readonly grade: string }[],
  { rig, model, house, newId }: ByHand,
): readonly NewEntry[] {
  const work = newId();
  return [
    {
      kind: 'work',
      id: work,
      body: {
        ...workOf([{ routine: 'hub-look', place }]),
        conditions: grades.map(({ subject, grade }) => ({ place, subject, grade })),
      },
    },
    ...grades.flatMap(({ subject, grade }): readonly NewEntry[] => {
      const verdict = judgeGrade(
        subject,
        grade,
        house,
        (other) => grades.find((one) => one.subject === other)?.grade,
      )?.verdict;
      if (!verdict || verdict === 'clear') return [];
      return [
        tellFinding(
          { place, verdict, of: { subject, grade }, ...remedyFor(subject, place, model, house, grade) },
          { rig, from: work },
        ),
      ];
    }),
  ];
}

/** Work remembered from before the record began, with the distance towed since (m) where it is known. */
export function memoryEntries(
  routine: WorkId,
  places: readonly RoutinePlace[],
  happened: Instant,
  also: readonly RoutineId[],
  distanceSince?: number,
): readonly NewEntry[] {
  return [
    {
      kind: 'work',
      happened,
      body: {
        ...workOf(
          places.flatMap((place) => [routine, ...also].map((work) => ({ routine: work, place }))),
          'memory',
        ),
        ...(distanceSince !== undefined && { distanceSince }),
      },
    },
  ];
}
