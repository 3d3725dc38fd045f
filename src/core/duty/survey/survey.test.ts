import fc from 'fast-check';
import { dutiesOf, STATIONS, surveyItems, surveyProgress, surveyResult } from '..';
import { reviewRig } from '../../judge';
import { emptyRig, foldEntries, makeEntry, type Entry, type EntryOf, type RigState } from '../../log';
import { gearOf, wheelEnds, type RigModel } from '../../rig';
import { HOUSE_DEFAULT } from '../../rules';
import { anyModel, sampleModel } from '../../testing/arbitraries';

const NOW = '2026-05-16T12:00:00.000Z';
const RIG = '0196d000-0000-7000-8000-0000000000aa';
const known = (model: RigModel): RigState => ({ ...emptyRig(RIG), model, since: '2026-05-01T12:00:00.000Z' });

function resultOf(rig: RigState, model: RigModel) {
  return surveyResult(
    rig,
    model,
    dutiesOf(rig, NOW),
    reviewRig({ model, parts: rig.parts }, HOUSE_DEFAULT, NOW),
  );
}

test('any rig: every item once, in walking order, every wheel end and piece of gear looked at', () => {
  fc.assert(
    fc.property(anyModel, (model) => {
      const items = surveyItems(model);
      expect(new Set(items.map(({ key }) => key)).size).toBe(items.length);
      const order = items.map(({ station }) => STATIONS.indexOf(station));
      expect([...order].sort((a, b) => a - b)).toEqual(order);
      for (const end of wheelEnds(model))
        expect(items.filter(({ place, ask }) => place === end && ask.as === 'condition')).toHaveLength(5);
      for (const { id } of gearOf(model)) expect(items.some(({ key }) => key === `gear@${id}`)).toBe(true);
    }),
  );
});

test('the left side is walked front to back, the right side back to front', () => {
  const places = surveyItems(sampleModel({ axles: 2 }))
    .filter(({ item }) => item === 'wheel')
    .map(({ place }) => place);
  expect(places).toEqual(['1L', '2L', '2R', '1R']);
});

test('a survey can be stopped and taken up: what was told stands, the next is what nobody was at', () => {
  const model: RigModel = { ...sampleModel({}), wheels: { studs: 5 } };
  const first = surveyProgress(known(model), model);
  expect(first.next?.key).toBe('fact-gvwr@rig');
  // What the model knows already needs no second look.
  expect(first.done).toBeGreaterThan(0);
  const told = (
    item: string,
    place: EntryOf<'survey'>['body']['place'],
    found: EntryOf<'survey'>['body']['found'],
    n: number,
  ): Entry =>
    makeEntry(
      'survey',
      {
        id: `0196d000-0000-7000-8000-00000000000${n}`,
        rig: RIG,
        happened: `2026-05-0${n}T12:00:00.000Z`,
        recorded: `2026-05-0${n}T12:00:00.000Z`,
      },
      { item, place, found },
    );
  const setup = makeEntry(
    'rig.setup',
    {
      id: '0196d000-0000-7000-8000-000000000009',
      rig: RIG,
      happened: '2026-05-01T12:00:00.000Z',
      recorded: NOW,
    },
    { model },
  );
  const entries = [
    setup,
    told('fact-gvwr', 'rig', { as: 'not-looked', reason: 'plate is gone' }, 2),
    told('gear', 'coupler', { as: 'condition', verdict: 'clear' }, 3),
  ];
  const rig = foldEntries(entries).state.rigs[RIG];
  if (!rig) throw new Error('no rig');
  const then = surveyProgress(rig, model);
  expect(then.done).toBe(first.done + 2);
  expect(then.next?.key).toBe('fact-tireSize@rig');
  expect(then.started).toBe('2026-05-02T12:00:00.000Z');
});

test('it ends with what comes before the first tow, what can wait, and the numbers missing', () => {
  const model: RigModel = { ...sampleModel({ kind: 'boat' }), wheels: { studs: 5 } };
  const rig: RigState = {
    ...known(model),
    findings: {
      a: { id: 'a', at: NOW, place: 'winchStrap', verdict: 'due', text: 'frayed' },
      b: { id: 'b', at: NOW, place: 'bunks', verdict: 'watch', text: 'carpet worn' },
    },
    survey: {
      'gear@coupler': { at: NOW, found: { as: 'not-looked' } },
      'gear@tongueJack': { at: NOW, found: { as: 'not-looked' } },
    },
  };
  const { before, wait, missing } = resultOf(rig, model);
  const looks = (list: typeof before) => list.flatMap((one) => (one.kind === 'look' ? [one.item.key] : []));
  expect(looks(before)).toContain('gear@coupler');
  expect(looks(wait)).toContain('gear@tongueJack');
  expect(before.some((one) => one.kind === 'finding' && one.finding.id === 'a')).toBe(true);
  expect(wait.some((one) => one.kind === 'finding' && one.finding.id === 'b')).toBe(true);
  // Unknown history counts as due now.
  expect(before.some((one) => one.kind === 'duty' && one.duty.verdict === 'unknown')).toBe(true);
  expect(missing).toContain('torque');
});
