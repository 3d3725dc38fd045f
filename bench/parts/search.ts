import { foldEntries } from '../../src/core/log';
import { LogbookReader } from '../../src/keeper/reads';
import { LogSearch } from '../../src/keeper/reads/search';
import { longLog } from '../log';
import { median, type Part } from '../table';

/** Words found in the Logbook. */
export const search: Part = {
  says: 'one word sought through 20,000 entries, the first time and again; a page of the Logbook',
  measure: () => {
    const fold = foldEntries(longLog(20_000));
    const reader = new LogbookReader();
    const search = new LogSearch();
    const seek = (by: LogSearch, sought: string) =>
      reader.page(fold, { most: 60 }, by.matching(fold, 'us', sought));
    const first = median(3, () => void seek(new LogSearch(), 'weeping'), 1);
    seek(search, 'weeping');
    return [
      { what: 'one word through 20,000 entries, first time', measured: first, unit: 'ms' },
      {
        what: 'one word through 20,000 entries, again',
        measured: median(9, () => void seek(search, 'repack')),
        unit: 'ms',
      },
      {
        what: 'a page of the Logbook',
        measured: median(15, () => void reader.page(fold, { most: 60 })),
        unit: 'ms',
        decimals: 2,
      },
    ];
  },
};
