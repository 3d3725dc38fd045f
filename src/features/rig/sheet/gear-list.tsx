import { GEAR_IDS, gearBelongs, gearDef, type GearId, type RigModel } from '@/core/rig';
import { GEAR_LOOKS, placeName } from '@/text';
import { cx, reported, SAME_TAP, useOnce } from '@/ui';

const ANSWERS = [
  [true, 'Has it'],
  [false, 'Has none'],
] as const;

/** One answer: tapped again, it is taken back. */
function Answer({ told, onTell, children }: { told: boolean; onTell: () => void; children: string }) {
  const once = useOnce(SAME_TAP);
  return (
    <button
      type="button"
      aria-pressed={told}
      onClick={() => reported(once(onTell))}
      className={cx(
        'min-h-11 rounded-sheet border-[1.5px] px-3',
        told ? 'border-accent bg-accent-wash font-semibold' : 'border-line hover:border-ink',
      )}
    >
      {children}
    </button>
  );
}

/** Gear that not every trailer has: what this one has, has not, or is not known to have. */
export function GearList({
  model,
  onTell,
}: {
  model: RigModel;
  onTell: (id: GearId, has: boolean | null) => void;
}) {
  const asked = GEAR_IDS.filter((id) => gearBelongs(id, model) && !gearDef(id).always);
  const known = asked.filter((id) => model.gear?.[id] !== undefined).length;
  const always = GEAR_IDS.filter((id) => gearBelongs(id, model) && gearDef(id).always);
  return (
    <section aria-label="Gear" className="mb-6">
      <div className="border-ink flex items-baseline justify-between gap-4 border-b-2 pb-1.5">
        <h2 className="text-xl">Gear</h2>
        <span className="text-soft text-[0.92rem]">
          {known} of {asked.length} told
        </span>
      </div>
      <ul>
        {asked.map((id) => (
          <li
            key={id}
            className="border-line flex flex-wrap items-center gap-x-3 gap-y-1 border-b px-1 py-1.5"
          >
            <span className="min-w-44 flex-1">
              <span className="font-medium">{placeName(id)}</span>
              <span className="text-soft block text-[0.9rem]">{GEAR_LOOKS[id]}</span>
            </span>
            <span role="group" aria-label={placeName(id)} className="flex gap-1.5">
              {ANSWERS.map(([has, word]) => {
                const told = model.gear?.[id] === has;
                return (
                  <Answer key={word} told={told} onTell={() => onTell(id, told ? null : has)}>
                    {word}
                  </Answer>
                );
              })}
            </span>
          </li>
        ))}
      </ul>
      <p className="text-soft mt-2 text-[0.94rem]">
        On every {model.kind === 'boat' ? 'boat trailer' : 'trailer'}, and checked from the start:{' '}
        {always.map((id) => placeName(id).toLowerCase()).join(', ')}.
      </p>
    </section>
  );
}
