import { foldEntries } from '../../src/core/log';
import { LogbookReader } from '../../src/keeper/reads';
import { entryTeller } from '../../src/keeper/reads/words';
import { longLog } from '../log';
import { median, type Part } from '../table';

/** Words found in the Logbook. */
export const search: Part = {
  says: 'one word sought through 20,000 entries, the first time and again; a page of the Logbook',
  measure: () => {
    const fold = foldEntries(longLog(20_000));
    const wanted = { sought: 'nothing says this', units: 'us', most: 60 } as const;
    const reader = new LogbookReader();
    const first = median(3, () => void new LogbookReader().page(fold, wanted, entryTeller), 1);
    reader.page(fold, wanted, entryTeller);
    return [
      { what: 'one word through 20,000 entries, first time', measured: first, unit: 'ms' },
      {
        what: 'one word through 20,000 entries, again',
        measured: median(9, () => void reader.page(fold, wanted, entryTeller)),
        unit: 'ms',
      },
      {
        what: 'a page of the Logbook',
        measured: median(15, () => void reader.page(fold, { ...wanted, sought: '' })),
        unit: 'ms',
        decimals: 2,
      },
    ];
  },
};
