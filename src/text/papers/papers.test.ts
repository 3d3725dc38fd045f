import { foldEntries, makeVoid, placesOfEntry, type Entry, type RigState } from '@/core/log';
import { sampleModel } from '@/core/testing/arbitraries';
import { storyFrom } from '@/core/testing/story';
import { compile } from '@/core/routine';
import { HOUSE_DEFAULT } from '@/core/rules';
import { toSI } from '@/core/base';
import { jobCard, picturesOf, serviceRecord, shopOrder, textOf, tongueCard, type RecordOf } from '.';

const story = storyFrom('2026-05-01');
const model = sampleModel({ axles: 2 });
const setup = story.setup(model);
const NOW = story.day(30);
const rigOf = (...entries: readonly Entry[]) =>
  foldEntries([setup, ...entries]).state.rigs[story.rig] as RigState;

const recordOf = (entries: readonly Entry[], more: Partial<RecordOf> = {}) => {
  const fold = foldEntries([setup, ...entries]);
  return serviceRecord({
    entries: fold.entries,
    retracted: fold.retracted,
    rig: fold.state.rigs[story.rig] as RigState,
    model,
    system: 'us',
    printed: NOW,
    fingerprint: { sum: 'aaaa-bbbb', count: fold.entries.length },
    photos: [],
    placesOf: placesOfEntry,
    points: {},
    ...more,
  });
};

describe('the tongue card', () => {
  test('has the torque large with its source, the star, the shoulder in ten lines, and a code with the same figures', () => {
    const card = tongueCard(rigOf(), model, HOUSE_DEFAULT, 'us', NOW);
    const said = textOf(card);
    expect(card.half).toBe(true);
    expect(said).toContain('Lug torque, dry: 110 lbf·ft');
    expect(said).toContain('Tires, cold: not known');
    const codes = JSON.stringify(card);
    expect(codes).toContain('Lug torque, dry: 110 lbf·ft');
    expect(codes.length).toBeLessThan(20_000);
  });

  test('a metric owner reads N·m', () => {
    expect(textOf(tongueCard(rigOf(), model, HOUSE_DEFAULT, 'metric', NOW))).toContain('149 N·m');
  });

  test('axles that are alike are told once, others each', () => {
    expect(textOf(tongueCard(rigOf(), model, HOUSE_DEFAULT, 'us', NOW))).toContain('Each axle');
    const [first] = model.axles;
    if (!first) throw new Error('no axle');
    const other = { ...model, axles: [first, { ...first, brake: 'none' as const }] };
    expect(textOf(tongueCard(rigOf(), other, HOUSE_DEFAULT, 'us', NOW))).toContain('Axle 2');
  });
});

describe('the service record', () => {
  test('of a rig with nothing in it says so, and is a paper all the same', () => {
    const paper = serviceRecord({ ...({} as RecordOf), ...emptyRecord() });
    expect(textOf(paper)).toContain('Nothing on record yet.');
    expect(textOf(paper)).toContain('No finding is open.');
  });

  test('says how far it may roll as every screen does, and each verdict', () => {
    const towed = story.entry('finding.opened', 2, {
      place: '1L',
      verdict: 'due',
      of: { trouble: 'hot', because: 'nut-reset' },
      limit: { roll: 'care', distance: 25 * 1609.344, speed: 45 * 0.44704, until: story.day(400) },
    });
    const said = textOf(recordOf([towed]));
    expect(said).toContain('Go with care: 25 mi left, 45 mph at most');
    const stop = story.entry('finding.opened', 3, { place: '1R', verdict: 'stop', text: 'wheel gone' });
    expect(textOf(recordOf([towed, stop]))).toContain('Stay: not towed any farther');
  });

  test('tells work at the place it was done, each with its own readings, and what was withdrawn as withdrawn', () => {
    const work = story.done(2, ['repack', '1L'], ['repack', '2R']);
    const wrong = story.trip(3, 9999);
    const gone = makeVoid(wrong, [], '0196f000-0000-7000-8000-0000000000ff', story.day(4), 'typed wrong');
    const paper = recordOf([work, wrong, gone]);
    const said = textOf(paper);
    expect(said.indexOf('1L, left, front axle')).toBeGreaterThan(0);
    expect(said).toContain('Withdrawn or corrected');
    expect(said).toMatch(/Withdrawn or corrected[\s\S]*9,999 mi/);
    expect(said).not.toMatch(/9,999 mi[\s\S]*Withdrawn or corrected/);
    expect(paper.foot).toBe('Fingerprint aaaa-bbbb, 4 entries');
  });

  test('draws what was read often enough as a line, in the owner’s units, and nothing of two readings', () => {
    const read = (n: number) =>
      Array.from({ length: n }, (_, i) => ({ at: story.day(i), value: toSI(60 + i, 'psi') }));
    const of = (n: number, system: 'us' | 'metric') =>
      recordOf([story.done(2, ['repack', '1L'])], { points: { 'pressure@1L': read(n) }, system });
    const svg = (n: number, system: 'us' | 'metric' = 'us') =>
      of(n, system).blocks.flatMap((block) => (block.as === 'drawing' ? [block.svg] : []));
    expect(svg(2)).toEqual([]);
    expect(svg(5)[0]).toContain('64 psi');
    expect(svg(5, 'metric')[0]).toContain('bar');
    expect(svg(5)[0]?.match(/<circle/g)).toHaveLength(5);
  });

  test('names of three hundred letters and many pictures stay whole', () => {
    const long = 'Lampblack '.repeat(30).trim();
    const photos = Array.from({ length: 100 }, (_, i) => ({
      hash: String(i).padStart(64, '0'),
      caption: long,
    }));
    const paper = recordOf([story.entry('note', 1, { text: long })], { photos });
    expect(picturesOf(paper)).toHaveLength(100);
    expect(textOf(paper)).toContain(long);
  });
});

function emptyRecord(): RecordOf {
  return {
    entries: [],
    retracted: new Set(),
    rig: rigOf(),
    model,
    system: 'us',
    printed: NOW,
    fingerprint: { sum: 'aaaa', count: 0 },
    photos: [],
    placesOf: placesOfEntry,
    points: {},
  };
}

test('an order says what to do where, what to write down in the owner’s units, and what not without a call', () => {
  const base = {
    shop: 'Axle shop',
    model: { ...model, gvwr: { value: toSI(7000, 'lb'), source: 'maker' as const } },
    jobs: [{ routine: 'repack' as const, place: '1L' as const }],
    findings: [],
    photos: [],
    printed: NOW,
  };
  const us = textOf(shopOrder({ ...base, system: 'us', limit: '300 USD', noCall: 'No new hub' }));
  expect(us).toContain('1L, left, front axle');
  expect(us).toContain('End play ____ in');
  expect(us).toContain('Anything that brings the bill over 300 USD.');
  expect(us).toContain('No new hub');
  const metric = textOf(shopOrder({ ...base, system: 'metric' }));
  expect(metric).toContain('End play ____ mm');
  expect(metric).toContain('N·m');
  const torsion = model.axles.map((axle) => ({ ...axle, suspension: 'torsion' as const }));
  expect(textOf(shopOrder({ ...base, model: { ...model, axles: torsion }, system: 'us' }))).toContain(
    'never by the axle tubes',
  );
});

test('a job card has every step in its order, what to tick and write, and its cautions', () => {
  const card = compile(model, [{ routine: 'repack', place: '1L' }], HOUSE_DEFAULT);
  if (!card.ok) throw new Error('no card');
  const said = textOf(jobCard(card.value, model, rigOf(), 'us', NOW));
  card.value.steps.forEach((_, i) => expect(said).toContain(`[ ] ${i + 1}  `));
  expect(said).toContain('Careful:');
  expect(said).toMatch(/\[ {2}\] /);
  expect(said).toContain('no nut, pin, cap or plug in the tray');
});
