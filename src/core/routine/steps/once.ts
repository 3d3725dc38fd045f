import { step } from './step';

const card = { scope: 'card' } as const;

/** What makes the rig safe to work on: held, and steadied (handbook 4.1). */
export const SET_UP = [
  step('brake-on', 'ground', 2, { ...card, gives: ['braked'] }),
  step('steady', 'ground', 3, {
    ...card,
    optional: true,
    gives: ['steadied'],
    when: ({ steadied }) => steadied,
  }),
];

/** The wheels that stay down are chocked when the first corner across from them is next. */
export const CHOCK = step('chock', 'ground', 1, {
  scope: 'side',
  needs: ['braked'],
  gives: ['chocked {side}', 'held'],
});

/** The work changes sides: no chock stays under a wheel that is raised next. */
export const CHOCK_OVER = step('chock-over', 'ground', 1, {
  scope: 'side',
  needs: ['braked'],
  gives: ['chocked {side}'],
  takes: ['chocked {other}'],
});

/** What ends a card, once every corner is down and at torque. */
export const UNCHOCK = step('unchock', 'end', 1, { ...card, gives: ['clear'] });
