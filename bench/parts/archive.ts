import { readArchive, writeArchive } from '../../src/core/exchange';
import { longLog } from '../log';
import { median, type Part } from '../table';

/** The archive, out and in. */
export const archive: Part = {
  says: 'an archive of 20,000 entries written, and checked to its last line',
  measure: () => {
    const log = longLog(20_000);
    const now = log.at(-1)?.happened ?? '';
    const bytes = writeArchive(log, now);
    const read = () => {
      if (!readArchive(bytes).ok) throw new Error('the archive does not read back');
    };
    return [
      {
        what: 'write an archive of 20,000',
        measured: median(5, () => void writeArchive(log, now), 1),
        unit: 'ms',
      },
      { what: 'check an archive of 20,000', measured: median(5, read, 1), unit: 'ms', budget: 4000 },
    ];
  },
};
