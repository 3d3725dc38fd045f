'use client';

import { useState } from 'react';
import { HOUSE } from '@/core/log';
import { parseNumber } from '@/core/base';
import { PLAN_WEIGHTS, type PlanWeights } from '@/core/rules';
import { useRecord } from '@/features/forms';
import { Button, Dialog, Field, SheetForm, reported } from '@/ui';

const FIELDS = [
  ['safety', 'Late by 100 miles, safety', 'min', 1000],
  ['moment', 'Late by 100 miles, before a trip', 'min', 1000],
  ['upkeep', 'Late by 100 miles, upkeep', 'min', 1000],
  ['dirty', 'Tools out, cleaning up, once a day', 'min', 240],
  ['slips', 'Yard days that fall out', '%', 90],
  ['shop', 'From a call to the shop', 'days', 180],
  ['parts', 'From an order to the door', 'days', 180],
] as const;

type Key = (typeof FIELDS)[number][0];
type Form = Readonly<Record<Key, string>>;

const typed = ({ late, dirty, slips, shop, parts }: PlanWeights): Form => ({
  safety: String(late.safety),
  moment: String(late.moment),
  upkeep: String(late.upkeep),
  dirty: String(dirty),
  slips: String(Math.round(slips * 100)),
  shop: String(shop),
  parts: String(parts),
});

/** What yard days are weighed by: our estimate, changeable. */
export function WeightsDialog({ weights, onClose }: { weights: PlanWeights; onClose: () => void }) {
  const record = useRecord();
  const [form, setForm] = useState(typed(weights));
  const [errors, setErrors] = useState<Partial<Record<Key, string>>>({});
  const keep = async (body: PlanWeights, said: string) => {
    await record(HOUSE, [{ kind: 'plan.set', body: { weights: body } }], said);
    onClose();
  };
  const save = async () => {
    const wrong: Partial<Record<Key, string>> = {};
    const read = Object.fromEntries(
      FIELDS.map(([key, , , most]) => {
        const one = parseNumber(form[key]);
        const good = one.ok && one.value >= 0 && one.value <= most;
        if (!good) wrong[key] = `Enter a number from 0 to ${most}.`;
        return [key, good ? Math.round(one.value) : 0];
      }),
    ) as Record<Key, number>;
    setErrors(wrong);
    if (Object.keys(wrong).length > 0) return;
    const { safety, moment, upkeep, dirty, slips, shop, parts } = read;
    await keep({ late: { safety, moment, upkeep }, dirty, slips: slips / 100, shop, parts }, 'Saved');
  };
  return (
    <Dialog
      open
      onClose={onClose}
      title="How days are weighed"
      description="A plan is best when set-up, work thrown away by going early, and miles towed past a limit come to the fewest minutes. Nobody has measured these figures: they are our estimate, and yours to change."
    >
      <SheetForm save={save} label="Save it">
        {FIELDS.map(([key, label, unit]) => (
          <Field
            key={key}
            label={label}
            unit={unit}
            inputMode="numeric"
            value={form[key]}
            error={errors[key]}
            onChange={(event) => setForm((before) => ({ ...before, [key]: event.target.value }))}
          />
        ))}
        <Button onClick={() => reported(keep(PLAN_WEIGHTS, 'Back to our estimate'))}>
          Back to our estimate
        </Button>
      </SheetForm>
    </Dialog>
  );
}
