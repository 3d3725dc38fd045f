import type { RigModel, WheelEnd } from '../src/core/rig';
import { at, inch, lbft, mi, type Diary } from './diary';

const ALL: readonly WheelEnd[] = ['1L', '1R', '2L', '2R'];

const axle: RigModel['axles'][number] = {
  suspension: 'leaf',
  brake: 'electric',
  hub: 'drilled',
  lock: 'cotter',
  threadPitch: { value: inch(1 / 14), source: 'marking' },
  slots: { value: 6, source: 'marking' },
  pinHoles: { value: 2, source: 'marking' },
};

const model: RigModel = {
  name: 'Juniper',
  kind: 'rv',
  axles: [axle, axle],
  wheels: {
    studs: 6,
    studDiameter: { value: inch(0.5), source: 'marking' },
    torque: { value: lbft(110), source: 'maker' },
  },
  spares: 1,
  miles: 'trips',
};

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
      diary.trip(day, diary.between(320, 520), { note: 'round the lakes, three nights out' });
    else if (diary.chance(month >= 6 && month <= 9 ? 0.6 : 0.35)) diary.trip(day, diary.between(42, 190));
  }
}

/** Juniper: the tandem travel trailer the family goes to the lakes with. */
export function juniper(diary: Diary): void {
  diary.write('rig.setup', at('2023-11-18', 10), { model: { ...model, wheels: { studs: 6 } } });
  diary.write('rig.changed', at('2023-11-25', 10), {
    changes: {
      'wheels.torque': { value: lbft(110), source: 'maker' },
      'wheels.studDiameter': { value: inch(0.5), source: 'marking' },
    },
  });
  diary.write('note', at('2023-12-02', 11), {
    text: 'Laid up in the barn, blocks under the frame, battery out.',
  });

  diary.repack('2024-04-20', ALL, {
    ...HUB,
    water: ['1L'],
    note: 'Water in 1L: cap had been dented. New cap on.',
  });
  diary.trip('2024-05-04', 14);
  diary.held('2024-05-04', ...ALL);
  diary.trip('2024-05-11', 38);
  diary.held('2024-05-11', ...ALL);
  summer(diary, 2024, '2024-12-31');

  diary.repack('2025-04-26', ALL, { ...HUB, worn: ['2R'] });
  diary.trip('2025-05-03', 16);
  diary.held('2025-05-03', '1L', '1R', '2L');
  diary.write('recheck', at('2025-05-03', 18), { place: '2R', result: 'moved' });
  diary.trip('2025-05-10', 52);
  diary.held('2025-05-10', ...ALL);
  summer(diary, 2025, '2025-12-31');
  const wrong = diary.trip('2025-10-18', 1180);
  diary.write(
    'trip',
    at('2025-10-18'),
    { distance: mi(118), launches: 0 },
    { recorded: at('2025-10-19', 9), replaces: wrong.id },
  );

  diary.repack('2026-05-02', ALL, { ...HUB, worn: ['2R'] });
  diary.trip('2026-05-03', 12, { note: 'to the weigh scale and back' });
  diary.held('2026-05-03', '1L', '1R', '2L');
  diary.trip('2026-05-09', 19);
  diary.held('2026-05-09', '1L', '1R', '2L');
  diary.write('finding.opened', at('2026-05-10', 10), {
    place: '2R',
    verdict: 'due',
    text: 'grease weeps behind the hub',
  });
}
