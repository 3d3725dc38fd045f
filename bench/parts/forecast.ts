import { seeded } from '../../src/core/base';
import { historyOf, sampleFutures, UNTOLD } from '../../src/core/duty';
import { calibrate } from '../../src/core/testing/calibrate';
import { foldEntries, HOUSE } from '../../src/core/log';
import { longLog } from '../log';
import { median, type Part } from '../table';

/** When things fall due, and how often the band holds what happens. */
export const forecast: Part = {
  says: 'sampled futures of three rigs; how often the 80 % band holds the truth',
  measure: () => {
    const log = longLog(20_000);
    const now = log.at(-1)?.happened ?? '';
    const fold = foldEntries(log);
    const rigs = Object.keys(fold.state.rigs).filter((rig) => rig !== HOUSE);
    const histories = rigs.map((rig) => historyOf(fold, rig, now));
    const measured = median(7, () => {
      const random = seeded(1);
      for (const history of histories)
        sampleFutures(history, { now, weeks: 104, count: 2000, prior: UNTOLD }, random);
    });
    // Owners this seed makes up were not looked at while the forecast was written.
    const { held, owners } = calibrate(1000, 600, seeded(2026));
    return [
      { what: `2,000 futures × ${rigs.length} rigs × 2 years`, measured, unit: 'ms', budget: 500 },
      { what: `80 % band holds the truth, ${owners} owners (75–85)`, measured: held * 100, unit: '%' },
    ];
  },
};
