'use client';

import { isGear, isSpare, isWheelEnd, type Place } from '@/core/rig';
import { benchLink, type RigView } from '@/features/rigs';
import { useForecast } from '@/features/duties';
import { to } from '@/links';
import { capital, GEAR_LOOKS, MARK_WORDS, placeInWords, placeName, placeWords } from '@/text';
import { Button, Dialog, LinkButton, Mark } from '@/ui';
import { DutyBlock } from './duty-block';
import { PlaceFacts } from './place-facts';
import type { PlaceActions } from './place-actions';
import { PlaceTroubles } from './place-troubles';

/** How many of the most pressing duties of a place lie open at once. */
const OPEN_AT_ONCE = 2;

function nameOf(view: RigView, place: Place | 'rig'): string {
  if (place === 'rig') return view.model.name;
  return isGear(place)
    ? placeName(place)
    : isWheelEnd(place)
      ? place
      : capital(placeWords(place, view.model));
}

function whatIsLookedAt(place: Place | 'rig'): string | undefined {
  if (place === 'rig') return 'What is done to the whole of it, in one walk.';
  if (isGear(place)) return `Look: ${GEAR_LOOKS[place]}.`;
  return isWheelEnd(place)
    ? undefined
    : 'Pressure, age, and whether it is still a spare: checked with the rest, and its carrier too.';
}

/** One place of a rig: what is due there and why, what is open, and what is known of it. */
export function PlaceSheet({
  view,
  place,
  actions,
  onClose,
}: {
  view: RigView;
  place: Place | 'rig';
  actions: PlaceActions;
  onClose: () => void;
}) {
  const { rig, model } = view;
  const end = isWheelEnd(place) ? place : undefined;
  const state = [...view.places, ...view.elsewhere].find((one) => one.place === place);
  const here = view.duties.filter((duty) => duty.place === place);
  const forecast = useForecast(view, here);
  const pressing = here.filter((duty) => duty.verdict !== 'clear' && !duty.within);
  const work = benchLink(rig.id, pressing.length > 0 ? pressing : here.slice(0, 1));
  // With nothing pressing, the first that will be lies open.
  const opened = new Set((pressing.length > 0 ? pressing : here).slice(0, OPEN_AT_ONCE));
  return (
    <Dialog
      open
      onClose={onClose}
      title={
        <span className="flex items-center gap-3">
          {state && <Mark mark={state.mark} size={34} />}
          <span className={end ? 'text-4xl' : 'text-3xl'}>{nameOf(view, place)}</span>
          <span className="text-soft font-words text-base font-normal">
            {end && `${placeInWords(end, model.axles.length)} · `}
            {state && MARK_WORDS[state.mark].toLowerCase()}
          </span>
        </span>
      }
      description={whatIsLookedAt(place)}
    >
      {place !== 'rig' && <PlaceTroubles view={view} place={place} now={view.now} onFix={actions.onFix} />}
      {here.map((duty) => (
        <DutyBlock
          key={duty.id}
          view={view}
          duty={duty}
          actions={actions}
          forecast={forecast}
          opened={opened.has(duty)}
        />
      ))}
      {place !== 'rig' && <PlaceFacts view={view} place={place} end={end} />}
      <div className="mt-2 mb-3 flex flex-wrap gap-2.5">
        {work && <LinkButton href={work}>Step by step on the Bench</LinkButton>}
        {(end || isSpare(place)) && (
          <LinkButton href={to('end', rig.id, { place })}>Readings and story</LinkButton>
        )}
        <LinkButton href={to('parts', rig.id)}>Parts</LinkButton>
        {end && <LinkButton href={to('figures', rig.id)}>Figures</LinkButton>}
        <LinkButton href={end || place === 'rig' ? to('rig', rig.id) : to('survey', rig.id)}>
          {end || place === 'rig' ? 'Facts' : 'First inspection'}
        </LinkButton>
      </div>
      <Button className="mb-2 w-full" look="danger" onClick={() => actions.onReport(place)}>
        Something is not right here
      </Button>
    </Dialog>
  );
}
