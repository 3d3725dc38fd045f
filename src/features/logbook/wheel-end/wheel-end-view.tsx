'use client';

import Link from 'next/link';
import { useRouter, useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { sameFinding, trendEntry } from '@/core/record';
import { markOfVerdict } from '@/core/rules';
import { leadsFor } from '@/core/judge';
import { isSpare, isWheelEnd, sparesOf, wheelEnds, type RigModel, type TirePlace } from '@/core/rig';
import { warns, type Trend } from '@/core/trend';
import { PhotoOf, useRecord } from '@/features/forms';
import { benchLink, Failed, Loading, PartRows, Ruled, WithRig, type RigView } from '@/features/rigs';
import type { AnswerTo } from '@/keeper';
import { useAsk, usePreferences } from '@/store';
import {
  day,
  entryWords,
  leadWords,
  PATTERN_WORDS,
  placeWords,
  trendWords,
  capital,
  findingWords,
} from '@/text';
import { Button, cx, LinkButton, Mark, RigPlan, reported } from '@/ui';
import { ReadingDialog } from './reading-dialog';
import { TrendBlock } from './trend-block';

const SHOWN = 10;

const GRADE: Partial<Record<Trend['status'], number>> = { perhaps: 1, few: 3 };

/** What warns first, what is not known last. */
function inOrder(trends: readonly Trend[]): readonly Trend[] {
  const weight = (trend: Trend) => (warns(trend) ? 0 : (GRADE[trend.status] ?? 2));
  return [...trends].sort((a, b) => weight(a) - weight(b));
}

function Places({ model, rig, place }: { model: RigModel; rig: string; place: TirePlace }) {
  return (
    <nav aria-label="Wheel ends and spares" className="flex gap-1.5 overflow-x-auto py-1">
      {[...wheelEnds(model), ...sparesOf(model)].map((one) => (
        <Link
          key={one}
          prefetch={false}
          href={`/end?rig=${rig}&place=${one}`}
          aria-current={one === place ? 'page' : undefined}
          className={cx(
            'figures grid min-h-11 min-w-14 shrink-0 place-items-center rounded-sheet border-[1.5px] px-3 text-lg font-semibold',
            one === place ? 'border-accent bg-accent-wash' : 'border-line hover:border-ink text-soft',
          )}
        >
          {one}
        </Link>
      ))}
    </nav>
  );
}

function Warning({ trend, view, place }: { trend: Trend; view: RigView; place: TirePlace }) {
  const record = useRecord();
  const { rig, house } = view;
  const of = { trend: trend.kind };
  const open = sameFinding(rig.findings, place, of);
  const leads = leadsFor(of, place, rig, house);
  return (
    <div className="border-due mt-4 grid gap-3 border-l-4 pl-4">
      <ul className="grid gap-1">
        {leads.slice(0, 3).map((lead) => (
          <li key={lead.code}>{leadWords(lead)}</li>
        ))}
      </ul>
      <div>
        {open ? (
          <LinkButton href={`/finding?rig=${rig.id}&id=${open.id}`}>To its finding</LinkButton>
        ) : (
          <Button
            onClick={() => reported(record(rig.id, [trendEntry(trend, place, view)], 'Finding opened'))}
          >
            Open a finding of it
          </Button>
        )}
      </div>
    </div>
  );
}

function End({ view, place, log }: { view: RigView; place: TirePlace; log: AnswerTo<'place'> }) {
  const { units } = usePreferences();
  const router = useRouter();
  const [reading, setReading] = useState(false);
  const { rig, model, now } = view;
  const { history, trends, pattern, findings, photos, story } = log;
  const ordered = inOrder(trends);
  const told = ordered.filter(({ status }) => status !== 'few');
  const few = ordered.filter(({ status }) => status === 'few');
  const [first] = ordered;
  const warning = first && warns(first) ? first : undefined;
  const state = [...view.places, ...view.elsewhere].find((one) => one.place === place);
  const pressing = view.duties.filter(
    (duty) => duty.place === place && duty.verdict !== 'clear' && !duty.within,
  );
  const work = benchLink(rig.id, pressing);
  return (
    <div className="mx-auto w-full max-w-[80rem] px-4 py-4 md:px-8 md:py-6">
      <div className="flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
        <Places model={model} rig={rig.id} place={place} />
        <p className="text-soft">{model.name}</p>
      </div>
      <div className="mt-4 flex items-start gap-4">
        {state && <Mark mark={warning ? 'due' : state.mark} size={46} />}
        <div className="min-w-0">
          <h1 className="flex flex-wrap items-baseline gap-x-3 text-5xl">
            {place}
            <span className="text-soft font-words text-lg font-normal">{placeWords(place, model)}</span>
          </h1>
          <p className="mt-1 max-w-[60ch] text-xl">
            {warning ? trendWords(warning, units, now).said : 'Nothing in its readings speaks of trouble.'}
          </p>
          {warning && <Warning trend={warning} view={view} place={place} />}
        </div>
      </div>
      <div className="mt-5 flex flex-wrap gap-2.5">
        <Button look={warning ? 'plain' : 'primary'} onClick={() => setReading(true)}>
          Read something here
        </Button>
        {work && <LinkButton href={work}>Step by step on the Bench</LinkButton>}
      </div>
      <div className="mt-6 grid gap-x-12 gap-y-8 lg:grid-cols-[minmax(0,1fr)_21rem]">
        <div className="min-w-0">
          {pattern && pattern !== 'even' && (
            <p className="border-soon mb-5 border-l-4 pl-4 text-lg">{PATTERN_WORDS[pattern]}</p>
          )}
          {told.map((trend) => (
            <TrendBlock
              key={trend.kind === 'wear' ? trend.what : trend.kind}
              trend={trend}
              view={view}
              history={history}
              place={place}
              told={trend === warning}
            />
          ))}
          {few.length > 0 && (
            <section aria-label="Not known yet" className="border-line border-t py-5">
              <h2 className="text-xl">Not known yet</h2>
              <ul className="mt-1">
                {few.map((trend) => {
                  const { title, said, basis } = trendWords(trend, units, now);
                  return (
                    <li key={title} className="border-line flex gap-2.5 border-b py-2.5">
                      <span className="mt-0.5">
                        <Mark mark="unknown" size={18} />
                      </span>
                      <span>
                        <strong>{title}.</strong> {said} <span className="text-soft">{basis}</span>
                      </span>
                    </li>
                  );
                })}
              </ul>
            </section>
          )}
        </div>
        <aside className="grid content-start gap-8">
          <div className="border-line bg-sheet rounded-sheet border p-3">
            <RigPlan
              model={model}
              heading="up"
              bare
              className="mx-auto max-w-52"
              chosen={[place]}
              choosable={[...wheelEnds(model), ...sparesOf(model)]}
              onChoose={(to) => router.push(`/end?rig=${rig.id}&place=${to}`)}
            />
          </div>
          <section aria-label="Fitted here">
            <Ruled>Fitted here</Ruled>
            <dl className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-1.5 py-3">
              <PartRows view={view} place={place} />
            </dl>
          </section>
          <section aria-label="Findings here">
            <Ruled>Findings</Ruled>
            {findings.length === 0 && <p className="text-soft py-3">None on record.</p>}
            <ul>
              {findings.slice(0, 6).map(({ opened, open }) => (
                <li key={opened.id} className="border-line border-b">
                  <Link
                    prefetch={false}
                    href={`/finding?rig=${rig.id}&id=${opened.id}`}
                    className="hover:bg-accent-wash/60 flex min-h-11 gap-2.5 py-2"
                  >
                    <span className="mt-0.5">
                      <Mark mark={open ? markOfVerdict(open.verdict) : 'clear'} size={18} spoken />
                    </span>
                    <span>
                      {capital(findingWords(opened.body, units))}
                      <span className="text-soft block text-[0.92rem]">
                        {day(opened.happened, now)}
                        {open ? '' : ', closed'}
                      </span>
                    </span>
                  </Link>
                </li>
              ))}
            </ul>
          </section>
          {photos.length > 0 && (
            <section aria-label="Photos here">
              <Ruled>Photos</Ruled>
              <ul className="mt-3 grid grid-cols-2 gap-2">
                {photos.slice(-4).map((entry) => (
                  <li key={entry.id}>
                    <PhotoOf
                      hash={entry.body.hash}
                      alt={`${place}, ${day(entry.happened, now)}`}
                      className="aspect-4/3 w-full rounded-sheet object-cover"
                    />
                    <p className="text-soft text-[0.92rem]">{day(entry.happened, now)}</p>
                  </li>
                ))}
              </ul>
            </section>
          )}
          <section aria-label="Lately here">
            <Ruled>Lately here</Ruled>
            {story.length === 0 && <p className="text-soft py-3">Nothing on record yet.</p>}
            <ul>
              {story.map((entry) => (
                <li
                  key={entry.id}
                  className="border-line grid grid-cols-[4.4rem_minmax(0,1fr)] gap-2 border-b py-2"
                >
                  <span className="text-soft">{day(entry.happened, now)}</span>
                  {entryWords(entry, units, () => undefined).title}
                </li>
              ))}
            </ul>
            <Link
              prefetch={false}
              className="inline-block min-h-11 py-2 underline underline-offset-4"
              href={`/logbook?rig=${rig.id}&place=${place}`}
            >
              All of it in the Logbook
            </Link>
          </section>
        </aside>
      </div>
      {reading && <ReadingDialog view={view} place={place} onClose={() => setReading(false)} />}
    </div>
  );
}

function placeIn(text: string | null, model: RigModel): TirePlace {
  const wanted = text ?? '';
  if (isWheelEnd(wanted) && wheelEnds(model).includes(wanted)) return wanted;
  if (isSpare(wanted) && sparesOf(model).includes(wanted)) return wanted;
  return '1L';
}

function Chosen({ view }: { view: RigView }) {
  const place = placeIn(useSearchParams().get('place'), view.model);
  const { rig, model, now } = view;
  // By the hour: a chart is not another one for the minute that passes.
  const hour = `${now.slice(0, 13)}:00:00.000Z`;
  const asked = useAsk('place', { rig: rig.id, model, place, hour, most: SHOWN });
  if (asked.status === 'asking') return <Loading />;
  if (asked.status === 'failed') return <Failed reason={asked.reason} />;
  return <End key={`${rig.id} ${place}`} view={view} place={place} log={asked.answer} />;
}

/** The story of one wheel end: what its readings say over time, what is fitted, found and done there. */
export function WheelEndView() {
  return (
    <WithRig promise="Every wheel end of a rig has a page of its own, with what its readings say over time.">
      {(view) => <Chosen view={view} />}
    </WithRig>
  );
}
