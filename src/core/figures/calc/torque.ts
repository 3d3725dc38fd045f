import { checkTorque } from '../torque-check';
import { clampLoad, FRICTION, greasedOver } from '../clamp';
import { crowfootSetting } from '../crowfoot';
import { toSI } from '../../base';
import { defineCalc, plain, quantity } from './define';

const inch = (value: number) => toSI(value, 'in');
const torque = quantity('torque', 5, 1000, toSI(1, 'lbf·ft'), {
  fill: ({ wheels }) => wheels.torque && { value: wheels.torque.value, source: wheels.torque.source },
});
const stud = quantity('length', inch(0.3), inch(1), inch(1 / 16), {
  fill: ({ wheels }) =>
    wheels.studDiameter && { value: wheels.studDiameter.value, source: wheels.studDiameter.source },
});

/** What a wrench is set to with an offset adapter on it (handbook 8.1). */
export const adapter = defineCalc({
  inputs: {
    torque,
    wrench: quantity('length', inch(4), inch(60), inch(0.5), { example: inch(18) }),
    adapter: quantity('length', inch(0.25), inch(24), inch(1 / 8), { example: inch(2.5) }),
    angle: plain('°', 0, 180, 5, { usual: 0 }),
  },
  results: { setting: { as: 'quantity', of: 'torque', decimals: 1 } },
  work: ({ n }) => {
    if (n('adapter') >= n('wrench')) return { at: 'adapter', code: 'longer-than-wrench' };
    return {
      results: {
        setting: crowfootSetting(n('torque'), n('wrench'), n('adapter'), (n('angle') * Math.PI) / 180),
      },
    };
  },
  sensitive: { input: 'adapter', step: inch(1 / 8) },
});

/** Why greased threads need less torque: never worked back to one (handbook 8.14). */
export const clamp = defineCalc({
  inputs: { torque, stud },
  results: {
    dry: { as: 'quantity', of: 'weight', decimals: 0 },
    least: { as: 'quantity', of: 'weight', decimals: 0 },
    most: { as: 'quantity', of: 'weight', decimals: 0 },
    more: { as: 'plain', unit: '%', decimals: 0 },
  },
  work: ({ n }) => {
    // Forces are told as what weighs as much.
    const at = (friction: number) => clampLoad(n('torque'), n('stud'), friction) / 9.80665;
    return {
      results: {
        dry: at(FRICTION.dry),
        least: at(FRICTION.greased.max),
        most: at(FRICTION.greased.min),
        more: (greasedOver().max - 1) * 100,
      },
    };
  },
});

/** Whether a lug torque is usual for its stud; it never replaces the maker's (handbook 8.15). */
export const studTorque = defineCalc({
  inputs: { stud, torque: { ...torque, optional: true } },
  results: {
    from: { as: 'quantity', of: 'torque', decimals: 0 },
    to: { as: 'quantity', of: 'torque', decimals: 0 },
  },
  work: ({ n, maybe }) => {
    const torque = maybe('torque');
    const { min, max, usual } = checkTorque(torque ?? 0, n('stud'));
    return {
      results: { from: min, to: max },
      ...(torque !== undefined && {
        verdict: usual ? ('clear' as const) : ('watch' as const),
        said: usual ? 'usual' : 'unusual',
      }),
    };
  },
});
