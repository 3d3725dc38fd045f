import type { CardStep } from '@/core/routine';

/** The short name of a step with its place, where no figures are at hand: `hub off 1L`. */
export function stepName(step: CardStep): string {
  return [step.step.replaceAll('-', ' '), step.place === 'rig' ? undefined : step.place]
    .filter(Boolean)
    .join(' ');
}
