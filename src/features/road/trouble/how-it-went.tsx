import type { RigState } from '@/core/log';
import { unitFor } from '@/core/base';
import { KIT_IDS, kitDef, type KitId } from '@/core/rules';
import { MoneyFields } from '@/features/forms';
import { usePreferences } from '@/store';
import { KIT_WORDS } from '@/text';
import { cx, Field, TextArea } from '@/ui';
import type { ChangeTrouble, ToldId, TroubleDraft } from './trouble-draft';

/** How it went: where, what was done, who helped, what it took. Nothing of it is asked for. */
export function HowItWent({
  draft,
  typed,
  wrong,
  rig,
  onTyped,
  onChange,
}: {
  draft: TroubleDraft;
  typed: Readonly<Partial<Record<ToldId, string>>>;
  wrong: Readonly<Partial<Record<ToldId, string>>>;
  rig: Pick<RigState, 'kit'>;
  onTyped: (id: ToldId, text: string) => void;
  onChange: ChangeTrouble;
}) {
  const { units } = usePreferences();
  const field = (id: ToldId) => ({
    value: typed[id] ?? '',
    error: wrong[id],
    onChange: (event: { target: { value: string } }) => onTyped(id, event.target.value),
  });
  const used = draft.used ?? [];
  const usable = KIT_IDS.filter((id) => kitDef(id).usedUp && rig.kit[id]?.aboard);
  const toggle = (id: KitId) =>
    onChange((before) => {
      const used = before.used ?? [];
      return { ...before, used: used.includes(id) ? used.filter((one) => one !== id) : [...used, id] };
    });
  return (
    <details className="border-line rounded-sheet border" open={Object.keys(wrong).length > 0 || undefined}>
      <summary className="min-h-14 cursor-pointer px-4 py-3 text-lg font-semibold">
        How it went: where, what was done, who helped
      </summary>
      <div className="grid gap-4 px-4 pb-4">
        <div className="grid gap-4 sm:grid-cols-2">
          {draft.met !== 'home' && (
            <Field
              label="Into the trip"
              hint="Left open, all miles of the trip count against the limit."
              inputMode="decimal"
              unit={unitFor('distance', units)}
              {...field('into')}
            />
          )}
          <Field label="It took" inputMode="numeric" unit="min" {...field('minutes')} />
        </div>
        <Field label="Where it was" maxLength={200} {...field('where')} />
        <TextArea label="What was done, with what" maxLength={1000} {...field('did')} />
        <Field label="Who helped" maxLength={200} {...field('helped')} />
        <MoneyFields label="Cost" amount={field('cost')} currency={field('currency')} />
        {usable.length > 0 && (
          <fieldset>
            <legend className="mb-1.5 font-semibold">Used up from the kit</legend>
            <div className="flex flex-wrap gap-2">
              {usable.map((id) => (
                <button
                  key={id}
                  type="button"
                  aria-pressed={used.includes(id)}
                  onClick={() => toggle(id)}
                  className={cx(
                    'min-h-12 rounded-sheet border-[1.5px] px-3',
                    used.includes(id)
                      ? 'border-accent bg-accent-wash shadow-[inset_4px_0_0_var(--accent)]'
                      : 'border-line bg-sheet',
                  )}
                >
                  {KIT_WORDS[id]}
                </button>
              ))}
            </div>
          </fieldset>
        )}
      </div>
    </details>
  );
}
