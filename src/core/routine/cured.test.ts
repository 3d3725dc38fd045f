import type { FindingState } from '../log';
import { toSI } from '../base';
import { HOUSE_DEFAULT, type Subject, type WorkId } from '../rules';
import { sampleModel } from '../testing/arbitraries';
import { T0, through } from '../testing/cards';
import { compile, curedFindings, finishRun, startRun, torquesMissing, type Job, type Run } from '.';
import { watchedAndClear } from './cured';
import { passedOver } from './run';

const plain = sampleModel({ axles: 1, hub: 'plain', brake: 'electric' });
const done = (...jobs: readonly Job[]): Run => {
  const card = compile(plain, jobs, HOUSE_DEFAULT);
  if (!card.ok) throw new Error(card.error.code);
  return through(startRun('run', 'rig', plain, card.value, T0));
};
const open = (of: FindingState['of'], place: FindingState['place'] = '1L'): FindingState => ({
  id: '00000000-0000-7000-8000-00000000000f',
  at: T0,
  place,
  verdict: 'due',
  of,
});
const graded = (subject: Subject, grade: string, place?: FindingState['place']) =>
  open({ subject, grade }, place);

test.each<readonly [WorkId, FindingState, boolean]>([
  ['repack', graded('grease-back', 'behind'), true],
  ['repack', graded('seal', 'weeping'), true],
  ['repack', graded('rock', 'felt'), true],
  // A new seal takes no grease out of the linings.
  ['repack', graded('seal', 'on-shoes'), false],
  ['shoe-renew', graded('lining', 'at-minimum'), true],
  ['plate-renew', graded('magnet', 'coil-showing'), true],
  ['shoe-renew', graded('magnet', 'coil-showing'), false],
  ['brake-measure', graded('lining', 'at-minimum'), false],
  ['stud-renew', graded('lug-move', 'broken'), true],
  ['lug-torque', graded('lug-move', 'broken'), false],
  ['cap-renew', graded('cap', 'loose'), true],
  // Behind a new cap the nut is as free as it was; set and locked again it is not.
  ['cap-renew', graded('cap', 'lock-gone'), false],
  ['repack', graded('cap', 'lock-gone'), true],
  ['brake-adjust', graded('drag', 'snaps'), true],
  ['brake-adjust', graded('drag', 'grinds'), false],
  ['repack', graded('weld', 'crack', 'frame'), false],
])('%s, on a finding: %o put right is %s', (routine, finding, cured) =>
  expect(curedFindings(done({ routine, place: '1L' }), [finding], undefined)).toHaveLength(cured ? 1 : 0),
);

test('a lamp is put right where every function was tried on this card and works; one that is lit says nothing of another', () => {
  const run = done({ routine: 'lights', place: 'rig' });
  const dark = graded('lamp', 'none', 'rig');
  expect(curedFindings(run, [dark], undefined)).toHaveLength(1);
  const worst = {
    ...run,
    records: Object.fromEntries(
      Object.entries(run.records).map(([key, record]) => [
        key,
        key.startsWith('lamps-brake') && record ? { ...record, grades: { lamp: 'none' as const } } : record,
      ]),
    ),
  };
  expect(curedFindings(worst, [dark], undefined)).toEqual([]);
});

test('each function of the lamps is a thing of its own, on a card and after it', () => {
  const card = compile(plain, [{ routine: 'lights', place: 'rig' }], HOUSE_DEFAULT);
  if (!card.ok) throw new Error(card.error.code);
  const begun = startRun('run', 'rig', plain, card.value, T0);
  const run = through(begun, (step, tapped) =>
    tapped.do !== 'done'
      ? tapped
      : step.step === 'lamps-brake'
        ? { ...tapped, grades: { lamp: 'none' } }
        : step.step === 'lamps-right'
          ? { ...tapped, grades: { lamp: 'one-out' } }
          : tapped,
  );
  const told = finishRun(run, T0, { parts: {}, grease: {} });
  if (!told.ok) throw new Error(told.error.key);
  expect(told.value.findings).toMatchObject([
    { verdict: 'stop', of: { grade: 'none', shows: 'brake' } },
    { verdict: 'due', of: { grade: 'one-out', shows: 'right' } },
  ]);
  const shown = (shows: 'brake' | 'left') => open({ subject: 'lamp', grade: 'none', shows }, 'rig');
  // The left one burns again; the brake lamps do not.
  expect(curedFindings(run, [shown('left'), shown('brake')], undefined)).toEqual([shown('left')]);
});

test('greasy linings ask for new ones and for what let the grease through', () => {
  const greasy = graded('lining', 'greasy');
  expect(curedFindings(done({ routine: 'shoe-renew', place: '1L' }), [greasy], undefined)).toEqual([]);
  const both = done({ routine: 'shoe-renew', place: '1L' }, { routine: 'repack', place: '1L' });
  expect(curedFindings(both, [greasy], undefined)).toHaveLength(1);
});

test('cleaned contacts are clean; a wire that is bare stays bare', () => {
  const run = done({ routine: 'contacts', place: 'rig' });
  expect(curedFindings(run, [graded('contacts', 'corroded', 'rig')], undefined)).toHaveLength(1);
  expect(curedFindings(run, [graded('contacts', 'bare-wire', 'rig')], undefined)).toEqual([]);
});

describe('a pressure', () => {
  const psi = (value: number) => toSI(value, 'psi');
  const tires = { pressure: { value: psi(65), source: 'maker' as const } };
  const model = { ...plain, tires, spares: 1 };
  const low = open({ what: 'pressure', value: psi(45), held: { against: psi(65) } });
  const driven = open({ what: 'pressure', value: psi(45), held: { against: psi(65), by: 'rolled' } });
  const round = (value: number, set?: number) => {
    const card = compile(model, [{ routine: 'pressures', place: 'rig' }], HOUSE_DEFAULT);
    if (!card.ok) throw new Error(card.error.code);
    const readings = { pressure: psi(value), ...(set !== undefined && { 'pressure-set': psi(set) }) };
    const run = through(startRun('run', 'rig', model, card.value, T0), (step, tapped) =>
      step.step === 'pressure' && tapped.do === 'done'
        ? { ...tapped, readings: step.place === '1L' ? readings : { pressure: psi(65) } }
        : tapped,
    );
    const closed = (finding: FindingState) =>
      finishRun(run, T0, { parts: {}, grease: {}, findings: { [finding.id]: finding } });
    const of = (finding: FindingState) => {
      const result = closed(finding);
      if (!result.ok) throw new Error(result.error.key);
      const { cured, findings } = result.value;
      return { cured: cured.length, findings: findings.map(({ verdict }) => verdict) };
    };
    return { low: of(low), driven: of(driven) };
  };
  test('that is right again closes what was low; nothing on this card closes a tire that was driven so', () => {
    expect(round(65)).toEqual({
      low: { cured: 1, findings: [] },
      driven: { cured: 0, findings: [] },
    });
  });
  test('filled, it is the same finding seen again, and only watched', () => {
    expect(round(32, 65).low).toEqual({ cured: 0, findings: ['watch'] });
    expect(round(32, 53).low).toEqual({ cured: 0, findings: ['due'] });
    expect(round(32).low).toEqual({ cured: 0, findings: ['stop'] });
  });
  test('filled over what the tire is good for is refused', () => {
    const weak = {
      ...model,
      tires: { ...tires, maxPressure: { value: psi(65), source: 'marking' as const } },
    };
    const card = compile(weak, [{ routine: 'pressures', place: 'rig' }], HOUSE_DEFAULT);
    if (!card.ok) throw new Error(card.error.code);
    const begun = startRun('run', 'rig', weak, card.value, T0);
    const set = (value: number) =>
      through(begun, (step, tapped) =>
        step.step === 'pressure' && tapped.do === 'done'
          ? { ...tapped, readings: { pressure: psi(60), 'pressure-set': psi(value) } }
          : tapped,
      );
    expect(() => set(80)).toThrow('over-maximum');
    expect(() => set(65)).not.toThrow();
  });
});

test('only at the side where it was done', () => {
  const run = done({ routine: 'shoe-renew', place: '1L' });
  expect(curedFindings(run, [graded('lining', 'gone', '1R')], undefined)).toEqual([]);
  const both = done({ routine: 'shoe-renew', place: '1L' }, { routine: 'shoe-renew', place: '1R' });
  expect(curedFindings(both, [graded('lining', 'gone', '1R')], undefined)).toHaveLength(1);
});

test('work that was left undone at the mate is made good by the card that does it', () => {
  const undone = open({ undone: 'shoe-renew' }, '1R');
  expect(curedFindings(done({ routine: 'shoe-renew', place: '1R' }), [undone], undefined)).toHaveLength(1);
  expect(curedFindings(done({ routine: 'shoe-renew', place: '1L' }), [undone], undefined)).toEqual([]);
});

test('what was watched and is graded clear on this card is settled; what is due is not', () => {
  const run = done({ routine: 'repack', place: '1L' });
  const watched: FindingState = { ...graded('rock', 'just-felt'), verdict: 'watch' };
  expect(watchedAndClear(run, [watched])).toHaveLength(1);
  expect(watchedAndClear(run, [{ ...watched, verdict: 'due' }])).toEqual([]);
  expect(watchedAndClear(run, [{ ...watched, place: '1R' }])).toEqual([]);
});

test('bolts without a figure are named before the card; passed over they stay on it as not set', () => {
  const card = compile(plain, [{ routine: 'plate-renew', place: '1L' }], HOUSE_DEFAULT);
  if (!card.ok) throw new Error(card.error.code);
  const { torques: _, ...bare } = plain;
  const unknown = compile(bare, [{ routine: 'plate-renew', place: '1L' }], HOUSE_DEFAULT);
  if (!unknown.ok) throw new Error(unknown.error.code);
  expect(torquesMissing(unknown.value)).toContain('plate');
  expect(passedOver(unknown.value, ['plate']).unset).toEqual(['plate']);
  expect(passedOver(unknown.value, [])).toBe(unknown.value);
});
