import type { RigModel, WheelEnd } from '../src/core/rig';
import { at, inch, lbft, type Diary } from './diary';

const BOTH: readonly WheelEnd[] = ['1L', '1R'];

const model: RigModel = {
  name: 'Sandpiper',
  kind: 'boat',
  axles: [
    {
      suspension: 'leaf',
      brake: 'none',
      hub: 'pressure-cap',
      lock: 'cotter',
      threadPitch: { value: inch(1 / 14), source: 'counter' },
      slots: { value: 6, source: 'marking' },
      pinHoles: { value: 2, source: 'marking' },
    },
  ],
  wheels: {
    studs: 5,
    studDiameter: { value: inch(0.5), source: 'marking' },
    torque: { value: lbft(90), source: 'counter' },
  },
  spares: 1,
  miles: 'trips',
  water: 'brackish',
  repackEvery: { launches: { value: 40, source: 'owner' } },
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

function season(diary: Diary, from: string, to: string): void {
  for (const day of diary.weeks(from, to))
    if (diary.chance(0.72))
      diary.trip(day, diary.between(18, 34), { launches: diary.chance(0.15) ? 2 : 1, water: 'brackish' });
}

/** Sandpiper: the galvanised single-axle boat trailer, in brackish water most weeks of the summer. */
export function sandpiper(diary: Diary): void {
  diary.write('rig.setup', at('2023-11-19', 14), { model });
  diary.repack('2024-03-30', BOTH, { ...HUB, water: ['1R'] });
  diary.trip('2024-04-07', 27, { launches: 1, water: 'brackish' });
  diary.held('2024-04-07', ...BOTH);
  diary.trip('2024-04-14', 26, { launches: 1, water: 'brackish' });
  diary.held('2024-04-14', ...BOTH);
  season(diary, '2024-04-21', '2024-10-06');

  diary.repack('2025-03-29', BOTH, HUB);
  diary.trip('2025-04-06', 52, { launches: 1, water: 'brackish' });
  diary.held('2025-04-06', ...BOTH);
  season(diary, '2025-04-13', '2025-10-05');
  const finding = diary.write('finding.opened', at('2025-08-17', 19), {
    place: 'rig',
    verdict: 'watch',
    text: 'winch strap fuzzed at the edge',
  });
  diary.write('finding.closed', at('2026-03-21', 11), { finding: finding.id, how: 'strap renewed' });

  diary.repack('2026-03-28', BOTH, { ...HUB, note: 'Old grease clean: the caps keep the water out.' });
  diary.trip('2026-04-12', 28, { launches: 1, water: 'brackish' });
  diary.held('2026-04-12', ...BOTH);
  diary.trip('2026-04-19', 30, { launches: 1, water: 'brackish' });
  diary.held('2026-04-19', ...BOTH);
  season(diary, '2026-04-26', '2026-05-10');
}
