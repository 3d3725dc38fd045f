'use client';

import { useState } from 'react';
import { checkTorque } from '@/core/figures';
import { parseNumber, parseQuantity, toSI, unitFor } from '@/core/quantity';
import { axleOf, type Changes, type RigModel, type Source, type WheelEnd } from '@/core/rig';
import type { Run } from '@/core/routine';
import { SourceChoice } from '@/features/setup';
import { usePreferences } from '@/store';
import { measure, parseWords } from '@/text';
import { Button, Field } from '@/ui';

/** Thread pitch and slots, asked for where end play needs them. */
export function MissingPitch({
  run,
  place,
  onFact,
}: {
  run: Run;
  place: WheelEnd;
  onFact: (changes: Changes) => void;
}) {
  const [open, setOpen] = useState(false);
  const [pitch, setPitch] = useState('');
  const [slots, setSlots] = useState('');
  const [source, setSource] = useState<Source | ''>('');
  const [errors, setErrors] = useState<{ pitch?: string; slots?: string; source?: string }>({});
  const axle = run.model.axles[axleOf(place)];
  const { units } = usePreferences();

  const save = () => {
    const p = parseNumber(pitch);
    const s = parseNumber(slots);
    const found: typeof errors = {
      ...(!axle?.threadPitch && !p.ok && { pitch: parseWords(p.error, units) }),
      ...(!axle?.threadPitch &&
        p.ok &&
        (p.value < 6 || p.value > 40) && { pitch: 'Spindle threads run from 6 to 40 to the inch.' }),
      ...(!axle?.slots &&
        !(s.ok && Number.isInteger(s.value) && s.value >= 3 && s.value <= 24) && {
          slots: 'A whole number from 3 to 24.',
        }),
      ...(source === '' && { source: 'Say where this comes from.' }),
    };
    setErrors(found);
    if (Object.keys(found).length > 0 || source === '') return;
    const at = `axles.${axleOf(place)}`;
    onFact({
      ...(!axle?.threadPitch &&
        p.ok && { [`${at}.threadPitch`]: { value: toSI(1 / p.value, 'in'), source } }),
      ...(!axle?.slots && s.ok && { [`${at}.slots`]: { value: s.value, source } }),
    });
  };

  return (
    <div className="border-soon border-l-4 pl-4">
      <p>
        <strong>End play cannot be computed:</strong> the{' '}
        {!axle?.threadPitch ? 'thread pitch' : 'number of slots'} of this spindle is not known. Judge by feel:
        no rock, free to turn.
      </p>
      {!open ? (
        <Button className="mt-2" onClick={() => setOpen(true)}>
          Enter it now
        </Button>
      ) : (
        <div className="mt-3 grid gap-4">
          {!axle?.threadPitch && (
            <Field
              label="Spindle thread"
              unit="threads per inch"
              inputMode="decimal"
              value={pitch}
              onChange={(event) => setPitch(event.target.value)}
              error={errors.pitch}
            />
          )}
          {!axle?.slots && (
            <Field
              label="Slots in the nut"
              unit="slots"
              inputMode="numeric"
              value={slots}
              onChange={(event) => setSlots(event.target.value)}
              error={errors.slots}
            />
          )}
          <SourceChoice label="It comes from" value={source} onChange={setSource} error={errors.source} />
          <Button look="primary" onClick={save}>
            Use it
          </Button>
        </div>
      )}
    </div>
  );
}

/** The lug torque, asked for before the star needs it. */
export function LugTorqueForm({
  model,
  lead,
  onFact,
}: {
  model: RigModel;
  lead: string;
  onFact: (changes: Changes) => void;
}) {
  const { units } = usePreferences();
  const [text, setText] = useState('');
  const [source, setSource] = useState<Source | ''>('');
  const [confirmed, setConfirmed] = useState<string>();
  const [errors, setErrors] = useState<{ torque?: string; source?: string }>({});

  const save = () => {
    const read = parseQuantity(text, 'torque', unitFor('torque', units));
    const found: typeof errors = {
      ...(!read.ok && { torque: parseWords(read.error, units) }),
      ...(source === '' && { source: 'Say where this figure comes from.' }),
    };
    if (read.ok) {
      const check = checkTorque(read.value, model.wheels.studDiameter?.value);
      if (read.value < 10 || read.value > 1000)
        found.torque = 'No trailer wheel is held by that. Look at the figure and its unit.';
      else if (!check.usual && confirmed !== text) {
        setConfirmed(text);
        found.torque = `Usual is ${measure(check.min, 'torque', units)} to ${measure(check.max, 'torque', units)}. If the maker says so, use it again.`;
      }
    }
    setErrors(found);
    if (read.ok && source !== '' && Object.keys(found).length === 0)
      onFact({ 'wheels.torque': { value: read.value, source } });
  };

  return (
    <div className="border-due grid gap-4 border-l-4 pl-4">
      <p>
        <strong>The lug torque of this rig is not known.</strong> It stands in the trailer&apos;s manual or on
        a plate. {lead}
      </p>
      <Field
        label="Lug torque"
        unit={unitFor('torque', units)}
        inputMode="decimal"
        value={text}
        onChange={(event) => setText(event.target.value)}
        error={errors.torque}
      />
      <SourceChoice label="It comes from" value={source} onChange={setSource} error={errors.source} />
      <Button look="primary" onClick={save}>
        Use it
      </Button>
    </div>
  );
}
