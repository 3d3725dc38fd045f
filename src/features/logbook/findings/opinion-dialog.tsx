'use client';

import { useState } from 'react';
import type { FindingState } from '@/core/log';
import { parseNumber } from '@/core/quantity';
import { useRecord } from '@/features/forms';
import { type RigView } from '@/features/rigs';
import { Dialog, Field, SheetForm, TextArea } from '@/ui';

/** A quote or second opinion: who said what on which reading, and what the owner decided. */
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
  const [who, setWho] = useState('');
  const [said, setSaid] = useState('');
  const [on, setOn] = useState('');
  const [quote, setQuote] = useState('');
  const [currency, setCurrency] = useState('USD');
  const [decided, setDecided] = useState('');
  const [tried, setTried] = useState(false);
  const amount = quote.trim() === '' ? undefined : parseNumber(quote);
  const badQuote = amount !== undefined && (!amount.ok || amount.value < 0);
  const badCurrency = amount !== undefined && !/^[A-Z]{3}$/.test(currency);
  const save = async () => {
    setTried(true);
    if (who.trim() === '' || said.trim() === '' || badQuote || badCurrency) return;
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
            ...(amount?.ok && { quote: { amount: amount.value, currency } }),
            ...(decided.trim() !== '' && { decided: decided.trim() }),
          },
        },
      ],
      'Opinion on record',
    );
    onClose();
  };
  return (
    <Dialog
      open
      onClose={onClose}
      title="What someone else says"
      description="A shop, a friend, a roadside helper. It stands beside your readings and photos, and what you decide."
    >
      <SheetForm save={save} label="Put it on record">
        <Field
          label="Who"
          maxLength={80}
          value={who}
          onChange={(event) => setWho(event.target.value)}
          error={tried && who.trim() === '' ? 'Say who it was: a shop, a neighbor.' : undefined}
        />
        <TextArea
          label="What they say has to be done"
          maxLength={500}
          value={said}
          onChange={(event) => setSaid(event.target.value)}
          error={tried && said.trim() === '' ? 'Say what they said.' : undefined}
        />
        <Field
          label="On what reading, or what they saw"
          maxLength={300}
          hint="Ask for it: lining in thirty-seconds, play in thousandths, a photo."
          value={on}
          onChange={(event) => setOn(event.target.value)}
        />
        <div className="grid grid-cols-[minmax(0,1fr)_7rem] gap-3">
          <Field
            label="Quoted, if they did"
            inputMode="decimal"
            value={quote}
            onChange={(event) => setQuote(event.target.value)}
            error={badQuote ? 'An amount, such as 480.' : undefined}
          />
          <Field
            label="Money"
            maxLength={3}
            autoCapitalize="characters"
            value={currency}
            onChange={(event) => setCurrency(event.target.value.toUpperCase())}
            error={tried && badCurrency ? 'Three letters.' : undefined}
          />
        </div>
        <TextArea
          label="What you decide, and why"
          maxLength={500}
          value={decided}
          onChange={(event) => setDecided(event.target.value)}
        />
      </SheetForm>
    </Dialog>
  );
}
