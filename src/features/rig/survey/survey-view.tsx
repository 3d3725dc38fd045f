'use client';

import { useEffect, useRef, useState } from 'react';
import { surveyProgress, surveyResult, type SurveyItem } from '@/core/duty';
import { RigPage, type RigView } from '@/features/rigs';
import { PATHS } from '@/links';
import { usePreferences } from '@/store';
import { inUnits, STATION_WORDS, surveyItemWords } from '@/text';
import { Button, RigPlan, Settled, Tape } from '@/ui';
import { ItemForm } from './item-form';
import { ResultList } from './result-list';

function Survey({ view }: { view: RigView }) {
  const { rig, model, duties, conflicts } = view;
  const { items, done, next, started } = surveyProgress(rig, model);
  const { units } = usePreferences();
  const [at, setAt] = useState<string>();
  const [ended, setEnded] = useState(false);
  const heading = useRef<HTMLHeadingElement>(null);
  // Each item begins at its heading, for the eye and for a screen reader.
  useEffect(() => {
    if (at !== undefined) heading.current?.focus();
  }, [at]);
  const item: SurveyItem | undefined = items.find((one) => one.item.key === at)?.item ?? next;
  const index = items.findIndex((one) => one.item === item);
  const through = done === items.length;

  if (ended || !item)
    return (
      <ResultList
        view={view}
        result={surveyResult(rig, model, duties, conflicts)}
        through={through}
        onBack={() => {
          setEnded(false);
          if (through) setAt(items[0]?.item.key);
        }}
        onItem={(key) => {
          setAt(key);
          setEnded(false);
        }}
      />
    );
  const go = (by: number) => setAt(items[index + by]?.item.key);
  const after = () => {
    // On to the next one nobody has been at, from here on; then to what was passed over.
    const later = [...items.slice(index + 1), ...items.slice(0, index)].find(
      (one) => one.state === undefined,
    );
    setAt(later?.item.key);
    if (!later) setEnded(true);
  };
  const { title, look } = surveyItemWords(item, model);
  const state = items[index]?.state;
  return (
    <div className="grid gap-x-10 gap-y-5 lg:grid-cols-[minmax(0,1fr)_22rem]">
      <div className="min-w-0">
        <p className="text-soft flex flex-wrap items-baseline justify-between gap-x-4">
          <span className="text-ink font-semibold">{STATION_WORDS[item.station]}</span>
          <span>
            {done} of {items.length} checked{started ? '' : ', begin anywhere'}
          </span>
        </p>
        <Tape
          used={done}
          limit={items.length}
          mark="clear"
          label={`${done} of ${items.length} items checked`}
        />
        <h1 ref={heading} tabIndex={-1} className="mt-2 scroll-mt-28 text-4xl outline-none">
          {title}
        </h1>
        <p className="text-soft mt-1 mb-5 max-w-[60ch] text-lg">{inUnits(look, units)}</p>
        <Settled of={item.key}>
          <ItemForm key={item.key} view={view} item={item} state={state} onDone={after} />
          <div className="mt-6 flex flex-wrap gap-2.5">
            <Button disabled={index === 0} onClick={() => go(-1)}>
              Back
            </Button>
            <Button disabled={index === items.length - 1} onClick={() => go(1)}>
              Skip for now
            </Button>
            <Button look="quiet" onClick={() => setEnded(true)}>
              What it comes to so far
            </Button>
          </div>
        </Settled>
      </div>
      <aside className="order-first hidden lg:order-none lg:block">
        <div className="border-line bg-sheet sticky top-6 rounded-sheet border p-3">
          <RigPlan
            model={model}
            heading="up"
            bare
            className="mx-auto max-w-72"
            chosen={item.place === 'rig' ? [] : [item.place]}
          />
          <p className="text-soft mt-2 text-[0.92rem]">
            Stop whenever you like. What you have checked is in the log, and it goes on from there.
          </p>
        </div>
      </aside>
    </div>
  );
}

/** The first look at a rig: in walking order, each item a reading, a condition, or not looked at. */
export function SurveyView() {
  return <RigPage path={PATHS.survey}>{(view) => <Survey key={view.rig.id} view={view} />}</RigPage>;
}
