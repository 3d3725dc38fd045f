import type { RigModel } from '../src/core/rig';
import { at, inch, lb, lbft, mi, psi, type Diary } from './diary';

const front: RigModel['axles'][number] = {
  suspension: 'leaf',
  equalizer: true,
  rating: { value: lb(3500), source: 'marking' },
  brake: 'electric',
  wires: true,
  drum: { value: { diameter: inch(10), width: inch(2.25) }, source: 'counter' },
  mountingBolts: { value: 4, source: 'marking' },
  hub: 'plain',
  lock: 'cotter',
  cap: 'plain',
  flatWasher: true,
  threadPitch: { value: inch(1 / 14), source: 'marking' },
  slots: { value: 6, source: 'marking' },
  pinHoles: { value: 2, source: 'marking' },
};

const model: RigModel = {
  name: 'Hive Cart',
  kind: 'utility',
  axles: [
    front,
    {
      suspension: 'leaf',
      equalizer: true,
      rating: { value: lb(3500), source: 'marking' },
      brake: 'none',
      wires: false,
      hub: 'plain',
      lock: 'cotter',
      cap: 'plain',
    },
  ],
  wheels: {
    studs: 5,
    studDiameter: { value: inch(0.5), source: 'marking' },
    torque: { value: lbft(100), source: 'owner' },
    boltCircle: { value: inch(4.5), source: 'marking' },
    material: 'steel',
    socket: { value: inch(3 / 4), source: 'marking' },
    key: 'none',
    cover: 'none',
    adapter: { fitted: false },
    valve: 'snap-in',
  },
  tires: {
    size: { value: 'ST205/75R15', source: 'maker' },
    loadRange: { value: 'C', source: 'maker' },
    pressure: { value: psi(50), source: 'guess' },
    maxPressure: { value: psi(50), source: 'marking' },
  },
  breakaway: { chemistry: 'lead-acid', required: true },
  spares: 1,
  gvwr: { value: lb(7000), source: 'guess' },
  axleSpacing: { value: inch(33), source: 'marking' },
  equalizerSpacing: { value: inch(6.75), source: 'marking' },
  lifting: { point: 'frame', height: { value: inch(17), source: 'marking' } },
  gear: {
    brakeController: true,
    breakaway: true,
    deck: true,
    sideRails: false,
    tieDowns: true,
    toolBox: true,
    ramp: true,
    rampHinges: true,
    markerLamps: true,
    plateLamp: true,
  },
  environment: { roads: 'dry' },
  use: 'highway',
  yearly: mi(1800),
  miles: 'meter',
};

/** Hive Cart as its owner describes it. */
export const HIVE_CART = model;

const HUB = { studs: 5, seal: 'YS-171', inner: 'YB-68', outer: 'YB-44', grease: 'lithium-complex' } as const;

/** Hive Cart: the flatbed, bought used, that carries beehives between orchards; miles by its hub meter. */
export function hiveCart(diary: Diary): void {
  let meter = 21_480;
  const move = (day: string, miles: number, note?: string) => {
    meter += miles;
    diary.trip(day, miles, { reading: mi(meter), ...(note && { note }) });
  };
  diary.write('rig.setup', at('2024-03-09', 16), { model, reading: mi(meter) });
  diary.parts('2024-03-09', [
    ['tire', '1L', { dot: '2320', size: 'ST205/75R15', loadRange: 'C' }],
    ['tire', '1R', { dot: '2320', size: 'ST205/75R15', loadRange: 'C' }],
    ['tire', '2L', { dot: '1121', size: 'ST205/75R15', loadRange: 'C' }],
    ['tire', '2R', { dot: '1121', size: 'ST205/75R15', loadRange: 'C' }],
    ['tire', 'S1', { dot: '0817', size: 'ST205/75R15', loadRange: 'C' }],
    ['battery', 'breakaway', { since: '2024-03-01' }],
  ]);
  diary.write('note', at('2024-03-09', 17), {
    text: 'Bought used. Seller says the rear hubs were done, has no paper.',
  });
  diary.commission('2024-03-23', model);
  for (const day of diary.weeks('2024-03-27', '2024-09-25'))
    if (diary.chance(0.7)) move(day, diary.between(28, 96));
  diary.midSeason('2024-06-12', model);
  diary.midSeason('2024-08-21', model);
  const double = diary.write('note', at('2024-09-28', 9), { text: 'Pivots greased, all six.' });
  diary.write('note', at('2024-09-28', 9), {
    text: 'Pivots greased, all six, until it showed at the bushings.',
  });
  diary.withdraw(double, at('2024-09-28', 12), 'written twice');

  diary.layUp('2024-10-12', model);
  diary.commission('2025-03-22', model);
  for (const day of diary.weeks('2025-03-26', '2025-05-07'))
    if (diary.chance(0.7)) move(day, diary.between(28, 96));
  diary.repack('2025-05-12', ['1L', '1R'], {
    ...HUB,
    braked: ['1L', '1R'],
    lining: 6,
    worn: ['1R'],
    note: 'Front axle only, before the cherry bloom.',
    cost: 31.5,
  });
  move('2025-05-14', 61, 'to the cherry orchards');
  diary.held('2025-05-14', '1L', '1R');
  for (const day of diary.weeks('2025-05-21', '2025-09-24'))
    if (diary.chance(0.75)) move(day, diary.between(28, 96));
  diary.midSeason('2025-06-11', model);
  diary.midSeason('2025-08-20', model);
  diary.layUp('2025-10-11', model);
  diary.commission('2026-03-21', model);
  diary.shelve('2026-04-02', 'battery', 'order', { number: 'YE-12' });
  diary.write('deferral', at('2026-04-02', 19), {
    routine: 'battery-renew',
    place: 'breakaway',
    reason: 'battery ordered, still over 12.4 V',
    until: '2026-06-01T12:00:00.000Z',
  });
  for (const day of diary.weeks('2026-03-25', '2026-05-13'))
    if (diary.chance(0.75)) move(day, diary.between(28, 96));
  diary.write('finding.opened', at('2026-05-13', 20), {
    place: 'rampHinges',
    verdict: 'watch',
    text: 'left one stiff',
  });
}
