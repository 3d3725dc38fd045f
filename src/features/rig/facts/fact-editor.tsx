'use client';

import { useState } from 'react';
import { broughtIn, reviewRig, type Conflict } from '@/core/judge';
import { applyChanges, factApplies, factDef, factValue, type Changes, type FactId } from '@/core/rig';
import type { RigView } from '@/features/rigs';
import { useFormUnits } from '@/store';
import type { UnitSystem } from '@/core/base';
import { FACT_HELP, inUnits } from '@/text';
import { Button, Choice } from '@/ui';
import { Contradictions } from './contradictions';
import { FactFields } from './fact-fields';
import { draftOf, forgetFact, readFact, type FactErrors } from './fact-form';

/** What a rig must have for its facts to be told. */
export type FactRig = Pick<RigView, 'model' | 'house' | 'now'> & {
  readonly rig: Pick<RigView['rig'], 'id' | 'parts'>;
};

/** The axles that a fact of axles can be told of. */
function axlesFor(model: FactRig['model'], id: FactId): readonly number[] {
  return model.axles.map((_, i) => i).filter((i) => factApplies(model, id, i));
}

/** One fact of a rig, told or told anew: its fields, its axles, its source, and what it would contradict. */
export function FactEditor({
  view,
  id,
  axle,
  onKeep,
  keep = 'Save it',
  canForget = true,
  only,
}: {
  view: FactRig;
  id: FactId;
  /** The one axle meant; else its owner chooses among all. */
  axle?: number;
  onKeep: (changes: Changes) => void;
  keep?: string;
  canForget?: boolean;
  /** Of its choices, those that can be. */
  only?: readonly string[];
}) {
  // The units the field was opened in hold until it is closed.
  const units = useFormUnits();
  const { model, rig, house, now } = view;
  const axles = axlesFor(model, id);
  const perAxle = factDef(id).scope === 'axle' && axles.length > 1 && axle === undefined;
  const [which, setWhich] = useState<'all' | number>(axle ?? (perAxle ? 'all' : (axles[0] ?? 0)));
  const [draft, setDraft] = useState(() => draftOf(model, id, axle ?? axles[0] ?? 0, units));
  const [errors, setErrors] = useState<FactErrors>({});
  // An odd figure asks once; until it is changed it is then insisted on.
  const [asked, setAsked] = useState(false);
  const [conflicts, setConflicts] = useState<readonly Conflict[]>([]);
  const indices = which === 'all' ? axles : [which];
  const known = indices.some((i) => factValue(model, id, i) !== undefined);

  const save = () => {
    const read = readFact(model, id, draft, indices, units, asked);
    if (!read.ok) {
      setErrors(read.error);
      if (read.error.ask) setAsked(true);
      return;
    }
    setErrors({});
    const made = applyChanges(model, read.value);
    if (!made.ok) {
      setErrors({ value: `This does not fit the rig: ${made.error}.` });
      return;
    }
    const before = reviewRig({ model, parts: rig.parts }, house, now);
    const after = reviewRig({ model: made.value, parts: rig.parts }, house, now);
    // An unusual torque that was insisted on has been asked about already.
    const fresh = broughtIn(before, after).filter(({ code }) => !(asked && code === 'torque-unusual'));
    const seen = new Set(conflicts.map((one) => one.id));
    if (fresh.some((one) => !seen.has(one.id))) {
      setConflicts(fresh);
      return;
    }
    onKeep(read.value);
  };

  return (
    // No form of its own: a fact is asked for inside the form of a step as well. Enter in a field keeps it all the same.
    <div
      className="grid gap-5"
      onKeyDown={(event) => {
        if (event.key !== 'Enter' || !(event.target instanceof HTMLInputElement)) return;
        event.preventDefault();
        save();
      }}
    >
      {perAxle && (
        <Choice
          label="For"
          columns="grid-cols-2 sm:grid-cols-4"
          options={[
            { value: 'all', label: axles.length === 2 ? 'Both axles' : `All ${axles.length} axles` },
            ...axles.map((i) => ({ value: String(i), label: `Axle ${i + 1}` })),
          ]}
          value={String(which)}
          onChange={(value) => {
            const next = value === 'all' ? 'all' : Number(value);
            setWhich(next);
            setDraft(draftOf(model, id, next === 'all' ? (axles[0] ?? 0) : next, units));
          }}
        />
      )}
      <FactFields
        id={id}
        draft={draft}
        errors={errors}
        units={units}
        {...(only && { only })}
        onChange={(next) => {
          setDraft(next);
          setErrors({});
          if (next.value !== draft.value) setAsked(false);
          setConflicts([]);
        }}
      />
      {conflicts.length > 0 && <Contradictions conflicts={conflicts} />}
      <div className="grid gap-2">
        <Button look="primary" size="lg" onClick={save}>
          {conflicts.length > 0 ? 'Save it anyway' : keep}
        </Button>
        {canForget && known && (
          <Button look="quiet" onClick={() => onKeep(forgetFact(id, indices))}>
            Not known any more
          </Button>
        )}
      </div>
    </div>
  );
}

/** What is said about a fact above its fields. */
export function factLead(id: FactId, units: UnitSystem): string {
  const { hint, unlocks } = FACT_HELP[id];
  return `${hint ? `${inUnits(hint, units)} ` : ''}Unlocks ${unlocks}.`;
}
