import { hubTakesFitting } from '../../rig';
import { COUPLE_OF_THOUSAND, ends, house, routine, YEAR } from './define';

/** Grease through the fitting. */
export const grease = routine({
  places: (model, rules) => (rules.grease === 'never' ? [] : ends(hubTakesFitting)(model)),
  matter: () => 'upkeep',
  interval: ({ season }) => ({
    distance: house(COUPLE_OF_THOUSAND),
    ...(season ? { seasons: ['layup'] } : { days: house(YEAR) }),
  }),
  round: true,
  doneBy: ({ greased, did }) => greased || did('repack', 'bearing-renew', 'hub-renew', 'brakes-install'),
});
