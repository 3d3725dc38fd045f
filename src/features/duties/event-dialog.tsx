'use client';

import { useState } from 'react';
import { eventEntry } from '@/core/record';
import { wheelEnds, type WheelEnd } from '@/core/rig';
import type { EventBody } from '@/core/log';
import { useRecord } from '@/features/forms';
import { type RigView } from '@/features/rigs';
import { usePreferences } from '@/store';
import { dateField, eventLeaves, EVENT_WORDS, fromDateField } from '@/text';
import { Choice, cx, Dialog, Field, FieldError, SheetForm } from '@/ui';

const WHATS = [
  'shop',
  'verge',
  'new-brakes',
  'adapter',
  'fixings',
] as const satisfies readonly EventBody['what'][];

/** Something was done to the rig that leaves a check behind: where, when, and what it leaves. */
export function EventDialog({ view, onClose }: { view: RigView; onClose: () => void }) {
  const { units } = usePreferences();
  const record = useRecord();
  const ends = wheelEnds(view.model);
  const [what, setWhat] = useState<EventBody['what']>();
  const [places, setPlaces] = useState<readonly WheelEnd[]>([]);
  const [date, setDate] = useState(dateField(view.now));
  const [note, setNote] = useState('');
  const [tried, setTried] = useState(false);
  const happened = fromDateField(date, view.now);
  const whole = what === 'fixings';
  const braked = ends.filter((end) => view.duties.some((duty) => duty.id === `brake-adjust@${end}`));
  const offered = what === 'new-brakes' ? braked : ends;
  const chosen = whole ? ends : places.filter((place) => offered.includes(place));
  const dateError = !happened
    ? 'This is not a day of the calendar.'
    : happened > view.now
      ? 'That day has not come yet.'
      : undefined;

  const save = async () => {
    setTried(true);
    if (!what || chosen.length === 0 || dateError || !happened) return;
    await record(view.rig.id, [eventEntry(what, chosen, note, happened)], EVENT_WORDS[what]);
    onClose();
  };

  return (
    <Dialog
      open
      onClose={onClose}
      title="Something was done to it"
      description="By a shop, on the shoulder, or by you: what it leaves behind is kept in mind."
    >
      <SheetForm save={save} label="Add it to the log">
        <Choice
          label="What"
          columns="grid-cols-1"
          options={WHATS.map((value) => ({
            value,
            label: EVENT_WORDS[value],
            hint: eventLeaves(value, units),
          }))}
          value={what}
          onChange={setWhat}
          error={tried && !what ? 'Choose what was done.' : undefined}
        />
        {what && !whole && (
          <fieldset>
            <legend className="mb-1.5 font-semibold">At which wheels</legend>
            {offered.length === 0 ? (
              <p className="text-soft">
                No wheel of this rig is known to have drum brakes. Enter its brakes under Rig first.
              </p>
            ) : (
              <div className="grid grid-cols-4 gap-2">
                {offered.map((place) => {
                  const on = places.includes(place);
                  return (
                    <button
                      key={place}
                      type="button"
                      aria-pressed={on}
                      onClick={() =>
                        setPlaces(on ? places.filter((one) => one !== place) : [...places, place])
                      }
                      className={cx(
                        'figures min-h-13 rounded-sheet border-[1.5px] text-2xl font-semibold',
                        on ? 'border-accent bg-accent-wash' : 'border-line bg-sheet',
                      )}
                    >
                      {place}
                    </button>
                  );
                })}
              </div>
            )}
            {tried && chosen.length === 0 && offered.length > 0 && (
              <FieldError>Mark the wheels it was done at.</FieldError>
            )}
          </fieldset>
        )}
        <Field
          label="Day"
          type="date"
          value={date}
          error={tried ? dateError : undefined}
          onChange={(event) => setDate(event.target.value)}
        />
        <Field label="Note" maxLength={2000} value={note} onChange={(event) => setNote(event.target.value)} />
      </SheetForm>
    </Dialog>
  );
}
