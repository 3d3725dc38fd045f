'use client';

import { useRef } from 'react';
import { recheckEntries } from '@/core/record';
import { judgeRecheck, type RecheckResult } from '@/core/judge';
import { mayCheckLugs } from '@/core/rules';
import { markOfDuty } from '@/core/base';
import { isWheelEnd, matesOf, type WheelEnd } from '@/core/rig';
import { useRecord } from '@/features/forms';
import { threadsOf, type RigView } from '@/features/rigs';
import { toWork } from '@/links';
import { usePreferences } from '@/store';
import { dutyStanding, meterAmount, ruleWords, threadsWords, torqueSpec } from '@/text';
import { Button, Dialog, LinkButton, Mark, SAME_TAP, Settled, useOnce, reported } from '@/ui';

const CHOICES: readonly { result: RecheckResult; label: string; look: 'primary' | 'plain' | 'danger' }[] = [
  { result: 'held', label: 'All held', look: 'primary' },
  { result: 'half-flat', label: 'Moved, half a flat at most', look: 'plain' },
  { result: 'over-half', label: 'Moved over half a flat', look: 'plain' },
  { result: 'over-flat', label: 'Moved over a flat', look: 'danger' },
  { result: 'loose', label: 'Loose by hand', look: 'danger' },
];

/** Lug rechecks that are open, wheel by wheel: one tap says what the wrench found. */
export function RecheckDialog({
  view,
  first,
  onClose,
}: {
  view: RigView;
  first: WheelEnd;
  onClose: () => void;
}) {
  const { units } = usePreferences();
  const record = useRecord();
  // A nut that moved leaves its wheel in the list: the second half of a double tap would say that it moved again.
  const once = useOnce(SAME_TAP);
  const told = useRef<RigView['rig']['refits'][WheelEnd]>(undefined);
  const { rig, model, duties } = view;
  const open = duties.flatMap((duty) =>
    duty.routine === 'lug-recheck' && isWheelEnd(duty.place) ? [{ ...duty, place: duty.place }] : [],
  );
  // The wheel that was asked for comes first, then its side, as one walks.
  const order = [first, ...matesOf(first, model).sameSide];
  const rank = (duty: { readonly place: WheelEnd }) =>
    order.includes(duty.place) ? order.indexOf(duty.place) : order.length;
  const sorted = [...open].sort((a, b) => rank(a) - rank(b));

  const say = async (place: WheelEnd, result: RecheckResult) => {
    // Until what was told shows, the same wheel is not told again.
    const refit = rig.refits[place];
    if (told.current === refit) return;
    told.current = refit;
    const judged = judgeRecheck(result, refit?.moves ?? 0);
    try {
      await record(rig.id, recheckEntries(place, result, rig), `${place}: ${ruleWords(judged, '')}`);
    } catch (error) {
      told.current = undefined;
      throw error;
    }
    if (open.length <= 1) onClose();
  };

  return (
    <Dialog
      open
      onClose={onClose}
      title="Lug recheck"
      description="Every nut, in a star, at the torque of its wheel. A nut that turns has moved."
    >
      {sorted.length === 0 ? (
        <p className="py-4 text-lg">No recheck is open.</p>
      ) : (
        <Settled of={sorted.map(({ place }) => place).join(' ')}>
          <ul className="divide-line divide-y">
            {sorted.map((duty) => {
              const standing = dutyStanding(duty, units);
              const use = duty.governing;
              const threads = threadsOf(view, duty.place);
              const known = mayCheckLugs(model, threads);
              return (
                <li key={duty.id} className="py-4">
                  <p className="mb-3 flex items-center gap-3">
                    <Mark mark={markOfDuty(duty.verdict)} size={26} spoken />
                    <span className="figures text-3xl font-semibold">{duty.place}</span>
                    <span className="text-soft">
                      {standing.figure} {standing.words}
                      {use && `, check at ${meterAmount('distance', use.limit, units)} from the refit`}
                    </span>
                  </p>
                  {known ? (
                    <p className="mb-3 text-lg">At {torqueSpec(model, units, threads)}.</p>
                  ) : (
                    <div className="border-due mb-3 grid justify-items-start gap-2 border-l-4 pl-3">
                      <p>{threadsWords(model, threads)}</p>
                      <LinkButton href={toWork(rig.id, [{ routine: 'stud-threads', place: duty.place }])}>
                        Clean its threads now
                      </LinkButton>
                    </div>
                  )}
                  <div className="grid grid-cols-2 gap-2">
                    {CHOICES.filter(({ result }) => known || result === 'loose').map(
                      ({ result, label, look }) => (
                        <Button
                          key={result}
                          size="lg"
                          className={result === 'held' ? 'col-span-2' : undefined}
                          look={look === 'primary' && duty.verdict === 'soon' ? 'plain' : look}
                          onClick={() => reported(once(() => say(duty.place, result)))}
                        >
                          {label}
                        </Button>
                      ),
                    )}
                  </div>
                </li>
              );
            })}
          </ul>
        </Settled>
      )}
      <p className="border-soon text-soft mt-2 border-l-4 pl-3">
        A flat is one of the six faces of a nut: half a flat is 30°, a twelfth of a turn. A nut that moved is
        brought back to torque now, and its miles start again. Loose is a nut that turns by hand: look for
        broken studs and worn holes before anything else.
      </p>
    </Dialog>
  );
}
