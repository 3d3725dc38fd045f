'use client';

import Link from 'next/link';
import { GUESSES } from '@/core/figures';
import {
  confusionOf,
  COURSE,
  nextSession,
  PICTURED,
  sessionsDone,
  talliesOf,
  weakSpots,
  type PracticeId,
  type Progress,
} from '@/core/practice';
import { Failed, Loading, RigTabs, Ruled, useChosenRig, useRigs } from '@/features/rigs';
import { to } from '@/links';
import { usePreferences } from '@/store';
import { capital, count, dayAgo, gradeWords, inUnits, SUBJECT_WORDS } from '@/text';
import { DRILL_WORDS, SESSION_WORDS } from '@/text/practice';
import { LinkButton, Mark } from '@/ui';
import { useProgress } from './use-progress';

/** Where something is practiced, by itself or as a session of the course: a figure that is guessed is at home under Figures. */
function practiceAt(rig: string | undefined, id: PracticeId, session?: string): string {
  const guess = GUESSES.find((one) => one === id);
  return guess
    ? to('figures', rig, { of: guess, guess: 1, session })
    : to('practice', rig, { drill: id, session });
}

function Next({ progress, rig }: { progress: Progress; rig: string | undefined }) {
  const next = nextSession(progress);
  if (!next)
    return (
      <section aria-label="First course" className="border-accent border-l-4 py-1 pl-5">
        <p className="text-lg">
          The first course is done. Conditions that were graded come back when it is time.
        </p>
      </section>
    );
  const words = SESSION_WORDS[next.id];
  return (
    <section aria-label="First course" className="border-accent grid gap-3 border-l-4 py-1 pl-5">
      <p className="text-soft">
        First course, {sessionsDone(progress) + 1} of {COURSE.length}. About three minutes.
      </p>
      <h2 className="text-3xl">{words?.title}</h2>
      <p className="max-w-2xl text-lg">{words?.moment}</p>
      <div>
        <LinkButton look="primary" size="lg" href={practiceAt(rig, next.drill, next.id)}>
          Begin
        </LinkButton>
      </div>
    </section>
  );
}

function TakenFor({ progress }: { progress: Progress }) {
  const { units } = usePreferences();
  const spots = weakSpots(progress);
  const seen = PICTURED.filter((subject) => confusionOf(progress, subject).length > 0);
  if (seen.length === 0) return null;
  return (
    <section aria-label="What you took for what">
      <Ruled>What you took for what</Ruled>
      {spots.length > 0 && (
        <ul className="mt-2">
          {spots.slice(0, 3).map(({ subject, grade, said, times }) => (
            <li
              key={`${subject} ${grade} ${said}`}
              className="border-line flex items-center gap-2.5 border-b py-2"
            >
              <Mark mark="soon" />
              <span>
                {capital(SUBJECT_WORDS[subject].name)}: “{gradeWords(subject, grade, units)}” taken for “
                {gradeWords(subject, said, units)}”, {count(times, 'time')}.
              </span>
            </li>
          ))}
        </ul>
      )}
      {seen.map((subject) => (
        <details key={subject} className="border-line border-b">
          <summary className="min-h-11 cursor-pointer py-2.5 font-semibold">
            {SUBJECT_WORDS[subject].ask}
          </summary>
          <table className="mb-3 w-full text-left text-[0.94rem]">
            <thead>
              <tr className="text-soft">
                <th className="py-1 pr-4 font-medium">It was</th>
                <th className="py-1 font-medium">You said</th>
              </tr>
            </thead>
            <tbody>
              {confusionOf(progress, subject).map(({ grade, said }) => (
                <tr key={grade} className="border-line border-t align-top">
                  <td className="py-1.5 pr-4">{gradeWords(subject, grade, units)}</td>
                  <td className="py-1.5">
                    {Object.entries(said).map(([word, times]) => (
                      <span key={word} className={word === grade ? 'block' : 'text-due block font-semibold'}>
                        {gradeWords(subject, word, units)}, {count(times, 'time')}
                      </span>
                    ))}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </details>
      ))}
    </section>
  );
}

/** Everything that can be practiced: the next session of the first course on top. */
export function DrillList() {
  const yard = useRigs();
  const { units } = usePreferences();
  const { progress } = useProgress();
  const view = useChosenRig(yard.status === 'ready' ? yard.rigs : []);
  if (yard.status === 'failed') return <Failed reason={yard.reason} />;
  if (yard.status === 'loading' || !progress) return <Loading />;
  return (
    <div className="mx-auto w-full max-w-[72rem] px-4 py-4 md:px-8 md:py-6">
      {yard.rigs.length > 1 && (
        <RigTabs rigs={yard.rigs} chosen={view?.rig.id ?? ''} href={(id) => to('practice', id)} />
      )}
      <h1 className="mt-2 mb-5 text-4xl md:text-5xl">Can you judge it?</h1>
      <Next progress={progress} rig={view?.rig.id} />
      <div className="mt-10 grid gap-x-12 gap-y-8 lg:grid-cols-[3fr_2fr]">
        <section aria-label="Everything to practice">
          <Ruled>Everything to practice</Ruled>
          <ul>
            {talliesOf(progress).map(({ drill, done, right, last }) => (
              <li key={drill} className="border-line border-b">
                <Link
                  prefetch={false}
                  href={practiceAt(view?.rig.id, drill)}
                  className="hover:bg-accent-wash/60 grid min-h-16 grid-cols-[minmax(0,1fr)_auto] items-center gap-4 py-2"
                >
                  <span>
                    <span className="block text-lg leading-snug font-semibold">
                      {DRILL_WORDS[drill].asks}
                    </span>
                    <span className="text-soft text-[0.92rem]">
                      {inUnits(DRILL_WORDS[drill].what, units)}
                    </span>
                  </span>
                  <span className="text-soft text-right text-[0.92rem]">
                    {done === 0 ? 'not yet' : `${right} of ${done} right`}
                    {last && <span className="block">{dayAgo(last, yard.now)}</span>}
                  </span>
                </Link>
              </li>
            ))}
          </ul>
        </section>
        <div>
          <TakenFor progress={progress} />
          <p className="text-soft mt-8 text-[0.92rem]">
            All of this is made up by arithmetic from stated assumptions, and judged by the rules that judge
            your rigs. It is yours, stays on this device, and is no part of any rig’s record.
          </p>
        </div>
      </div>
    </div>
  );
}
