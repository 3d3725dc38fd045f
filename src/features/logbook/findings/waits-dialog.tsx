'use client';

import type { FindingState } from '@/core/log';
import { isCivilDay } from '@/core/base';
import { waitsEntry } from '@/core/record';
import { TakenUp, useRecord, useSheetForm } from '@/features/forms';
import { type RigView } from '@/features/rigs';
import { capital, findingWords } from '@/text';
import { Choice, Dialog, Field, SheetForm, TextArea, Button, reported } from '@/ui';
import { usePreferences } from '@/store';

const TOW = [
  { value: 'yes', label: 'They say yes' },
  { value: 'no', label: 'No' },
] as const;

/** Who a finding waits for: a shop, a welder, a part; booked for when, and whether it may be towed until then. */
export function WaitsDialog({
  view,
  finding,
  onClose,
}: {
  view: RigView;
  finding: FindingState;
  onClose: () => void;
}) {
  const record = useRecord();
  const { units } = usePreferences();
  const form = useSheetForm('waits', finding.id, {
    who: finding.waits?.who ?? '',
    booked: finding.waits?.booked ?? '',
    tow: finding.waits?.tow === undefined ? '' : finding.waits.tow ? 'yes' : 'no',
    note: finding.waits?.note ?? '',
  });
  const { who, booked, tow, note } = form.values;
  const told = TOW.find(({ value }) => value === tow)?.value;
  const save = () =>
    form.submit(
      {
        who: who.trim() === '' ? 'Say who is to do it: a shop, a welder, the mail.' : undefined,
        booked: booked !== '' && !isCivilDay(booked) ? 'This is not a day of the calendar.' : undefined,
      },
      async () => {
        await record(
          view.rig.id,
          [waitsEntry(finding, { who, booked, tow: told && told === 'yes', note })],
          'On record',
          [],
          [form.key],
        );
        onClose();
      },
    );
  const over = async () => {
    await record(view.rig.id, [waitsEntry(finding, undefined)], 'No longer waiting', [], [form.key]);
    onClose();
  };
  return (
    <Dialog
      open
      onClose={onClose}
      title="Who does it wait for?"
      description={capital(findingWords(finding, units))}
    >
      <SheetForm save={save} label="Add it to the log">
        <TakenUp since={form.since} onStartOver={form.startOver} />
        <Field label="Who" maxLength={80} hint="A shop, a welder, a part on order." {...form.field('who')} />
        <Field label="Booked for, if it is" type="date" {...form.field('booked')} />
        <Choice
          label="May it be towed until then?"
          hint={
            finding.verdict === 'stop'
              ? 'It forbids towing: what they say is noted, and changes nothing.'
              : undefined
          }
          columns="grid-cols-2"
          options={TOW}
          value={told}
          onChange={(value) => form.set('tow', value)}
        />
        <TextArea label="What was agreed" maxLength={500} {...form.field('note')} />
        {finding.waits && (
          <Button look="quiet" className="-ml-4 justify-self-start" onClick={() => reported(over())}>
            No longer waiting
          </Button>
        )}
      </SheetForm>
    </Dialog>
  );
}
