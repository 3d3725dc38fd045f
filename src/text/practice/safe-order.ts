import type { Breach } from '@/core/routine';
import { capital } from '../measure';

/** What comes of it when a rule of the safe order is broken, by its number (handbook 7); 0 is what cannot be done at all. */
const THEN: Readonly<Record<number, string>> = {
  0: 'It cannot be done yet: what has to come off or be ready first is not.',
  1: 'The trailer can roll off the jack with you beside it.',
  2: 'In the air the wheel turns with the wrench, and the pull can rock the trailer off its jack.',
  3: 'The jack slips, sinks or bends what it lifts.',
  4: 'If the jack lets go, hands and legs are under it.',
  5: 'The cap cannot be reached, or is bent in the trying.',
  6: 'Something is forced past what still holds it, and is spoiled or falls.',
  7: 'The drum hangs on its shoes; forced, it breaks them.',
  8: 'Dirt or another grease goes into the new bearing with the good.',
  9: 'The seal goes in crooked or has to come out again, and leaks.',
  10: 'The nut is not locked, or nobody feels that it is wrong before it runs.',
  11: 'The brake is set to a wheel that does not sit where it will run.',
  12: 'The wheel sits crooked or unevenly tight, and its nuts work loose.',
  13: 'Nobody looks at the nuts when they settle, in the first miles.',
  14: 'You find out on the road that it does not brake, or does not let go.',
  15: 'The axle or a spring drops or swings with nobody holding it.',
  16: 'A nut, pin, plug or cap stays on the ground, and the trailer goes.',
  17: 'With both sides up the trailer stands on two points and tips.',
};

/** A broken rule in words: what should have been, and what would have come of it. */
export function brokenWords({ rule, why }: Pick<Breach, 'rule' | 'why'>): {
  readonly rule: string;
  readonly then: string;
} {
  return { rule: `${capital(why)}.`, then: THEN[rule] ?? '' };
}
