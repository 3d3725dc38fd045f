import type { RigModel, WheelEnd } from '../src/core/rig';
import { at, inch, lb, lbft, mi, psi, type Diary } from './diary';

const BOTH: readonly WheelEnd[] = ['1L', '1R'];

const model: RigModel = {
  name: 'Sandpiper',
  kind: 'boat',
  axles: [
    {
      suspension: 'leaf',
      rating: { value: lb(2200), source: 'marking' },
      brake: 'none',
      wires: false,
      hub: 'pressure-cap',
      lock: 'cotter',
      flatWasher: false,
      threadPitch: { value: inch(1 / 14), source: 'counter' },
      slots: { value: 6, source: 'marking' },
      pinHoles: { value: 2, source: 'marking' },
      endPlay: { value: { min: inch(0.001), max: inch(0.008) }, source: 'counter' },
    },
  ],
  wheels: {
    studs: 5,
    studDiameter: { value: inch(0.5), source: 'marking' },
    torque: { value: lbft(90), source: 'counter' },
    boltCircle: { value: inch(4.5), source: 'marking' },
    material: 'steel',
    socket: { value: inch(3 / 4), source: 'marking' },
    key: 'none',
    cover: 'none',
    adapter: { fitted: false },
    maxPressure: { value: psi(60), source: 'marking' },
    valve: 'snap-in',
  },
  tires: {
    size: { value: 'ST175/80R13', source: 'maker' },
    loadRange: { value: 'C', source: 'maker' },
    pressure: { value: psi(50), source: 'maker' },
    maxPressure: { value: psi(50), source: 'marking' },
  },
  torques: {
    axle: { value: lbft(45), source: 'counter' },
    joints: { value: lbft(40), source: 'counter' },
  },
  greasePoints: { aSide: 0, wheelOff: false },
  spares: 1,
  gvwr: { value: lb(2350), source: 'maker' },
  lifting: { point: 'frame', height: { value: inch(14), source: 'marking' } },
  gear: {
    winch: true,
    winchStrap: true,
    bowStop: true,
    bunks: true,
    rollers: false,
    galvanizing: true,
    transomStraps: true,
    swingPin: true,
    markerLamps: false,
    plateLamp: true,
  },
  environment: { roads: 'dry', water: 'brackish' },
  use: 'highway',
  yearly: mi(700),
  miles: 'trips',
  repackEvery: {
    distance: { value: mi(10_000), source: 'counter' },
    days: { value: 365, source: 'counter' },
    launches: { value: 40, source: 'owner' },
  },
};

const HUB = {
  studs: 5,
  seal: 'YS-125',
  inner: 'YB-44',
  outer: 'YB-44',
  grease: 'calcium-sulfonate',
  slotsBack: 0.5,
  strokes: 3,
} as const;

/** In brackish water, and rinsed when home again. */
function launched(diary: Diary, day: string, miles: number, launches: number): void {
  diary.trip(day, miles, { launches, water: 'brackish' });
  diary.did(day, [['rinse', 'rig']], 18);
}

function season(diary: Diary, from: string, to: string): void {
  for (const day of diary.weeks(from, to))
    if (diary.chance(0.72)) launched(diary, day, diary.between(18, 34), diary.chance(0.15) ? 2 : 1);
}

/** Sandpiper: the galvanised single-axle boat trailer, in brackish water most weeks of the summer. */
export function sandpiper(diary: Diary): void {
  diary.write('rig.setup', at('2023-11-19', 14), { model });
  diary.parts('2023-11-19', [
    ['tire', '1L', { dot: '0822', size: 'ST175/80R13', loadRange: 'C' }],
    ['tire', '1R', { dot: '0822', size: 'ST175/80R13', loadRange: 'C' }],
    ['tire', 'S1', { dot: '4421', size: 'ST175/80R13', loadRange: 'C' }],
    ['lamp', 'lampLeft', { light: 'led' }],
    ['lamp', 'lampRight', { light: 'led' }],
    ['lamp', 'plateLamp', { light: 'bulb' }],
  ]);
  diary.commission('2024-03-30', model);
  diary.repack('2024-03-30', BOTH, { ...HUB, water: ['1R'] });
  launched(diary, '2024-04-07', 27, 1);
  diary.held('2024-04-07', ...BOTH);
  launched(diary, '2024-04-14', 26, 1);
  diary.held('2024-04-14', ...BOTH);
  season(diary, '2024-04-21', '2024-10-06');
  diary.midSeason('2024-06-15', model);
  diary.midSeason('2024-08-24', model);
  diary.layUp('2024-10-12', model);

  diary.commission('2025-03-29', model);
  diary.repack('2025-03-29', BOTH, { ...HUB, cost: 22.1 });
  launched(diary, '2025-04-06', 52, 1);
  diary.held('2025-04-06', ...BOTH);
  season(diary, '2025-04-13', '2025-10-05');
  diary.midSeason('2025-06-14', model);
  diary.midSeason('2025-08-23', model);
  diary.layUp('2025-10-11', model);
  const finding = diary.write('finding.opened', at('2025-08-17', 19), {
    place: 'winchStrap',
    verdict: 'watch',
    text: 'fuzzed at the edge',
  });
  diary.write('finding.closed', at('2026-03-21', 11), { finding: finding.id, how: 'strap replaced' });

  diary.commission('2026-03-28', model);
  diary.shelve('2026-03-29', 'hub', 'aboard', { innerIn: 'YB-44', outerIn: 'YB-44', sealIn: 'YS-125' });
  diary.repack('2026-03-28', BOTH, {
    ...HUB,
    cost: 24.6,
    note: 'Old grease clean: the caps keep the water out.',
  });
  launched(diary, '2026-04-12', 28, 1);
  diary.held('2026-04-12', ...BOTH);
  launched(diary, '2026-04-19', 30, 1);
  diary.held('2026-04-19', ...BOTH);
  season(diary, '2026-04-26', '2026-05-10');
  diary.plan('2026-05-14', '2026-05-17', 28, 'out to the flats', 1);
}
