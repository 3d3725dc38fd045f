import { everyEnd, routine, seasonal } from './define';

/** The adapters' own nuts, behind the wheel. */
export const adapterTorque = routine({
  places: (model) => (model.wheels.adapter?.fitted ? everyEnd(model) : []),
  matter: () => 'safety',
  interval: ({ season }) => seasonal('mid', season),
  round: true,
  wheelOff: true,
  covers: ['lug-torque'],
  doneBy: ({ graded }) => graded('adapter-move'),
});
