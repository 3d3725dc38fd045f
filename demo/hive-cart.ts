import type { RigModel } from '../src/core/rig';
import { at, inch, lbft, mi, type Diary } from './diary';

const model: RigModel = {
  name: 'Hive Cart',
  kind: 'utility',
  axles: [
    { suspension: 'leaf', brake: 'electric', hub: 'plain', lock: 'cotter' },
    { suspension: 'leaf', brake: 'none', hub: 'plain', lock: 'cotter' },
  ],
  wheels: {
    studs: 5,
    studDiameter: { value: inch(0.5), source: 'marking' },
    torque: { value: lbft(100), source: 'owner' },
  },
  spares: 1,
  miles: 'meter',
};

const HUB = { studs: 5, seal: 'YS-171', inner: 'YB-68', outer: 'YB-44', grease: 'lithium-complex' } as const;

/** Hive Cart: the flatbed, bought used, that carries beehives between orchards; miles by its hub meter. */
export function hiveCart(diary: Diary): void {
  let meter = 21_480;
  const move = (day: string, miles: number, note?: string) => {
    meter += miles;
    diary.trip(day, miles, { reading: mi(meter), ...(note && { note }) });
  };
  diary.write('rig.setup', at('2024-03-09', 16), { model, reading: mi(meter) });
  diary.write('note', at('2024-03-09', 17), {
    text: 'Bought used. Seller says the rear hubs were done, has no paper.',
  });
  for (const day of diary.weeks('2024-03-27', '2024-09-25'))
    if (diary.chance(0.7)) move(day, diary.between(28, 96));
  const double = diary.write('note', at('2024-09-28', 9), { text: 'Pivots greased, all six.' });
  diary.write('note', at('2024-09-28', 9), {
    text: 'Pivots greased, all six, until it showed at the bushings.',
  });
  diary.withdraw(double, at('2024-09-28', 12), 'written twice');

  for (const day of diary.weeks('2025-03-26', '2025-05-07'))
    if (diary.chance(0.7)) move(day, diary.between(28, 96));
  diary.repack('2025-05-12', ['1L', '1R'], {
    ...HUB,
    braked: ['1L', '1R'],
    worn: ['1R'],
    note: 'Front axle only, before the cherry bloom.',
  });
  move('2025-05-14', 61, 'to the cherry orchards');
  diary.held('2025-05-14', '1L', '1R');
  for (const day of diary.weeks('2025-05-21', '2025-09-24'))
    if (diary.chance(0.75)) move(day, diary.between(28, 96));
  for (const day of diary.weeks('2026-03-25', '2026-05-13'))
    if (diary.chance(0.75)) move(day, diary.between(28, 96));
  diary.write('finding.opened', at('2026-05-13', 20), {
    place: 'rig',
    verdict: 'watch',
    text: 'left ramp hinge stiff',
  });
}
