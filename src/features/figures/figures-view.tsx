'use client';

import dynamic from 'next/dynamic';
import { useSearchParams } from 'next/navigation';
import { useEffect } from 'react';
import { GUESSES, FIGURE_IDS } from '@/core/figures';
import { isWheelEnd, placesOf } from '@/core/rig';
import { Failed, Loading, useChosenRig, useRigs } from '@/features/rigs';
import { to, toCard } from '@/links';
import { setPreferences, useAsk, usePreferences } from '@/store';
import { FigureList } from './figure-list';
import { LinkButton } from '@/ui';
import { AllFigures, FigurePage } from './figure-page';
import type { Figure } from './use-figure';

const GuessPage = dynamic(() => import('./guess-page'));

/** So many that were used last are kept in mind. */
const RECENT = 4;

/** Back to the card that asked, with what the adapter makes of every torque on it. */
function OnTheCard({ run, figure }: { run: string; figure: Figure }) {
  const { torque } = figure.values;
  if (figure.out.state !== 'worked' || figure.examples.length > 0 || typeof torque !== 'number') return null;
  const ratio = (figure.out.results['setting'] ?? torque) / torque;
  return (
    <LinkButton look="primary" href={toCard(run, { adapter: ratio.toFixed(5) })}>
      Use it on the card
    </LinkButton>
  );
}

/** Figures: what does it come to? */
export function FiguresView() {
  const yard = useRigs();
  const params = useSearchParams();
  const view = useChosenRig(yard.status === 'ready' ? yard.rigs : []);
  const of = FIGURE_IDS.find((id) => id === params.get('of'));
  const entry = params.get('entry') ?? undefined;
  const kept = useAsk('entry', entry === undefined ? undefined : { id: entry });
  const { figures } = usePreferences();
  useEffect(() => {
    if (!of || figures[0] === of) return;
    setPreferences({ figures: [of, ...figures.filter((one) => one !== of)].slice(0, RECENT) });
  }, [of, figures]);
  if (yard.status === 'loading' || (entry !== undefined && kept.status === 'asking')) return <Loading />;
  if (yard.status === 'failed') return <Failed reason={yard.reason} />;
  if (!of) return <FigureList view={view} rigs={yard.rigs} />;
  const guess = GUESSES.find((one) => one === of);
  if (guess && params.has('guess')) {
    const seed = Number(params.get('seed'));
    return (
      <GuessPage
        key={`${guess} ${params.get('session') ?? ''}`}
        id={guess}
        view={view}
        seed={Number.isInteger(seed) && seed > 0 ? seed : undefined}
        session={params.get('session') ?? undefined}
      />
    );
  }
  const asked = params.get('place');
  const place = view && placesOf(view.model).find((one) => one === asked);
  const run = params.get('run');
  const told = kept.status === 'ready' ? kept.answer : undefined;
  return (
    <FigurePage
      key={`${of} ${view?.rig.id ?? ''} ${place ?? ''} ${entry ?? ''}`}
      id={of}
      view={view}
      place={place !== undefined && isWheelEnd(place) ? place : undefined}
      kept={told?.kind === 'figure' && told.body.figure === of ? told.body.inputs : undefined}
      back={
        <div className="flex flex-wrap items-center justify-between gap-x-6">
          <AllFigures rig={view?.rig.id} />
          {guess && (
            <LinkButton
              look="quiet"
              className="-mr-4"
              href={to('figures', view?.rig.id, { of: guess, guess: 1 })}
            >
              Guess first
            </LinkButton>
          )}
        </div>
      }
      use={(figure) => run !== null && of === 'adapter' && <OnTheCard run={run} figure={figure} />}
    />
  );
}
