/** How careful people bring a wheel up to torque; the first is the house default. */
export type TorqueSchool = 'air-then-ground' | 'all-on-ground' | 'snug-then-twice';

/** One round of the star: the share of the final figure (0–1), the torque (N·m, absent for by hand), and where the tire is. */
export interface TorqueStage {
  readonly share: number;
  readonly torque: number | undefined;
  readonly where: 'air' | 'ground';
}

const SHARES: Record<TorqueSchool, readonly (readonly [share: number, where: 'air' | 'ground'])[]> = {
  'air-then-ground': [
    [0.2, 'air'],
    [0.5, 'air'],
    [1, 'ground'],
    [1, 'ground'],
  ],
  'all-on-ground': [
    [0, 'air'],
    [0.4, 'ground'],
    [0.85, 'ground'],
    [1, 'ground'],
    [1, 'ground'],
  ],
  'snug-then-twice': [
    [0, 'air'],
    [1, 'ground'],
    [1, 'ground'],
  ],
};

/** The rounds that bring a wheel to `final` (N·m): every school ends on the ground and goes round once more. */
export function torqueStages(final: number | undefined, school: TorqueSchool): readonly TorqueStage[] {
  return SHARES[school].map(([share, where]) => ({
    share,
    where,
    torque: final === undefined || share === 0 ? undefined : final * share,
  }));
}
