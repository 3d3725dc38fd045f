import { tireAgeLimit } from '../schools';
import { DAYS_A_YEAR, house, OF_A_REFIT, routine, TIRE_WATCHED, tires } from './define';

/** A tire at the end of its years. */
export const tireRenew = routine({
  places: tires,
  matter: () => 'safety',
  interval: (about) => {
    const limit = tireAgeLimit(about.house);
    const soon = Math.min(TIRE_WATCHED, limit - 1) * DAYS_A_YEAR;
    return { days: { ...house(limit * DAYS_A_YEAR), soon } };
  },
  ofPart: 'tire',
  oneOf: ['tire'],
  paired: true,
  covers: ['tire-look', ...OF_A_REFIT],
});
