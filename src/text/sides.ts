import type { Instant, UnitSystem } from '@/core/base';
import type { RigModel, WheelEnd } from '@/core/rig';
import type { SideAsItIs } from '@/core/routine';
import { day } from './dates';
import { findingWords } from './finding';
import { placeName, placeWords } from './gear';
import { capital, list, small } from './measure';
import { partName } from './parts';
import { readingValue } from './reading-value';
import { readingName } from './readings';

/** What the other side of an axle stands at: `1R, right wheel: lining 3/32 in on 2 May 2026.` */
export function sideWords(
  place: WheelEnd,
  { read, part, findings }: SideAsItIs,
  model: RigModel,
  system: UnitSystem,
  now: Instant,
): string {
  const measured = read.map(
    ({ what, value, at }) =>
      `${small(readingName(what))} ${readingValue(what, value, system)} on ${day(at, now)}`,
  );
  const known = part && Object.keys(part.facts).length > 0 ? [partName(part, system)] : [];
  const open = findings.map((finding) => findingWords(finding, system));
  const told = [...known, ...measured, ...open];
  const where = `${placeName(place)}, ${placeWords(place, model)}`;
  return told.length === 0
    ? `${capital(where)}: nothing measured there is on record.`
    : `${capital(where)}: ${list(told)}.`;
}
