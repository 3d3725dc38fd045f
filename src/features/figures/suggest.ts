import type { FigureId } from '@/core/figures';
import { hasBrake, type RigModel } from '@/core/rig';

/** The figures that a rig is likely to want next: by what it lacks, and what it is. */
export function suggested(model: RigModel | undefined): readonly FigureId[] {
  if (!model) return ['balance', 'adapter', 'pressure', 'jack'];
  const lacks: readonly (FigureId | false)[] = [
    'balance',
    !model.wheels.boltCircle && 'circle',
    model.axles.some((axle) => hasBrake(axle) && !axle.drum) && 'drum',
    model.axles.some(({ brake }) => brake === 'electric') && 'magnets',
    model.axles.length > 1 && model.axles.some(({ suspension }) => suspension === 'leaf') && 'spacing',
    'tire',
    'jack',
    'adapter',
  ];
  return lacks.filter((one): one is FigureId => one !== false).slice(0, 5);
}
