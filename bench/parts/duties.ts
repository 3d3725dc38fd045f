import { dutiesOf } from '../../src/core/duty';
import { foldEntries } from '../../src/core/log';
import { longLog } from '../log';
import { median, type Part } from '../table';

/** What is due. */
export const duties: Part = {
  says: 'all duties of three rigs',
  measure: () => {
    const log = longLog(20_000);
    const now = log.at(-1)?.happened ?? '';
    const rigs = Object.values(foldEntries(log).state.rigs);
    const measured = median(60, () => {
      for (const rig of rigs) dutiesOf(rig, now);
    });
    return [{ what: 'all duties of 3 rigs', measured, unit: 'ms', budget: 10, decimals: 2 }];
  },
};
