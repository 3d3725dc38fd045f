import { sampleModel } from '../testing/arbitraries';
import { storyFrom } from '../testing/story';
import { dutiesOf } from '../duty';
import { hasUsableSpare } from '.';

const { setup, entry, rigOf, done } = storyFrom('2026-03-01');
const model = { ...sampleModel({ axles: 2, brake: 'electric' }), spares: 1 } as const;
const tire = (place: string, dot: string) =>
  entry('part.fitted', 1, {
    part: `tire ${place}`,
    spec: { kind: 'tire', facts: { dot: { value: dot, source: 'marking' } } },
    to: place as '1L',
  });
const start = [setup(model), tire('1L', '1022'), tire('1R', '1122'), tire('S1', '0921')];
const cut = entry('finding.opened', 5, {
  place: '1L',
  verdict: 'due',
  of: { subject: 'tire-wall', grade: 'cracks' },
});
const weeps = entry('finding.opened', 5, {
  place: '1L',
  verdict: 'due',
  of: { subject: 'grease-back', grade: 'behind' },
});
const read = entry('reading', 6, { taken: [{ place: '1L', what: 'pressure', value: 300_000 }] });
const moved = (...moves: readonly (readonly [string, string])[]) =>
  entry('part.moved', 10, {
    moves: moves.map(([part, to]) => ({ part: `tire ${part}`, to: to as '1L' | 'shelf' | 'gone' })),
  });
const places = (rig: ReturnType<typeof rigOf>) => Object.values(rig.findings).map(({ place }) => place);

test('a tire takes its finding and its pressure along; what is of the hub stays', () => {
  const rig = rigOf(...start, cut, weeps, read, moved(['1L', 'S1'], ['S1', '1L']));
  expect(places(rig).sort()).toEqual(['1L', 'S1']);
  expect(rig.findings[cut.id]?.place).toBe('S1');
  expect(rig.findings[weeps.id]?.place).toBe('1L');
  expect(rig.read['pressure@S1']?.value).toBe(300_000);
  expect(rig.read['pressure@1L']).toBeUndefined();
  expect(hasUsableSpare(rig, ['S1'])).toBe(false);
  expect(hasUsableSpare(rigOf(...start), ['S1'])).toBe(true);
});

test('on the shelf it keeps its finding, and brings it back where it is fitted again', () => {
  const away = rigOf(...start, cut, moved(['1L', 'shelf']));
  expect(away.findings).toEqual({});
  expect(away.shelved['tire 1L']?.map(({ id }) => id)).toEqual([cut.id]);
  const back = entry('part.moved', 20, { moves: [{ part: 'tire 1L', to: '1L' }] });
  const again = rigOf(...start, cut, moved(['1L', 'shelf']), back);
  expect(again.findings[cut.id]?.place).toBe('1L');
  expect(again.shelved).toEqual({});
});

test('a tire that sat there already was looked at before it was told; one that came in was not', () => {
  const looked = done(3, ['tire-look', '2L']);
  const told = (more: object) =>
    entry('part.fitted', 9, {
      part: 'tire 2L',
      spec: { kind: 'tire', facts: {} },
      to: '2L',
      ...more,
    } as never);
  const duty = (rig: ReturnType<typeof rigOf>) =>
    dutiesOf(rig, '2026-03-20T12:00:00.000Z').find(({ id }) => id === 'tire-look@2L');
  expect(duty(rigOf(...start, looked, told({ there: true })))?.from?.entry).toBe(looked.id);
  expect(duty(rigOf(...start, looked, told({})))?.reason).toBe('no-record');
  // What was looked at was another tire, and that one is known.
  const old = entry('part.fitted', 2, {
    part: 'old',
    spec: { kind: 'tire', facts: {} },
    to: '2L',
    there: true,
  } as never);
  const away = entry('part.moved', 8, { moves: [{ part: 'old', to: 'shelf' }] });
  expect(duty(rigOf(...start, old, looked, away, told({ there: true })))?.reason).toBe('no-record');
});

test('one that is gone takes its finding with it', () => {
  const rig = rigOf(...start, cut, moved(['1L', 'gone']));
  expect([rig.findings, rig.shelved]).toEqual([{}, {}]);
});

test('each tire read by itself within half a day is the round of pressures; the spare with them', () => {
  const gauge = (at: number, place: string) =>
    entry('reading', at, { taken: [{ place: place as '1L', what: 'pressure', value: 448_000 }] });
  const round = (rig: ReturnType<typeof rigOf>) =>
    dutiesOf(rig, '2026-03-20T12:00:00.000Z').find(({ id }) => id === 'pressures@rig');
  const ends = ['1L', '1R', '2L', '2R'].map((place, i) => gauge(12 + i / 100, place));
  expect(round(rigOf(...start, ...ends))?.reason).toBe('no-record');
  expect(round(rigOf(...start, ...ends, gauge(12.1, 'S1')))?.from?.at).toBe(gauge(12.1, 'S1').happened);
  expect(round(rigOf(...start, ...ends, gauge(13, 'S1')))?.reason).toBe('no-record');
});
