import { ends, OF_A_HUB, repair } from './define';

/** A brake magnet. */
export const magnetRenew = repair({
  places: ends(({ brake }) => brake === 'electric'),
  matter: () => 'safety',
  wheelOff: true,
  oneOf: ['magnet'],
  paired: true,
  covers: OF_A_HUB,
});
