import type { TowReason } from '@/core/duty';
import { ONE_TEMPERATURE } from '@/core/figures';
import type { Contradiction, TakenProblem } from '@/core/judge';
import type { UnitSystem, Go } from '@/core/base';
import type { WalkId } from '@/core/log';
import { isWheelEnd, type Place, type RigModel } from '@/core/rig';
import type { GoReason, Judged, ZoneId, System, Unjudged, WalkItem } from '@/core/road';
import { whereWords } from './finding';
import { gradeWords, SUBJECT_WORDS } from './grades';
import { placeName } from './gear';
import { GEAR_LOOKS } from './gear-looks';
import { readingVerdict } from './judged';
import { LOOK_WORDS, type LookWords } from './looks';
import { list, measure, small } from './measure';
import { readingName } from './readings';
import { readingValue } from './reading-value';
import { placeInWords } from './rig';

interface WalkWords {
  readonly title: string;
  /** When it is done, and what for. */
  readonly when: string;
}

export const WALK_WORDS: Record<WalkId, WalkWords> = {
  hitch: { title: 'Hitching up', when: 'Before it is towed: tongue to tail, ends with go or no-go.' },
  'first-stop': { title: 'First stop', when: 'After {10 to 25 mi}: hubs by hand, lugs by wrench.' },
  stop: { title: 'Every stop', when: 'Fuel, food or a rest: hands near the hubs, eyes on tires and straps.' },
  home: { title: 'Home again', when: 'While it is fresh: cuts, curb hits, warm hubs, weeping grease.' },
  twice: { title: 'Twice a season', when: 'Lug torque all around, brakes felt, tread and pressures read.' },
  spring: { title: 'Spring', when: 'Before the first trip: every wheel up, every piece of gear.' },
  layup: { title: 'Lay-up', when: 'Before the winter: what spring has to fix goes on the list.' },
  shop: { title: 'After a shop', when: 'A wheel was off elsewhere: torque checked by you.' },
};

/** Where one stands, or which system is gone through. */
export function zoneTitle(id: ZoneId | System): string {
  return isWheelEnd(id) ? id : ZONES[id];
}

/** The line under a zone's title. */
export function zoneNote(id: ZoneId | System, model: RigModel): string | undefined {
  return isWheelEnd(id) ? placeInWords(id, model.axles.length) : undefined;
}

const ZONES: Record<Exclude<ZoneId | System, `${1 | 2 | 3}${'L' | 'R'}`>, string> = {
  tow: 'Tow vehicle',
  tongue: 'Tongue',
  body: 'Body',
  back: 'Back',
  spares: 'Spare',
  own: 'Your own',
  hitch: 'Hitch',
  tires: 'Tires',
  wheels: 'Wheels and lugs',
  hubs: 'Hubs',
  brakes: 'Brakes',
  lights: 'Lights',
  frame: 'Frame and springs',
};

/** The name of an item, and what clear means of it. */
export function itemWords({ look, place, own }: Pick<WalkItem, 'look' | 'place' | 'own'>): LookWords {
  if (own) return { name: own, clear: 'as it should be' };
  if (look in LOOK_WORDS) return LOOK_WORDS[look as keyof typeof LOOK_WORDS];
  const clear =
    place !== 'rig' && place in GEAR_LOOKS ? GEAR_LOOKS[place as keyof typeof GEAR_LOOKS] : 'sound';
  return { name: placeName(place), clear };
}

/** An item with its place, as it stands in a list. */
function itemTitle(item: Pick<WalkItem, 'look' | 'place' | 'own'>): string {
  const { name } = itemWords(item);
  const { place } = item;
  return place !== 'rig' && (isWheelEnd(place) || place.startsWith('S'))
    ? `${placeName(place)} ${small(name)}`
    : name;
}

export const UNJUDGED_WORDS: Record<Unjudged, string> = {
  'hub-cold': 'As cool as the air: it has not worked, so it cannot be judged.',
  'bare-cap':
    'Measured on a bare cap, which reads far too cold: measure on paint, rubber or tape at the hub.',
  'not-spun': 'No rock does not rule out a bearing that is too tight: spin it as well.',
  'not-read': 'Not read: without a gauge there is no telling.',
  'no-target': 'No target is known: enter the placard pressure and it is judged.',
};

export const GO_WORDS: Record<Go, { readonly word: string; readonly means: string }> = {
  clear: { word: 'Clear to go', means: 'Everything on this walk was checked and clear.' },
  care: { word: 'Go with care', means: 'Watch the items below: check again at the first stop.' },
  no: { word: 'Do not tow as is', means: 'The items below come first.' },
};

/** Pressures nearer than this read the same (Pa). */
const SAME_PRESSURE = 1500;

/** What the weather has to do with a pressure that is off: the same air at one temperature is on target, or nearer to it. */
function byWeather({ judgement, brought, cold, verdict }: Judged, system: UnitSystem): string {
  if (judgement?.rule !== 'reading' || brought === undefined || cold === undefined || verdict === 'clear')
    return '';
  const { against } = judgement;
  if (Math.abs(brought - against) >= Math.abs(cold - against) - SAME_PRESSURE) return '';
  return ` At ${measure(ONE_TEMPERATURE, 'temperature', system)} it would read ${measure(brought, 'pressure', system)}: that is the weather, not a leak. Set it anyway.`;
}

/** What was found at an item: grade or figure, and the rule. */
export function judgedWords(
  judged: Judged,
  system: UnitSystem,
): { readonly said: string; readonly source?: string } {
  const { item, answer, judgement, unjudged } = judged;
  if (unjudged) return { said: UNJUDGED_WORDS[unjudged] };
  if (judgement?.rule === 'reading') {
    const { said, source } = readingVerdict(judgement, answer.value ?? 0, system);
    // By its rise or its mate a warm figure is held against another warm one: the weather says nothing of it.
    const warmOnly = judgement.by === 'rise' || judgement.by === 'mate';
    return { said: `${said}${warmOnly ? '' : byWeather(judged, system)}`, source };
  }
  const { grade } = answer;
  return {
    said: grade ? gradeWords(item.subject, grade, system) : (answer.words ?? 'Not right; no detail given'),
  };
}

/** One reason for a decision to go or not. */
export function goReasonWords(
  reason: GoReason,
  system: UnitSystem,
  tow: (reason: TowReason) => string,
): string {
  switch (reason.kind) {
    case 'seen':
    case 'unjudged':
      return `${itemTitle(reason.judged.item)}: ${small(judgedWords(reason.judged, system).said)}`;
    case 'unread':
      return `Pressure not read: ${list(reason.items.map(({ place }) => (place === 'rig' ? 'the rig' : placeName(place))))}`;
    case 'skipped':
      return `${itemTitle(reason.item)}: not checked`;
    case 'standing':
      return tow(reason.reason);
  }
}

/** What is wrong with a reading as it was typed. */
export function takenWords(problem: TakenProblem, typed: string, system: UnitSystem): string {
  const meant = problem.meant ? ` In ${problem.meant.unit} it would make sense.` : '';
  switch (problem.code) {
    case 'impossible':
      return `“${typed}” is out of range here.${meant}`;
    case 'units':
      return `“${typed}” is far from what it should be.${meant} Which is it?`;
    case 'hub-cold':
      return `${UNJUDGED_WORDS['hub-cold']} Read it after a stretch on the road; kept, it is not judged.`;
    case 'below-nominal':
      return `“${typed}” is under the nominal size of this drum, and drums only grow: measure again, or see which drum it is.`;
    case 'charging':
      return 'Over 13.2 V something charges it: unplug it, charger off, and read again after two hours at rest.';
    case 'below-air':
      return `A hub colder than the air around it, ${system === 'us' ? 'in °F' : 'in °C'}? Aim at the hub, and read again.`;
  }
}

/** Two things said of one place that cannot both be true. */
export function contradictionWords({ place, first, second }: Contradiction, system: UnitSystem): string {
  const said = (one: Contradiction['second']) =>
    'subject' in one
      ? `${SUBJECT_WORDS[one.subject].name} “${small(gradeWords(one.subject, one.grade, system))}”`
      : `${readingName(one.what)} ${readingValue(one.what, one.value, system)}`;
  return `${placeName(place as Place)}${whereWords({ side: first.side as 'L' | 'R' | undefined })}: ${said(first)} and ${said(second)} cannot both be true.`;
}
