import { readArchive, writeArchive } from '../../src/core/exchange';
import { sha256Of } from '../../src/core/testing/zipped';
import { longLog } from '../log';
import { medianAwaited, type Part } from '../table';

/** The archive, out and in. */
export const archive: Part = {
  says: 'an archive of 20,000 entries written, and checked to its last line',
  measure: async () => {
    const log = longLog(20_000);
    const now = log.at(-1)?.happened ?? '';
    const write = () => writeArchive({ entries: log }, now, { sha256: sha256Of });
    const file = await write();
    const read = async () => {
      if (!(await readArchive(file, { sha256: sha256Of })).ok)
        throw new Error('the archive does not read back');
    };
    return [
      {
        what: 'write an archive of 20,000',
        measured: await medianAwaited(5, write),
        unit: 'ms',
      },
      {
        what: 'check an archive of 20,000',
        measured: await medianAwaited(5, read),
        unit: 'ms',
        budget: 4000,
      },
    ];
  },
};
