import type { CardStep } from '../card';
import type { Corner, Demand } from './scene';

/** A round of the star: nuts started by hand, rounds in order, the last full and on the ground. */
export function playRound(
  step: CardStep,
  c: Corner,
  lastInAir: number | undefined,
): { demands: readonly Demand[]; then: Partial<Corner> } {
  const round = step.round;
  if (!round) return { demands: [[false, 12, 'a round of torque without its figure']], then: {} };
  const demands: Demand[] = [
    [
      ['started', 'snug', 'torqued'].includes(c.lugs),
      12,
      'every nut started by hand before any is tightened',
    ],
    [round.number === c.round + 1, 12, 'rounds in order'],
    round.where === 'ground'
      ? [!c.lifted, 12, 'full torque on the ground, the jack down']
      : [c.lifted && round.share < 1, 12, 'early rounds in the air, never the last'],
  ];
  const last = round.number === round.of;
  if (last)
    demands.push([
      round.where === 'ground' && round.share === 1,
      12,
      'the last round is full, on the ground',
    ]);
  const lugs = !['started', 'snug'].includes(c.lugs)
    ? c.lugs
    : last
      ? 'torqued'
      : round.number === lastInAir
        ? 'snug'
        : c.lugs;
  return { demands, then: { round: round.number, lugs } };
}
