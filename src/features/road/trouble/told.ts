import { moneyWrongs } from '@/features/forms';
import type { TroubleBody } from '@/core/log';
import { parseMoney, parseNumber, parseQuantity, unitFor, type UnitSystem } from '@/core/base';
import type { ToldId } from './trouble-draft';

/** How it went, as it goes to the log. */
export type Told = Pick<TroubleBody, 'into' | 'where' | 'did' | 'helped' | 'minutes' | 'cost'>;

/** What was typed of how it went, read; each field that cannot be with what is wrong. */
export function readTold(
  typed: Readonly<Partial<Record<ToldId, string>>>,
  units: UnitSystem,
): { readonly told: Told; readonly wrong: Readonly<Partial<Record<ToldId, string>>> } {
  const wrong: Partial<Record<ToldId, string>> = {};
  const words = (id: ToldId) => typed[id]?.trim() ?? '';
  const number = (
    id: ToldId,
    of: (text: string) => { ok: true; value: number } | { ok: false },
    said: string,
  ) => {
    if (words(id) === '') return undefined;
    const read = of(words(id));
    if (read.ok && read.value >= 0) return read.value;
    wrong[id] = said;
    return undefined;
  };
  const unit = unitFor('distance', units);
  const into = number('into', (text) => parseQuantity(text, 'distance', unit), `A number, in ${unit}.`);
  const minutes = number('minutes', parseNumber, 'Minutes, as a number.');
  const money = parseMoney(typed.cost ?? '', typed.currency ?? '');
  if (!money.ok) {
    const { amount, currency } = moneyWrongs(money.error);
    if (amount) wrong.cost = amount;
    if (currency) wrong.currency = currency;
  }
  const [where, did, helped] = [words('where'), words('did'), words('helped')];
  return {
    told: {
      ...(into !== undefined && { into }),
      ...(where !== '' && { where }),
      ...(did !== '' && { did }),
      ...(helped !== '' && { helped }),
      ...(minutes !== undefined && { minutes }),
      ...(money.ok && money.value && { cost: money.value }),
    },
    wrong,
  };
}
