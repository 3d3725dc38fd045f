import { hasDrum } from '../../rig';
import { may, must, type StepDef } from './step';

/** Cleaning, looking, and what is renewed (handbook 4.3 and 5). */
export const LOOK: readonly StepDef[] = [
  { id: 'clean', phase: 'look', scope: 'end', needs: ['inner out {}'], gives: ['clean {}'], minutes: 12 },
  {
    id: 'look-bearings',
    phase: 'look',
    scope: 'end',
    needs: ['clean {}'],
    gives: ['bearings seen {}'],
    readings: [may('inner-roller'), may('inner-race'), may('outer-roller'), may('outer-race')],
    subjects: ['rollers'],
    minutes: 5,
  },
  {
    id: 'look-spindle',
    phase: 'look',
    scope: 'end',
    needs: ['clean {}'],
    gives: ['spindle seen {}'],
    subjects: ['spindle'],
    minutes: 2,
  },
  {
    id: 'look-brake',
    phase: 'look',
    scope: 'end',
    needs: ['hub off {}'],
    gives: ['brake seen {}'],
    subjects: ['lining'],
    minutes: 3,
    when: hasDrum,
  },
  {
    id: 'renew',
    phase: 'look',
    scope: 'end',
    needs: ['bearings seen {}'],
    gives: ['renewed {}'],
    readings: [must('renewed')],
    minutes: 3,
  },
];
