'use client';

import dynamic from 'next/dynamic';
import { useSearchParams } from 'next/navigation';
import { useState, type ComponentType } from 'react';
import { ANY_TRAILER, COURSE, DRILLS, firstSeed, nextSeed, PICTURED, type DrillId } from '@/core/practice';
import { wheelEnds } from '@/core/rig';
import { HOUSE_DEFAULT } from '@/core/rules';
import { Failed, Loading, useChosenRig, useRigs } from '@/features/rigs';
import { to } from '@/links';
import { usePreferences, useYard } from '@/store';
import { inUnits } from '@/text';
import { DRILL_WORDS, SESSION_WORDS } from '@/text/practice';
import { Button, LinkButton } from '@/ui';
import type { DrillProps } from './drill';
import { DrillList } from './drill-list';
import { useProgress } from './use-progress';

const DRAWN: Record<DrillId, ComponentType<DrillProps>> = {
  nut: dynamic(() => import('./drills/nut')),
  listen: dynamic(() => import('./drills/listen')),
  order: dynamic(() => import('./drills/order')),
  grade: dynamic(() => import('./drills/grade')),
  star: dynamic(() => import('./drills/star')),
  fault: dynamic(() => import('./drills/fault')),
};

function Drill({
  id,
  session,
  seed: first,
  of,
}: {
  id: DrillId;
  session: string | undefined;
  seed: number | undefined;
  of: string | null;
}) {
  const yard = useRigs();
  const { store } = useYard();
  const { units } = usePreferences();
  const { progress, grade, end } = useProgress();
  const view = useChosenRig(yard.status === 'ready' ? yard.rigs : []);
  const [seed, setSeed] = useState(() => first ?? firstSeed(store.clock.now()));
  const [ended, setEnded] = useState(false);
  // The cards of a session are chosen once: what is graded on the way does not change them.
  const [begun, setBegun] = useState(progress);
  if (begun === undefined && progress !== undefined) setBegun(progress);
  if (yard.status === 'failed') return <Failed reason={yard.reason} />;
  if (yard.status === 'loading' || begun === undefined) return <Loading />;
  const model = view?.model ?? ANY_TRAILER;
  const place = wheelEnds(model)[0];
  const asked = PICTURED.find((one) => one === of);
  const sitting = COURSE.find((one) => one.id === session && one.drill === id);
  const about = sitting && 'subjects' in sitting ? sitting.subjects : undefined;
  const Drawn = DRAWN[id];
  const { title, what } = DRILL_WORDS[id];
  const moment = sitting && SESSION_WORDS[sitting.id];
  return (
    <div className="mx-auto w-full max-w-[72rem] px-4 py-4 md:px-8 md:py-6">
      <LinkButton look="quiet" className="-ml-4" href={to('practice', view?.rig.id)}>
        All practice
      </LinkButton>
      <h1 className="text-3xl md:mt-1 md:text-4xl">{moment?.title ?? title}</h1>
      <p className="text-soft mt-1 mb-4 max-w-3xl text-lg">{moment?.moment ?? inUnits(what, units)}</p>
      {place && (
        <Drawn
          key={seed}
          model={model}
          house={view?.house ?? HOUSE_DEFAULT}
          place={place}
          own={view !== undefined}
          seed={seed}
          inCourse={sitting !== undefined}
          progress={begun}
          subjects={asked ? [asked] : about}
          onGrade={grade}
          onEnd={(right) => {
            setEnded(true);
            end(id, right, sitting?.id);
          }}
        />
      )}
      {ended && (
        <div className="mt-6 flex flex-wrap gap-2.5">
          <Button
            look="primary"
            size="lg"
            onClick={() => {
              setBegun(progress);
              setSeed(nextSeed(seed));
              setEnded(false);
              scrollTo(0, 0);
            }}
          >
            Once more, another one
          </Button>
          <LinkButton size="lg" href={to('practice', view?.rig.id)}>
            Enough for now
          </LinkButton>
        </div>
      )}
    </div>
  );
}

/** Practice: can I judge it? */
export function PracticeView() {
  const params = useSearchParams();
  const wanted = params.get('drill');
  const id = DRILLS.find((one) => one === wanted);
  const seed = Number(params.get('seed'));
  if (!id) return <DrillList />;
  return (
    <Drill
      key={`${id} ${params.get('session') ?? ''} ${params.get('of') ?? ''}`}
      id={id}
      session={params.get('session') ?? undefined}
      seed={Number.isInteger(seed) && seed > 0 ? seed : undefined}
      of={params.get('of')}
    />
  );
}
