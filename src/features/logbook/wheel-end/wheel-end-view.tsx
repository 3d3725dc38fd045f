'use client';

import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { isSpare, isWheelEnd, sparesOf, wheelEnds, type RigModel, type TirePlace } from '@/core/rig';
import { VERDICT_SCALE } from '@/core/base';
import { warns, type Trend } from '@/core/judge';
import { benchLink, Failed, howFar, Loading, RoadLine, WithRig, type RigView } from '@/features/rigs';
import type { AnswerTo } from '@/keeper';
import { to } from '@/links';
import { useAsk, usePreferences } from '@/store';
import { capital, findingWords, PATTERN_WORDS, placeWords, trendWords } from '@/text';
import { Button, cx, LinkButton, Mark } from '@/ui';
import { Aside } from './aside';
import { ReadingDialog } from './reading-dialog';
import { TrendBlock } from './trend-block';
import { Warning } from './warning';

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
          href={to('end', rig, { place: one })}
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

function End({ view, place, log }: { view: RigView; place: TirePlace; log: AnswerTo<'place'> }) {
  const { units } = usePreferences();
  const [reading, setReading] = useState(false);
  const { rig, model, now } = view;
  const { history, trends, pattern } = log;
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
  // What is found here is not all that decides: the line is that of the whole rig.
  const all = howFar(view.limits, rig);
  const limits = all?.of.some((one) => one.place === place) ? all : undefined;
  const worst = Object.values(rig.findings)
    .filter((one) => one.place === place)
    .sort((a, b) => VERDICT_SCALE.gravestFirst(a.verdict, b.verdict))[0];
  return (
    <div className="mx-auto w-full max-w-[80rem] px-4 py-4 md:px-8 md:py-6">
      <div className="flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
        <Places model={model} rig={rig.id} place={place} />
        <p className="text-soft">{model.name}</p>
      </div>
      <div className="mt-4 flex items-start gap-4">
        {state && <Mark mark={warning && state.mark !== 'stop' ? 'due' : state.mark} size={46} />}
        <div className="min-w-0">
          <h1 className="flex flex-wrap items-baseline gap-x-3 text-5xl">
            {place}
            <span className="text-soft font-words text-lg font-normal">{placeWords(place, model)}</span>
          </h1>
          <p className="mt-1 max-w-[60ch] text-xl">
            {warning
              ? trendWords(warning, units, now).said
              : worst
                ? `${capital(findingWords(worst, units))}.`
                : 'No sign of trouble in its readings.'}
          </p>
          {warning && <Warning trend={warning} view={view} place={place} />}
          {limits && (
            <div className="mt-3">
              <RoadLine rig={rig.id} limits={limits} now={now} />
            </div>
          )}
        </div>
      </div>
      <div className="mt-5 flex flex-wrap gap-2.5">
        <Button look={warning ? 'plain' : 'primary'} onClick={() => setReading(true)}>
          Read something here
        </Button>
        {work && <LinkButton href={work}>Step by step on the Bench</LinkButton>}
        <LinkButton href={to('figures', rig.id, { of: 'pressure' })}>Pressure and weather</LinkButton>
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
        <Aside view={view} place={place} log={log} />
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
  const { rig, model, house, now } = view;
  // By the hour: a chart is not another one for the minute that passes.
  const hour = `${now.slice(0, 13)}:00:00.000Z`;
  const asked = useAsk('place', { rig: rig.id, model, house, place, hour, most: SHOWN });
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
