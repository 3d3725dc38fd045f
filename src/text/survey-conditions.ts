import type { ConditionId } from '@/core/duty';

type Verdicts = Readonly<Record<'clear' | 'watch' | 'due' | 'stop', string>>;

const GEAR_GRADES: Verdicts = {
  clear: 'Sound, works',
  watch: 'Worn or rusty, works',
  due: 'Worn out, stiff, bent or missing',
  stop: 'Cracked, broken, or does not hold',
};

/** What is looked at at a wheel end, and how it is graded (handbook section 5). */
export const CONDITIONS: Record<
  Exclude<ConditionId, 'gear'>,
  { readonly name: string; readonly look: string; readonly grades: Verdicts }
> = {
  tire: {
    name: 'Tire wall and tread',
    look: 'Both walls, with a light on the inner one. Tread at three points across.',
    grades: {
      clear: 'Clean wall, over {4/32 in} of tread',
      watch: 'Fine crazing, or {2/32 to 4/32 in}',
      due: 'Cracks you can open, a cut, a flat spot, or {2/32 in} and less',
      stop: 'Bulge, cord, or the tread comes away',
    },
  },
  wheel: {
    name: 'Wheel and lugs',
    look: 'Every lug there and tight by wrench; studs straight; no rust streaks from the holes.',
    grades: {
      clear: 'All there, all tight',
      watch: 'One moved a little at torque',
      due: 'Lugs of different kinds, rust streaks, a dented rim',
      stop: 'A lug loose by hand, a stud broken, a hole worn',
    },
  },
  suspension: {
    name: 'Springs, pivots, fixings',
    look: 'Leaves, hangers, bushings and U-bolts, or the torsion arm and its bolts.',
    grades: {
      clear: 'No play, nothing cracked',
      watch: 'Play you can see, rust scale',
      due: 'Play you can feel, bright metal, an oval eye',
      stop: 'A leaf, bolt or hanger cracked',
    },
  },
  hub: {
    name: 'Hub and the back of the wheel',
    look: 'Cap on and round. Grease on the wheel or behind it means the seal has gone.',
    grades: {
      clear: 'Cap there, dry behind',
      watch: 'Damp behind, or the cap dented',
      due: 'Grease weeps, or the cap is missing',
      stop: 'Grease on brake or tire, blue metal, smell',
    },
  },
  play: {
    name: 'Rock and spin',
    look: 'Rock it at 12 and 6, then 3 and 9. Spin it, ear near the hub.',
    grades: {
      clear: 'No rock, spins free',
      watch: 'Just felt, or a light growl',
      due: 'Rock you can see, or rough and clicking',
      stop: 'Clunks, grinds, or the hub tilts',
    },
  },
};

/** How an item of a survey that is graded is graded. */
export function gradesFor(condition: ConditionId): Verdicts {
  return condition === 'gear' ? GEAR_GRADES : CONDITIONS[condition].grades;
}
