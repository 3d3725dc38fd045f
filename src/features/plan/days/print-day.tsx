'use client';

import { cardOf } from '@/core/plan';
import { Shown as ShownPaper, useMade } from '@/features/logbook/papers';
import type { RigView } from '@/features/rigs';
import { usePreferences } from '@/store';
import { layOut } from '@/text';
import { yardDayPaper, type YardDayOf } from '@/text/papers';
import { orderByWords } from '@/text/plan';
import { Button, reported } from '@/ui';
import { rowsOf, toldOf } from './posts';
import type { Shown } from './shown';

/** A yard day on paper: its work, why, what to order and what to lay out. */
export function PrintDay({ plan, post, view, rigs }: Shown & { rigs: readonly RigView[] }) {
  const { units } = usePreferences();
  const { made, make } = useMade();
  const paper = () => {
    const rows = rowsOf(plan, post);
    const of: YardDayOf = {
      day: post.day,
      minutes: post.minutes,
      rigs: rigs.flatMap((one) => {
        const mine = rows.filter((row) => row.rig === one.rig.id);
        const works = mine.flatMap((row) => row.works.flatMap((j) => plan.yard.works[j] ?? []));
        const card = cardOf(
          one,
          works.flatMap(({ jobs }) => jobs),
        );
        if (mine.length === 0 || !card.ok) return [];
        const order = orderByWords(works, post.day, plan.yard, view.now);
        return [
          {
            name: one.model.name,
            jobs: mine.map((row) => {
              const { title, why } = toldOf(plan, row, post, view.now, units);
              return { title, why };
            }),
            orderBy: order && `${order.by}: ${order.what}`,
            items: layOut(card.value, one.model, one.rig, one.house, units),
          },
        ];
      }),
    };
    return yardDayPaper(of, view.now);
  };
  return (
    <div className="grid gap-3">
      <div>
        <Button onClick={() => reported(make(paper(), units === 'us' ? 'letter' : 'a4'))}>
          Print this day
        </Button>
      </div>
      <ShownPaper made={made} name={`Yard day ${post.day}.pdf`} onKept={() => undefined} />
    </div>
  );
}
