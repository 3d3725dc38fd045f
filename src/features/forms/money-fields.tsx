import type { ComponentProps } from 'react';
import type { MoneyProblem } from '@/core/base';
import { Field } from '@/ui';

/** What is wrong with money, at each of its two fields. */
export const moneyWrongs = ({ amount, currency }: MoneyProblem) => ({
  amount: amount && 'An amount, as a number.',
  currency: currency && 'Three letters, such as USD.',
});

/** An amount and its currency, side by side. */
export function MoneyFields({
  label,
  amount,
  currency,
}: {
  label: string;
  amount: Omit<ComponentProps<typeof Field>, 'label'>;
  currency: Omit<ComponentProps<typeof Field>, 'label'>;
}) {
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_7rem] gap-3">
      <Field label={label} inputMode="decimal" {...amount} />
      <Field label="Money" maxLength={3} autoCapitalize="characters" {...currency} />
    </div>
  );
}
