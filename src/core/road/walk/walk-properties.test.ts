import fc from 'fast-check';
import { contradictionsIn } from '../../judge';
import { emptyRig, makeEntry, readEntry, WALKS } from '../../log';
import { CRITERIA, HOUSE_DEFAULT } from '../../rules';
import { anyModel } from '../../testing/arbitraries';
import { runs } from '../../testing/runs';
import {
  compileWalk,
  goVerdict,
  itemsOf,
  judgeWalk,
  standsAs,
  walkBody,
  type Answer,
  type Answers,
  type WalkItem,
} from '..';

/** Any answer that the screen lets one give of an item. */
function anyAnswer(
  { subject, reads, place }: WalkItem,
  items: readonly WalkItem[],
): fc.Arbitrary<Answer | undefined> {
  // A valve that has a look of its own is not graded with its pressure.
  const graded = reads !== 'pressure' || !items.some((one) => one.look === 'valve' && one.place === place);
  const grade = fc.constantFrom(...Object.keys(CRITERIA[subject]).slice(1));
  const plain = fc.oneof(
    fc.constant<Answer | undefined>(undefined),
    fc.constant<Answer>({ as: 'clear', by: 'eye' }),
    fc.constant<Answer>({ as: 'skipped' }),
    ...(graded ? [grade.map((one): Answer => ({ as: 'not-right', grade: one, by: 'eye' }))] : []),
  );
  if (!reads) return plain;
  const value =
    reads === 'pressure' ? fc.integer({ min: 0, max: 700_000 }) : fc.integer({ min: 270, max: 420 });
  return fc.oneof(
    plain,
    value.map((one): Answer => ({ as: 'clear', value: one, by: 'gauge' })),
    value.map((one): Answer => ({ as: 'not-right', value: one, by: 'gauge', set: 448_000 })),
  );
}

const anyWalk = fc
  .tuple(anyModel, fc.constantFrom(...WALKS), fc.constantFrom('round' as const, 'system' as const))
  .map(([model, walk, order]) => ({ model, walk: compileWalk(walk, model, order) }))
  .chain(({ model, walk }) =>
    fc
      .tuple(
        ...itemsOf(walk).map((item) =>
          anyAnswer(item, itemsOf(walk)).map((answer) => [item.key, answer] as const),
        ),
      )
      .map((all) => ({
        model,
        walk,
        answers: Object.fromEntries(all.filter(([, answer]) => answer)) as Answers,
      })),
  );

test('any walk, answered in any way: an entry that is read back, findings for what is bad alone, and one decision', () => {
  fc.assert(
    fc.property(anyWalk, fc.constantFrom(undefined, 280, 305), ({ model, walk, answers }, air) => {
      const rig = { ...emptyRig('x'), model };
      const around = { tires: 'cold' as const, ...(air !== undefined && { air }) };
      const judged = judgeWalk(walk, answers, { rig, model, house: HOUSE_DEFAULT, around });
      const body = walkBody(walk, answers, around);

      // Every item is told, skipped where nobody said anything, and nothing is told twice.
      expect(body.looked).toHaveLength(itemsOf(walk).length);
      for (const item of itemsOf(walk)) {
        const told = body.looked.find(({ look, place }) => look === item.look && place === item.place);
        expect(told?.as).toBe(answers[item.key]?.as ?? 'skipped');
      }
      const entry = makeEntry(
        'walk',
        {
          id: '0196d000-0000-7000-8000-000000000001',
          rig: '0196d000-0000-7000-8000-0000000000aa',
          happened: '2026-05-16T12:00:00.000Z',
          recorded: '2026-05-16T12:00:00.000Z',
        },
        body,
      );
      expect(readEntry(JSON.parse(JSON.stringify(entry)))).toEqual({ ok: true, value: entry });

      const bad = judged.filter((one) => (standsAs(one) ?? 'clear') !== 'clear');
      const skipped = itemsOf(walk).filter(({ key }) => (answers[key]?.as ?? 'skipped') === 'skipped');
      const { go, mayGo, reasons } = goVerdict(judged, skipped);
      const stops = judged.some((one) => standsAs(one) === 'stop');
      expect(mayGo).toBe(!stops);
      if (stops) expect(go).toBe('no');
      if (go === 'clear') expect(bad).toEqual([]);
      expect(reasons.every(({ weight }) => weight !== 'clear')).toBe(true);
      // One thing at one place is answered once: a walk cannot grade it two ways.
      for (const { first, second } of contradictionsIn(body.conditions))
        if ('subject' in second) expect(first.subject).not.toBe(second.subject);
    }),
    { numRuns: runs(60) },
  );
});

test('a worse answer never leads to a better decision', () => {
  const order = { clear: 0, care: 1, no: 2 } as const;
  fc.assert(
    fc.property(anyWalk, fc.nat(), ({ model, walk, answers }, pick) => {
      const items = itemsOf(walk).filter(({ subject }) =>
        Object.values(CRITERIA[subject]).includes('stop' as never),
      );
      const item = items[pick % items.length];
      if (!item) return;
      const rig = { ...emptyRig('x'), model };
      const decide = (given: Answers) => {
        const judged = judgeWalk(walk, given, { rig, model, house: HOUSE_DEFAULT, around: {} });
        const skipped = itemsOf(walk).filter(({ key }) => (given[key]?.as ?? 'skipped') === 'skipped');
        return goVerdict(judged, skipped).go;
      };
      const worst = Object.entries(CRITERIA[item.subject]).find(([, verdict]) => verdict === 'stop')?.[0];
      const worse = { ...answers, [item.key]: { as: 'not-right' as const, grade: worst } };
      expect(order[decide(worse)]).toBeGreaterThanOrEqual(order[decide(answers)]);
    }),
    { numRuns: runs(60) },
  );
});
