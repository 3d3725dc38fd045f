import type { StepDef } from './step';

/** Rounds of the star are put in by the compiler, by school, where `torque-air` and `torque-ground` are provided. */
export const SET_UP: readonly StepDef[] = [
  { id: 'brake-on', phase: 'ground', scope: 'card', needs: [], gives: ['braked'], minutes: 2 },
  { id: 'chock', phase: 'ground', scope: 'side', needs: [], gives: ['chocked {side}'], minutes: 1 },
  {
    id: 'steady',
    phase: 'ground',
    scope: 'card',
    needs: [],
    gives: ['steadied'],
    minutes: 3,
    optional: true,
    when: (_, kind) => kind === 'rv',
  },
];

/** What ends a card, once every corner is down and at torque. */
export const CLEAR_UP: readonly StepDef[] = [
  { id: 'unchock', phase: 'down', scope: 'card', needs: [], gives: ['clear'], minutes: 1 },
];
