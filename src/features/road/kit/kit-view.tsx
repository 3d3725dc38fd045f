'use client';

import { useMemo } from 'react';
import { bestPurchase, finishes, readKit, troublesFor } from '@/core/road';
import { RigTabs, Ruled, WithRig, type RigView, type Rigs } from '@/features/rigs';
import { to } from '@/links';
import { list, small, TROUBLE_TITLES } from '@/text';
import { needWords } from '@/text/kit-said';
import { Box } from './box';
import { Rack } from './rack';

type Ready = Extract<Rigs, { status: 'ready' }>;

function RigKit({ view, ready }: { view: RigView; ready: Ready }) {
  const { rig, model, house, now } = view;
  const kit = useMemo(() => readKit({ rig, model, house, now }), [rig, model, house, now]);
  const all = useMemo(() => finishes(kit, troublesFor(model)), [kit, model]);
  const best = useMemo(() => bestPurchase(all), [all]);
  const can = all.filter((one) => one.can === 'yes').length;
  return (
    <div className="mx-auto w-full max-w-[80rem] px-4 py-4 md:px-8 md:py-6">
      <RigTabs rigs={ready.rigs} chosen={rig.id} href={(id) => to('kit', id)} />
      <h1 className="mt-4 text-4xl md:text-5xl">
        <span className="figures">{can}</span> of {all.length} troubles can be finished on the road
      </h1>
      <p className="text-soft mt-1 max-w-[62ch] text-lg">
        Only what is marked aboard and serves this rig counts.
      </p>
      {best && (
        <section aria-label="What to get" className="border-accent mt-5 border-l-4 pl-4">
          <p className="text-xl">
            <strong>Get first:</strong> {list(best.items.map((item) => small(needWords(item))))}.
          </p>
          <p className="text-soft">
            {best.often} of 100 troubles more, by our own estimate of how often each is met:{' '}
            {list(best.troubles.map((id) => small(TROUBLE_TITLES[id])))}.
          </p>
        </section>
      )}
      <div className="mt-8 grid gap-x-12 gap-y-10 xl:grid-cols-[minmax(0,1fr)_29rem]">
        <section aria-label="What can be finished" className="xl:order-2">
          <Ruled>What can be finished here</Ruled>
          <Rack all={all} />
          <p className="text-soft mt-2 text-[0.95rem]">
            The longer the tape, the more often it is met: our own estimate.
          </p>
        </section>
        <section aria-label="The box">
          <Ruled>The box</Ruled>
          <p className="text-soft mt-2">Tap what is there, or is not. What has figures asks for them.</p>
          <div className="mt-4">
            <Box view={view} kit={kit} />
          </div>
        </section>
      </div>
    </div>
  );
}

/** The kit: what is aboard, whether it serves this rig, and what it can put right. */
export function KitView() {
  return (
    <WithRig promise="Once a rig is set up, what you carry along is held against it here.">
      {(view, ready) => <RigKit key={view.rig.id} view={view} ready={ready} />}
    </WithRig>
  );
}
