import { ends, OF_A_REFIT, repair } from './define';

/** Pads of a disc brake. */
export const padRenew = repair({
  places: ends(({ brake }) => brake === 'hydraulic-disc'),
  matter: () => 'safety',
  wheelOff: true,
  paired: true,
  covers: ['brake-measure', ...OF_A_REFIT],
});
