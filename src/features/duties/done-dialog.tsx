'use client';

import { useState } from 'react';
import { alsoDone, doneEntries, type DoneAt } from '@/core/record';
import type { Duty } from '@/core/duty';
import { isWheelEnd } from '@/core/rig';
import { mayCheckLugs, routineDef, threadsAfterRefit, type RoutineId, type RoutinePlace } from '@/core/rules';
import { SEVERITIES, useRecord } from '@/features/forms';
import { threadsOf, type RigView } from '@/features/rigs';
import { toWork } from '@/links';
import { usePreferences, newId } from '@/store';
import {
  dateField,
  doneWords,
  fromDateField,
  placeName,
  routineHow,
  routineTitle,
  threadsWords,
  torqueSpec,
} from '@/text';
import {
  Button,
  Choice,
  cx,
  Dialog,
  Field,
  FieldError,
  LinkButton,
  SheetForm,
  TextArea,
  useOnce,
  reported,
} from '@/ui';
import { AlsoDone } from './also-done';

/** What was found at one place. */
type Answer =
  | { readonly as: 'good' }
  | { readonly as: 'wrong'; readonly text: string; readonly verdict?: 'watch' | 'due' | 'stop' };

/** Duties of one routine, done by hand and written down: one tap where all is good, words where something is not. */
export function DoneDialog({
  view,
  duties,
  onClose,
}: {
  view: RigView;
  duties: readonly Duty[];
  onClose: () => void;
}) {
  const { units } = usePreferences();
  const record = useRecord();
  const [answers, setAnswers] = useState<Readonly<Record<string, Answer>>>({});
  const [date, setDate] = useState(dateField(view.now));
  const [other, setOther] = useState(false);
  const [tried, setTried] = useState(false);
  const [also, setAlso] = useState<readonly RoutineId[]>([]);
  const once = useOnce();
  const routine = duties[0]?.routine as RoutineId;
  const places = duties.map((duty) => duty.place);
  const wheelOff = routineDef(routine).wheelOff === true;
  const states = [...new Set(places.map((place) => threadsOf(view, place)))];
  // Wheels whose nuts may not be checked as they are come before those that may.
  const now = states.find((one) => !mayCheckLugs(view.model, one)) ?? states[0];
  const after = threadsAfterRefit(view.house, view.model);
  const barred = routine === 'lug-torque' ? threadsWords(view.model, now) : undefined;
  const { how, caution } = routineHow(
    routine,
    view.model,
    view.house,
    torqueSpec(view.model, units, now),
    units,
  );
  const goesWith = (place: RoutinePlace) => alsoDone(routine, place, view.model, view.house, 'now');
  const offered = [...new Set(places.flatMap(goesWith))];
  const answer = (place: RoutinePlace, next: Answer | undefined) => {
    const rest = Object.entries(answers).filter(([one]) => one !== place);
    setAnswers(Object.fromEntries(next ? [...rest, [place, next]] : rest));
  };
  const given = places.flatMap((place) => {
    const one = answers[place];
    return one ? [{ place, one }] : [];
  });
  const happened = fromDateField(date, view.now);
  const dateError = !happened
    ? 'This is not a day of the calendar.'
    : happened > view.now
      ? 'That day has not come yet.'
      : undefined;

  const write = async (said: readonly { readonly place: RoutinePlace; readonly one: Answer }[]) => {
    setTried(true);
    const unclear = said.some(({ one }) => one.as === 'wrong' && (one.text.trim() === '' || !one.verdict));
    if (said.length === 0 || unclear || dateError || !happened) return;
    const done = said.flatMap(({ place, one }): DoneAt[] =>
      one.as === 'good'
        ? [{ place, as: 'good', also: goesWith(place).filter((id) => also.includes(id)) }]
        : one.verdict
          ? [{ place, as: 'wrong', text: one.text.trim(), verdict: one.verdict }]
          : [],
    );
    await record(
      view.rig.id,
      doneEntries(duties, done, { ...view, happened, newId }),
      doneWords(
        routine,
        said.map(({ place }) => place),
      ),
    );
    onClose();
  };

  return (
    <Dialog open onClose={onClose} title={routineTitle(routine, places)} description={how}>
      <div className="grid gap-5">
        {caution && <p className="border-soon border-l-4 pl-3">{caution}</p>}
        {wheelOff && (
          <p>
            The wheel comes off for it: its threads are{' '}
            {after === 'treated' ? 'brushed and thinly greased with anti-seize' : 'brushed and wiped dry'},
            back on it is torqued on the ground in a star, at {torqueSpec(view.model, units, after)}, and its
            rechecks open.
          </p>
        )}
        {barred && (
          <div className="border-due grid justify-items-start gap-2 border-l-4 pl-3">
            <p>{barred}</p>
            <LinkButton
              href={toWork(
                view.rig.id,
                places.map((place) => ({ routine: 'stud-threads', place })),
              )}
            >
              Clean the threads now
            </LinkButton>
          </div>
        )}
        <AlsoDone offered={offered} also={also} onAlso={setAlso} />
        <Button
          look="primary"
          size="lg"
          disabled={barred !== undefined}
          onClick={() => reported(once(() => write(places.map((place) => ({ place, one: { as: 'good' } })))))}
        >
          {places.length > 1 ? `All ${places.length} done and good` : 'Done and good'}
        </Button>
        <SheetForm save={() => write(given)} label="Log what is marked" look="plain">
          <p className="text-soft -mb-2">
            {places.length > 1
              ? 'Or place by place; what is not marked stays as it was.'
              : 'Or say what is not right.'}
          </p>
          {places.map((place) => {
            const one = answers[place];
            return (
              <div key={place} className="border-line border-t pt-3">
                <div className="flex items-center gap-3">
                  <span
                    className={cx('min-w-0 flex-1 font-semibold', isWheelEnd(place) && 'figures text-2xl')}
                  >
                    {place === 'rig' ? view.model.name : placeName(place)}
                  </span>
                  {(['good', 'wrong'] as const).map((as) => (
                    <Button
                      key={as}
                      aria-pressed={one?.as === as}
                      className={cx(one?.as === as && 'border-accent bg-accent-wash')}
                      onClick={() =>
                        answer(place, one?.as === as ? undefined : as === 'good' ? { as } : { as, text: '' })
                      }
                    >
                      {as === 'good' ? 'Good' : 'Not right'}
                    </Button>
                  ))}
                </div>
                {one?.as === 'wrong' && (
                  <div className="mt-3 grid gap-3">
                    <TextArea
                      likely="finding"
                      label={`What is not right${place === 'rig' ? '' : `, ${placeName(place)}`}`}
                      maxLength={500}
                      value={one.text}
                      onChange={(event) => answer(place, { ...one, text: event.target.value })}
                      error={
                        tried && one.text.trim() === '' ? 'Say what it is, in your own words.' : undefined
                      }
                    />
                    <Choice
                      label="How bad"
                      columns="grid-cols-1"
                      options={SEVERITIES}
                      value={one.verdict}
                      onChange={(verdict) => answer(place, { ...one, verdict })}
                      error={
                        tried && !one.verdict
                          ? 'Choose how bad it is: it decides whether the rig may be towed.'
                          : undefined
                      }
                    />
                  </div>
                )}
              </div>
            );
          })}
          {tried && given.length === 0 && !dateError && (
            <FieldError>Mark at least one place, or say that all of it is good.</FieldError>
          )}
          {other || dateError ? (
            <Field
              label="Day it was done"
              type="date"
              value={date}
              error={tried ? dateError : undefined}
              onChange={(event) => setDate(event.target.value)}
            />
          ) : (
            <Button look="quiet" className="-ml-4 justify-self-start" onClick={() => setOther(true)}>
              It was another day
            </Button>
          )}
        </SheetForm>
      </div>
    </Dialog>
  );
}
