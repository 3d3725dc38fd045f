'use client';

import { useState } from 'react';
import { HOUSE } from '@/core/log';
import { HALVES, USUAL_SEASON, type Half, type SeasonChoice } from '@/core/rules';
import { useRecord } from '@/features/forms';
import { type RigView } from '@/features/rigs';
import { HALF_WORDS, yearDay } from '@/text';
import { Button, Choice, Dialog, Field, SheetForm, reported } from '@/ui';
import { readSeason, type SeasonErrors, type SeasonForm } from './season-form';

/** A day of the year as a date field has it, in the year in hand. */
const inYear = (now: string, day: string | undefined) => (day ? `${now.slice(0, 4)}-${day}` : '');

/** When the towing season starts and ends: for all rigs, or for this one. */
export function SeasonDialog({
  view,
  house,
  onClose,
}: {
  view: RigView;
  house: SeasonChoice | undefined;
  onClose: () => void;
}) {
  const record = useRecord();
  const own = view.rig.season;
  const [scope, setScope] = useState<'house' | 'rig'>(own ? 'rig' : 'house');
  const held = (scope === 'rig' ? own : undefined) ?? house;
  const [form, setForm] = useState<SeasonForm>({
    half: held?.half ?? '',
    start: inYear(view.now, held?.start),
    end: inYear(view.now, held?.end),
  });
  const [errors, setErrors] = useState<SeasonErrors>({});
  const set = (part: Partial<SeasonForm>) => setForm((before) => ({ ...before, ...part }));

  const save = async () => {
    const read = readSeason(form);
    setErrors(read.ok ? {} : read.error);
    if (!read.ok) return;
    await record(
      scope === 'house' ? HOUSE : view.rig.id,
      [{ kind: 'season', body: read.value }],
      'Season saved',
    );
    onClose();
  };
  const asTheHouse = async () => {
    await record(
      view.rig.id,
      [{ kind: 'season', body: {} }],
      `${view.model.name} follows the season of all rigs`,
    );
    onClose();
  };

  return (
    <Dialog
      open
      onClose={onClose}
      title="When do you tow?"
      description="Spring work, the mid-season check and lay-up follow it."
    >
      <SheetForm save={save} label="Save it">
        <Choice
          label="It holds for"
          columns="grid-cols-2"
          options={[
            { value: 'house', label: 'All rigs' },
            { value: 'rig', label: `${view.model.name} alone` },
          ]}
          value={scope}
          onChange={setScope}
        />
        <Choice
          label="Where it is kept"
          columns="grid-cols-1"
          options={HALVES.map((half) => ({
            value: half,
            label: HALF_WORDS[half],
            hint: `usual there: ${yearDay(USUAL_SEASON[half].start)} to ${yearDay(USUAL_SEASON[half].end)}`,
          }))}
          value={form.half === '' ? undefined : form.half}
          onChange={(half: Half) => set({ half })}
          error={errors.half}
        />
        <div className="grid grid-cols-2 gap-3">
          <Field
            label="First trips about"
            type="date"
            value={form.start}
            error={errors.start}
            onChange={(event) => set({ start: event.target.value })}
          />
          <Field
            label="Laid up by"
            type="date"
            value={form.end}
            error={errors.end}
            onChange={(event) => set({ end: event.target.value })}
          />
        </div>
        <p className="text-soft -mt-2">
          Left empty, the usual days hold. The year of a date does not matter.
        </p>
        {scope === 'rig' && own && <Button onClick={() => reported(asTheHouse())}>As all rigs again</Button>}
      </SheetForm>
    </Dialog>
  );
}
