import { hubTakesFitting } from '../../rig';
import { ends, greaseInterval, routine } from './define';

/** Grease through the fitting. */
export const grease = routine({
  places: (model, rules) => (rules.grease === 'never' ? [] : ends(hubTakesFitting)(model)),
  matter: () => 'upkeep',
  interval: greaseInterval,
  round: true,
  doneBy: ({ greased, did }) =>
    greased || did('repack', 'bearing-renew', 'hub-renew', 'hub-build', 'brakes-install'),
});
