'use client';

import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { photoEntry } from '@/core/record';
import { aboutOf, leadsFor, type Remedy } from '@/core/judge';
import type { Entry, FindingState } from '@/core/log';
import { type Verdict, markOfVerdict } from '@/core/base';
import { TORQUE_FACTS } from '@/core/rules';
import { isWheelEnd } from '@/core/rig';
import { LimitCard, PhotoTaker, useRecord } from '@/features/forms';
import { FactDialog } from '@/features/rig/facts';
import {
  Failed,
  howFar,
  Loading,
  remedyIn,
  RepairButton,
  RoadLine,
  Ruled,
  WithRig,
  type RigView,
} from '@/features/rigs';
import { to, toWork } from '@/links';
import { useAsk, usePreferences } from '@/store';
import {
  BOLT_WORDS,
  capital,
  day,
  closingWords,
  entryWords,
  forbidsWords,
  evidenceAndSource,
  leadWords,
  placeName,
  placeWords,
  ESCALATED_WORDS,
  jobsTitle,
  small,
  workAt,
  VERDICT_WORDS,
  findingWords,
} from '@/text';
import { Button, Condition, isDrawn, LinkButton, Mark, markColor, RigPlan } from '@/ui';
import type { FindingStory } from '@/keeper/reads';
import { DecideDialog } from './decide-dialog';
import { FixDialog } from './fix-dialog';
import { NeedlessDialog } from './needless-dialog';
import { OpinionDialog } from './opinion-dialog';
import { PhotoRow } from './photo-row';
import { SeenDialog } from './seen-dialog';
import { WaitsDialog } from './waits-dialog';

function Timeline({ story, now }: { story: FindingStory; now: string }) {
  const { units } = usePreferences();
  const events: Entry[] = [
    story.opened,
    ...story.seen,
    ...story.opinions,
    ...story.decisions,
    ...story.waits,
    ...story.works,
    ...(story.closed ? [story.closed] : []),
  ].sort((a, b) => (a.happened < b.happened ? -1 : 1));
  return (
    <ol>
      {events.map((entry) => {
        const { title, lines } = entryWords(entry, units, () => undefined);
        const words =
          entry.kind === 'finding.opened'
            ? 'Opened'
            : entry.kind === 'finding.seen'
              ? 'Seen again'
              : entry.kind === 'finding.closed'
                ? 'Closed'
                : title;
        return (
          <li
            key={entry.id}
            className="border-line grid grid-cols-[5.4rem_minmax(0,1fr)] gap-3 border-b py-2.5"
          >
            <span className="text-soft">{day(entry.happened, now)}</span>
            <span>
              <strong>{words}</strong>
              {lines.length > 0 && <span className="text-soft block">{lines.join('. ')}</span>}
            </span>
          </li>
        );
      })}
    </ol>
  );
}

function Verdict({ finding, closed }: { finding: FindingState; closed: boolean }) {
  const verdict: Verdict = finding.verdict;
  if (closed) return <p className="text-clear text-xl font-semibold">Closed</p>;
  return (
    <p className="text-xl">
      <strong className={markColor(markOfVerdict(verdict))}>{VERDICT_WORDS[verdict]}.</strong>{' '}
      {forbidsWords(verdict)}
      {finding.escalated && (
        <span className="text-soft block text-base">{ESCALATED_WORDS[finding.escalated]}</span>
      )}
    </p>
  );
}

/** Who it waits for, until when, and what that means for towing. */
function Waits({
  waits,
  stop,
  now,
}: {
  waits: NonNullable<FindingState['waits']>;
  stop: boolean;
  now: string;
}) {
  const { who, booked, tow, note } = waits;
  return (
    <p className="border-accent border-l-4 pl-4 text-lg">
      <strong>Waits for {who}</strong>
      {booked && `, booked for ${day(`${booked}T12:00:00.000Z`, now)}`}.{' '}
      {stop
        ? 'Until then it is not to be towed, whatever is said.'
        : tow === undefined
          ? ''
          : tow
            ? 'They say it may be towed until then.'
            : 'Not to be towed until then.'}
      {note && <span className="text-soft block text-base">{note}</span>}
    </p>
  );
}

/** What stands first where no card puts it right at once: a figure, a look that finds the cause, or somebody else. */
function WayOut({ figure, jobs, find }: Pick<Remedy, 'figure' | 'jobs' | 'find'>) {
  if (!figure && jobs.length > 0) return null;
  return (
    <p className="border-soon border-l-4 pl-4">
      {figure
        ? `First the figure for the ${BOLT_WORDS[figure]}, from the maker’s manual: nothing is tight until it is set to one${jobs.length > 0 ? `. Then: ${small(jobsTitle(jobs))}` : ''}.`
        : find
          ? 'What is seen is not what is broken: find the cause first. Then say what was done, or who it waits for.'
          : 'A part, a welder or a shop puts this right. Say who it waits for, or what was done.'}
    </p>
  );
}

function OneFinding({ view, story }: { view: RigView; story: FindingStory }) {
  const { units } = usePreferences();
  const record = useRecord();
  const [dialog, setDialog] = useState<
    'figure' | 'seen' | 'opinion' | 'fix' | 'waits' | 'decide' | 'needless'
  >();
  const { state, closed, from, photos } = story;
  const { rig, model, house, now } = view;
  const { place, of } = state;
  const open = rig.findings[state.id];
  const leads = leadsFor(of, place, rig, house);
  const { jobs, check, figure, find } = remedyIn(view, open ?? state);
  const rule = evidenceAndSource(of, units);
  // Beside others it may roll less far than by itself.
  const all = howFar(view.limits, rig);
  const limits = all && all.of.length > 1 && all.of.some(({ id }) => id === state.id) ? all : undefined;
  const close = () => setDialog(undefined);
  return (
    <div className="mx-auto w-full max-w-[80rem] px-4 py-4 md:px-8 md:py-6">
      <p className="text-soft">
        <Link prefetch={false} href={to('finding', rig.id)} className="underline underline-offset-4">
          All findings of {model.name}
        </Link>
      </p>
      <div className="mt-2 flex gap-4">
        <span className="mt-1.5">
          <Mark mark={open ? markOfVerdict(open.verdict) : 'clear'} size={46} />
        </span>
        <div className="min-w-0">
          <h1 className="text-3xl md:text-5xl">{capital(findingWords(state, units))}</h1>
          <p className="text-soft mt-1 text-lg">
            {placeName(place) === place ? `${place}, ` : ''}
            {placeWords(place, model)}
          </p>
        </div>
      </div>
      <div className="mt-4 grid gap-x-12 gap-y-8 lg:grid-cols-[minmax(0,1fr)_21rem]">
        <div className="grid min-w-0 content-start gap-8">
          <div className="grid gap-3">
            <Verdict finding={open ?? state} closed={!open} />
            {limits && <RoadLine rig={rig.id} limits={limits} now={now} />}
            {open?.limit && <LimitCard finding={open} rig={rig} beside={limits !== undefined} />}
            {open?.waits && <Waits waits={open.waits} stop={open.verdict === 'stop'} now={now} />}
            {open && <WayOut figure={figure} jobs={jobs} find={find} />}
            {rule && (
              <div className="border-line bg-sheet flex flex-wrap items-center gap-4 rounded-sheet border px-4 py-3">
                {of && 'subject' in of && isDrawn(of.subject) && (
                  <span className="w-28 shrink-0">
                    <Condition subject={of.subject} grade={of.grade} />
                  </span>
                )}
                <p className="min-w-0 flex-1">
                  {rule.said}
                  <span className="text-soft block text-[0.94rem]">{rule.source}</span>
                </p>
              </div>
            )}
            {from && (
              <p className="text-soft">
                Found on: {entryWords(from, units, () => undefined).title}, {day(from.happened, now)}.
              </p>
            )}
          </div>
          {open && (
            <div className="grid gap-2.5">
              <div className="flex flex-wrap gap-2.5">
                {figure ? (
                  <Button look="primary" size="lg" onClick={() => setDialog('figure')}>
                    Enter the figure
                  </Button>
                ) : (
                  <RepairButton view={view} finding={open} size="lg">
                    {jobsTitle(jobs)}
                  </RepairButton>
                )}
                {find && aboutOf(of)?.what === 'lamp' && (
                  <LinkButton look="primary" size="lg" href={to('lights', rig.id)}>
                    Find the fault
                  </LinkButton>
                )}
                {check && (
                  <LinkButton size="lg" href={toWork(rig.id, [check])}>
                    Check again: {small(workAt(check.routine, [check.place]))}
                  </LinkButton>
                )}
                {!figure && (
                  <Button size="lg" onClick={() => setDialog('fix')}>
                    Fixed
                  </Button>
                )}
              </div>
              <div className="-mx-4 flex flex-wrap">
                {(
                  [
                    ['seen', 'Seen again'],
                    ['waits', 'Waits for someone'],
                    ['opinion', 'Second opinion'],
                    ['decide', 'Decide'],
                    ['needless', 'Not needed'],
                  ] as const
                )
                  .filter(([opens]) => !figure || (opens !== 'needless' && opens !== 'seen'))
                  .map(([opens, label]) => (
                    <Button key={opens} look="quiet" onClick={() => setDialog(opens)}>
                      {label}
                    </Button>
                  ))}
              </div>
            </div>
          )}
          <section aria-label="Photos" className="min-w-0">
            <Ruled aside={photos.length > 1 ? 'side by side, oldest first' : undefined}>Photos</Ruled>
            <div className="mt-3 grid min-w-0 gap-3">
              {photos.length > 0 ? (
                <PhotoRow photos={photos} now={now} />
              ) : (
                <p className="text-soft">None yet. A picture today shows in a month whether it grew.</p>
              )}
              <PhotoTaker
                onPhoto={async (photo) => {
                  await record(rig.id, [photoEntry(photo, place, { of: state.id })], 'Photo saved', [photo]);
                }}
              />
            </div>
          </section>
          <section aria-label="What happened">
            <Ruled>What happened</Ruled>
            <Timeline story={story} now={now} />
          </section>
        </div>
        <aside className="grid content-start gap-8">
          <div className="border-line bg-sheet rounded-sheet border p-3">
            <RigPlan
              model={model}
              heading="up"
              bare
              className="mx-auto max-w-56"
              chosen={place === 'rig' ? [] : [place]}
            />
          </div>
          {isWheelEnd(place) && (
            <LinkButton href={to('end', rig.id, { place })}>Everything about {place}</LinkButton>
          )}
          {leads.length > 0 && open && (
            <section aria-label="Where the cause may lie">
              <Ruled>Where the cause may lie</Ruled>
              <ul>
                {leads.map((lead) => (
                  <li key={lead.code} className="border-line border-b py-2">
                    {lead.because && <Mark mark="due" size={14} />} {leadWords(lead)}
                  </li>
                ))}
              </ul>
            </section>
          )}
        </aside>
      </div>
      {dialog === 'figure' && figure && <FactDialog view={view} id={TORQUE_FACTS[figure]} onClose={close} />}
      {dialog === 'seen' && open && <SeenDialog view={view} finding={open} onClose={close} />}
      {dialog === 'opinion' && open && <OpinionDialog view={view} finding={open} onClose={close} />}
      {dialog === 'waits' && open && <WaitsDialog view={view} finding={open} onClose={close} />}
      {dialog === 'decide' && open && (
        <DecideDialog view={view} finding={open} opinions={story.opinions} onClose={close} />
      )}
      {dialog === 'needless' && open && <NeedlessDialog view={view} finding={open} onClose={close} />}
      {dialog === 'fix' && open && <FixDialog view={view} finding={open} onClose={close} />}
      {closed && !open && (
        <p className="text-soft mt-6">
          Closed {day(closed.happened, now)}: {closingWords(closed.body, units)}
        </p>
      )}
    </div>
  );
}

function AllFindings({ view }: { view: RigView }) {
  const { units } = usePreferences();
  const { rig, model, now } = view;
  const asked = useAsk('findings', { rig: rig.id });
  if (asked.status === 'failed') return <Failed reason={asked.reason} />;
  if (asked.status === 'asking') return <Loading />;
  const all = asked.answer;
  const open = all.filter((one) => one.open).length;
  return (
    <div className="mx-auto w-full max-w-[60rem] px-4 py-4 md:px-8 md:py-6">
      <h1 className="text-4xl md:text-5xl">
        {open === 0 ? `Nothing open on ${model.name}` : `${open} open on ${model.name}`}
      </h1>
      <ul className="border-ink mt-4 border-t-2">
        {all.map(({ opened, open: state }) => (
          <li key={opened.id} className="border-line border-b">
            <Link
              prefetch={false}
              href={to('finding', rig.id, { id: opened.id })}
              className="hover:bg-accent-wash/60 flex min-h-14 items-center gap-3 px-1 py-2.5"
            >
              <Mark mark={state ? markOfVerdict(state.verdict) : 'clear'} size={22} spoken />
              <span className="min-w-0 flex-1">
                <strong className={state ? '' : 'text-soft font-normal'}>
                  {placeName(opened.body.place)}: {findingWords(opened.body, units)}
                </strong>
              </span>
              <span className="text-soft">{state ? day(opened.happened, now) : 'closed'}</span>
            </Link>
          </li>
        ))}
      </ul>
      {all.length === 0 && (
        <p className="text-soft mt-4 text-lg">
          What is not right is reported on the Yard, on a walk or at a step on the Bench, and stays here until
          it is fixed.
        </p>
      )}
    </div>
  );
}

function Findings({ view }: { view: RigView }) {
  const id = useSearchParams().get('id');
  const asked = useAsk('finding', id === null ? undefined : { rig: view.rig.id, id });
  if (id === null) return <AllFindings view={view} />;
  if (asked.status === 'asking') return <Loading />;
  if (asked.status === 'failed') return <Failed reason={asked.reason} />;
  return asked.answer ? (
    <OneFinding key={id} view={view} story={asked.answer} />
  ) : (
    <AllFindings view={view} />
  );
}

/** One finding with its photos over time, or all of a rig: what is not right, and since when? */
export function FindingView() {
  return (
    <WithRig promise="What is not right on a rig is kept here, with photos, until it is fixed.">
      {(view) => <Findings view={view} />}
    </WithRig>
  );
}
