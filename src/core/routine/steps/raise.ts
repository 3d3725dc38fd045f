import { must, type StepDef } from './step';

/** Raising one corner: from the nuts broken loose to the wheel off (handbook 4.1). */
export const RAISE: readonly StepDef[] = [
  {
    id: 'cover-off',
    phase: 'ground',
    scope: 'end',
    needs: [],
    gives: ['cover off {}'],
    minutes: 1,
    optional: true,
  },
  {
    id: 'break-loose',
    phase: 'ground',
    scope: 'end',
    needs: ['braked', 'chocked {side}', 'down {}', 'tight {}'],
    gives: ['loose {}'],
    takes: ['tight {}'],
    minutes: 2,
  },
  {
    id: 'jack',
    phase: 'up',
    scope: 'end',
    needs: ['loose {}', 'down {}'],
    gives: ['up {}'],
    takes: ['down {}'],
    minutes: 3,
  },
  { id: 'stand', phase: 'up', scope: 'end', needs: ['up {}'], gives: ['stand {}'], minutes: 1 },
  {
    id: 'feel',
    phase: 'up',
    scope: 'end',
    needs: ['stand {}', 'wheel {}'],
    gives: ['felt {}'],
    subjects: ['rock', 'spin'],
    minutes: 2,
  },
  {
    id: 'wheel-off',
    phase: 'up',
    scope: 'end',
    needs: ['stand {}', 'loose {}', 'wheel {}', 'felt {}'],
    gives: ['wheel off {}'],
    takes: ['wheel {}', 'loose {}'],
    readings: [must('nuts-counted')],
    minutes: 2,
  },
];
