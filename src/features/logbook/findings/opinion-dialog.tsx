'use client';

import type { FindingState } from '@/core/log';
import { parseNumber } from '@/core/base';
import { TakenUp, useRecord, useSheetForm } from '@/features/forms';
import { type RigView } from '@/features/rigs';
import { Dialog, Field, SheetForm, TextArea } from '@/ui';

/** A quote or second opinion: who said what on which reading. */
export function OpinionDialog({
  view,
  finding,
  onClose,
}: {
  view: RigView;
  finding: FindingState;
  onClose: () => void;
}) {
  const record = useRecord();
  const form = useSheetForm('opinion', finding.id, {
    who: '',
    said: '',
    on: '',
    quote: '',
    currency: 'USD',
  });
  const { who, said, on, quote, currency } = form.values;
  const amount = quote.trim() === '' ? undefined : parseNumber(quote);
  const money = currency.trim().toUpperCase();
  const save = () =>
    form.submit(
      {
        who: who.trim() === '' ? 'Say who it was: a shop, a neighbor.' : undefined,
        said: said.trim() === '' ? 'Say what they said.' : undefined,
        quote:
          amount !== undefined && (!amount.ok || amount.value < 0) ? 'An amount, such as 480.' : undefined,
        currency: amount !== undefined && !/^[A-Z]{3}$/.test(money) ? 'Three letters.' : undefined,
      },
      async () => {
        await record(
          view.rig.id,
          [
            {
              kind: 'opinion',
              body: {
                place: finding.place,
                finding: finding.id,
                who: who.trim(),
                said: said.trim(),
                ...(on.trim() !== '' && { on: on.trim() }),
                ...(amount?.ok && { quote: { amount: amount.value, currency: money } }),
              },
            },
          ],
          'Opinion logged',
          [],
          [form.key],
        );
        onClose();
      },
    );
  return (
    <Dialog
      open
      onClose={onClose}
      title="What someone else says"
      description="A shop, a friend, a roadside helper. It stands beside your readings and photos. What you decide, you say under Decide."
    >
      <SheetForm save={save} label="Add it to the log">
        <TakenUp since={form.since} onStartOver={form.startOver} />
        <Field label="Who" maxLength={80} {...form.field('who')} />
        <TextArea label="What they say has to be done" maxLength={500} {...form.field('said')} />
        <Field
          label="On what reading, or what they saw"
          maxLength={300}
          hint="Ask for it: lining in thirty-seconds, play in thousandths, a photo."
          {...form.field('on')}
        />
        <div className="grid grid-cols-[minmax(0,1fr)_7rem] gap-3">
          <Field label="Quoted, if they did" inputMode="decimal" {...form.field('quote')} />
          <Field label="Money" maxLength={3} autoCapitalize="characters" {...form.field('currency')} />
        </div>
      </SheetForm>
    </Dialog>
  );
}
