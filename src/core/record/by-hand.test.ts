import { dutiesOf, type SurveyItem } from '../duty';
import { foldEntries, makeEntry, workOf, type Entry, type EntryOf, type RigState } from '../log';
import { HOUSE_DEFAULT, rulesFor } from '../rules';
import { sampleModel } from '../testing/arbitraries';
import { judgeBrakeCircuit } from '../judge';
import {
  circuitEntries,
  conditionEntries,
  doneEntries,
  stampEntries,
  fixEntries,
  hubLookEntries,
  memoryEntries,
  recheckEntries,
  reportEntries,
  seenEntries,
  trendEntry,
  tripEntries,
  type NewEntry,
} from '.';

const RIG = '0196d000-0000-7000-8000-0000000000aa';
const NOW = '2026-05-16T12:00:00.000Z';
const model = sampleModel({ axles: 1, hub: 'drilled', brake: 'electric' });
let ids = 0;
const newId = () => `0196d000-0000-7000-8000-${String((ids += 1)).padStart(12, '0')}`;
const setup = makeEntry(
  'rig.setup',
  { id: newId(), rig: RIG, happened: '2026-05-01T10:00:00.000Z', recorded: NOW },
  { model },
);
function after(drafts: readonly NewEntry[], log: readonly Entry[] = [setup]): RigState {
  const rig = foldEntries([...log, ...stampEntries({ entries: log, newest: '' }, RIG, drafts, NOW, newId)])
    .state.rigs[RIG];
  if (!rig) throw new Error('no rig');
  return rig;
}
const fresh = after([]);
const refit = { entry: 'e', at: NOW, distance: 0, limits: [16_000], checked: -1, moves: 0 };
const house = rulesFor({}, {});
const known = (rig: RigState = fresh) => ({ rig, model, house, newId });
const dutiesFor = (routine: string, rig: RigState = fresh) =>
  dutiesOf(rig, NOW, house).filter((duty) => duty.routine === routine);
const open = (rig: RigState) => Object.values(rig.findings);

describe('a torque check done by hand', () => {
  const withRefit = { ...fresh, refits: { '1L': refit, '1R': refit } };
  const answered = (drafts: readonly NewEntry[]) =>
    drafts.flatMap((draft) => (draft.kind === 'recheck' ? [draft.body] : []));
  test('answers the rechecks that are open where all was good, and no others', () => {
    const duties = dutiesFor('lug-torque', withRefit);
    const drafts = doneEntries(
      duties,
      [
        { place: '1L', as: 'good' },
        { place: '1R', as: 'wrong', text: 'one turns on', verdict: 'stop' },
      ],
      known(withRefit),
    );
    expect(answered(drafts)).toEqual([{ place: '1L', result: 'held' }]);
    expect(open(after(drafts))).toMatchObject([{ place: '1R', verdict: 'stop', text: 'one turns on' }]);
    expect(answered(doneEntries(duties, [{ place: '1L', as: 'good' }], known()))).toEqual([]);
  });
  test('after a shop it is a refit, whose miles begin now', () => {
    const shop = after([{ kind: 'event', body: { what: 'shop', places: ['1L'] } }]);
    const rig = { ...shop, refits: { '1L': refit } };
    const drafts = doneEntries(dutiesFor('lug-torque', rig), [{ place: '1L', as: 'good' }], known(rig));
    expect(answered(drafts)).toEqual([]);
    expect(drafts[0]?.body).toMatchObject({ refits: [{ place: '1L' }] });
  });
});

test('a recheck told by itself is a finding where the nuts do not stay tight', () => {
  const moved = (moves: number) =>
    recheckEntries('1L', 'moved', { ...fresh, refits: { '1L': { ...refit, moves } } });
  expect(moved(0).map(({ kind }) => kind)).toEqual(['recheck']);
  expect(moved(1)[1]?.body).toMatchObject({ verdict: 'due', of: { subject: 'lug-move', grade: 'moved' } });
  expect(recheckEntries('1L', 'loose', { ...fresh, refits: { '1L': refit } })[1]?.body).toMatchObject({
    verdict: 'stop',
  });
});

describe('the same thing twice is one finding, whoever meets it', () => {
  const rough = hubLookEntries('1L', [{ subject: 'spin', grade: 'rough' }], known());
  test('by hand', () => {
    const rig = after(rough);
    expect(open(rig)).toMatchObject([{ verdict: 'due', remedy: 'repack' }]);
    const again = hubLookEntries('1L', [{ subject: 'spin', grade: 'grinds' }], known(rig));
    expect(again.map(({ kind }) => kind)).toEqual(['work', 'finding.seen']);
  });
  test('at the brake circuit', () => {
    const circuit = judgeBrakeCircuit({ volts: 12.6, magnet: 3.2, length: 9, gauge: 12 }, 2, 3.6);
    const first = circuitEntries({ amps: 3.6, volts: 12.6, circuit }, fresh, newId);
    const rig = after(first);
    expect(open(rig)).toMatchObject([{ place: 'rig', of: { amps: 3.6, circuit: circuit.fault } }]);
    const again = circuitEntries({ amps: 3.7, volts: 12.6, circuit }, rig, newId);
    expect(again.map(({ kind }) => kind)).toEqual(['reading', 'finding.seen']);
    expect(again[1]?.body).toMatchObject({ from: again[0]?.id });
  });
  test('by its trend, with the figures it rests on', () => {
    const strokes = { kind: 'strokes', status: 'swallows', points: [], last: 40, usual: 12 } as const;
    const told = trendEntry(strokes, '1L', known());
    expect(told.body).toMatchObject({
      verdict: 'due',
      of: { trend: 'strokes', figure: 40, against: 12 },
      remedy: 'repack',
    });
    expect(trendEntry(strokes, '1L', known(after([told]))).kind).toBe('finding.seen');
    const heat = { kind: 'heat', status: 'rising', overs: [], usual: 0, lately: 10 } as const;
    expect(trendEntry(heat, '1L', known()).body).toMatchObject({ of: { figure: 10, against: 0 } });
    const leak = { kind: 'leak', status: 'leaking', brought: [], rate: 12_000 } as const;
    expect(trendEntry(leak, '1L', known()).body).toMatchObject({ of: { trend: 'leak', figure: 12_000 } });
    const nuts = { kind: 'nuts', status: 'moving', looks: [], moved: 2, of: 4 } as const;
    expect(trendEntry(nuts, '1L', known()).body).toMatchObject({ of: { figure: 2, against: 4 } });
    // Tread that wears is not put right at the hub.
    const wear = { kind: 'wear', what: 'tread', status: 'wearing', dots: [], limit: 0.0016 } as const;
    expect(trendEntry(wear, '1L', known()).body).not.toHaveProperty('remedy');
  });
  test('at the first look', () => {
    const item = {
      item: 'gear',
      place: 'coupler',
      ask: { as: 'condition', condition: 'gear', gear: 'coupler' },
    } as SurveyItem;
    const told = conditionEntries(item, 'due', '', { rig: fresh, model });
    const rig = after(told);
    expect(open(rig)).toMatchObject([{ place: 'coupler', of: { condition: 'gear', judged: 'due' } }]);
    expect(conditionEntries(item, 'stop', 'cracked', { rig, model }).at(-1)?.kind).toBe('finding.seen');
    expect(conditionEntries(item, 'clear', '', { rig: fresh, model }).map(({ kind }) => kind)).toEqual([
      'survey',
    ]);
  });
});

test('what is reported in words alone is always a finding of its own, and its pictures know it', () => {
  const photo = { hash: 'a'.repeat(64), bytes: 1, width: 1, height: 1 };
  const found = { place: '1L', verdict: 'watch', text: 'hums' } as const;
  const drafts = reportEntries(found, [photo], after(reportEntries(found, [], fresh, newId)), newId);
  expect(drafts.map(({ kind }) => kind)).toEqual(['finding.opened', 'photo']);
  expect(drafts[1]?.body).toMatchObject({ of: drafts[0]?.id });
});

describe('a finding looked at again', () => {
  const rig = after(hubLookEntries('1L', [{ subject: 'rock', grade: 'felt' }], known()));
  const [finding] = open(rig);
  if (!finding) throw new Error('no finding');
  const seen = (grade: string) =>
    seenEntries(finding, { grade, severity: 'due', note: ' less ', photos: [] }, HOUSE_DEFAULT);
  test('carries the grade it has now', () => {
    expect(seen('just-felt')).toEqual([
      {
        kind: 'finding.seen',
        body: {
          finding: finding.id,
          verdict: 'watch',
          note: 'less',
          of: { subject: 'rock', grade: 'just-felt' },
        },
      },
    ]);
  });
  test('is closed where it is clear, and by the work that did it', () => {
    expect(seen('none')).toMatchObject([{ kind: 'finding.closed', body: { gone: true, how: 'less' } }]);
    const body = workOf([{ routine: 'repack', place: '1L' }]);
    const work = { id: newId(), body } as EntryOf<'work'>;
    expect(fixEntries(finding, 'new set', work, [], 'as left')).toEqual([
      {
        kind: 'finding.closed',
        body: { finding: finding.id, how: 'new set', work: work.id, jobs: body.jobs },
      },
    ]);
  });
});

test('work remembered goes back as far as its owner knows', () => {
  const [draft] = memoryEntries('repack', ['1L', '1R'], '2025-04-01T12:00:00.000Z', ['hub-look'], 160_000);
  expect(draft?.body).toMatchObject({ from: 'memory', distanceSince: 160_000 });
  expect(draft && 'happened' in draft && draft.happened).toBe('2025-04-01T12:00:00.000Z');
});

test('a trip is rinsed after where it was launched', () => {
  const body = { distance: 40_000, launches: 2 };
  expect(tripEntries(body, NOW, true, { findings: {}, underWay: undefined }).map(({ kind }) => kind)).toEqual(
    ['trip', 'work'],
  );
  expect(tripEntries(body, NOW, false, { findings: {}, underWay: undefined })).toHaveLength(1);
  expect(
    tripEntries({ ...body, launches: 0 }, NOW, true, { findings: {}, underWay: undefined }),
  ).toHaveLength(1);
});
