import type { ReadingJudgement } from '@/core/judge';
import type { Basis, JudgedReading } from '@/core/rules';
import type { UnitSystem } from '@/core/base';
import { partLength } from './facts';
import { measure } from './measure';
import { BASIS_WORDS } from './rig';

/** A judged reading with its unit. */
function readingAmount(what: JudgedReading, value: number, system: UnitSystem): string {
  if (what === 'volts' || what === 'volts-loaded') return `${value} V`;
  if (what === 'magnet-ohms') return `${value} Ω`;
  if (what === 'hub-temp') return measure(value, 'temperature', system);
  return what === 'pressure' ? measure(value, 'pressure', system) : partLength(value, system);
}

/** Whose maximum a pressure went over: a plain rubber valve has a house figure, tire and wheel their own. */
const MAXIMUM_OF: Record<Basis, string> = {
  house: 'a rubber snap-in valve holds is',
  maker: 'tire or wheel takes is',
  marking: 'tire or wheel takes is',
  counter: 'tire or wheel takes is',
  worked: 'tire or wheel takes is',
  owner: 'tire, wheel or valve takes is',
  guess: 'tire or wheel takes is',
};

/** What a reading was held against: `minimum 1/16 in`. */
function readingAgainst(
  {
    what,
    against,
    by,
    basis,
  }: Pick<ReadingJudgement, 'what' | 'against' | 'by'> & { readonly basis?: Basis },
  system: UnitSystem,
): string {
  const figure = readingAmount(what, against, system);
  switch (what) {
    case 'lining':
      return `minimum ${figure}`;
    case 'pad-inner':
    case 'pad-outer':
      return by === 'uneven' ? `the other pad has ${figure}, 1/8 in apart is too far` : `limit ${figure}`;
    case 'disc-thickness':
      return `stamped minimum ${figure}`;
    case 'play-dialed':
      return `limit ${figure}`;
    case 'drum-diameter':
      return `maximum ${figure}`;
    case 'magnet-ohms':
      return by === 'short'
        ? `under ${figure} it is shorted`
        : `its figure is ${figure}, a fifth off is too far`;
    case 'volts':
      return `${figure} is the limit at rest`;
    case 'volts-loaded':
      return `${figure} is the least with the pin out`;
    case 'pressure':
      if (by === 'rise') return `${figure} cold this morning`;
      if (by === 'mate') return `its mate across the axle reads ${figure}`;
      if (by === 'maximum') return `the most that ${MAXIMUM_OF[basis ?? 'owner']} ${figure} cold`;
      if (by === 'rolled')
        return `target ${figure} cold, and it was driven so: look inside before it goes on`;
      return `target ${figure} cold`;
    case 'hub-temp':
      if (by === 'mate') return `with its mate as it is, watched or worse over ${figure}`;
      if (by === 'air') return `in this air, watched or worse over ${figure}`;
      return `watched or worse over ${figure}`;
    default:
      return `limit ${figure}`;
  }
}

/** A judged reading with what it comes to cold, and what it was held against. */
export function readingHeld(
  value: number,
  { cold, ...held }: Pick<ReadingJudgement, 'what' | 'against' | 'by' | 'cold'> & { readonly basis?: Basis },
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
