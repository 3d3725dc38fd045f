import type { Instant } from '../base';
import { partAt, type FindingState, type PartState, type RigState } from '../log';
import { isWheelEnd, matesOf, type PartKind, type RigModel, type WheelEnd } from '../rig';
import { routineDef, type HouseRules, type ReadingId, type WorkId } from '../rules';
import type { Job } from './card';

/** True where drums and linings of this job make a pair with the other side of its axle: a bare hub does not. */
export function isPaired(model: RigModel, { routine, place }: Job): boolean {
  if (routineDef(routine).paired !== true || !isWheelEnd(place)) return false;
  const brake = model.axles[Number(place.slice(0, 1)) - 1]?.brake;
  return routine !== 'hub-renew' || (brake !== undefined && brake !== 'none');
}

/** Jobs that would make pairs of those chosen: the mate across each axle that is not among them yet. */
export function missingMates(jobs: readonly Job[], model: RigModel, house: HouseRules): readonly Job[] {
  return jobs.flatMap((job): readonly Job[] => {
    const { routine, place } = job;
    if (!isPaired(model, job) || !isWheelEnd(place)) return [];
    const { across } = matesOf(place, model);
    const there = jobs.some((one) => one.routine === routine && one.place === across);
    return there || !routineDef(routine).places(model, house).includes(across)
      ? []
      : [{ routine, place: across }];
  });
}

/** What is known of a side that a card leaves as it is. */
export interface SideAsItIs {
  /** What was last measured there of what the job renews, in SI. */
  readonly read: readonly { readonly what: ReadingId; readonly value: number; readonly at: Instant }[];
  /** The part that sits there. */
  readonly part: PartState | undefined;
  readonly findings: readonly FindingState[];
}

const BRAKE: readonly ReadingId[] = ['lining', 'pad-inner', 'pad-outer', 'drum-diameter', 'disc-thickness'];
const TREAD: readonly ReadingId[] = ['tread-inner', 'tread-middle', 'tread-outer'];

/** What is measured of what a job renews, and the part that carries it. */
const MEASURED: Readonly<
  Partial<Record<WorkId, { readonly read: readonly ReadingId[]; readonly part?: PartKind }>>
> = {
  'plate-renew': { read: BRAKE, part: 'brake' },
  'shoe-renew': { read: BRAKE, part: 'brake' },
  'pad-renew': { read: BRAKE },
  'magnet-renew': { read: ['magnet-ohms'], part: 'brake' },
  'brakes-install': { read: BRAKE, part: 'brake' },
  'hub-renew': { read: ['drum-diameter', 'disc-thickness'], part: 'hub' },
  'tire-renew': { read: TREAD, part: 'tire' },
};

/** What the other side of an axle stands at before one side of it is renewed. */
export function sideAsItIs(
  { routine }: Job,
  place: WheelEnd,
  rig: Pick<RigState, 'read' | 'parts' | 'findings'>,
): SideAsItIs {
  const { read, part } = MEASURED[routine] ?? { read: [] };
  return {
    read: read.flatMap((what) => {
      const last = rig.read[`${what}@${place}`];
      return last ? [{ what, value: last.value, at: last.at }] : [];
    }),
    part: part && partAt(rig, part, place),
    findings: Object.values(rig.findings).filter((finding) => finding.place === place),
  };
}
