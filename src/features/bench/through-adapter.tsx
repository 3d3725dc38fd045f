'use client';

import { useSearchParams } from 'next/navigation';
import type { CardStep, Run } from '@/core/routine';
import { to } from '@/links';
import { usePreferences } from '@/store';
import { measure } from '@/text';
import { LinkButton } from '@/ui';

/** What an offset adapter makes of every torque on a card, as the address carries it; undefined where none is on the wrench. */
export function useAdapter(): number | undefined {
  const ratio = Number(useSearchParams().get('adapter') ?? '');
  return ratio > 0.3 && ratio < 3 ? ratio : undefined;
}

/** The figure (N·m) that a step's wrench is set to, where it has one. */
function torqueOf({ round, torque }: CardStep): number | undefined {
  return round?.torque ?? torque?.value;
}

/** What goes into a step's note when its torque went through an adapter. */
export function adapterNote(
  step: CardStep,
  ratio: number | undefined,
  units: 'us' | 'metric',
): string | undefined {
  const torque = torqueOf(step);
  return ratio === undefined || torque === undefined
    ? undefined
    : `wrench at ${measure(torque * ratio, 'torque', units, 1)} through an offset adapter`;
}

/** What the wrench is set to with the adapter on it, or the way to work it out. */
export function ThroughAdapter({ run, step }: { run: Run; step: CardStep }) {
  const { units } = usePreferences();
  const ratio = useAdapter();
  const torque = torqueOf(step);
  if (torque === undefined) return null;
  if (ratio === undefined)
    return (
      <LinkButton
        look="quiet"
        className="-ml-4"
        href={to('figures', run.rig, { of: 'adapter', run: run.id })}
      >
        Offset adapter on the wrench?
      </LinkButton>
    );
  return (
    <p className="border-accent mt-2 border-l-4 pl-4 text-xl">
      Through your adapter:{' '}
      <strong className="figures text-3xl">{measure(torque * ratio, 'torque', units, 1)}</strong> on the
      wrench.
    </p>
  );
}
