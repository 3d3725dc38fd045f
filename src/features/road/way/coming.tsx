'use client';

import type { RigState } from '@/core/log';
import type { ComingLook } from '@/core/road';
import { findingHref, Named, Ruled } from '@/features/rigs';
import { usePreferences } from '@/store';
import { inUnits } from '@/text';
import { awayWords, lookTitle, lookWhy } from '@/text/way';

/** Every look that is to come after the next one, with why. */
export function Coming({ looks, rig }: { looks: readonly ComingLook[]; rig: RigState }) {
  const { units } = usePreferences();
  if (looks.length === 0) return null;
  return (
    <section aria-label="Looks to come">
      <Ruled>Then</Ruled>
      <ul>
        {looks.map((look) => {
          const title = lookTitle(look, look.finding ? rig.findings[look.finding] : undefined, units);
          return (
            <li
              key={`${look.cause} ${look.places.join()} ${look.finding ?? ''}`}
              className="border-line grid grid-cols-[minmax(0,1fr)_auto] gap-4 border-b py-2.5"
            >
              <span>
                {look.finding ? <Named href={findingHref(rig.id, look.finding)}>{title}</Named> : title}
                <span className="text-soft block text-[0.94rem]">{inUnits(lookWhy(look), units)}</span>
              </span>
              <span className="figures text-lg whitespace-nowrap">{awayWords(look, units)}</span>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
