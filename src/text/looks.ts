import type { LookId } from '@/core/road';

export interface LookWords {
  readonly name: string;
  /** What clear means, as one tap says it. */
  readonly clear: string;
}

export const LOOK_WORDS: Record<
  Exclude<LookId, 'own' | 'gear' | 'lamp' | 'chain' | 'strap' | 'weld' | 'coupler'>,
  LookWords
> = {
  tire: { name: 'Tire wall and tread', clear: 'no cut, bulge, nail or crack' },
  tread: { name: 'Tread depth', clear: 'over {4/32 in} all across' },
  wear: { name: 'Wear across', clear: 'even from edge to edge' },
  valve: { name: 'Valve', clear: 'stem sound, cap on' },
  pressure: { name: 'Pressure', clear: 'on target' },
  torque: { name: 'Lugs by wrench', clear: 'no nut moved at torque' },
  nuts: { name: 'Nuts', clear: 'all there, none has turned' },
  cap: { name: 'Cap', clear: 'on and dry' },
  oil: { name: 'Oil in the hub', clear: 'at the line, clear' },
  hub: { name: 'Hub', clear: 'my hand stays on it' },
  weep: { name: 'Back of the wheel', clear: 'no grease' },
  rock: { name: 'Rock, wheel up', clear: 'none felt at 12 and 6, 3 and 9' },
  spin: { name: 'Spin, wheel up', clear: 'free and even' },
  drag: { name: 'Brake drag', clear: 'even, like its mate' },
  pivot: { name: 'Spring pivots', clear: 'no play' },
  fluid: { name: 'Brake fluid', clear: 'at the line, clear' },
  lights: { name: 'All lamps', clear: 'running, brake, left, right' },
};

/** What is looked at, by its id. */
export function lookName(look: string): string {
  return look in LOOK_WORDS ? LOOK_WORDS[look as keyof typeof LOOK_WORDS].name : 'Checked';
}
