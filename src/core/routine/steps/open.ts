import { hasDrum, type Axle } from '../../rig';
import { may, type StepDef } from './step';

const disc = (axle: Axle) => axle.brake === 'hydraulic-disc';

/** Opening a hub: cap, lock, nut, bearings and seal, in the one order that loses nothing (handbook 4.3). */
export const OPEN: readonly StepDef[] = [
  {
    id: 'caliper-off',
    phase: 'open',
    scope: 'end',
    needs: ['wheel off {}'],
    gives: ['caliper off {}'],
    minutes: 5,
    when: disc,
  },
  { id: 'cap-off', phase: 'open', scope: 'end', needs: ['wheel off {}'], gives: ['cap off {}'], minutes: 2 },
  { id: 'lock-out', phase: 'open', scope: 'end', needs: ['cap off {}'], gives: ['lock out {}'], minutes: 2 },
  {
    id: 'mark-hole',
    phase: 'open',
    scope: 'end',
    needs: ['lock out {}'],
    gives: ['hole marked {}'],
    minutes: 1,
    when: (axle) => axle.hub === 'drilled' && axle.lock === 'cotter',
  },
  {
    id: 'nut-off',
    phase: 'open',
    scope: 'end',
    needs: ['lock out {}', 'hole marked {}'],
    gives: ['nut off {}'],
    minutes: 1,
  },
  {
    id: 'outer-out',
    phase: 'open',
    scope: 'end',
    needs: ['nut off {}'],
    gives: ['outer out {}'],
    minutes: 1,
  },
  {
    id: 'shoes-back',
    phase: 'open',
    scope: 'end',
    needs: ['wheel off {}'],
    gives: ['shoes back {}'],
    minutes: 2,
    when: hasDrum,
  },
  {
    id: 'hub-off',
    phase: 'open',
    scope: 'end',
    needs: ['outer out {}', 'shoes back {}', 'caliper off {}'],
    gives: ['hub off {}'],
    minutes: 2,
  },
  {
    id: 'read-seal',
    phase: 'open',
    scope: 'end',
    needs: ['hub off {}', 'seal in place {}'],
    gives: ['seal read {}'],
    readings: [may('seal-number')],
    subjects: ['seal', 'old-grease'],
    minutes: 2,
  },
  {
    id: 'seal-out',
    phase: 'open',
    scope: 'end',
    needs: ['hub off {}', 'seal read {}'],
    gives: ['seal out {}'],
    takes: ['seal in place {}'],
    minutes: 2,
  },
  {
    id: 'inner-out',
    phase: 'open',
    scope: 'end',
    needs: ['seal out {}'],
    gives: ['inner out {}'],
    minutes: 1,
  },
];
