import { cellsOf, diagnoseLights, lampsOf, type Sight } from '../judge';
import { emptyRig, makeEntry, type RigState } from '../log';
import { sampleModel } from '../testing/arbitraries';
import { lightsEntries } from '.';

const model = { ...sampleModel({ kind: 'rv' }), gear: { plateLamp: true, markerLamps: true } };
const cells = cellsOf(model);
const NOW = '2026-05-16T12:00:00.000Z';

function made(seen: Readonly<Record<string, Sight>>, findings: RigState['findings'] = {}) {
  const pattern = cells.map((cell) => ({
    ...cell,
    result: seen[`${cell.lamp} ${cell.shows}`] ?? ('ok' as const),
  }));
  const diagnosis = diagnoseLights(lampsOf(model), 'shared', pattern);
  let n = 0;
  const newId = () => `0196d000-0000-7000-8000-${String((n += 1)).padStart(12, '0')}`;
  return lightsEntries(
    { how: 'alone', wiring: 'shared', pattern, tests: [], diagnosis },
    { ...emptyRig('x'), findings },
    newId,
  );
}
const running = Object.fromEntries(
  cells.flatMap(({ lamp, shows }) => (shows === 'running' ? [[`${lamp} running`, 'out' as const]] : [])),
);

test('all burning is a test and nothing else', () => {
  const drafts = made({});
  expect(drafts.map(({ kind }) => kind)).toEqual(['lights']);
  const [first] = drafts;
  if (first?.kind !== 'lights') throw new Error('no test');
  expect(first.body.cause).toBeUndefined();
  const entry = makeEntry(
    'lights',
    {
      id: '0196d000-0000-7000-8000-000000000009',
      rig: '0196d000-0000-7000-8000-0000000000aa',
      happened: NOW,
      recorded: NOW,
    },
    first.body,
  );
  expect(entry.kind).toBe('lights');
});

test.each([
  [{ 'left running': 'dim' }, 'lampLeft', 'watch'],
  [{ 'plate running': 'out' }, 'plateLamp', 'due'],
  [{ 'left brake': 'out', 'right brake': 'out' }, 'plug', 'stop'],
  [running, 'plug', 'stop'],
] as const)('%j is a finding at %s, %s', (seen, place, verdict) => {
  const [test, finding] = made(seen);
  if (finding?.kind !== 'finding.opened') throw new Error('no finding');
  expect(finding.body).toMatchObject({ place, verdict, from: test?.id });
  // Trying the lamps again mends none of them.
  expect(finding.body.remedy).toBeUndefined();
  expect(finding.body.text).toBeUndefined();
  const { of } = finding.body;
  expect(of && 'lamps' in of && of.lamps?.length).toBe(Object.keys(seen).length);
  expect(of && 'faults' in of && of.faults?.length).toBeGreaterThan(0);
});

test('a lamp that is on record already is seen again', () => {
  const open = {
    id: '0196d000-0000-7000-8000-0000000000f1',
    at: NOW,
    place: 'plateLamp' as const,
    verdict: 'due' as const,
    text: 'out',
    of: { subject: 'lamp' as const, grade: 'one-out' },
  };
  expect(made({ 'plate running': 'out' }, { [open.id]: open }).map(({ kind }) => kind)).toEqual([
    'lights',
    'finding.seen',
  ]);
});
