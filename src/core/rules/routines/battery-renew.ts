import { at, BATTERY_YEARS, DAYS_A_YEAR, house, routine } from './define';

/** The breakaway battery at the end of its years. */
export const batteryRenew = routine({
  places: at('breakaway'),
  matter: () => 'safety',
  interval: () => ({ days: house(BATTERY_YEARS * DAYS_A_YEAR) }),
  ofPart: 'battery',
});
