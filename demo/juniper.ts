import type { RigModel, WheelEnd } from '../src/core/rig';
import { at, inch, lb, lbft, mi, psi, type Diary } from './diary';

const ALL: readonly WheelEnd[] = ['1L', '1R', '2L', '2R'];

const axle: RigModel['axles'][number] = {
  suspension: 'leaf',
  equalizer: true,
  rating: { value: lb(3500), source: 'marking' },
  brake: 'electric',
  wires: true,
  lining: 'riveted',
  drum: { value: { diameter: inch(10), width: inch(2.25) }, source: 'marking' },
  mountingBolts: { value: 4, source: 'marking' },
  hub: 'drilled',
  lock: 'cotter',
  cap: 'plug',
  flatWasher: true,
  threadPitch: { value: inch(1 / 14), source: 'marking' },
  slots: { value: 6, source: 'marking' },
  pinHoles: { value: 2, source: 'marking' },
  endPlay: { value: { min: inch(0.001), max: inch(0.01) }, source: 'maker' },
};

const model: RigModel = {
  name: 'Juniper',
  kind: 'rv',
  axles: [axle, axle],
  wheels: {
    studs: 6,
    studDiameter: { value: inch(0.5), source: 'marking' },
    torque: { value: lbft(110), source: 'maker' },
    boltCircle: { value: inch(5.5), source: 'marking' },
    material: 'aluminum',
    socket: { value: inch(13 / 16), source: 'marking' },
    key: 'none',
    cover: 'none',
    adapter: { fitted: false },
    maxPressure: { value: psi(65), source: 'marking' },
    valve: 'metal',
  },
  tires: {
    size: { value: 'ST225/75R15', source: 'maker' },
    loadRange: { value: 'D', source: 'maker' },
    pressure: { value: psi(65), source: 'maker' },
    maxPressure: { value: psi(65), source: 'marking' },
  },
  torques: {
    plate: { value: lbft(45), source: 'maker' },
    axle: { value: lbft(50), source: 'maker' },
    joints: { value: lbft(45), source: 'maker' },
  },
  breakaway: { chemistry: 'lead-acid', required: true },
  greasePoints: { aSide: 5, wheelOff: true },
  spares: 1,
  gvwr: { value: lb(6800), source: 'maker' },
  axleSpacing: { value: inch(33), source: 'marking' },
  equalizerSpacing: { value: inch(6.75), source: 'marking' },
  lifting: { point: 'frame', height: { value: inch(18), source: 'marking' } },
  gear: {
    brakeController: true,
    breakaway: true,
    stabilizers: true,
    levelingBlocks: true,
    gearGuards: false,
    markerLamps: true,
    plateLamp: true,
  },
  environment: { roads: 'salted' },
  use: 'highway',
  yearly: mi(1500),
  miles: 'trips',
  repackEvery: {
    distance: { value: mi(12_000), source: 'maker' },
    days: { value: 365, source: 'maker' },
  },
};

/** Juniper as its owner describes it. */
export const JUNIPER = model;

const HUB = {
  studs: 6,
  seal: 'YS-171',
  inner: 'YB-68',
  outer: 'YB-44',
  grease: 'lithium-complex',
  slotsBack: 0.5,
  strokes: 4,
  braked: ALL,
} as const;

function summer(diary: Diary, year: number, until: string): void {
  const days = diary.weeks(`${year}-05-14`, `${year}-10-15`).filter((day) => day <= until);
  for (const day of days) {
    const month = Number(day.slice(5, 7));
    if (month === 7 && diary.chance(0.2))
      diary.trip(day, diary.between(320, 520), { note: 'around the lakes, three nights out' });
    else if (diary.chance(month >= 6 && month <= 9 ? 0.6 : 0.35)) diary.trip(day, diary.between(42, 190));
  }
}

/** Juniper: the tandem travel trailer the family goes to the lakes with. */
export function juniper(diary: Diary): void {
  const { studs } = model.wheels;
  diary.write('rig.setup', at('2023-11-18', 10), {
    model: {
      name: model.name,
      kind: model.kind,
      axles: [axle, axle].map(({ suspension, brake, hub, lock }) => ({ suspension, brake, hub, lock })),
      wheels: { studs },
      spares: model.spares,
      miles: model.miles,
    },
  });
  diary.write('rig.changed', at('2023-11-25', 10), {
    changes: {
      'wheels.torque': { value: lbft(110), source: 'maker' },
      'wheels.studDiameter': { value: inch(0.5), source: 'marking' },
    },
  });
  diary.told(model, at('2023-11-26', 10));
  diary.parts('2023-11-26', [
    ['tire', '1L', { dot: '1422', size: 'ST225/75R15', loadRange: 'D' }],
    ['tire', '1R', { dot: '1422', size: 'ST225/75R15', loadRange: 'D' }],
    ['tire', '2L', { dot: '1422', size: 'ST225/75R15', loadRange: 'D' }],
    ['tire', '2R', { dot: '1322', size: 'ST225/75R15', loadRange: 'D' }],
    ['tire', 'S1', { dot: '3320', size: 'ST225/75R15', loadRange: 'D' }],
    ['battery', 'breakaway', { since: '2023-05-06' }],
    ['lamp', 'lampLeft', { light: 'led' }],
    ['lamp', 'lampRight', { light: 'led' }],
  ]);
  diary.layUp('2023-12-02', model);
  diary.write('note', at('2023-12-02', 11), {
    text: 'Laid up in the barn, blocks under the frame, battery out.',
  });
  diary.commission('2024-04-13', model);

  diary.repack('2024-04-20', ALL, {
    ...HUB,
    lining: 6,
    water: ['1L'],
    note: 'Water in 1L: cap had been dented. New cap on.',
    cost: 61.4,
  });
  diary.trip('2024-05-04', 14);
  diary.held('2024-05-04', ...ALL);
  diary.trip('2024-05-11', 38);
  diary.held('2024-05-11', ...ALL);
  summer(diary, 2024, '2024-12-31');
  diary.midSeason('2024-06-08', model);
  diary.midSeason('2024-08-17', model);
  diary.round('2024-08-17', model);
  diary.layUp('2024-10-26', model);

  diary.commission('2025-04-12', model);
  diary.renew(
    '2025-04-12',
    'battery',
    'breakaway',
    { since: '2025-04-12' },
    { price: 34.95, where: 'Hardware store' },
  );
  diary.repack('2025-04-26', ALL, { ...HUB, lining: 5.5, worn: ['2R'], cost: 48.2 });
  diary.trip('2025-05-03', 16);
  diary.held('2025-05-03', '1L', '1R', '2L');
  diary.write('recheck', at('2025-05-03', 18), { place: '2R', result: 'moved' });
  diary.trip('2025-05-10', 52);
  diary.held('2025-05-10', ...ALL);
  summer(diary, 2025, '2025-12-31');
  diary.midSeason('2025-06-07', model);
  diary.midSeason('2025-08-16', model);
  diary.round('2025-08-16', model);
  diary.swap('2025-10-11', 'tire', ['1L', '2L'], ['1R', '2R']);
  const wrong = diary.trip('2025-10-18', 1180);
  diary.write(
    'trip',
    at('2025-10-18'),
    { distance: mi(118), launches: 0 },
    { recorded: at('2025-10-19', 9), replaces: wrong.id },
  );
  diary.held('2025-10-18', ...ALL);

  diary.layUp('2025-11-01', model);
  diary.commission('2026-04-18', model);
  diary.repack('2026-05-02', ALL, { ...HUB, lining: 5, worn: ['2R'], cost: 52.75 });
  diary.trip('2026-05-03', 12, { note: 'to the weigh scale and back' });
  diary.held('2026-05-03', '1L', '1R', '2L');
  diary.trip('2026-05-09', 19);
  diary.held('2026-05-09', '1L', '1R', '2L');
  diary.write('finding.opened', at('2026-05-10', 10), {
    place: '2R',
    verdict: 'due',
    text: 'grease weeps behind the hub',
    remedy: 'repack',
    of: { subject: 'grease-back', grade: 'behind' },
  });
  diary.shelve('2026-05-12', 'seal', 'home', { number: 'YS-171' }, { price: 6.8, where: 'Parts counter' });
  diary.plan('2026-05-12', '2026-05-23', 180, 'the lakes');
  diary.plan('2026-05-12', '2026-07-03', 420, 'around the lakes, three nights');
}
