import { makeEntry, makeVoid, workOf, type Entry, type EntryOf, type Kind } from '../src/core/log';
import { DAY_MS, toSI } from '../src/core/base';
import {
  axleOf,
  diffModels,
  gearOf,
  hasDrum,
  hubTakesFitting,
  sparesOf,
  wheelEnds,
  type PartKind,
  type Place,
  type PartSpec,
  type RigModel,
  type Shelf,
  type WheelEnd,
} from '../src/core/rig';
import type { RoutineId, RoutinePlace } from '../src/core/rules';

/** The day on which the story is told; every date of it is written for this one. */
export const TOLD_ON = '2026-05-16';

/** Miles as SI (m). */
export const mi = (value: number) => toSI(value, 'mi');
/** Inches as SI (m). */
export const inch = (value: number) => toSI(value, 'in');
/** Pounds as SI (kg). */
export const lb = (value: number) => toSI(value, 'lb');
/** psi as SI (Pa). */
export const psi = (value: number) => toSI(value, 'psi');
/** °F as SI (K). */
export const fahrenheit = (value: number) => toSI(value, '°F');
/** lbf·ft as SI (N·m). */
export const lbft = (value: number) => toSI(value, 'lbf·ft');

/** Money of the demo's owner. */
const dollars = (amount: number) => ({ amount, currency: 'USD' });

/** A day (`2026-05-02`) at an hour (UTC) as milliseconds since 1970. */
export function at(day: string, hour = 17): number {
  return Date.parse(`${day}T00:00:00.000Z`) + hour * 3_600_000;
}

/** A routine and the places it was done at. */
type Done = readonly [RoutineId, ...RoutinePlace[]];

/** One rig's diary: entries are written as its owner would, the evening of the day. */
export class Diary {
  readonly entries: Entry[] = [];
  private serial = 0;

  constructor(
    readonly rig: string,
    private readonly random: () => number,
    /** How far the story is moved in time (ms). */
    readonly shift: number,
  ) {}

  /** Ids carry their time in front, as UUIDv7 does, and the rest from the seed. */
  id(ms: number): string {
    this.serial += 1;
    const time = ms.toString(16).padStart(12, '0');
    const hex = (length: number) =>
      Array.from({ length }, () => Math.floor(this.random() * 16).toString(16)).join('');
    return `${time.slice(0, 8)}-${time.slice(8)}-7${hex(3)}-${'89ab'[Math.floor(this.random() * 4)]}${hex(3)}-${hex(12)}`;
  }

  /** Writes an entry that happened at a time (ms), an hour later unless told otherwise. */
  write<K extends Kind>(
    kind: K,
    happened: number,
    body: EntryOf<K>['body'],
    more: { recorded?: number; replaces?: string; id?: string } = {},
  ): Entry {
    const when = happened + this.shift;
    const recorded = (more.recorded ?? happened + 3_600_000) + this.shift + this.serial;
    const entry = makeEntry(
      kind,
      {
        id: more.id ?? this.id(recorded),
        rig: this.rig,
        happened: new Date(when).toISOString(),
        recorded: new Date(recorded).toISOString(),
        replaces: more.replaces,
      },
      body,
    );
    this.entries.push(entry);
    return entry;
  }

  /** Withdraws an entry at a time (ms). */
  withdraw(entry: Entry, when: number, reason: string): void {
    const ms = when + this.shift;
    this.entries.push(makeVoid(entry, [], this.id(ms), new Date(ms).toISOString(), reason));
  }

  private model: RigModel | undefined;
  private readonly seats = new Map<string, string>();

  /** Tells the facts of a rig that were not told yet, at a time (ms). */
  told(model: RigModel, when: number): void {
    const setup = this.entries.find((entry) => entry.kind === 'rig.setup');
    const before = this.model ?? (setup?.kind === 'rig.setup' ? setup.body.model : undefined);
    if (!before) throw new Error('a rig is set up before its facts are told');
    const known = this.entries.flatMap((entry) =>
      entry.kind === 'rig.changed' ? Object.keys(entry.body.changes) : [],
    );
    const changes = Object.fromEntries(
      Object.entries(diffModels(before, model)).filter(([path]) => !known.includes(path)),
    );
    this.model = model;
    if (Object.keys(changes).length > 0) this.write('rig.changed', when, { changes });
  }

  /** Puts parts on record as they sit, read off that day; what they rolled before is not known. */
  parts(
    day: string,
    seated: readonly (readonly [PartKind, Place, Readonly<Record<string, string>>])[],
  ): void {
    for (const [kind, place, facts] of seated) {
      const entry = this.write('part.fitted', at(day, 11), {
        part: `${kind} ${place} ${this.serial}`,
        spec: specOf(kind, facts),
        to: place,
      });
      if (entry.kind === 'part.fitted') this.seats.set(`${kind} ${place}`, entry.body.part);
    }
  }

  /** Puts a part on record that is not fitted: on the shelf, carried aboard or on order. */
  shelve(
    day: string,
    kind: PartKind,
    shelf: Shelf,
    facts: Readonly<Record<string, string>>,
    bought?: { readonly price: number; readonly where: string },
  ): void {
    this.write('part.fitted', at(day, 12), {
      part: `${kind} ${shelf} ${this.serial}`,
      spec: specOf(kind, facts),
      to: 'shelf',
      rolled: 0,
      grade: 'as-new',
      shelf,
      ...(bought && { bought: { price: dollars(bought.price), where: bought.where } }),
    });
  }

  /** Fits a new part in place of the old, which is gone. */
  renew(
    day: string,
    kind: PartKind,
    place: Place,
    facts: Readonly<Record<string, string>>,
    bought?: { readonly price: number; readonly where: string },
  ): void {
    const part = `${kind} ${place} ${this.serial}`;
    this.write('part.fitted', at(day, 11), {
      part,
      spec: specOf(kind, facts),
      to: place,
      rolled: 0,
      old: { to: 'gone' },
      ...(bought && { bought: { price: dollars(bought.price), where: bought.where } }),
    });
    this.seats.set(`${kind} ${place}`, part);
  }

  /** Pairs of places whose parts change places; tires come off for it, and their lugs are looked at after. */
  swap(day: string, kind: PartKind, ...pairs: readonly (readonly [WheelEnd, WheelEnd])[]): void {
    const moves = pairs.flatMap(([a, b]) => [
      { part: this.seats.get(`${kind} ${a}`) ?? '', to: b },
      { part: this.seats.get(`${kind} ${b}`) ?? '', to: a },
    ]);
    const places = pairs.flat();
    this.write('part.moved', at(day, 14), {
      moves,
      refits: places.map((place) => ({ place, limits: [10, 25, 50].map(mi) })),
    });
    for (const { part, to } of moves) this.seats.set(`${kind} ${to}`, part);
  }

  /** A trip of some miles. */
  trip(day: string, miles: number, more: Partial<EntryOf<'trip'>['body']> = {}): Entry {
    return this.write('trip', at(day), { distance: mi(miles), launches: 0, ...more });
  }

  /** A trip planned on a day for another; distance in miles. */
  plan(day: string, on: string, miles: number, name: string, launches = 0): void {
    const when = new Date(at(on, 12) + this.shift).toISOString();
    this.write('trip.planned', at(day, 20), { at: when, distance: mi(miles), launches, name });
  }

  /** Lug rechecks that held. */
  held(day: string, ...places: WheelEnd[]): void {
    for (const place of places) this.write('recheck', at(day, 18), { place, result: 'held' });
  }

  /** A repack of some wheel ends, as the bench writes it. */
  repack(day: string, places: readonly WheelEnd[], about: RepackStory): Entry {
    const first = about.limits ?? [10, 25, 50];
    return this.write('work', at(day, 15), {
      jobs: places.map((place) => ({ routine: 'repack', place })),
      from: 'bench',
      minutes: 70 + 55 * places.length + Math.floor(this.random() * 20),
      readings: places.flatMap((place): EntryOf<'work'>['body']['readings'] => [
        { place, what: 'nuts-counted', value: about.studs },
        { place, what: 'seal-number', value: about.seal },
        { place, what: 'new-seal-number', value: about.seal },
        { place, what: 'inner-roller', value: about.inner },
        { place, what: 'outer-roller', value: about.outer },
        ...(about.slotsBack === undefined
          ? []
          : [
              { place, what: 'slots-back' as const, value: about.slotsBack },
              { place, what: 'end-play' as const, value: (about.slotsBack / 6) * inch(1 / 14) },
            ]),
        ...(about.braked?.includes(place)
          ? [
              { place, what: 'lining' as const, value: inch((about.lining ?? 6) / 32) },
              { place, what: 'magnet-ohms' as const, value: 3.2 },
            ]
          : []),
        ...(about.strokes
          ? [{ place, what: 'strokes' as const, value: about.strokes + Math.floor(this.random() * 3) }]
          : []),
        { place, what: 'nuts-started', value: about.studs },
      ]),
      conditions: places.flatMap((place): EntryOf<'work'>['body']['conditions'] => [
        { place, subject: 'rock', grade: about.worn?.includes(place) ? 'just-felt' : 'none' },
        { place, subject: 'spin', grade: 'free' },
        { place, subject: 'seal', grade: about.weeping?.includes(place) ? 'weeping' : 'dry' },
        { place, subject: 'old-grease', grade: about.water?.includes(place) ? 'water' : 'darkened' },
        { place, subject: 'rollers', grade: about.worn?.includes(place) ? 'stained' : 'mirror' },
        { place, subject: 'spindle', grade: 'smooth' },
        ...(about.braked?.includes(place)
          ? [
              { place, subject: 'lining' as const, grade: 'good' },
              { place, subject: 'drum' as const, grade: 'smooth' },
              { place, subject: 'magnet' as const, grade: 'even' },
              { place, subject: 'drag' as const, grade: 'even' },
              { place, subject: 'brake-test' as const, grade: 'firm' },
            ]
          : []),
      ]),
      materials: places.map((place) => ({ place, grease: about.grease })),
      renewed: places.map((place) => ({ place, part: 'seal' })),
      refits: places.map((place) => ({ place, limits: first.map(mi) })),
      skipped: [],
      ...(about.cost !== undefined && { cost: dollars(about.cost) }),
      ...(about.note && { note: about.note }),
    });
  }

  /** Some routines done by hand at their places, and written down that evening. */
  did(day: string, jobs: readonly Done[], hour = 16): void {
    this.write(
      'work',
      at(day, hour),
      workOf(jobs.flatMap(([routine, ...places]) => places.map((place) => ({ routine, place })))),
    );
  }

  /** Spring commissioning of a rig, all of it that is not a repack. */
  commission(day: string, model: RigModel): void {
    const ends = wheelEnds(model);
    const gear = gearOf(model).map(({ id }) => id);
    this.did(day, [
      ['hub-look', ...ends],
      ['tire-look', ...ends, ...sparesOf(model)],
      ['pressures', 'rig'],
      ['contacts', 'rig'],
      ['gear-look', ...gear],
      ...(gear.includes('breakaway') ? [['breakaway-test', 'breakaway'] as const] : []),
      ['underside', 'rig'],
      ['pivots', 'rig'],
    ]);
  }

  /** What comes every couple of thousand miles. */
  round(day: string, model: RigModel): void {
    const ends = wheelEnds(model);
    this.did(day, [
      ['hub-look', ...ends],
      ['tire-look', ...ends, ...sparesOf(model)],
      ['pressures', 'rig'],
      ['underside', 'rig'],
      ['pivots', 'rig'],
    ]);
  }

  /** What is done twice a season. */
  midSeason(day: string, model: RigModel): void {
    const ends = wheelEnds(model);
    const braked = ends.filter((end) => hasDrum(model.axles[axleOf(end)] ?? {}));
    this.did(day, [
      ['lug-torque', ...ends],
      ...(braked.length > 0 ? [['brake-adjust', ...braked] as const] : []),
    ]);
  }

  /** What is done when a rig is laid up. */
  layUp(day: string, model: RigModel): void {
    const ends = wheelEnds(model);
    const fitted = ends.filter((end) => hubTakesFitting(model.axles[axleOf(end)] ?? {}));
    const battery = gearOf(model).some(({ id }) => id === 'breakaway');
    this.did(day, [
      ['wash', 'rig'],
      ['unload-tires', 'rig'],
      ...(fitted.length > 0 ? [['grease', ...fitted] as const] : []),
      ...(battery ? [['battery-out', 'breakaway'] as const] : []),
    ]);
  }

  /** Whether something happens, with a chance in [0, 1]. */
  chance(share: number): boolean {
    return this.random() < share;
  }

  /** A whole number from `low` to `high`. */
  between(low: number, high: number): number {
    return low + Math.floor(this.random() * (high - low + 1));
  }

  /** Every day from one to another, a week apart. */
  weeks(from: string, to: string): readonly string[] {
    const days: string[] = [];
    for (let ms = at(from, 0); ms <= at(to, 0); ms += 7 * DAY_MS)
      days.push(new Date(ms).toISOString().slice(0, 10));
    return days;
  }
}

/** What there is to tell of a repack. */
export interface RepackStory {
  readonly studs: number;
  readonly seal: string;
  readonly inner: string;
  readonly outer: string;
  readonly grease: EntryOf<'work'>['body']['materials'][number]['grease'];
  readonly slotsBack?: number;
  readonly strokes?: number;
  readonly limits?: readonly number[];
  readonly braked?: readonly WheelEnd[];
  /** Lining left where it is braked (1/32 in). */
  readonly lining?: number;
  readonly worn?: readonly WheelEnd[];
  readonly weeping?: readonly WheelEnd[];
  readonly water?: readonly WheelEnd[];
  readonly cost?: number;
  readonly note?: string;
}

function specOf(kind: PartKind, facts: Readonly<Record<string, string>>): PartSpec {
  const read = Object.entries(facts).map(([key, value]) => [key, { value, source: 'marking' }]);
  return { kind, facts: Object.fromEntries(read) } as PartSpec;
}
