import { seeded } from '../../src/core/base';
import { foldEntries, HOUSE } from '../../src/core/log';
import { rateTrends } from '../../src/core/testing/seasons';
import { historyOfReadings, trendsAt } from '../../src/core/judge';
import { HOUSE_DEFAULT } from '../../src/core/rules';
import { longLog } from '../log';
import { median, type Part } from '../table';

/** What readings say over time, and how often they say it wrongly. */
export const trends: Part = {
  says: 'history and trends of a wheel end; false and missed alarms over a thousand made-up seasons',
  measure: () => {
    const log = longLog(20_000);
    const now = log.at(-1)?.happened ?? '';
    const fold = foldEntries(log);
    const rig = Object.values(fold.state.rigs).find(({ id, model }) => id !== HOUSE && model);
    const measured = median(7, () => {
      if (rig?.model)
        trendsAt(historyOfReadings(fold, rig.id), { model: rig.model, house: HOUSE_DEFAULT }, '1L', now);
    });
    // A thousand healthy seasons, and as many with a leak and with a failing bearing, of a seed not looked at before.
    const rate = rateTrends(1000, seeded(2027));
    const share = (what: string, of: number) => ({ what, measured: of * 100, unit: '%' });
    return [
      { what: 'history and trends of a wheel end, 20,000 entries', measured, unit: 'ms' },
      share(`healthy tires called leaking, ${rate.seasons} seasons × 4`, rate.leakFalse),
      share(`healthy hubs called failing, ${rate.seasons} seasons × 4`, rate.heatFalse),
      share('leaks of 2.5–6 psi a month found before the plain limit', rate.leakFirst),
      share('failing bearings found at all', rate.heatFound),
      share('failing bearings found before they are watched', rate.heatFirst),
    ];
  },
};
