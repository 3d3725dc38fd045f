'use client';

import { msOf } from '@/core/base';
import type { RigState } from '@/core/log';
import type { NextLook } from '@/core/road';
import { usePreferences } from '@/store';
import { inUnits } from '@/text';
import { lookTitle, lookWhy, signOf, waitWords } from '@/text/way';
import { cx, Tape } from '@/ui';

/** The next look and how far it is, as large as a road sign: in miles, or by the clock where that comes first. */
export function Sign({
  next,
  rig,
  now,
  small = false,
}: {
  next: NextLook;
  rig: Pick<RigState, 'findings'>;
  now: string;
  /** Something graver comes before it. */
  small?: boolean;
}) {
  const { units } = usePreferences();
  const { look, by } = next;
  const left = look.left ?? 0;
  const far = by === 'miles' ? signOf(left, units) : undefined;
  const wait = by === 'clock' && look.at ? waitWords(msOf(look.at) - msOf(now)) : undefined;
  const isNow = by === 'miles' ? !far : msOf(look.at ?? now) <= msOf(now);
  const title = lookTitle(look, look.finding ? rig.findings[look.finding] : undefined, units);
  const also = next.with.map((one) =>
    lookTitle(one, one.finding ? rig.findings[one.finding] : undefined, units),
  );
  return (
    <section aria-label="The next look" className="min-w-0">
      <p className="text-soft text-lg">Next look</p>
      <p className="figures flex flex-wrap items-baseline gap-x-3 leading-[0.86] font-semibold">
        {isNow ? (
          <span className={cx('text-due', small ? 'text-6xl' : 'text-[clamp(5rem,26vw,9rem)]')}>now</span>
        ) : far ? (
          <>
            <span className={cx('tracking-tight', small ? 'text-6xl' : 'text-[clamp(7rem,40vw,13rem)]')}>
              {far.number}
            </span>
            <span className="text-soft text-4xl">{far.unit}</span>
          </>
        ) : (
          <span className={small ? 'text-5xl' : 'text-[clamp(4rem,22vw,8rem)]'}>{wait}</span>
        )}
      </p>
      <div className="mt-2 max-w-[36rem]">
        <Tape
          used={Math.max(0, look.of - left)}
          limit={look.of}
          mark={isNow ? 'due' : 'soon'}
          label={`${title}: ${isNow ? 'now' : far ? `in ${far.number} ${far.unit}` : `in ${wait ?? ''}`}`}
        />
      </div>
      <h1 className="mt-1 text-3xl md:text-4xl">{title}</h1>
      <p className="text-soft mt-1 max-w-[46ch]">{inUnits(lookWhy(look), units)}.</p>
      {also.length > 0 && <p className="mt-1 text-lg">At the same stop: {also.join('; ')}.</p>}
    </section>
  );
}
