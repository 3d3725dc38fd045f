import type { ReadingJudgement } from '@/core/judge';
import type { JudgedReading } from '@/core/rules';
import type { UnitSystem } from '@/core/quantity';
import { partLength } from './facts';
import { measure } from './measure';
import { BASIS_WORDS } from './rig';

/** A judged reading with its unit. */
function readingAmount(what: JudgedReading, value: number, system: UnitSystem): string {
  if (what === 'volts') return `${value} V`;
  if (what === 'magnet-ohms') return `${value} Ω`;
  if (what === 'hub-temp') return measure(value, 'temperature', system);
  return what === 'pressure' ? measure(value, 'pressure', system) : partLength(value, system);
}

/** What a reading was held against: `minimum 1/16 in`. */
function readingAgainst(
  { what, against, by }: Pick<ReadingJudgement, 'what' | 'against' | 'by'>,
  system: UnitSystem,
): string {
  const figure = readingAmount(what, against, system);
  switch (what) {
    case 'lining':
      return `minimum ${figure} for bonded lining`;
    case 'drum-diameter':
      return `maximum ${figure}`;
    case 'magnet-ohms':
      return `its figure is ${figure}, a fifth off is too far`;
    case 'volts':
      return `${figure} is the limit`;
    case 'pressure':
      if (by === 'rise') return `${figure} cold this morning`;
      if (by === 'mate') return `its mate across the axle reads ${figure}`;
      return `target ${figure} cold`;
    case 'hub-temp':
      return `watched or worse over ${figure}`;
    default:
      return `limit ${figure}`;
  }
}

/** A judged reading with what it comes to cold, and what it was held against. */
export function readingHeld(
  value: number,
  { cold, ...held }: Pick<ReadingJudgement, 'what' | 'against' | 'by' | 'cold'>,
  system: UnitSystem,
): string {
  const came = cold === undefined ? '' : ` read warm, about ${readingAmount(held.what, cold, system)} cold`;
  return `${readingAmount(held.what, value, system)}${came}; ${readingAgainst(held, system)}`;
}

/** A judged reading in a sentence, with what the rule rests on. */
export function readingVerdict(
  judged: ReadingJudgement,
  value: number,
  system: UnitSystem,
): { readonly said: string; readonly source: string } {
  return {
    said: `${readingHeld(value, judged, system)}.`,
    source:
      judged.basis === 'house'
        ? 'Trade default; the maker\u2019s figure outranks it'
        : `From: ${BASIS_WORDS[judged.basis]}`,
  };
}
