import { useState } from 'react';
import type { OrderState } from '@/core/log';
import { parseMoney } from '@/core/base';
import { orderBackEntries } from '@/core/record';
import { isWheelEnd, wheelEnds } from '@/core/rig';
import { routineDef } from '@/core/rules';
import { MoneyFields, moneyWrongs, PhotosKept, useRecord, useSheetForm } from '@/features/forms';
import type { RigView } from '@/features/rigs';
import { newId, usePreferences, type Photo } from '@/store';
import { capital, findingWords, placeName, workAt } from '@/text';
import { Dialog, SheetForm, TextArea } from '@/ui';
import { jobTick, ticked, Ticks, toggled } from './ticks';

/** An order that came back: what was really done, which wheels were off, what is put right, what it cost, pictures of it. */
export function BackDialog({
  order,
  view,
  onClose,
}: {
  order: OrderState;
  view: RigView;
  onClose: () => void;
}) {
  const { units } = usePreferences();
  const record = useRecord();
  const [photos, setPhotos] = useState<readonly Photo[]>([]);
  const { rig, model } = view;
  const jobs = order.jobs ?? [];
  const findings = order.findings.flatMap((id) => rig.findings[id] ?? []);
  const off = jobs.flatMap(({ routine, place }) =>
    routineDef(routine).wheelOff === true && isWheelEnd(place) ? [place] : [],
  );
  const form = useSheetForm('order back', order.id, {
    done: jobs.map(jobTick).join(' '),
    closed: '',
    wheels: [...new Set(off)].join(' '),
    cost: '',
    currency: units === 'us' ? 'USD' : 'EUR',
    note: '',
  });
  const { values } = form;
  const toggle = (of: 'done' | 'closed' | 'wheels') => (id: string) => form.set(of, toggled(values[of], id));
  const money = parseMoney(values.cost, values.currency);
  const moneyWrong = moneyWrongs(money.ok ? {} : money.error);
  const save = () =>
    form.submit(
      {
        cost: moneyWrong.amount,
        currency: moneyWrong.currency,
      },
      async () => {
        const closed = [...ticked(values.closed)];
        const drafts = orderBackEntries(
          {
            order,
            done: jobs.filter((job) => ticked(values.done).has(jobTick(job))),
            wheelsOff: wheelEnds(model).filter((end) => ticked(values.wheels).has(end)),
            closed,
            ...(money.ok && money.value && { cost: money.value }),
            note: values.note,
            // One finding: the pictures are of it; several: of the order, each still at hand.
            photos: photos.map((photo) => ({ of: closed.length === 1 ? closed[0] : undefined, photo })),
          },
          rig,
          newId,
        );
        await record(rig.id, drafts, 'Back from the shop: torque is checked by you', photos, [form.key]);
        onClose();
      },
    );
  return (
    <Dialog
      open
      onClose={onClose}
      title={`Back from ${order.shop}`}
      description="What was really done. A wheel that was off is torqued by you, and rechecked."
    >
      <SheetForm save={save} label="Add it to the log">
        {jobs.length > 0 && (
          <Ticks
            label="Done"
            items={jobs.map((job) => ({ id: jobTick(job), text: capital(workAt(job.routine, [job.place])) }))}
            chosen={ticked(values.done)}
            onToggle={toggle('done')}
          />
        )}
        {findings.length > 0 && (
          <Ticks
            label="Put right"
            items={findings.map((one) => ({
              id: one.id,
              text: `${placeName(one.place)}: ${findingWords(one, units)}`,
            }))}
            chosen={ticked(values.closed)}
            onToggle={toggle('closed')}
          />
        )}
        <Ticks
          label="Wheels that were off"
          items={wheelEnds(model).map((end) => ({ id: end, text: end }))}
          chosen={ticked(values.wheels)}
          onToggle={toggle('wheels')}
        />
        <MoneyFields label="Cost" amount={form.field('cost')} currency={form.field('currency')} />
        <TextArea label="What they measured and said" maxLength={1800} {...form.field('note')} />
        <PhotosKept photos={photos} onChange={setPhotos} />
      </SheetForm>
    </Dialog>
  );
}
