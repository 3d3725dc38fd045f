'use client';

import { useMemo } from 'react';
import { toOrder } from '@/core/routine';
import { Failed, Loading, Named, Ruled, useRigs, type Rigs } from '@/features/rigs';
import { PATHS } from '@/links';
import { usePreferences } from '@/store';
import { orderLine, orderLineNote, orderTable } from '@/text';
import { Button, CopyButton, LinkButton, reported, saveFile } from '@/ui';
import { Supplies } from './supplies';
import { workAhead } from './work-ahead';

type Ready = Extract<Rigs, { status: 'ready' }>;

/** What to order for the work ahead of all rigs, grouped by where it was bought before. */
function List({ ready }: { ready: Ready }) {
  const { units } = usePreferences();
  const { rigs, now } = ready;
  const ahead = useMemo(() => rigs.map(workAhead), [rigs]);
  const lines = useMemo(
    () =>
      ahead.flatMap((work) =>
        toOrder([work], now).map((line) => ({ line, model: work.model, rig: work.rig.id })),
      ),
    [ahead, now],
  );
  const buy = lines.filter(({ line }) => line.buy > 0);
  const here = lines.filter(({ line }) => line.buy === 0);
  const places = [...new Set(buy.map(({ line }) => line.from ?? ''))].sort();
  const text = buy.map(({ line, model }) => orderLine(line, model, units)).join('\n');
  return (
    <div className="mx-auto w-full max-w-[64rem] px-4 py-4 md:px-8 md:py-6">
      <h1 className="text-4xl md:text-5xl">
        {buy.length === 0 ? 'Nothing to order' : `${buy.length} to order`}
      </h1>
      <p className="text-soft mt-1 max-w-[62ch] text-lg">
        For what is due, what findings ask for and what comes due soon, on all rigs: less what lies here and
        what is on order. Ends are counted, never pairs. What comes{' '}
        <Named href={PATHS.parts}>onto the shelf</Named> is no longer on the list.
      </p>
      {buy.length > 0 && (
        <div className="mt-4 flex flex-wrap gap-2.5">
          <CopyButton label="Copy as text" text={() => text} />
          <Button
            onClick={() =>
              saveFile(orderTable(buy, units), 'text/csv;charset=utf-8', 'yardline to order.csv')
            }
          >
            Save as a table
          </Button>
          {typeof navigator !== 'undefined' && 'share' in navigator && (
            <Button onClick={() => reported(navigator.share({ text }).catch(() => undefined))}>Share</Button>
          )}
        </div>
      )}
      {places.map((place) => (
        <section key={place} aria-label={place || 'Not bought before'} className="mt-7">
          <Ruled>{place || (places.length > 1 ? 'Not bought before' : 'To buy')}</Ruled>
          <ul>
            {buy
              .filter(({ line }) => (line.from ?? '') === place)
              .sort((a, b) => (a.line.orderBy < b.line.orderBy ? -1 : 1))
              .map(({ line, model, rig }) => (
                <li
                  key={`${rig} ${line.part} ${line.number ?? ''} ${line.hand ?? ''}`}
                  className="border-line border-b py-2.5"
                >
                  <span className="block text-lg font-semibold">{orderLine(line, model, units)}</span>
                  <span className="text-soft">{orderLineNote(line, now)}</span>
                </li>
              ))}
          </ul>
        </section>
      ))}
      {here.length > 0 && (
        <section aria-label="Here already" className="mt-7">
          <Ruled>Here already, or on order</Ruled>
          <ul>
            {here.map(({ line, model, rig }) => (
              <li
                key={`${rig} ${line.part} ${line.number ?? ''} ${line.hand ?? ''}`}
                className="border-line text-soft border-b py-2"
              >
                {orderLine({ ...line, buy: line.need }, model, units)}: {line.here} here
                {line.ordered > 0 && `, ${line.ordered} on order`}
              </li>
            ))}
          </ul>
        </section>
      )}
      <Supplies ahead={ahead} now={now} />
    </div>
  );
}

/** What to order, for all rigs in one list. */
export function ToOrderView() {
  const yard = useRigs();
  if (yard.status === 'loading') return <Loading />;
  if (yard.status === 'failed') return <Failed reason={yard.reason} />;
  if (yard.rigs.length === 0)
    return (
      <div className="max-w-xl p-8">
        <h1 className="text-3xl">No rig on the Yard yet</h1>
        <p className="text-soft mt-2 mb-5">Once a rig is set up, what its work ahead takes is listed here.</p>
        <LinkButton href={PATHS.setup} look="primary">
          Set up your first rig
        </LinkButton>
      </div>
    );
  return <List ready={yard} />;
}
