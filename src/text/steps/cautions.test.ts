import { ACTS, type Act, type CardStep } from '@/core/routine';
import { HOUSE_DEFAULT } from '@/core/rules';
import { sampleModel } from '@/core/testing/arbitraries';
import { stepWords } from '..';

/** What can hurt (handbook 10), the steps at which it does, and the words that have to stand there. */
const HAZARDS: Readonly<Record<string, { readonly at: readonly Act[]; readonly says: RegExp }>> = {
  'crushed under the rig': {
    at: [
      'jack',
      'stand',
      'stand-again',
      'frame-up',
      'frame-down',
      'lower',
      'hold-axle',
      'axle-off',
      'unload-tires',
    ],
    says: /nobody|no hand|nothing of you|takes a hand/i,
  },
  'rolled away': { at: ['brake-on', 'chock'], says: /slope|chocks/i },
  'traffic beside it': { at: ['brake-on', 'tighten-hard'], says: /traffic/i },
  'a hot hub': { at: ['cap-off', 'caliper-off', 'rinse'], says: /\bhot\b|cool/i },
  'brake dust': {
    at: [
      'hub-off',
      'look-brake',
      'measure-brake',
      'look-through',
      'plate-off',
      'shoes-off',
      'pads-out',
      'magnet-out',
    ],
    says: /dust/i,
  },
  solvent: { at: ['clean', 'grease-off-brake'], says: /gloves.*(flame|air)|solvent/i },
  'grease on skin': { at: ['pack', 'pump'], says: /gloves/i },
  'what flies into eyes': {
    at: [
      'cap-off',
      'lock-out',
      'race-out',
      'race-in',
      'seal-out',
      'shoes-off',
      'shoes-on',
      'bush-out',
      'bush-in',
      'joints-off',
      'soak-pin',
      'renew-stud',
      'cap-fit',
    ],
    says: /eyes/i,
  },
  'a heavy wheel or drum': {
    at: ['wheel-off', 'wheel-on', 'rotate', 'axle-off', 'seat-axle'],
    says: /heavy|legs/i,
  },
  'a short': { at: ['clean-plug', 'battery-out', 'battery-in'], says: /short/i },
  'a tire that bursts': { at: ['pressure', 'set-pressure'], says: /stand aside/i },
  'a rotted spare': { at: ['look-spare'], says: /rotted/i },
  'towed with a defect': {
    at: ['break-loose', 'pull-pin', 'pin-back', 'store-battery'],
    says: /not (fit )?to (be )?tow|never tow|not to be towed/i,
  },
  'work for qualified hands': {
    at: ['look-spindle', 'look-flange', 'look-hangers', 'axle-lines-off', 'axle-lines-on', 'seat-axle'],
    says: /qualified|welder/i,
  },
  'fingers at a turning wheel': { at: ['brake-test', 'last-spin'], says: /fingers/i },
};

const models = [
  sampleModel({ axles: 2, brake: 'electric', hub: 'plain', kind: 'rv' }),
  sampleModel({ axles: 2, brake: 'hydraulic-disc', hub: 'plain', kind: 'rv' }),
  sampleModel({ axles: 2, brake: 'hydraulic-drum', hub: 'plain', kind: 'rv' }),
];

/** What a step says where it stands on a rig with brakes. */
function words(act: Act, model: (typeof models)[number]): string {
  const step = {
    key: act,
    step: act,
    place: '1L',
    side: 'L',
    phase: 'open',
    readings: [],
    subjects: [],
    minutes: 1,
  };
  const { how, caution } = stepWords(
    step as never as CardStep,
    model,
    { house: HOUSE_DEFAULT, jobs: [], steps: [] },
    'us',
  );
  return `${how} ${caution ?? ''}`;
}

describe.each(Object.entries(HAZARDS))('%s', (_, { at, says }) => {
  test.each(at)('is named at %s', (act) => {
    expect(ACTS).toContain(act);
    // A step that is there for one kind of brake alone is told for that one.
    expect(models.map((model) => words(act, model)).some((told) => says.test(told))).toBe(true);
  });
});

test.each([0, 0.2, 0.5, 1])('no round of the star by machine: share %d', (share) => {
  const round = { number: 1, of: 3, share, where: share < 1 ? 'air' : 'ground', torque: 100 };
  const step = { step: 'torque', place: '1L', threads: 'dry', round, readings: [], subjects: [] };
  expect(
    stepWords(step as never as CardStep, sampleModel({}), { house: HOUSE_DEFAULT, jobs: [], steps: [] }, 'us')
      .caution,
  ).toContain('No impact gun');
});

describe('a brake is tried as it works', () => {
  const tried = (brake: 'electric' | 'hydraulic-drum', actuator?: 'surge') =>
    words('brake-test', { ...sampleModel({ brake, hub: 'plain' }), ...(actuator && { actuator }) });
  test('electric, with the plug in again', () => expect(tried('electric')).toContain('plugged in again'));
  test('surge, by one person with the emergency lever, nobody at the tongue', () => {
    expect(tried('hydraulic-drum', 'surge')).toContain('emergency lever');
    expect(tried('hydraulic-drum', 'surge')).toContain('Nobody pushes on the tongue');
  });
  test('a leaking cylinder is looked for where there is one', () => {
    const drum = (brake: 'electric' | 'hydraulic-drum') =>
      words('look-brake', sampleModel({ brake, hub: 'plain' }));
    expect([drum('hydraulic-drum'), drum('electric')].map((told) => told.includes('leaks'))).toEqual([
      true,
      false,
    ]);
  });
});
