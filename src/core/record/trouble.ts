import { addDays, type Instant } from '../base';
import {
  limitUsed,
  makeEntry,
  partAt,
  rigAfter,
  roadLimits,
  workOf,
  type FindingState,
  type RigState,
  type ToldLimit,
  type TroubleBody,
} from '../log';
import { isWheelEnd, type Place, type RigModel } from '../rig';
import type { Job } from '../routine';
import {
  isLook,
  refitLeft,
  routineDef,
  type HouseRules,
  type WorkId,
  leftDef,
  ROLLS,
  troubleDef,
  type KitId,
  type LeftId,
  type RoadVerdict,
} from '../rules';
import { leftPlaces, soFar } from '../road';
import { tellFinding } from './finding';
import { inTurn, type NewEntry, type NewId } from './new-entry';
import { photoEntry, type PhotoSize } from './photo';

/** A limit of the road has a date beside its miles: our default, by the rows that name one. */
const LIMIT_DAYS = 7;

/** When a limit of the road that is told now ends, whatever miles are left. */
export function limitEnds(now: Instant): Instant {
  return addDays(now, LIMIT_DAYS);
}

/** A trouble as it was met. */
export interface TroubleTold extends Omit<TroubleBody, 'verdict'> {
  /** How the nuts of a wheel that was off were left. */
  readonly torqued?: 'figure' | 'hard' | undefined;
  /** What was used up. */
  readonly used: readonly KitId[];
  readonly photos: readonly PhotoSize[];
}

/** What is known where a trouble is told. */
export interface TroubleAt {
  readonly rig: RigState;
  readonly model: RigModel;
  readonly house: HouseRules;
  readonly now: Instant;
  readonly newId: NewId;
}

/** True for a verdict that holds once its work is done: put right on the spot, or a spare that carries so far. */
export function holdsOnceDone(trouble: TroubleBody['trouble'], { roll, because }: RoadVerdict): boolean {
  return roll === 'here' || (troubleDef(trouble).onceDone ?? []).includes(because);
}

/** The job that puts a trouble right on the spot, where this rig has such work at the place. */
export function troubleJob(
  { trouble, place }: Pick<TroubleBody, 'trouble' | 'place'>,
  { because }: RoadVerdict,
  model: RigModel,
  house: HouseRules,
): Job | undefined {
  const work = troubleDef(trouble).work?.(because);
  return work && routineDef(work).places(model, house).includes(place) ? { routine: work, place } : undefined;
}

/** Until when and how far it may be towed, by the verdict on the road; none at home. */
const limitOf = (verdict: RoadVerdict, told: TroubleTold, now: Instant): ToldLimit | undefined =>
  told.underWay ? limitIn(verdict, told.into, now) : undefined;

/** The limit of a verdict, so far into a trip (m). */
function limitIn(verdict: RoadVerdict, into: number | undefined, now: Instant): ToldLimit | undefined {
  const { roll, distance, speed, looks } = verdict;
  if ((roll !== 'care' && roll !== 'creep') || distance === undefined) return undefined;
  return {
    roll,
    distance,
    ...(speed !== undefined && { speed }),
    ...(looks && { looks: { at: [...looks.at], ...(looks.every !== undefined && { every: looks.every }) } }),
    until: limitEnds(now),
    ...(into !== undefined && { into }),
  };
}

/** A verdict at a place as it holds beside all that stands on the rig already: what its entry would come to, asked of the same function as every page. */
export function besides(
  verdict: RoadVerdict,
  { trouble, place }: Pick<TroubleTold, 'trouble' | 'place'>,
  { rig, now, newId }: Pick<TroubleAt, 'rig' | 'now' | 'newId'>,
): RoadVerdict {
  if (verdict.roll === 'stay') return verdict;
  const limit = limitIn(verdict, undefined, now);
  const { because } = verdict;
  const drafts = limit
    ? [
        tellFinding(
          { place, verdict: verdict.roll === 'creep' ? 'stop' : 'due', of: { trouble, because }, limit },
          { rig },
        ),
      ]
    : [];
  const stamp = { rig: rig.id, happened: now, recorded: now };
  const limits = roadLimits(
    rigAfter(
      // Put right here, it stands no more.
      limit ? rig : without(rig, place, trouble),
      drafts.map(({ kind, body }) => makeEntry(kind, { ...stamp, id: newId() }, body)),
    ),
    now,
  );
  if (!limits) return verdict;
  const { roll, left, speed, joined } = limits;
  if (roll === 'stay') return { roll, because: joined ?? 'stands-already' };
  const same = roll === verdict.roll && left === verdict.distance && speed === verdict.speed;
  if (same) return verdict;
  const graver = ROLLS.indexOf(roll) > ROLLS.indexOf(verdict.roll);
  return {
    roll,
    ...(left !== undefined && { distance: left }),
    ...(speed !== undefined && { speed }),
    ...(verdict.looks && { looks: verdict.looks }),
    because: joined ?? (graver ? 'stands-already' : because),
  };
}

/** A rig without one of its troubles. */
function without(rig: RigState, place: Place | 'rig', trouble: TroubleBody['trouble']): RigState {
  return {
    ...rig,
    findings: Object.fromEntries(
      Object.entries(rig.findings).filter(
        ([, one]) => !(one.place === place && one.of && 'trouble' in one.of && one.of.trouble === trouble),
      ),
    ),
  };
}

/** The trouble itself, as far as it stands after it was told; none where there was nothing or it is over. */
function itself(
  verdict: RoadVerdict,
  told: TroubleTold,
  { rig, model, house, now }: TroubleAt,
  from: string,
): NewEntry[] {
  const { trouble, place, outcome } = told;
  const { because, roll } = verdict;
  if (troubleDef(trouble).nothing?.includes(because)) return [];
  const undone = holdsOnceDone(trouble, verdict);
  if (undone && outcome !== 'open') return [];
  if (outcome === 'done' && troubleJob(told, verdict, model, house)) return [];
  const limit = undone ? undefined : limitOf(verdict, told, now);
  // After a creep it stays, unless it was mended.
  const grave = undone || roll === 'stay' || roll === 'creep';
  return [
    tellFinding(
      { place, verdict: grave ? 'stop' : 'due', of: { trouble, because }, ...(limit && { limit }) },
      { rig, from },
    ),
  ];
}

/** What it leaves to be done, at the places of this rig where it has such work. */
function leftBehind(
  lefts: readonly LeftId[],
  told: TroubleTold,
  { rig, model, house, now }: TroubleAt,
  from: string,
): NewEntry[] {
  return lefts.flatMap((left) => {
    const { at, work, severity, within } = leftDef(left);
    const works = work && routineDef(work).places(model, house);
    return leftPlaces(at, told.place, model).flatMap((place) => {
      if (works && !works.includes(place) && !works.includes('rig')) return [];
      const limit: ToldLimit | undefined = within && {
        roll: 'care',
        distance: within.distance,
        ...(within.speed !== undefined && { speed: within.speed }),
        ...(within.looks && { looks: { at: [...within.looks] } }),
        until: addDays(now, within.days),
        ...(told.into !== undefined && { into: told.into }),
      };
      const of = { trouble: told.trouble, left };
      return tellFinding({ place, verdict: severity, of, ...(limit && { limit }) }, { rig, from });
    });
  });
}

/** Work that was done on the spot without its card: what it leaves, and where the tires went. */
function doneByHand(
  work: WorkId,
  told: TroubleTold,
  { rig, model, house }: TroubleAt,
  from: string,
): NewEntry[] {
  const { place } = told;
  if (isLook(work)) return [];
  const refit = routineDef(work).wheelOff === true && isWheelEnd(place);
  const swap =
    work === 'tire-change' &&
    isWheelEnd(place) &&
    (
      [
        [place, 'S1'],
        ['S1', place],
      ] as const
    ).flatMap(([at, to]) => {
      const tire = partAt(rig, 'tire', at);
      return tire ? [{ part: tire.id, to: to as Place }] : [];
    });
  return [
    {
      kind: 'work',
      body: {
        ...workOf([{ routine: work, place }]),
        refits: refit ? [refitLeft(place, house, model)] : [],
      },
    },
    ...(swap && swap.length > 0 ? [{ kind: 'part.moved' as const, body: { moves: swap } }] : []),
    ...(work === 'tire-change' && isWheelEnd(place)
      ? [
          tellFinding(
            { place: 'S1', verdict: 'due', of: { tire: 'flat', cameOff: place }, remedy: 'tire-renew' },
            { rig, from },
          ),
        ]
      : []),
  ];
}

/** A trouble for the log: what was met, what of it stands and how far it may roll with it, what it leaves to be done, and what was used up. */
export function troubleEntries(told: TroubleTold, about: TroubleAt): readonly NewEntry[] {
  const { torqued, used, photos, ...met } = told;
  const { trouble, place, answers, outcome } = met;
  const id = about.newId();
  const verdict = soFar(trouble, answers);
  const { roll, distance, speed, because } = verdict;
  const job = troubleJob(met, verdict, about.model, about.house);
  const lefts: readonly LeftId[] = [
    ...troubleDef(trouble).leaves(because, answers),
    ...(torqued === 'hard' ? (['torque-to-figure'] as const) : []),
  ];
  const { underWay } = about.rig;
  return inTurn(
    [
      // A trip under way has come so far: its limits begin here, not where its miles were told last.
      ...(underWay && met.underWay && met.into !== undefined && met.into > underWay.into
        ? [{ kind: 'trip.mark' as const, body: { into: met.into } }]
        : []),
      {
        kind: 'trouble',
        id,
        body: {
          ...met,
          verdict: {
            roll,
            because,
            ...(distance !== undefined && { distance }),
            ...(speed !== undefined && { speed }),
          },
        },
      },
      ...(outcome === 'done' && job ? doneByHand(job.routine, told, about, id) : []),
      ...itself(verdict, told, about, id),
      ...leftBehind(lefts, told, about, id),
      ...(used.length > 0
        ? [
            {
              kind: 'kit' as const,
              body: { items: used.map((item) => ({ item, aboard: false })), from: id },
            },
          ]
        : []),
      ...photos.map((photo) => photoEntry(photo, place, { of: id })),
    ],
    about.now,
  );
}

/** A look at something that may be towed so far: how far it has been towed since (m), and whether it is as it was. */
export function roadLookEntries(
  finding: FindingState,
  driven: number,
  fine: boolean,
  rig: Pick<RigState, 'distance'>,
): readonly NewEntry[] {
  const used = finding.limit ? limitUsed(finding.limit, rig.distance) : 0;
  return [
    {
      kind: 'finding.seen',
      body: {
        finding: finding.id,
        verdict: fine ? (finding.reported ?? finding.verdict) : 'stop',
        driven: Math.max(driven, used),
        ...(!fine && { stays: true as const }),
      },
    },
  ];
}
