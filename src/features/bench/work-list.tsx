'use client';

import type { Duty } from '@/core/duty';
import { PLANS, type Job } from '@/core/routine';
import { routineDef, type WorkId } from '@/core/rules';
import { markOfDuty, DUTY_SCALE } from '@/core/base';
import type { RigView } from '@/features/rigs';
import { forWhat, workTitle } from '@/text';
import { cx, Mark, Select } from '@/ui';

/** Kinds of work as they are thought of at a trailer. */
export const FAMILIES: readonly (readonly [string, readonly WorkId[]])[] = [
  [
    'Hubs',
    [
      'repack',
      'grease',
      'hub-look',
      'hub-read',
      'cap-renew',
      'bearing-renew',
      'hub-renew',
      'hub-build',
      'hub-service',
    ],
  ],
  [
    'Brakes',
    [
      'brake-adjust',
      'brake-measure',
      'shoe-renew',
      'pad-renew',
      'plate-renew',
      'magnet-renew',
      'brakes-install',
      'breakaway-test',
      'battery-renew',
    ],
  ],
  [
    'Wheels',
    [
      'pressures',
      'tire-look',
      'lug-torque',
      'stud-threads',
      'stud-renew',
      'tire-change',
      'tire-renew',
      'tire-rotate',
      'adapter-torque',
    ],
  ],
  ['Underneath', ['underside', 'pivots', 'bushings', 'axle-set']],
  [
    'Lamps, hitch, body',
    ['lights', 'contacts', 'gear-look', 'gear-grease', 'rinse', 'wash', 'unload-tires', 'battery-out'],
  ],
];

/** The work of a rig, by family; what it has nothing to do on is left out. */
export function familiesOf({
  model,
  house,
}: Pick<RigView, 'model' | 'house'>): readonly (readonly [string, readonly WorkId[]])[] {
  return FAMILIES.map(
    ([name, works]) =>
      [
        name,
        works.filter((work) => PLANS[work] && routineDef(work).places(model, house).length > 0),
      ] as const,
  ).filter(([, works]) => works.length > 0);
}

/** The duty of a kind of work that presses most. */
function worst(duties: readonly Duty[], work: WorkId): Duty | undefined {
  return duties
    .filter((duty) => duty.routine === work && !duty.within)
    .reduce<Duty | undefined>(
      (most, duty) => (!most || DUTY_SCALE.rank(duty.verdict) > DUTY_SCALE.rank(most.verdict) ? duty : most),
      undefined,
    );
}

/** What can be done, with how it stands; choosing one makes the drawing ask where. */
export function WorkList({
  view,
  jobs,
  chosen,
  onChoose,
}: {
  view: RigView;
  jobs: readonly Job[];
  chosen: WorkId;
  onChoose: (work: WorkId) => void;
}) {
  const families = familiesOf(view);
  return (
    <>
      <div className="md:hidden">
        <Select label="Work" big value={chosen} onChange={(work) => onChoose(work as WorkId)}>
          {families.map(([name, works]) => (
            <optgroup key={name} label={name}>
              {works.map((work) => (
                <option key={work} value={work}>
                  {workTitle(work)}
                  {forWhat(work) && `: ${forWhat(work)}`}
                </option>
              ))}
            </optgroup>
          ))}
        </Select>
      </div>
      <nav aria-label="Work" className="hidden content-start gap-4 md:grid">
        {families.map(([name, works]) => (
          <section key={name}>
            <h2 className="figures text-soft border-line border-b pb-1 text-base font-semibold">{name}</h2>
            <ul>
              {works.map((work) => {
                const duty = worst(view.duties, work);
                const count = jobs.filter(({ routine }) => routine === work).length;
                return (
                  <li key={work}>
                    <button
                      type="button"
                      aria-pressed={work === chosen}
                      onClick={() => onChoose(work)}
                      className={cx(
                        'flex min-h-10 w-full items-center gap-2 rounded-sheet px-2 py-1 text-left',
                        work === chosen
                          ? 'bg-accent-wash font-semibold shadow-[inset_4px_0_0_var(--accent)]'
                          : 'hover:bg-accent-wash',
                      )}
                    >
                      <span className="min-w-0 flex-1">
                        {workTitle(work)}
                        {forWhat(work) && (
                          <span className="text-soft block text-[0.86rem] leading-tight font-normal">
                            {forWhat(work)}
                          </span>
                        )}
                      </span>
                      {count > 0 && <span className="figures text-accent font-semibold">{count}</span>}
                      {duty && duty.verdict !== 'clear' && (
                        <Mark mark={markOfDuty(duty.verdict)} size={18} spoken />
                      )}
                    </button>
                  </li>
                );
              })}
            </ul>
          </section>
        ))}
      </nav>
    </>
  );
}
