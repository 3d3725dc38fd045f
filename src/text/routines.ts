import type { Duty, DutyRoutine } from '@/core/duty';
import { formatNumber, fromSI, type UnitSystem } from '@/core/base';
import { isGear } from '@/core/rig';
import { COUPLE_OF_THOUSAND, type RepairId, type RoutinePlace, type WorkId } from '@/core/rules';
import { placeName } from './gear';
import { capital, list, small } from './measure';

/** A routine in words: as a title before its places, as a job, as the thing a record is of, and as done. */
interface RoutineWords {
  readonly title: string;
  readonly job: readonly [string, string];
  readonly noun: string;
  readonly done: string;
}

const of = (title: string, noun: string, done: string, one = noun, many = `${one}s`): RoutineWords => ({
  title,
  job: [one, many],
  noun,
  done,
});

/** Every routine by name. */
export const ROUTINE_WORDS: Record<DutyRoutine | RepairId, RoutineWords> = {
  repack: of('Repack', 'repack', 'Repacked'),
  'hub-look': of('Rock and spin', 'wheel-end check', 'Rocked and spun'),
  'hub-service': of('Sealed hub service', 'hub service', 'Hub serviced'),
  grease: of('Grease', 'greasing', 'Greased'),
  'lug-torque': of('Lug torque', 'torque check', 'Torque checked', 'lug torque check'),
  'adapter-torque': of('Adapter nuts', 'adapter nut check', 'Adapter nuts checked', 'adapter check'),
  'brake-adjust': of('Brake adjustment', 'brake adjustment', 'Brakes adjusted'),
  'brake-measure': of('Measure brakes', 'brake measurement', 'Brakes measured'),
  'tire-look': of('Tire inspection', 'tire inspection', 'Tires inspected'),
  'tire-renew': of('Tire age', 'tire date', 'Tire replaced'),
  walkaround: of('Walk around before leaving', 'walkaround', 'Walked around'),
  rinse: of('Rinse', 'rinse', 'Rinsed'),
  pressures: of('Cold pressures', 'pressure check', 'Pressures set'),
  lights: of('Lights', 'light test', 'Lights tested'),
  'breakaway-test': of('Breakaway pull test', 'breakaway test', 'Breakaway tested'),
  'battery-renew': of('Breakaway battery age', 'battery date', 'Battery replaced'),
  'gear-grease': of('Strip and grease', 'greasing', 'Stripped and greased'),
  'gear-look': of('Inspect', 'inspection', 'Inspected', 'gear inspection'),
  underside: of('Underside by wrench', 'underside check', 'Underside checked'),
  pivots: of('Suspension pivots', 'pivot check', 'Pivots checked'),
  contacts: of('Lamp contacts', 'contact cleaning', 'Contacts cleaned'),
  wash: of('Wash for lay-up', 'wash', 'Washed', 'wash', 'washes'),
  'unload-tires': of('Load off the tires', 'tire lay-up', 'Load taken off the tires'),
  'battery-out': of('Breakaway battery out', 'battery lay-up', 'Battery taken out'),
  'bearing-renew': of('Bearings and races', 'bearing replacement', 'Bearings replaced'),
  'hub-renew': of('Hub or drum replacement', 'hub replacement', 'Hub replaced'),
  'plate-renew': of('Brake plate replacement', 'plate replacement', 'Brake plate replaced'),
  'shoe-renew': of('Shoe replacement', 'shoe replacement', 'Shoes replaced'),
  'magnet-renew': of('Magnet replacement', 'magnet replacement', 'Magnet replaced'),
  'brakes-install': of('New brakes', 'brake installation', 'Brakes installed'),
  'pad-renew': of('Brake pads', 'pad replacement', 'Pads replaced'),
  'stud-renew': of('New stud', 'stud replacement', 'Stud replaced'),
  'cap-renew': of('New cap', 'cap replacement', 'Cap replaced'),
  'hub-build': of('Hub on a bare spindle', 'hub build', 'Hub built up'),
  'hub-read': of(
    'Open one hub and read it',
    'hub reading',
    'Hub opened and read',
    'hub opened to read it',
    'hubs opened to read them',
  ),
  'tire-change': of('Tire change', 'tire change', 'Tire changed'),
  'tire-rotate': of('Tire rotation', 'tire rotation', 'Tires rotated'),
  'stud-threads': of('Stud threads', 'thread cleaning', 'Threads cleaned'),
  bushings: of('Bushings and equalizer', 'bushing replacement', 'Bushings replaced'),
  'axle-set': of('Axle set', 'axle setting', 'Axle set'),
  'lug-recheck': of('Lug recheck', 'refit', 'Rechecked', 'lug recheck'),
};

/** Anything that is done as a job and told in words. */
export type WorkRoutine = DutyRoutine | RepairId;

/** A routine whose name says where it is done. */
const SELF_PLACED: ReadonlySet<WorkRoutine> = new Set(['breakaway-test', 'battery-renew', 'battery-out']);
const MOST_PLACES = 4;

/** Places in a title: `1L and 1R`, `the coupler, the latch pin and 9 more`; nothing for the whole rig. */
function placesWords(routine: WorkRoutine, places: readonly RoutinePlace[]): string {
  if (SELF_PLACED.has(routine)) return '';
  const names = places
    .filter((place) => place !== 'rig')
    .map((place) => (isGear(place) ? `the ${placeName(place).toLowerCase()}` : place));
  if (names.length <= MOST_PLACES) return list(names);
  return isGear(places[0] ?? '')
    ? `${names.slice(0, 2).join(', ')} and ${names.length - 2} more`
    : names.join(', ');
}

/** A routine with where it is done: `Repack 2R`, `Inspect the coupler`, `Lights`. */
export function routineTitle(routine: WorkRoutine, places: readonly RoutinePlace[]): string {
  return `${ROUTINE_WORDS[routine].title} ${placesWords(routine, places)}`.trim();
}

/** A duty by name: `Repack 2R`. */
export function dutyTitle(duty: Pick<Duty, 'routine' | 'place'>): string {
  return routineTitle(duty.routine, [duty.place]);
}

/** What was done at some places: `Repacked 1L and 1R`. */
export function doneWords(routine: WorkRoutine, places: readonly RoutinePlace[]): string {
  return capital(`${ROUTINE_WORDS[routine].done} ${placesWords(routine, places)}`.trim());
}

/** Jobs of one kind with their places, in the middle of a sentence: `repacks of 1L and 1R`, `light test`. */
export function jobWords(routine: WorkRoutine, places: readonly RoutinePlace[]): string {
  const [one, many] = ROUTINE_WORDS[routine].job;
  const names = SELF_PLACED.has(routine)
    ? []
    : places.flatMap((place) =>
        place === 'rig' ? [] : [isGear(place) ? placeName(place).toLowerCase() : place],
      );
  if (names.length === 0) return one;
  const where = names.length <= MOST_PLACES ? list(names) : `${names.length} places`;
  return `${names.length === 1 ? one : many} of ${where}`;
}

/** Work as it is asked for on the Bench, where a duty counts an age. */
export function workTitle(routine: WorkRoutine): string {
  if (routine === 'tire-renew') return 'Tire replacement';
  return routine === 'battery-renew' ? 'Breakaway battery replacement' : ROUTINE_WORDS[routine].title;
}

/** Some work with where it is done: `Tire renewal 1L`. */
export function workAt(routine: WorkRoutine, places: readonly RoutinePlace[]): string {
  return `${workTitle(routine)} ${placesWords(routine, places)}`.trim();
}

/** How many kinds of work a card is called by. */
const MOST_KINDS = 4;

/** What a card is for, in a few words: `Repack 1L and 1R, lights`, `Rock and spin 1L, lights, wash and 5 more`. */
export function jobsTitle(
  jobs: readonly { readonly routine: WorkRoutine; readonly place: RoutinePlace }[],
): string {
  const routines = [...new Set(jobs.map(({ routine }) => routine))];
  const named = routines.length > MOST_KINDS ? routines.slice(0, MOST_KINDS - 1) : routines;
  const titles = named
    .map((routine) =>
      workAt(
        routine,
        jobs.filter((job) => job.routine === routine).map(({ place }) => place),
      ),
    )
    .map((title, i) => (i === 0 ? title : small(title)));
  return `${titles.join(', ')}${routines.length > named.length ? ` and ${routines.length - named.length} more` : ''}`;
}

/** The round that comes every couple of thousand miles, by its name: `2,000-mile service`; in the other units to the nearest hundred. */
export function roundName(system: UnitSystem): string {
  if (system === 'us') return `${formatNumber(fromSI(COUPLE_OF_THOUSAND, 'mi'))}-mile service`;
  return `${formatNumber(Math.round(fromSI(COUPLE_OF_THOUSAND, 'km') / 100) * 100)} km service`;
}

/** Which work is for what, where names lie close together. */
const FOR_WHAT: Partial<Record<WorkId, string>> = {
  'tire-change': 'the spare goes on',
  'tire-renew': 'a new tire goes on',
  'hub-read': 'before you order',
  'hub-build': 'a new axle, on the bench',
  'shoe-renew': 'shoes onto the plate that is there',
  'plate-renew': 'a new plate, shoes and magnet on it',
  'bearing-renew': 'into the hub that is there',
  'hub-renew': 'another hub, other bearings',
  'gear-grease': 'jack, ball mount, hinges, winch',
  'stud-threads': 'cleaned, one nut at a time',
};

/** What some work is for, in a few words; nothing where its name says it. */
export function forWhat(work: WorkId): string | undefined {
  return FOR_WHAT[work];
}
