'use client';

import { useMemo } from 'react';
import {
  byKind,
  byYear,
  costAhead,
  expensesOf,
  perDistance,
  quotesOf,
  sumOf,
  type Ahead,
  type DueAhead,
  type Expense,
  type Money,
} from '@/core/stock';
import { addDays, formatMoney, toSI } from '@/core/base';
import type { WorkId } from '@/core/rules';
import { useForecast } from '@/features/duties';
import {
  findingHref,
  Loading,
  Named,
  RigTabs,
  Ruled,
  WithRig,
  type RigView,
  type Rigs,
} from '@/features/rigs';
import { to } from '@/links';
import { useAsk, usePreferences } from '@/store';
import { capital, count, list, minutes, small, workTitle } from '@/text';
import { cx, Tape } from '@/ui';

type Ready = Extract<Rigs, { status: 'ready' }>;

const YEAR = 365;

/** Money of several currencies side by side; nothing is converted. */
function moneyWords(money: Readonly<Record<string, number>>): string {
  const said = Object.entries(money).map(([currency, amount]) => formatMoney({ amount, currency }));
  return said.length > 0 ? list(said) : 'nothing';
}

/** The currency most was spent in. */
function mainCurrency(expenses: readonly Expense[], units: 'us' | 'metric'): string {
  const { money } = sumOf(expenses);
  return Object.entries(money).sort(([, a], [, b]) => b - a)[0]?.[0] ?? (units === 'us' ? 'USD' : 'EUR');
}

function Row({ name, money, time, times }: { name: string; money: string; time: number; times?: number }) {
  return (
    <tr className="border-line border-b">
      <th scope="row" className="py-2 pr-3 text-left font-semibold">
        {name}
        {times !== undefined && (
          <span className="text-soft block text-[0.92rem] font-normal">{count(times, 'time')}</span>
        )}
      </th>
      <td className="figures py-2 pr-3 text-right text-lg">{money}</td>
      <td className="py-2 text-right">{time > 0 ? minutes(Math.round(time)) : '–'}</td>
    </tr>
  );
}

function Table({ label, first, children }: { label: string; first: string; children: React.ReactNode }) {
  return (
    <table aria-label={label} className="w-full">
      <thead>
        <tr className="text-soft text-[0.92rem]">
          <th scope="col" className="py-1 text-left font-normal">
            {first}
          </th>
          <th scope="col" className="py-1 pr-3 text-right font-normal">
            Money
          </th>
          <th scope="col" className="py-1 text-right font-normal">
            Own time
          </th>
        </tr>
      </thead>
      <tbody>{children}</tbody>
    </table>
  );
}

const KINDS = { trouble: 'Trouble on the road', part: 'Parts bought' } as const;
const kindWords = (kind: WorkId | 'trouble' | 'part') =>
  kind === 'trouble' || kind === 'part' ? KINDS[kind] : capital(workTitle(kind));

/** The next twelve months as a band. */
function AheadBand({ ahead }: { ahead: Ahead }) {
  const money = (amount: number): string => formatMoney({ amount, currency: ahead.currency });
  return (
    <section aria-label="The next twelve months">
      <Ruled>The next twelve months</Ruled>
      {ahead.counted === 0 ? (
        <p className="mt-3 text-lg">No work that falls due has a cost on record yet.</p>
      ) : (
        <>
          <p className="figures mt-3 text-3xl font-semibold">About {money(ahead.likely)}</p>
          <p className="text-soft text-lg">
            {' '}
            {ahead.least < ahead.most && `${money(ahead.least)} to ${money(ahead.most)}, 8 times in 10. `}
            By what the same work has cost you before, for what falls due by then.
          </p>
          <div className="mt-2 max-w-[34rem]">
            <Tape
              used={ahead.likely}
              limit={Math.max(ahead.most, 1)}
              mark="clear"
              label={`Likely ${money(ahead.likely)} of ${money(ahead.most)} at most`}
            />
          </div>
        </>
      )}
      {ahead.unknown.length > 0 && (
        <p className="mt-2">
          No cost known for: {list(ahead.unknown.map((work) => small(workTitle(work))))}. It comes on top.
        </p>
      )}
    </section>
  );
}

function Quotes({ view, quotes }: { view: RigView; quotes: ReturnType<typeof quotesOf> }) {
  const said = (money: Money | undefined) => (money ? formatMoney(money) : undefined);
  if (quotes.length === 0) return null;
  return (
    <section aria-label="Quotes">
      <Ruled>Quotes, and what it came to</Ruled>
      <ul>
        {quotes.map(({ opinion, finding, who, quote, came, closed }) => (
          <li key={opinion} className="border-line border-b py-2.5 text-lg">
            <Named href={findingHref(view.rig.id, finding)}>{who}</Named>: quoted {said(quote)},{' '}
            <strong>
              {came ? `came to ${said(came)}` : closed ? 'put right, its cost not told' : 'still open'}
            </strong>
          </li>
        ))}
      </ul>
    </section>
  );
}

function RigMoney({ view, ready }: { view: RigView; ready: Ready }) {
  const { units } = usePreferences();
  const { rig, duties, now } = view;
  // Asked once an hour, and whenever the log changes: not at every tick of the clock.
  const asked = useAsk('recordOf', { rig: rig.id, at: `${now.slice(0, 13)}:00:00.000Z` });
  const forecast = useForecast(view, duties);
  const entries = useMemo(() => {
    if (asked.status !== 'ready') return [];
    const gone = new Set(asked.answer.retracted);
    return asked.answer.entries.filter(({ id }) => !gone.has(id));
  }, [asked]);
  const expenses = useMemo(() => expensesOf(entries), [entries]);
  if (asked.status === 'asking') return <Loading />;
  const currency = mainCurrency(expenses, units);
  const since = addDays(now, -YEAR);
  const lately = sumOf(expenses.filter(({ at }) => at >= since));
  const all = sumOf(expenses);
  const per = perDistance(all, rig.distance);
  const unit = units === 'us' ? toSI(100, 'mi') : toSI(100, 'km');
  const ahead: readonly DueAhead[] = duties.flatMap((duty) => {
    if (duty.routine === 'lug-recheck') return [];
    const routine = duty.routine as WorkId;
    if (['due', 'overdue'].includes(duty.verdict)) return [{ routine, early: now, likely: now, late: now }];
    const band = forecast.status === 'ready' ? forecast.bands[duty.id] : undefined;
    return band
      ? [{ routine, early: band.early ?? '9999', likely: band.likely ?? '9999', late: band.late ?? '9999' }]
      : [];
  });
  return (
    <div className="mx-auto w-full max-w-[70rem] px-4 py-4 md:px-8 md:py-6">
      <RigTabs rigs={ready.rigs} chosen={rig.id} href={(id) => to('money', id)} />
      <h1 className="mt-4 text-4xl md:text-5xl">{capital(moneyWords(lately.money))} in the last 12 months</h1>
      <p className="text-soft mt-1 text-lg">
        Own time apart: {lately.minutes > 0 ? minutes(Math.round(lately.minutes)) : 'none on record'}. Since
        the record began {moneyWords(all.money)}
        {Object.keys(per).length > 0 &&
          `, ${moneyWords(Object.fromEntries(Object.entries(per).map(([one, amount]) => [one, amount * unit])))} for each 100 ${units === 'us' ? 'mi' : 'km'} towed`}
        .
      </p>
      {expenses.length === 0 ? (
        <p className="border-accent mt-6 border-l-4 pl-4 text-lg">
          Nothing with a cost or a time is on record. A cost is asked for when a card is closed, a part is
          bought, a shop’s order comes back, and a trouble is told.
        </p>
      ) : (
        <div className={cx('mt-8 grid gap-x-12 gap-y-10 lg:grid-cols-2')}>
          <section aria-label="By year">
            <Ruled>By year</Ruled>
            <Table label="By year" first="Year">
              {byYear(expenses).map(([year, sum]) => (
                <Row key={year} name={year} money={moneyWords(sum.money)} time={sum.minutes} />
              ))}
            </Table>
          </section>
          <section aria-label="By work">
            <Ruled>By work</Ruled>
            <Table label="By work" first="Work">
              {byKind(expenses).map((sum) => (
                <Row
                  key={sum.kind}
                  name={kindWords(sum.kind)}
                  money={moneyWords(sum.money)}
                  time={sum.minutes}
                  times={sum.times}
                />
              ))}
            </Table>
          </section>
          <AheadBand ahead={costAhead(ahead, expenses, currency, addDays(now, YEAR))} />
          <Quotes view={view} quotes={quotesOf(entries)} />
        </div>
      )}
    </div>
  );
}

/** Money and time: what a rig has cost, by year and work, quotes, and the year ahead. */
export function MoneyView() {
  return (
    <WithRig promise="Once a rig is set up, what it costs in money and own time is told here.">
      {(view, ready) => <RigMoney key={view.rig.id} view={view} ready={ready} />}
    </WithRig>
  );
}
