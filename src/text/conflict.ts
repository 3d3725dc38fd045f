import type { Conflict } from '@/core/judge';
import { formatNumber, type UnitSystem } from '@/core/base';
import { partLength } from './facts';
import { placeName } from './gear';
import { capital, measure } from './measure';

/** Years as a birthday counts them: a tire is not six before its sixth year is full. */
const years = (value: unknown) => `${formatNumber(Math.floor(Number(value) * 10) / 10, 1)} years`;

/** What does not agree in a rig, in a clause, and why it matters. */
export function conflictWords(
  conflict: Pick<Conflict, 'code' | 'have' | 'want'>,
  system: UnitSystem,
): { readonly title: string; readonly why: string } {
  const { have, want } = conflict;
  switch (conflict.code) {
    case 'disc-with-magnets':
      return {
        title: 'disc brakes with wires or magnets',
        why: 'Disc brakes work by fluid and have no magnets: one of the two was entered wrong.',
      };
    case 'disc-with-drum':
      return {
        title: 'disc brakes with a drum size',
        why: 'A disc has no shoes and no drum: one of the two was entered wrong.',
      };
    case 'wires-without-brakes':
      return {
        title: 'wires at the backing plates, but no brakes noted',
        why: 'Wires mean brakes. Neglected brakes drag, or do not work.',
      };
    case 'electric-without-wires':
      return {
        title: 'electric brakes without wires',
        why: 'Without its wires an electric brake does nothing.',
      };
    case 'equalizer-on-torsion':
      return {
        title: 'a torsion axle with an equalizer',
        why: 'Torsion axles have no springs to hang on one: one of the two was entered wrong.',
      };
    case 'adapter-torque-unknown':
      return {
        title: 'wheel adapters without a torque',
        why: 'Adapter nuts hold the wheel as much as its lugs do. Their maker states a figure.',
      };
    case 'adapter-weak':
      return {
        title: `adapters rated ${measure(Number(have), 'weight', system)}, a wheel may carry ${measure(Number(want), 'weight', system)}`,
        why: 'An adapter must carry what its wheel does: half the rating of the axle.',
      };
    case 'stages-not-rising':
      return {
        title: `rounds of torque that do not rise: ${measure(Number(have), 'torque', system)} comes after a higher one`,
        why: 'Each round is set higher than the one before; one of these figures was entered wrong. Rounds that do not rise are left out.',
      };
    case 'torque-guess':
      return {
        title: `lug torque is a guess: ${measure(Number(have), 'torque', system)}`,
        why: 'Do not tighten to a guess. The figure is in the manual or on a plate.',
      };
    case 'torque-unusual':
      return {
        title: `lug torque ${measure(Number(have), 'torque', system)} is unusual for these studs`,
        why: "Check the figure and its unit; the maker's figure settles it.",
      };
    case 'load-range-weak':
      return {
        title: `tires carry ${measure(Number(have), 'weight', system)} per axle, which is rated ${measure(Number(want), 'weight', system)}`,
        why: 'Two tires must carry the full rating of their axle. As marked on the tires, or as usual for the size.',
      };
    case 'tire-below-placard':
      return {
        title: `load range ${String(have)}, the placard asks for ${String(want)}`,
        why: 'The placard was set for this trailer.',
      };
    case 'tire-code-differs':
      return {
        title: `the code on the spare is ${String(have)}, on record is ${String(want)}`,
        why: 'It is not the tire on record: see which one it is, and correct the record.',
      };
    case 'equalizer-off-kit':
      return {
        title: `${partLength(Number(have), system)} measured, ${partLength(Number(want), system)} printed with the kit`,
        why: 'A longer equalizer goes with wider axles: the wrong pair loads one axle more and binds.',
      };
    case 'equalizer-unusual':
      return {
        title: `an equalizer of ${partLength(Number(have), system)} with axles ${partLength(Number(want), system)} apart`,
        why: 'The two do not usually go together. Measure both again, and hold them against the pair printed with the kit.',
      };
    case 'no-usable-spare':
      return {
        title: 'no usable spare',
        why: 'The spare is flat, worn out or past its age limit: do not count on it.',
      };
    case 'target-over-maximum':
      return {
        title: `tires set to ${measure(Number(have), 'pressure', system)}, but tire, wheel or valve is good for only ${measure(Number(want), 'pressure', system)}`,
        why: 'The lowest of the three sets the limit. Install metal valves, or choose another rule for the target.',
      };
    case 'tire-not-trailer':
      return {
        title: 'a passenger tire',
        why: 'Trailer tires have stiffer walls. A passenger tire runs hot and sways under a trailer.',
      };
    case 'tire-for-trucks':
      return {
        title: 'a light truck tire',
        why: "Some trailer makers allow it, some do not: check the trailer's manual.",
      };
    case 'tires-differ':
      return {
        title: `tires of one axle differ: ${String(have)} and ${String(want)}`,
        why: 'Both tires of an axle have to match: the taller one carries more and runs hot.',
      };
    case 'tire-aging':
      return {
        title: `tire is ${years(have)} old`,
        why: `Your limit is ${String(want)} years. Age beats tread on trailers.`,
      };
    case 'tire-old':
      return {
        title: `tire is ${years(have)} old, past your limit of ${String(want)}`,
        why: 'Age beats tread on trailers: it cracks from the inside.',
      };
    case 'tire-too-old':
      return {
        title: `tire is ${years(have)} old`,
        why: 'Past ten years no trailer tire belongs on a highway, whatever its tread.',
      };
    case 'tire-last-century':
      return {
        title: `tire made before 2000 (${String(have)})`,
        why: 'Three digits are a date of the last century: past any limit.',
      };
    case 'tire-code-wrong':
      return {
        title: `DOT date ${String(have)} names no week`,
        why: 'Weeks run from 01 to 53, then two digits of the year. Read it again, the inner wall too.',
      };
    case 'battery-old':
      return {
        title: `breakaway battery is ${years(have)} old`,
        why: 'Past two years it may not hold the brakes on when it must.',
      };
  }
}

/** The same in the few letters that stand beside a wheel. */
export function conflictShort(conflict: Conflict): string {
  const { code, have } = conflict;
  if (code === 'tire-last-century') return 'tire before 2000';
  if (code === 'tire-old' || code === 'tire-too-old' || code === 'tire-aging')
    return `tire ${Math.floor(Number(have))} y old`;
  return code.startsWith('tire') || code === 'load-range-weak' ? 'tire: see why' : 'facts differ';
}

/** What does not agree, with where it is; of the rig as a whole, by itself. */
export function conflictTitle(conflict: Conflict, system: UnitSystem): string {
  const { title } = conflictWords(conflict, system);
  return conflict.place === 'rig' ? capital(title) : `${placeName(conflict.place)}: ${title}`;
}
