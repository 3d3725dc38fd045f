import { useState } from 'react';
import { SUPPLIES_KEPT, type SupplyKept } from '@/core/log';
import type { WorkAhead } from '@/core/routine';
import { takesOf } from '@/core/stock';
import { Ruled } from '@/features/rigs';
import { useAsk, usePreferences } from '@/store';
import { day, isGrease, SUPPLY_NAMES, supplyAmount } from '@/text';
import { Button, Tape } from '@/ui';
import { SupplyDialog } from './supply-dialog';

/** What is used up as one works: what is left, what the work ahead takes, and what that leaves. */
export function Supplies({ ahead, now }: { ahead: readonly WorkAhead[]; now: string }) {
  const { units } = usePreferences();
  const [open, setOpen] = useState<SupplyKept>();
  const asked = useAsk('supplies', { of: 'all' });
  if (asked.status !== 'ready') return null;
  const stock = asked.answer;
  const takes = (supply: SupplyKept) =>
    ahead.reduce(
      (sum, { jobs, model }) =>
        sum +
        (takesOf(
          jobs.map(({ job }) => job),
          model,
          stock[supply]?.stroke.value,
        )[supply] ?? 0),
      0,
    );
  return (
    <section aria-label="Used up as you go" className="mt-9">
      <Ruled>Used up as you go</Ruled>
      <ul className="mt-1">
        {SUPPLIES_KEPT.map((supply) => {
          const kept = stock[supply];
          const wanted = takes(supply);
          const amount = (value: number) => supplyAmount(value, supply, units);
          const short = kept !== undefined && wanted > kept.left;
          return (
            <li
              key={supply}
              className="border-line grid grid-cols-[minmax(0,1fr)_auto] items-center gap-x-4 gap-y-1 border-b py-3"
            >
              <span>
                <span className="block text-lg font-semibold">{SUPPLY_NAMES[supply][0]}</span>
                <span className={short ? 'text-due' : 'text-soft'}>
                  {kept ? `${amount(kept.left)} left, counted ${day(kept.counted, now)}` : 'Not counted yet'}
                  {wanted > 0 && `; the work ahead takes ${amount(wanted)}`}
                  {kept && wanted > 0 && (short ? ': not enough' : `, leaves ${amount(kept.left - wanted)}`)}
                </span>
                {kept && supply === 'bearing-grease' && (
                  <span className="text-soft block text-[0.92rem]">
                    {kept.stroke.own
                      ? `A stroke gives ${amount(kept.stroke.value)}, as you measured it.`
                      : 'By our own estimate of what a hub and a stroke take.'}
                  </span>
                )}
              </span>
              <Button onClick={() => setOpen(supply)}>
                Count it<span className="sr-only">: {SUPPLY_NAMES[supply][0]}</span>
              </Button>
              {kept && wanted > 0 && (
                <span className="col-span-2 max-w-[30rem]">
                  <Tape
                    used={wanted}
                    limit={Math.max(kept.left, isGrease(supply) ? 0.001 : 0.1)}
                    mark={short ? 'due' : 'clear'}
                    label={`${amount(wanted)} of ${amount(kept.left)}`}
                  />
                </span>
              )}
            </li>
          );
        })}
      </ul>
      {open && <SupplyDialog supply={open} onClose={() => setOpen(undefined)} />}
    </section>
  );
}
