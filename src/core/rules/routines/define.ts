import {
  axleOf,
  gearDef,
  gearOf,
  isGear,
  sparesOf,
  wheelEnds,
  type Axle,
  type Place,
  type RigModel,
} from '../../rig';
import type { Subject } from '../criteria';
import type { ReadingId } from '../readings';
import type { HouseRules } from '../schools';
import type { RoutineId, RoutinePlace, WorkId } from './ids';
import type { Interval, IntervalContext } from './interval';

export {
  axleAt,
  BATTERY_YEARS,
  COUPLE_OF_THOUSAND,
  DAYS_A_YEAR,
  greaseInterval,
  house,
  hubInterval,
  seasonal,
  TIRE_WATCHED,
  YEAR,
} from './interval';

/** What hangs on a routine: whether it may be towed, only its upkeep, or it belongs to the moment of leaving. */
export type Matter = 'safety' | 'upkeep' | 'moment';

/** What a routine is: where it is done, what hangs on it, and what doing it does besides. */
export interface RoutineDef {
  readonly places: (model: RigModel, rules: Pick<HouseRules, 'grease'>) => readonly RoutinePlace[];
  readonly matter: (place: RoutinePlace) => Matter;
  /** All its places are done in one walk, and count as one job. */
  readonly round: boolean;
  /** Routines that a card of it does by the way, at the same place: nobody is asked for both. What was really done is told by what was looked at. */
  readonly covers: readonly RoutineId[];
  /** It looks, measures or tries, and puts nothing right that it finds. */
  readonly look?: true;
  /** A wheel comes off for it, and is refitted: its rechecks open. */
  readonly wheelOff?: true;
  /** A hub is opened or serviced: what it ran at before says nothing of after. */
  readonly opensHub?: true;
  /** Races go in with it. */
  readonly newRaces?: true;
  /** Counted from the age of the part that sits there, not from work. */
  readonly ofPart?: 'tire' | 'battery';
  /** It goes in axle pairs: both sides alike. */
  readonly paired?: true;
  /** Of work that does the same thing in several ways one alone goes on a card at a place. */
  readonly oneOf?: readonly ('shoes' | 'magnet' | 'bearing' | 'tire')[];
  /** What is looked at again some miles after (handbook 4.5 and 4.8). */
  readonly leaves?: 'new-brakes' | 'fixings';
}

/** What was looked at, read and done at one place in one go, on a card, a walk, a first look or by hand. */
export interface Seen {
  /** The brake there, where it is known. */
  readonly brake: Axle['brake'];
  /** The hub there stays shut. */
  readonly shut: boolean;
  readonly graded: (subject: Subject) => boolean;
  readonly read: (what: ReadingId) => boolean;
  readonly did: (...works: readonly WorkId[]) => boolean;
  /** New grease went into the hub. */
  readonly greased: boolean;
  /** The wheel was off, and its nuts were brought to torque. */
  readonly refitted: boolean;
}

/** A routine that comes round by itself. */
export interface RoundDef extends RoutineDef {
  readonly interval: (about: IntervalContext, place: RoutinePlace) => Interval;
  /** Looks, readings and work that it stands for: with them it is done there, whatever they were taken for. */
  readonly doneBy?: (seen: Seen) => boolean;
}

type Told<D extends RoutineDef> = Omit<D, 'round' | 'covers'> & Partial<Pick<D, 'round' | 'covers'>>;

/** Declares a routine that comes round. */
export const routine = (def: Told<RoundDef>): RoundDef => ({ round: false, covers: [], ...def });
/** Declares work that is asked for. */
export const repair = (def: Told<RoutineDef>): RoutineDef => ({ round: false, covers: [], ...def });

/** Wheel ends of some axles. */
export const ends = (when: (axle: Axle) => boolean) => (model: RigModel) =>
  wheelEnds(model).filter((place) => {
    const axle = model.axles[axleOf(place)];
    return axle !== undefined && when(axle);
  });
export const everyEnd = ends(() => true);
export const tires = (model: RigModel): readonly Place[] => [...wheelEnds(model), ...sparesOf(model)];
export const rig = (): readonly RoutinePlace[] => ['rig'];
export const gear = (model: RigModel): readonly Place[] => gearOf(model).map(({ id }) => id);
export const at = (id: 'breakaway') => (model: RigModel) => gear(model).filter((place) => place === id);
/** The whole of some rigs. */
export const when = (holds: (model: RigModel) => boolean) => (model: RigModel) => (holds(model) ? rig() : []);

/** Gear that holds the trailer matters for safety. */
export const ofGear = (place: RoutinePlace): Matter =>
  isGear(place) && gearDef(place).critical ? 'safety' : 'upkeep';

/** What a wheel that was off and on again has had by the way. */
export const OF_A_REFIT = ['lug-torque', 'adapter-torque'] as const;

/** What a hub that was off and closed again has had by the way. */
export const OF_A_HUB = ['hub-look', 'brake-measure', 'brake-adjust', ...OF_A_REFIT] as const;
