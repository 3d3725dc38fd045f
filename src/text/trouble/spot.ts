import type { Barred } from '@/core/road';

const BARRED_WORDS: Readonly<Record<Barred, string>> = {
  lane: 'a place off the lane',
  slope: 'ground that is firm and level',
  dark: 'lamps on you and on the rig',
  'traffic-side': 'someone with you for the traffic side',
};

/** What a spot lacks for any work: `No work here. It takes a place off the lane.` */
export function barredWords(barred: readonly Barred[]): string {
  const lacks = barred.map((one) => BARRED_WORDS[one]);
  const last = lacks.at(-1) ?? '';
  const said = lacks.length > 1 ? `${lacks.slice(0, -1).join(', ')} and ${last}` : last;
  return `No work here: it takes ${said}.`;
}
