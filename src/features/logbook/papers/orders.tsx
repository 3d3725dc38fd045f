import { useState } from 'react';
import { isCivilDay, parseMoney } from '@/core/base';
import type { OrderState } from '@/core/log';
import { orderEntries, orderStands, paperEntry } from '@/core/record';
import type { WorkId } from '@/core/rules';
import { MoneyFields, moneyWrongs, TakenUp, useRecord, useSheetForm } from '@/features/forms';
import { Ruled, type RigView } from '@/features/rigs';
import { newId, usePreferences, useYard } from '@/store';
import { capital, count, day, dayInFull, findingWords, list, placeName, workAt } from '@/text';
import { shopOrder } from '@/text/papers';
import type { Sheet } from '@/workers/papers';
import { Button, Field, FieldError, reported, TextArea } from '@/ui';
import { BackDialog } from './back-dialog';
import { Shown } from './shown';
import { jobTick, ticked, Ticks, toggled } from './ticks';
import { useMade } from './use-made';

/** An order that is out: since when, for when, and what was done of it meanwhile. */
function Out({ order, view, onBack }: { order: OrderState; view: RigView; onBack: () => void }) {
  const { doneSince, gone } = orderStands(order, view.rig);
  return (
    <li className="border-line border-b py-3">
      <p className="text-lg font-semibold">
        {order.shop}, {day(order.at, view.now)}
      </p>
      <p className="text-soft">
        {list([
          ...(order.jobs ?? []).map((job) => workAt(job.routine, [job.place])),
          ...(order.findings.length > 0 ? [`${order.findings.length} to put right`] : []),
        ])}
        {order.booked && `. Booked for ${dayInFull(`${order.booked}T12:00:00.000Z`)}`}
      </p>
      {(doneSince.length > 0 || gone.length > 0) && (
        <p className="text-due">
          {doneSince.length > 0 &&
            `Done meanwhile: ${list(doneSince.map((job) => workAt(job.routine, [job.place])))}. `}
          {gone.length > 0 && `${gone.length} put right meanwhile. `}
          Tell the shop.
        </p>
      )}
      <Button className="mt-2" size="lg" onClick={onBack}>
        It came back
      </Button>
    </li>
  );
}

/** Orders for a shop: those that are out, and a new one. */
export function Orders({ view, sheet }: { view: RigView; sheet: Sheet }) {
  const { units } = usePreferences();
  const { store } = useYard();
  const record = useRecord();
  const { made, make, drop } = useMade();
  const [back, setBack] = useState<OrderState>();
  const { rig, model, duties, now } = view;
  const form = useSheetForm('order', rig.id, {
    shop: '',
    findings: '',
    jobs: '',
    booked: '',
    limit: '',
    currency: units === 'us' ? 'USD' : 'EUR',
    ask: '',
    parts: '',
    noCall: '',
  });
  const { values } = form;
  const findings = Object.values(rig.findings);
  const works = duties
    .filter(({ verdict, reason }) => ['due', 'overdue', 'unknown'].includes(verdict) && reason !== 'finding')
    .filter(({ routine }) => routine !== 'lug-recheck' && routine !== 'walkaround')
    .map(({ routine, place, verdict }) => ({
      routine: routine as WorkId,
      place,
      known: verdict !== 'unknown',
    }));
  const chosenFindings = findings.filter(({ id }) => ticked(values.findings).has(id));
  const chosen = ticked(values.jobs);
  const chosenJobs = works
    .filter((one) => chosen.has(jobTick(one)))
    .map(({ routine, place }) => ({ routine, place }));
  const items = (known: boolean) =>
    works
      .filter((one) => one.known === known)
      .map((one) => ({ id: jobTick(one), text: capital(workAt(one.routine, [one.place])) }));
  const [due, unknown] = [items(true), items(false)];
  const money = parseMoney(values.limit, values.currency);
  const limit = money.ok ? money.value : undefined;
  const moneyWrong = moneyWrongs(money.ok ? {} : money.error);
  const said = (text: string) => (text.trim() === '' ? undefined : text.trim());
  const wrongs = {
    shop: values.shop.trim() === '' ? 'Say which shop.' : undefined,
    jobs:
      chosenFindings.length + chosenJobs.length === 0 && !said(values.ask)
        ? 'Choose what is to be done, or say it below.'
        : undefined,
    booked:
      values.booked !== '' && !isCivilDay(values.booked) ? 'This is not a day of the calendar.' : undefined,
    limit: moneyWrong.amount,
    currency: moneyWrong.currency,
  };
  const preview = () =>
    form.submit(wrongs, async () => {
      const { entries, retracted } = await store.send('recordOf', { rig: rig.id, at: now });
      const gone = new Set(retracted);
      const photos = entries.flatMap((entry) =>
        entry.kind === 'photo' &&
        !gone.has(entry.id) &&
        entry.body.of !== undefined &&
        ticked(values.findings).has(entry.body.of)
          ? [
              {
                hash: entry.body.hash,
                caption: `${placeName(entry.body.place)}, ${day(entry.happened, now)}`,
              },
            ]
          : [],
      );
      await make(
        shopOrder({
          shop: values.shop.trim(),
          model,
          jobs: chosenJobs,
          findings: chosenFindings,
          ask: said(values.ask),
          parts: said(values.parts),
          noCall: said(values.noCall),
          limit: limit && `${limit.amount} ${limit.currency}`,
          photos,
          system: units,
          printed: now,
        }),
        sheet,
      );
    });
  const keep = async () => {
    const told = {
      shop: values.shop.trim(),
      ...(chosenJobs.length > 0 && { jobs: chosenJobs }),
      findings: chosenFindings.map(({ id }) => id),
      ...(values.booked !== '' && { booked: values.booked }),
      ...(limit && { limit }),
      ...(said(values.ask) && { ask: values.ask.trim() }),
      ...(said(values.parts) && { parts: values.parts.trim() }),
      ...(said(values.noCall) && { noCall: values.noCall.trim() }),
    };
    const written = await record(
      rig.id,
      [...orderEntries(told, rig, newId), paperEntry('order', rig, model)],
      'The order is out',
      [],
      [form.key],
    );
    if (written.length === 0) return;
    form.startOver();
    drop();
  };
  const toggle = (of: 'findings' | 'jobs') => (id: string) => form.set(of, toggled(values[of], id));
  const out = Object.values(rig.orders);
  return (
    <div className="grid gap-6">
      {out.length > 0 && (
        <section aria-label="Out at a shop">
          <Ruled>Out at a shop</Ruled>
          <ul>
            {out.map((order) => (
              <Out key={order.id} order={order} view={view} onBack={() => setBack(order)} />
            ))}
          </ul>
        </section>
      )}
      <section aria-label="A new order" className="grid gap-5">
        <Ruled>A new order</Ruled>
        <TakenUp since={form.since} onStartOver={form.startOver} />
        <Field label="Shop" maxLength={80} {...form.field('shop')} />
        {findings.length > 0 && (
          <Ticks
            label="Findings to put right"
            items={findings.map((one) => ({
              id: one.id,
              text: `${placeName(one.place)}: ${findingWords(one, units)}`,
            }))}
            chosen={ticked(values.findings)}
            onToggle={toggle('findings')}
          />
        )}
        {due.length > 0 && (
          <Ticks label="Work that is due" items={due} chosen={chosen} onToggle={toggle('jobs')} />
        )}
        {unknown.length > 0 && (
          // Of a rig without a record that is nearly everything: what is wanted of it is looked for.
          <details open={unknown.some(({ id }) => chosen.has(id)) || undefined}>
            <summary className="min-h-11 cursor-pointer py-2 font-semibold underline underline-offset-4">
              {count(unknown.length, 'thing')} with no record of being done
            </summary>
            <div className="mt-2">
              <Ticks label="No record" items={unknown} chosen={chosen} onToggle={toggle('jobs')} />
            </div>
          </details>
        )}
        {form.error('jobs') && <FieldError>{form.error('jobs')}</FieldError>}
        <TextArea label="What to do besides" maxLength={1000} {...form.field('ask')} />
        <TextArea label="Parts you supply" maxLength={1000} {...form.field('parts')} />
        <TextArea label="Not without a call" maxLength={500} {...form.field('noCall')} />
        <MoneyFields
          label="Not over, without a call"
          amount={form.field('limit')}
          currency={form.field('currency')}
        />
        <Field label="Booked for, if it is" type="date" {...form.field('booked')} />
        <div className="flex flex-wrap gap-2.5">
          <Button look="primary" size="lg" onClick={() => reported(preview())}>
            Make the order
          </Button>
        </div>
        <Shown
          made={made}
          name={`${model.name} order ${values.shop.trim()}.pdf`}
          onKept={() => reported(keep())}
        />
        {made.status === 'made' && (
          <p className="text-soft">
            Saved or shared, it is on record as out, and its findings wait for the shop.
          </p>
        )}
      </section>
      {back && <BackDialog order={back} view={view} onClose={() => setBack(undefined)} />}
    </div>
  );
}
