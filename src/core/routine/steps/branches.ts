import { hasDrum, type Axle } from '../../rig';
import { BRANCH_IDS, type BranchId, type Subject, type WorkId } from '../../rules';
import type { Verdict } from '../../base';
import type { Act } from './acts';
import { must, step, type StepDef } from './step';

export { BRANCH_IDS, type BranchId };

/** A branch: at which steps it shows, what is put in before which step, and what it leaves behind. */
export interface BranchDef {
  readonly id: BranchId;
  readonly at: readonly Act[];
  /** Left out where this wheel end cannot have it. */
  readonly when?: (axle: Axle | undefined) => boolean;
  readonly add: readonly { readonly before: Act; readonly step: StepDef }[];
  /** What a grade at the place would say as well: one finding is enough. */
  readonly says?: Subject;
  /** Grades that leave no other way: the branch is taken with them. */
  readonly forced?: { readonly subject: Subject; readonly grades: readonly string[] };
  readonly finding?: { readonly verdict: Exclude<Verdict, 'clear'>; readonly remedy?: WorkId };
}

/** Shoes that a drum hangs on, or that grease runs onto. */
const drum = (axle: Axle | undefined) => axle !== undefined && hasDrum(axle);

/** The ring of thread that a broken cap leaves in the hub comes out before another cap goes in. */
const UNWIND_BEFORE = (before: Act) => ({
  before,
  step: step('unwind-ring', 'open', 6, {
    needs: ['cap off {}', 'lock seen {}'],
    gives: ['ring out {}'],
    tool: 'pliers',
  }),
});

/** Every branch (handbook 4.2, 4.3, 4.6, 4.8). */
export const BRANCHES: Readonly<Record<BranchId, BranchDef>> = {
  'pin-stuck': {
    id: 'pin-stuck',
    at: ['lock-out'],
    add: [
      {
        before: 'lock-out',
        step: step('soak-pin', 'open', 10, {
          needs: ['cap off {}'],
          gives: ['pin moved {}'],
          tool: 'hammer',
        }),
      },
    ],
  },
  'drum-hangs': {
    id: 'drum-hangs',
    at: ['hub-off'],
    when: drum,
    add: [
      {
        before: 'hub-off',
        step: step('free-drum', 'open', 6, {
          needs: ['outer out {}', 'shoes back {}'],
          gives: ['drum free {}'],
          tool: 'spoon',
        }),
      },
    ],
  },
  'seal-walked': {
    id: 'seal-walked',
    at: ['hub-off', 'read-seal', 'seal-out'],
    when: drum,
    add: [
      {
        before: 'hub-on',
        step: step('grease-off-brake', 'look', 10, {
          needs: ['clean {}', 'brake seen {}'],
          gives: ['brake clean {}'],
          tool: 'solvent',
        }),
      },
    ],
    finding: { verdict: 'watch' },
  },
  'line-behind': {
    id: 'line-behind',
    at: ['read-seal', 'seal-out', 'look-spindle'],
    add: [
      {
        before: 'seal-out',
        step: step('clear-line', 'open', 4, {
          needs: ['hub off {}'],
          gives: ['line cleared {}'],
          tool: 'pliers',
        }),
      },
    ],
    finding: { verdict: 'watch' },
  },
  'washer-missing': {
    id: 'washer-missing',
    at: ['outer-out', 'outer-in'],
    add: [
      {
        before: 'outer-in',
        step: step('find-washer', 'close', 5, { needs: ['hub on {}'], gives: ['washer {}'] }),
      },
    ],
  },
  'cap-broke': {
    id: 'cap-broke',
    at: ['cap-off', 'cap-look'],
    when: (axle) => axle?.cap === undefined || axle.cap === 'screw',
    add: [UNWIND_BEFORE('cap-on'), UNWIND_BEFORE('cap-fit')],
    finding: { verdict: 'due', remedy: 'cap-renew' },
  },
  'bolt-bound': {
    id: 'bolt-bound',
    at: ['joints-off'],
    add: [
      {
        before: 'joints-off',
        step: step('free-bolt', 'frame', 15, {
          scope: 'side',
          needs: ['framed', 'axles held'],
          gives: ['bolt free {side}'],
          tool: 'hammer',
        }),
      },
    ],
  },
  'stud-sheared': {
    id: 'stud-sheared',
    at: ['break-loose', 'wheel-off'],
    add: [
      {
        before: 'wheel-on',
        step: step('renew-stud', 'open', 15, {
          needs: ['wheel off {}'],
          gives: ['stud {}'],
          readings: [must('studs-done')],
          tool: 'hammer',
        }),
      },
    ],
  },
  // Whatever the card is at, the rig is not towed on it before it is renewed.
  'stud-breaks': {
    id: 'stud-breaks',
    at: ['wheel-on', 'hand-start', 'torque', 'threads', 'check-lugs'],
    add: [],
    finding: { verdict: 'stop' },
  },
  'nut-galls': {
    id: 'nut-galls',
    at: ['hand-start', 'torque', 'threads', 'check-lugs'],
    add: [],
    finding: { verdict: 'stop' },
  },
  'stud-turns': { id: 'stud-turns', at: ['torque', 'check-lugs'], add: [], finding: { verdict: 'stop' } },
  'grease-behind': {
    id: 'grease-behind',
    at: ['pump', 'look-back', 'top-up'],
    add: [],
    says: 'grease-back',
    finding: { verdict: 'due', remedy: 'repack' },
  },
  'falls-through': {
    id: 'falls-through',
    at: ['bush-out', 'bush-in', 'look-eye'],
    forced: { subject: 'eye', grades: ['worn', 'cracked'] },
    add: [
      {
        before: 'bush-in',
        step: step('renew-spring', 'frame', 40, {
          scope: 'side',
          needs: ['bush out {side}', 'eye seen {side}'],
          gives: ['spring {side}'],
          tool: 'wrench',
        }),
      },
    ],
    finding: { verdict: 'watch' },
  },
  'hole-oval': {
    id: 'hole-oval',
    at: ['joints-off', 'look-hangers'],
    add: [],
    says: 'hanger',
    finding: { verdict: 'stop' },
  },
};

/** The branches that can show at a step of a wheel end with such an axle. */
export function branchesAt(act: Act, axle: Axle | undefined): readonly BranchDef[] {
  return BRANCH_IDS.map((id) => BRANCHES[id]).filter(
    ({ at, when }) => at.includes(act) && (!when || when(axle)),
  );
}
