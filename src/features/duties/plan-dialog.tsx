'use client';

import { useState } from 'react';
import { parseNumber, parseQuantity, unitFor } from '@/core/base';
import type { PlannedState } from '@/core/log';
import { useRecord } from '@/features/forms';
import { Named, type RigView } from '@/features/rigs';
import { to } from '@/links';
import { useFormUnits } from '@/store';
import { dateField, fromDateField, parseWords, typed } from '@/text';
import { Dialog, Field, SheetForm } from '@/ui';
import { OutlookNote } from './outlook-note';

/** A trip ahead: its day and length, and at once what it runs into. */
export function PlanDialog({
  view,
  trip,
  onClose,
}: {
  view: RigView;
  trip?: PlannedState;
  onClose: () => void;
}) {
  const units = useFormUnits();
  const record = useRecord();
  const unit = unitFor('distance', units);
  const boat = view.model.kind === 'boat';
  const [name, setName] = useState(trip?.name ?? '');
  const [date, setDate] = useState(trip ? dateField(trip.at) : '');
  const [miles, setMiles] = useState(trip ? typed(trip.distance, 'distance', units) : '');
  const [launches, setLaunches] = useState(String(trip?.launches ?? (boat ? 1 : 0)));
  const [tried, setTried] = useState(false);
  const at = fromDateField(date, view.now);
  const far = parseQuantity(miles, 'distance', unit);
  const wet = parseNumber(launches);
  const errors = {
    date:
      date === ''
        ? 'Enter the day it starts.'
        : !at
          ? 'This is not a day of the calendar.'
          : at < view.now
            ? 'That day is over. A trip that was towed is logged with Home again.'
            : undefined,
    miles: !far.ok
      ? parseWords(far.error, units)
      : far.value <= 0
        ? 'Enter how far it will be towed.'
        : far.value > 1e8
          ? 'That is farther than twice around the Earth.'
          : undefined,
    launches:
      wet.ok && Number.isInteger(wet.value) && wet.value >= 0 && wet.value <= 200
        ? undefined
        : 'Launches are a whole number, up to 200.',
  };
  const sound = !errors.date && !errors.miles && !errors.launches;
  const ahead =
    sound && at && far.ok && wet.ok ? { at, distance: far.value, launches: wet.value } : undefined;

  const save = async () => {
    setTried(true);
    if (!ahead) return;
    const said = name.trim();
    await record(
      view.rig.id,
      [
        {
          kind: 'trip.planned',
          body: {
            ...ahead,
            ...(said !== '' && { name: said.slice(0, 60) }),
          },
          ...(trip && { replaces: trip.id }),
        },
      ],
      trip ? 'Trip changed' : 'Trip planned',
    );
    onClose();
  };

  return (
    <Dialog
      open
      onClose={onClose}
      title={trip ? 'Change the plan' : 'A trip ahead'}
      description={`${view.model.name}: how far, and when?`}
    >
      <p className="-mt-1 mb-4">
        <Named href={to('figures', view.rig.id, { of: 'balance' })}>
          Loaded differently? Work out the tongue weight
        </Named>
      </p>
      <SheetForm save={save} label={trip ? 'Save it' : 'Plan it'}>
        <Field
          label="Towed, there and back"
          unit={unit}
          big
          inputMode="decimal"
          value={miles}
          error={tried ? errors.miles : undefined}
          onChange={(event) => setMiles(event.target.value)}
        />
        <Field
          label="Day it starts"
          type="date"
          value={date}
          error={tried ? errors.date : undefined}
          onChange={(event) => setDate(event.target.value)}
        />
        {boat && (
          <Field
            label="Launches"
            inputMode="numeric"
            value={launches}
            error={tried ? errors.launches : undefined}
            onChange={(event) => setLaunches(event.target.value)}
          />
        )}
        <Field
          label="Name"
          hint="Your name for it: the lakes, hay to the farm."
          maxLength={60}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
        {ahead && (
          <div aria-live="polite" className="border-line border-y py-3">
            <OutlookNote view={view} trip={{ ...ahead, id: trip?.id ?? '' }} />
          </div>
        )}
      </SheetForm>
    </Dialog>
  );
}
