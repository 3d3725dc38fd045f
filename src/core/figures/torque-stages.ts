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

/** The rounds of a maker that prints his own (N·m, rising): those before the last in the air or on the ground by the school, the last twice round on the ground. */
function printedStages(
  printed: readonly number[],
  final: number,
  school: TorqueSchool,
): readonly TorqueStage[] {
  const byHand = school === 'air-then-ground' ? [] : [{ share: 0, where: 'air' as const, torque: undefined }];
  const where = school === 'air-then-ground' ? ('air' as const) : ('ground' as const);
  const last = { share: 1, where: 'ground' as const, torque: final };
  return [...byHand, ...printed.map((torque) => ({ share: torque / final, where, torque })), last, last];
}

/** The rounds that bring a wheel to `final` (N·m): every school ends on the ground and goes round once more; figures that the maker prints for the rounds before outrank the school's shares. */
export function torqueStages(
  final: number | undefined,
  school: TorqueSchool,
  printed: readonly number[] = [],
): readonly TorqueStage[] {
  const rising = printed.filter(
    (torque, i) => final !== undefined && torque < final && torque > (printed[i - 1] ?? 0),
  );
  if (final !== undefined && rising.length > 0) return printedStages(rising, final, school);
  return SHARES[school].map(([share, where]) => ({
    share,
    where,
    torque: final === undefined || share === 0 ? undefined : final * share,
  }));
}
