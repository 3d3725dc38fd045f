import { extend, foldEntries, type Entry } from '../../src/core/log';
import { longLog, mixOf } from '../log';
import { bestInTurns, median, type Part } from '../table';

const COUNT = 20_000;

/** Folding the log, and reading it. */
export const fold: Part = {
  says: 'folding 20,000 entries, one more, one late; beside JSON.parse of the same bytes',
  measure: () => {
    const all = longLog(COUNT + 1);
    const log = all.slice(0, COUNT);
    const last = all[COUNT] as Entry;
    const text = JSON.stringify(log);
    console.log(`The log: ${mixOf(log)}; ${(text.length / 1e6).toFixed(1)} MB`);
    const folded = foldEntries(log);
    const late = {
      ...last,
      id: 'ffffffff-ffff-7000-a000-000000000000',
      happened: log[COUNT / 2]?.happened ?? '',
    };
    const [parse, cold] = bestInTurns(
      25,
      () => void JSON.parse(text),
      () => void foldEntries(log),
    );
    return [
      { what: 'JSON.parse of the same entries, best', measured: parse, unit: 'ms' },
      { what: 'fold 20,000 entries cold, best', measured: cold, unit: 'ms' },
      { what: 'fold over JSON.parse', measured: cold / parse, unit: 'times', budget: 2, decimals: 2 },
      {
        what: 'one more entry after 20,000',
        measured: median(60, () => void extend(folded, [last])),
        unit: 'ms',
        budget: 2,
        decimals: 2,
      },
      {
        what: 'one late entry, 10,000 back',
        measured: median(15, () => void extend(folded, [late])),
        unit: 'ms',
      },
    ];
  },
};
