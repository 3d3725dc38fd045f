'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { seasonLists, type SeasonList, type Duty } from '@/core/duty';
import type { CalendarDay } from '@/core/exchange';
import type { PlannedState } from '@/core/log';
import { markOfVerdict, markOfDuty } from '@/core/base';
import { benchLink, dutyHref, Named, Ruled, type RigView, type Rigs } from '@/features/rigs';
import { DoneDialog, PlanDialog, useForecast, type Forecast } from '@/features/duties';
import { to } from '@/links';
import { usePreferences } from '@/store';
import {
  bandShort,
  chapterHeadline,
  day,
  placeName,
  routineTitle,
  SEASON_WORDS,
  seasonWords,
  findingWords,
} from '@/text';
import { Button, LinkButton, Mark, saveFile } from '@/ui';
import { aheadOf } from './ahead';
import { calendarFile } from './calendar-file';
import { ChapterList } from './chapter';
import { SeasonDialog } from './season-dialog';
import { Trips } from './trips';

type Ready = Extract<Rigs, { status: 'ready' }>;

/** The chapter to show large: one that can be worked on and is not done, else the one that comes next. */
function inHand(chapters: readonly SeasonList[], now: string): SeasonList | undefined {
  const left = (chapter: SeasonList) => chapter.items.some((item) => item.done.length < item.duties.length);
  const sorted = [...chapters].sort((a, b) => (a.at < b.at ? -1 : 1));
  return (
    sorted.find((chapter) => chapter.open && left(chapter) && chapter.items.length > 0) ??
    sorted.find((chapter) => chapter.at > now && left(chapter)) ??
    sorted[0]
  );
}

function Chapters({
  chapters,
  view,
  onDone,
}: {
  chapters: readonly SeasonList[];
  view: RigView;
  onDone: (duties: readonly Duty[]) => void;
}) {
  const { units } = usePreferences();
  const router = useRouter();
  const actions = { onDone, onRecheck: () => router.push(to('yard', view.rig.id)) };
  const first = inHand(chapters, view.now);
  const findings = Object.values(view.rig.findings);
  const left = first?.items.flatMap((item) => item.duties.filter((duty) => !item.done.includes(duty))) ?? [];
  const work = first?.open ? benchLink(view.rig.id, left) : undefined;
  return (
    <div className="grid gap-4">
      {first && (
        <section aria-label={SEASON_WORDS[first.time]}>
          <Ruled aside={`by ${day(first.at, view.now)}`}>{SEASON_WORDS[first.time]}</Ruled>
          <ChapterList chapter={first} view={view} actions={actions} />
          {work && (
            <LinkButton className="mt-3" href={work}>
              Open a card with these jobs
            </LinkButton>
          )}
        </section>
      )}
      {chapters
        .filter((chapter) => chapter !== first)
        .map((chapter) => (
          <details key={chapter.time} className="border-line border-b pb-2">
            <summary className="flex min-h-12 cursor-pointer items-baseline gap-3 py-2 text-xl font-semibold">
              <span className="figures">{SEASON_WORDS[chapter.time]}</span>
              <span className="text-soft text-base font-normal">{chapterHeadline(chapter, view.now)}</span>
            </summary>
            <ChapterList chapter={chapter} view={view} actions={actions} />
            {chapter.time === 'layup' && findings.length > 0 && (
              <div className="pt-3">
                <p className="font-semibold">For spring to fix</p>
                <ul>
                  {findings.map((finding) => (
                    <li key={finding.id} className="flex gap-2.5 py-1.5">
                      <Mark mark={markOfVerdict(finding.verdict)} spoken />
                      {placeName(finding.place)}: {findingWords(finding, units)}
                    </li>
                  ))}
                </ul>
              </div>
            )}
          </details>
        ))}
    </div>
  );
}

const SHOWN = 8;

function Ahead({ view, forecast }: { view: RigView; forecast: Forecast }) {
  const [all, setAll] = useState(false);
  const items = aheadOf(view.duties, forecast, view.now);
  const shown = all ? items : items.slice(0, SHOWN);
  return (
    <section aria-label="What falls due, and when">
      <Ruled>What falls due, and when</Ruled>
      {forecast.status === 'working' && <p className="text-soft py-3">Working it out…</p>}
      {forecast.status === 'failed' && (
        <p className="text-soft py-3">
          It could not be worked out on this device; what is due now stands on the Yard.
        </p>
      )}
      {forecast.status === 'ready' && items.length === 0 && (
        <p className="text-soft py-3">
          No dates yet: they are worked out from when each job was last done. What has no record is due now,
          on the Yard.
        </p>
      )}
      <ul>
        {shown.map(({ duties, band, at }) => (
          <li
            key={duties[0].id}
            className="border-line grid grid-cols-[1.75rem_1fr_auto] items-baseline gap-x-3 border-b py-2.5"
          >
            <span className="self-center">
              <Mark mark={markOfDuty(duties[0].verdict)} size={22} spoken />
            </span>
            <span className="min-w-0">
              <Named href={dutyHref(view.rig.id, duties[0])}>
                {routineTitle(
                  duties[0].routine,
                  duties.map((duty) => duty.place),
                )}
              </Named>
              {band && band.early !== band.late && (
                <span className="text-soft block text-[0.92rem]">{bandShort(band, view.now)}</span>
              )}
            </span>
            <span className="figures text-lg font-semibold whitespace-nowrap">
              {duties[0].verdict === 'due' || duties[0].verdict === 'overdue' ? 'now' : day(at, view.now)}
            </span>
          </li>
        ))}
      </ul>
      {items.length > SHOWN && !all && (
        <Button look="quiet" className="mt-1 -ml-4" onClick={() => setAll(true)}>
          {items.length - SHOWN} more
        </Button>
      )}
    </section>
  );
}

type Sheet =
  | { readonly show: 'season' }
  | { readonly show: 'plan'; readonly trip: PlannedState | undefined }
  | { readonly show: 'done'; readonly duties: readonly Duty[] };

/** The year as this owner lives it: what each time of the season asks of a rig, what falls due when, the trips ahead, and all of it for a calendar. */
export function SeasonSections({
  view,
  ready,
  yardDays,
}: {
  view: RigView;
  ready: Ready;
  /** Yard days that are planned, for the calendar; none yet while they are worked out. */
  yardDays: readonly CalendarDay[] | undefined;
}) {
  const { units } = usePreferences();
  const [sheet, setSheet] = useState<Sheet>();
  const { season, now, model } = view;
  const forecast = useForecast(view, view.duties);
  const chapters = season ? seasonLists(view.duties, { model, house: view.house, season }, now) : [];
  const first = inHand(chapters, now);
  const close = () => setSheet(undefined);

  const save = () => {
    const text = calendarFile([{ view, forecast }], units, yardDays);
    const name = model.name.toLowerCase().replace(/[^a-z0-9]+/g, '-');
    saveFile(text, 'text/calendar', `yardline-${name}.ics`);
  };

  return (
    <>
      <div className="flex flex-wrap items-end justify-between gap-x-8 gap-y-3">
        <div className="min-w-0">
          <h2 className="text-3xl">
            {season && first
              ? `${SEASON_WORDS[first.time]}: ${chapterHeadline(first, now)}`
              : 'When do you tow?'}
          </h2>
          <p className="text-soft mt-1.5 max-w-[62ch] text-lg">
            {season
              ? seasonWords(season, model.name)
              : 'Spring work, the mid-season check and lay-up have no dates yet. Choose your hemisphere, or enter your own season; until then, checks go by days alone.'}
          </p>
        </div>
        <Button look={season ? 'plain' : 'primary'} size="md" onClick={() => setSheet({ show: 'season' })}>
          {season ? 'Change the season' : 'Set your season'}
        </Button>
      </div>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-8 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
        <div className="grid content-start gap-8">
          {season && (
            <Chapters
              chapters={chapters}
              view={view}
              onDone={(duties) => setSheet({ show: 'done', duties })}
            />
          )}
          <Trips view={view} onPlan={(trip) => setSheet({ show: 'plan', trip })} />
        </div>
        <div className="grid content-start gap-8">
          <Ahead view={view} forecast={forecast} />
          <section aria-label="Calendar">
            <Ruled>To your calendar</Ruled>
            <p className="text-soft py-3">
              A file any calendar can import: your yard days, and a day for each routine with the range it may
              fall in. Your calendar reminds you when this is shut. Save it again later and those days move;
              none is doubled.
            </p>
            <Button disabled={forecast.status === 'working' || yardDays === undefined} onClick={save}>
              Save the calendar file
            </Button>
          </section>
        </div>
      </div>
      {sheet?.show === 'season' && <SeasonDialog view={view} house={ready.houseSeason} onClose={close} />}
      {sheet?.show === 'plan' && (
        <PlanDialog view={view} {...(sheet.trip && { trip: sheet.trip })} onClose={close} />
      )}
      {sheet?.show === 'done' && <DoneDialog view={view} duties={sheet.duties} onClose={close} />}
    </>
  );
}
