import { everyEnd, OF_A_REFIT, repair } from './define';

/** A wheel changed for the spare; a rig without one has nothing to change it for. */
export const tireChange = repair({
  places: (model) => (model.spares > 0 ? everyEnd(model) : []),
  matter: () => 'safety',
  wheelOff: true,
  oneOf: ['tire'],
  covers: [...OF_A_REFIT],
});
