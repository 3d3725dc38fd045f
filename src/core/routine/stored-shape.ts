import type { Run } from './run';

/** The version of cards in hand as they are kept now. */
export const RUN_VERSION = 2;

/** A card in hand as it lies on disk; `rev` counts its changes, so that a tab behind overwrites nothing. */
export interface StoredRun {
  readonly v: number;
  readonly rev: number;
  readonly run: Run;
}

/** True for a card that this version put on disk, as far as a look at its outline tells; whoever needs to be sure reads it by its schema. */
export function looksLikeRun(raw: unknown): raw is StoredRun {
  const { v, rev, run } = (raw ?? {}) as Partial<StoredRun>;
  if (v !== RUN_VERSION || typeof rev !== 'number' || !run) return false;
  const steps: unknown = run.card?.steps;
  return (
    Array.isArray(steps) &&
    steps.length > 0 &&
    run.index >= 0 &&
    run.index <= steps.length &&
    [run.model?.axles, run.findings, run.card.jobs, run.card.branches].every(Array.isArray) &&
    typeof run.records === 'object'
  );
}
