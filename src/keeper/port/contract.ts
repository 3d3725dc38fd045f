import { makeEntry, type Entry } from '@/core/log';
import { SHELVES, type LogRow, type YardPort } from './port';
import { SEGMENT } from './segments';

const AT = '2026-05-16T14:00:00.000Z';
const RIG = '0196d000-0000-7000-8000-0000000000aa';

/** An entry whose id rises with its number. */
export function numbered(n: number): Entry {
  const id = `0196d000-0000-7000-8000-${n.toString(16).padStart(12, '0')}`;
  return makeEntry('note', { id, rig: RIG, happened: AT, recorded: AT }, { text: `note ${n}` });
}

const many = (count: number, from = 0) => Array.from({ length: count }, (_, i) => numbered(from + i));
const raws = (rows: readonly LogRow[]) => rows.map(({ raw }) => raw);

/** What every maker of a port is held to; `open` gives the same yard again under the same name. */
export function portContract(maker: string, open: (name: string) => YardPort): void {
  let names = 0;
  const fresh = () => open(`${maker}-${(names += 1)}`);

  describe(`the port, by ${maker}`, () => {
    test('an empty yard has no log and nothing on any shelf', async () => {
      const port = fresh();
      expect(await port.log(0)).toEqual([]);
      for (const shelf of SHELVES) expect(await port.all(shelf)).toEqual([]);
      expect(await port.get('drafts', 'setup')).toBeUndefined();
    });

    test('entries come back in the order they arrived, and from a place on', async () => {
      const port = fresh();
      const entries = [numbered(3), numbered(1), numbered(2)];
      await port.change({ append: entries.slice(0, 2) });
      await port.change({ append: entries.slice(2) });
      const rows = await port.log(0);
      expect(raws(rows)).toEqual(entries);
      expect(raws(await port.log(rows[1]?.seq ?? 0))).toEqual(entries.slice(2));
      expect(rows.every(({ seq }, i) => i === 0 || seq > (rows[i - 1]?.seq ?? 0))).toBe(true);
    });

    test('a long log comes back whole, from any place on, and no id of it goes in twice', async () => {
      const port = fresh();
      const entries = many(3 * SEGMENT + 40);
      for (let i = 0; i < entries.length; i += 300) await port.change({ append: entries.slice(i, i + 300) });
      const rows = await port.log(0);
      expect(raws(rows)).toEqual(entries);
      for (const at of [0, 1, SEGMENT - 1, SEGMENT, 2 * SEGMENT + 7, entries.length - 1])
        expect(raws(await port.log(rows[at]?.seq ?? 0))).toEqual(entries.slice(at + 1));
      for (const at of [0, 700, entries.length - 1]) {
        const again = await port.change({ append: [numbered(90_000 + at), numbered(at)] });
        expect(again).toEqual({ ok: false, error: { code: 'twice', id: numbered(at).id } });
      }
      expect((await port.log(0)).length).toBe(entries.length);
      // Brought in from elsewhere: an id among old ones that is not there yet.
      const between = { ...numbered(5), id: numbered(5).id.replace('8000', '8001') };
      expect((await port.change({ append: [between] })).ok).toBe(true);
      expect(raws(await port.log(rows.at(-1)?.seq ?? 0))).toEqual([between]);
    }, 60_000);

    test('a rig is taken out of the log for good, sealed or not; what is left keeps its place, and its ids come in again', async () => {
      const port = fresh();
      const other = '0196d000-0000-7000-8000-0000000000bb';
      const entries = many(2 * SEGMENT + 60).map((entry, i) =>
        i % 3 === 0 ? { ...entry, rig: other } : entry,
      );
      for (let i = 0; i < entries.length; i += 400) await port.change({ append: entries.slice(i, i + 400) });
      const before = await port.log(0);
      await port.change({ purge: [other] });
      const left = entries.filter(({ rig }) => rig === RIG);
      const after = await port.log(0);
      expect(raws(after)).toEqual(left);
      expect(after).toEqual(before.filter(({ raw }) => (raw as Entry).rig === RIG));
      expect(raws(await port.log(after[500]?.seq ?? 0))).toEqual(left.slice(501));
      expect((await port.change({ append: entries.slice(0, 1) })).ok).toBe(true);
      expect((await port.change({ append: left.slice(3, 4) })).ok).toBe(false);
    }, 60_000);

    test('the same id twice in one change is refused', async () => {
      const port = fresh();
      const change = await port.change({ append: [numbered(1), numbered(1)] });
      expect(change).toEqual({ ok: false, error: { code: 'twice', id: numbered(1).id } });
      expect(await port.log(0)).toEqual([]);
    });

    test('rows are put, taken and dropped by their shelf and whole key', async () => {
      const port = fresh();
      const row = (shelf: 'drafts' | 'runs', key: string, value: unknown) => ({ shelf, key, value });
      await port.change({
        put: [
          row('drafts', 'walk AB', { at: 1 }),
          row('drafts', 'walk ABC', { at: 2 }),
          row('runs', 'walk AB', { at: 3 }),
        ],
      });
      await port.change({ drop: [{ shelf: 'drafts', key: 'walk AB' }] });
      expect(await port.all('drafts')).toEqual([{ key: 'walk ABC', value: { at: 2 } }]);
      expect(await port.keys('drafts')).toEqual(['walk ABC']);
      expect(await port.get('drafts', 'walk ABC')).toEqual({ at: 2 });
      expect(await port.get('runs', 'walk AB')).toEqual({ at: 3 });
    });

    test('all of a change is made or none of it', async () => {
      const port = fresh();
      await port.change({ append: [numbered(1)] });
      const change = await port.change({
        put: [{ shelf: 'meta', key: 'archived', value: AT }],
        append: [numbered(2), numbered(1)],
      });
      expect(change.ok).toBe(false);
      expect(await port.get('meta', 'archived')).toBeUndefined();
      expect((await port.log(0)).length).toBe(1);
    });

    test('a change is made only where what it rests on still lies there', async () => {
      const port = fresh();
      const put = (rev: number) => [{ shelf: 'runs' as const, key: 'a', value: { rev } }];
      const when = (is: 'there' | 'gone' | { rev: number }) => [{ shelf: 'runs' as const, key: 'a', is }];
      const outrun = { ok: false, error: { code: 'outrun' } };
      expect(await port.change({ put: put(1), when: when('there') })).toEqual(outrun);
      expect((await port.change({ put: put(1), when: when('gone') })).ok).toBe(true);
      expect(await port.change({ put: put(2), when: when('gone') })).toEqual(outrun);
      expect(await port.change({ put: put(3), when: when({ rev: 2 }) })).toEqual(outrun);
      expect((await port.change({ put: put(2), when: when({ rev: 1 }) })).ok).toBe(true);
      const spent = { drop: [{ shelf: 'runs' as const, key: 'a' }], append: [numbered(1)] };
      expect((await port.change({ ...spent, when: when('there') })).ok).toBe(true);
      expect(await port.change({ ...spent, append: [numbered(2)], when: when('there') })).toEqual(outrun);
      expect((await port.log(0)).length).toBe(1);
    });

    test('what is handed in later changes nothing of what lies there', async () => {
      const port = fresh();
      const value = { at: 1 };
      await port.change({ put: [{ shelf: 'drafts', key: 'a', value }] });
      value.at = 2;
      expect(await port.get('drafts', 'a')).toEqual({ at: 1 });
    });

    test('changes of the log and of cards are told of until that is stopped', async () => {
      const port = fresh();
      let told = 0;
      const stop = port.watch(() => (told += 1));
      const until = async (n: number) => {
        for (let i = 0; i < 100 && told < n; i++) await new Promise((resolve) => setTimeout(resolve, 5));
      };
      await port.change({ append: [numbered(1)] });
      await until(1);
      expect(told).toBeGreaterThan(0);
      const before = told;
      await port.change({ put: [{ shelf: 'runs', key: 'a', value: {} }] });
      await until(before + 1);
      expect(told).toBeGreaterThan(before);
      stop();
      const after = told;
      await port.change({ append: [numbered(2)] });
      await new Promise((resolve) => setTimeout(resolve, 30));
      expect(told).toBe(after);
    });

    test('a yard that was let go of is empty, and can be filled again', async () => {
      const port = fresh();
      await port.change({ append: many(5), put: [{ shelf: 'meta', key: 'archived', value: AT }] });
      await port.clear();
      expect(await port.log(0)).toEqual([]);
      expect(await port.all('meta')).toEqual([]);
      expect((await port.change({ append: many(5) })).ok).toBe(true);
    });
  });
}
