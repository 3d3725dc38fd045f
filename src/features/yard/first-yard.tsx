'use client';

import { Loading } from '@/features/rigs';
import { PATHS } from '@/links';
import { setPreferences } from '@/store';
import type { RigModel } from '@/core/rig';
import { Button, LinkButton, Mark, RigPlan, useWide } from '@/ui';

const SAMPLE: RigModel = {
  name: 'A trailer',
  kind: 'utility',
  axles: [
    { suspension: 'leaf', brake: 'electric', hub: 'plain', lock: 'cotter' },
    { suspension: 'leaf', brake: 'electric', hub: 'plain', lock: 'cotter' },
  ],
  wheels: { studs: 5 },
  spares: 1,
  miles: 'trips',
  gear: { deck: true, tieDowns: true, ramp: true, rampHinges: true, breakaway: true },
};

const UNLOCKS = [
  ['Kind, axles, brakes', 'your trailer from above, and every wheel end as a place of its own'],
  ['Hub', 'when each one is repacked, and the steps in the one safe order'],
  ['Studs and lug torque', 'the star, its stages, and rechecks at 10, 25 and 50 mi'],
  ['Miles, and launches for a boat', 'what has come due, and why'],
] as const;

/** What the product is, and the way in: stands in the page as it is served, so that a first visitor reads it at once. */
function Welcome() {
  return (
    <>
      <h1 className="max-w-[18ch] text-4xl md:text-6xl">Can you tow today?</h1>
      <p className="text-soft mt-4 max-w-[52ch] text-lg">
        Tell Yardline what your trailer is. It keeps track of the wear, says what is due and why, and walks
        you through each job step by step. Everything stays on this device.
      </p>
      <div className="mt-6 flex flex-wrap gap-3">
        <LinkButton href={PATHS.setup} look="primary" size="lg">
          Set up your first rig
        </LinkButton>
        <span className="text-soft self-center">about two minutes</span>
      </div>
    </>
  );
}

/** The Yard while the log is being read: on a device that had a rig before, that; else what a first visitor sees anyway. */
export function YardLoading() {
  return (
    <>
      <div className="visited-only">
        <Loading />
      </div>
      <div className="unvisited-only mx-auto w-full max-w-6xl p-5 md:p-10">
        <Welcome />
      </div>
    </>
  );
}

/** A yard with nothing in it: what to enter, what each fact unlocks, and one clear way in. */
export function FirstYard({ retired }: { retired: number }) {
  const wide = useWide();
  return (
    <div className="mx-auto grid w-full max-w-6xl gap-8 p-5 md:p-10 lg:grid-cols-[1fr_25rem]">
      <section>
        <Welcome />
        <dl className="border-ink mt-8 max-w-2xl border-t-2">
          {UNLOCKS.map(([fact, gives]) => (
            <div key={fact} className="border-line grid gap-x-6 border-b py-3 sm:grid-cols-[14rem_1fr]">
              <dt className="font-semibold">{fact}</dt>
              <dd className="text-soft">{gives}</dd>
            </div>
          ))}
        </dl>
        <div className="mt-5 flex flex-wrap gap-x-2">
          <Button look="quiet" className="-ml-4" onClick={() => setPreferences({ yard: 'demo' })}>
            Look around the demo yard
          </Button>
          <LinkButton look="quiet" href={PATHS.keep}>
            Bring in an archive
          </LinkButton>
          {retired > 0 && (
            <LinkButton look="quiet" href={PATHS.keep}>
              Bring a retired rig back
            </LinkButton>
          )}
        </div>
      </section>
      <aside className="hidden lg:block">
        {wide && (
          <RigPlan
            model={SAMPLE}
            heading="up"
            className="border-line bg-sheet border p-3"
            labels={Object.fromEntries(
              ['1L', '1R', '2L', '2R'].map((place) => [place, { mark: 'unknown', note: 'not known yet' }]),
            )}
          />
        )}
        <p className="text-soft mt-3 flex items-center gap-2">
          <Mark mark="unknown" /> What is not known is shown as not known, never as fine.
        </p>
      </aside>
    </div>
  );
}
