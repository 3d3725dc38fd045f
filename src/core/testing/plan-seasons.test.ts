import { playSeason, POLICIES } from './plan-seasons';

const about = { weeks: 10, futures: 20, patience: () => () => true };

test('a season is the same for the same seed, and the plan takes less set-up than each job on its own day', () => {
  const play = (policy: (typeof POLICIES)[number]) => playSeason(policy, 3, about);
  expect(play('plan')).toEqual(play('plan'));
  expect(play('plan').setUp).toBeLessThan(play('apart').setUp);
  expect(play('overdue').wasted).toBe(0);
  for (const policy of POLICIES) {
    const { setUp, own, late, lateSafety } = play(policy);
    expect(setUp >= 0 && own >= 0 && late >= lateSafety).toBe(true);
  }
});
