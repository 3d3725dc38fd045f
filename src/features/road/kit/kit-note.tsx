'use client';

import { bestPurchase, finishes, readKit, troublesFor } from '@/core/road';
import { Named, type RigView } from '@/features/rigs';
import { to } from '@/links';
import { list, small } from '@/text';
import { needWords } from '@/text/kit-said';
import { cx } from '@/ui';

/** How much of what can happen the kit of a rig can put right, and what is wanting most: a line with the way to it. */
export default function KitNote({ view, short = false }: { view: RigView; short?: boolean }) {
  const all = finishes(readKit(view), troublesFor(view.model));
  const can = all.filter((one) => one.can === 'yes').length;
  const best = bestPurchase(all);
  const said = Object.keys(view.rig.kit).length > 0;
  return (
    <p className={cx('text-soft', !short && 'text-lg')}>
      <Named href={to('kit', view.rig.id)}>Kit</Named>:{' '}
      {said
        ? `${can} of ${all.length} troubles can be finished on the road.${
            best && !short
              ? ` Most is missing: ${list(best.items.map((item) => small(needWords(item))))}.`
              : ''
          }`
        : 'mark what is aboard, and see what you could fix on the road.'}
    </p>
  );
}
