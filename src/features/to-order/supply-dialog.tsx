import { HOUSE, type SupplyKept } from '@/core/log';
import { parseMoney, parseNumber } from '@/core/base';
import { MoneyFields, moneyWrongs, useRecord, useSheetForm } from '@/features/forms';
import { isGrease, SUPPLY_NAMES, supplyFrom, supplyUnit } from '@/text';
import { Choice, Dialog, Field, SheetForm } from '@/ui';

const HOW = [
  { value: 'counted', label: 'Counted', hint: 'What is there now' },
  { value: 'bought', label: 'Bought', hint: 'What came in' },
] as const;

/** A supply counted or bought. */
export function SupplyDialog({ supply, onClose }: { supply: SupplyKept; onClose: () => void }) {
  const record = useRecord();
  const form = useSheetForm('supply', supply, {
    how: 'counted',
    amount: '',
    stroke: '',
    price: '',
    currency: 'USD',
    where: '',
  });
  const { values, units } = form;
  const how = values.how === 'bought' ? 'bought' : 'counted';
  const [name] = SUPPLY_NAMES[supply];
  const unit = supplyUnit(supply, units);
  const amount = parseNumber(values.amount);
  const stroke = values.stroke.trim() === '' ? undefined : parseNumber(values.stroke);
  const money = parseMoney(how === 'bought' ? values.price : '', values.currency);
  const wrong = moneyWrongs(money.ok ? {} : money.error);
  const sound = amount.ok && amount.value >= 0 && (how === 'counted' || amount.value > 0);
  const save = () =>
    form.submit(
      {
        amount: sound ? undefined : `A number, in ${unit}.`,
        stroke: stroke && !(stroke.ok && stroke.value > 0) ? `A number, in ${unit}.` : undefined,
        price: wrong.amount,
        currency: how === 'bought' ? wrong.currency : undefined,
      },
      async () => {
        if (!amount.ok) return;
        const where = values.where.trim();
        await record(
          HOUSE,
          [
            {
              kind: 'supply',
              body: {
                supply,
                [how]: supplyFrom(amount.value, supply, units),
                ...(stroke?.ok && { stroke: supplyFrom(stroke.value, supply, units) }),
                ...(money.ok && money.value && { price: money.value }),
                ...(how === 'bought' && where !== '' && { where }),
              },
            },
          ],
          how === 'counted' ? 'Counted' : 'On the shelf',
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
      title={name}
      description="One shelf for all rigs. What your work uses comes off it."
    >
      <SheetForm save={save} label="Add it to the log">
        <Choice
          label="How"
          hideLabel
          columns="grid-cols-2"
          options={HOW}
          value={how}
          onChange={(to) => form.set('how', to)}
        />
        <Field label="How much" inputMode="decimal" unit={unit} {...form.field('amount')} />
        {supply === 'bearing-grease' && (
          <Field
            label="What a stroke of your gun gives, if you measured it"
            hint={isGrease(supply) ? 'Strokes of a whole cartridge, counted once, tell it.' : undefined}
            inputMode="decimal"
            unit={unit}
            {...form.field('stroke')}
          />
        )}
        {how === 'bought' && (
          <>
            <MoneyFields label="Price" amount={form.field('price')} currency={form.field('currency')} />
            <Field label="Where it came from" maxLength={80} {...form.field('where')} />
          </>
        )}
      </SheetForm>
    </Dialog>
  );
}
