import { repair, when } from './define';

/** Bushings and equalizer. */
export const bushings = repair({
  places: when((model) => model.axles.some(({ suspension }) => suspension === 'leaf')),
  matter: () => 'safety',
  leaves: 'fixings',
});
