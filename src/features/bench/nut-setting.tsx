'use client';

import { turnsBack, endPlayWindow } from '@/core/figures';
import { JudgementNote } from '@/features/forms';
import { axleOf, matesOf, type Changes, type WheelEnd } from '@/core/rig';
import { markOfVerdict, formatNumber } from '@/core/base';
import { nutPlay, type Run } from '@/core/routine';
import type { RigState } from '@/core/log';
import { to } from '@/links';
import { usePreferences } from '@/store';
import { day, fraction, measure, ruleWords, windowSource } from '@/text';
import { CastleNut, cx, LinkButton, Mark } from '@/ui';
import { MissingPitch } from './missing-fact';

/** So many choices stand beside each other that no row is left with a single one. */
const acrossFor = (choices: number) => (choices <= 5 ? choices : choices % 3 === 0 ? 3 : 4);

const BY_FEEL = [0, 0.25, 0.5, 0.75, 1, 1.5];

/** How far the nut was really turned back to the slot used, by quarters of a slot, with the play it leaves; what is chosen is judged at once. */
export function NutSetting({
  run,
  rig,
  place,
  value,
  onChange,
  onFact,
  now,
}: {
  run: Run;
  rig: RigState | undefined;
  place: WheelEnd;
  value: string | undefined;
  onChange: (value: string) => void;
  onFact: (changes: Changes) => void;
  now: string;
}) {
  const { units } = usePreferences();
  const axle = run.model.axles[axleOf(place)];
  const chosen = value === undefined || value === '' ? undefined : Number(value);
  const window = endPlayWindow(axle ?? {});
  const windowText = `${measure(window.min, 'length', units)} to ${measure(window.max, 'length', units)}`;
  const slots = axle?.slots?.value;
  const pitch = axle?.threadPitch?.value;
  const known = slots !== undefined && pitch !== undefined;
  const stops = known
    ? turnsBack({ pitch, slots, holes: axle?.pinHoles?.value ?? 1 }, window)
    : BY_FEEL.map((at) => ({ slots: at, play: undefined, inside: undefined }));
  const set = chosen === undefined ? undefined : nutPlay(run.model, place, chosen);
  const across = matesOf(place, run.model).across;
  const mate = rig?.endPlay[across];
  const before = rig?.endPlay[place];
  const past = [
    ...(mate ? [`${across} was left at ${measure(mate.play, 'length', units)}`] : []),
    ...(before ? [`here ${measure(before.play, 'length', units)} on ${day(before.at, now)}`] : []),
  ];

  return (
    <div className="grid gap-4">
      <div
        role="radiogroup"
        aria-label="Slots back from seated"
        className="grid gap-1.5"
        style={{ gridTemplateColumns: `repeat(${acrossFor(stops.length)}, minmax(0, 1fr))` }}
      >
        {stops.map((stop) => {
          const on = chosen !== undefined && Math.abs(stop.slots - chosen) < 1e-9;
          const play = known && stop.play !== undefined ? nutPlay(run.model, place, stop.slots) : undefined;
          return (
            <button
              key={stop.slots}
              type="button"
              role="radio"
              aria-checked={on}
              onClick={() => onChange(String(stop.slots))}
              className={cx(
                'bg-sheet flex min-h-17 flex-col items-center justify-center rounded-sheet border-[1.5px] px-0.5 py-1.5',
                on
                  ? 'border-accent bg-accent-wash shadow-[inset_0_-4px_0_var(--accent)]'
                  : 'border-line hover:border-ink',
              )}
            >
              <span className="figures flex items-center gap-1 text-2xl leading-none font-semibold md:text-3xl">
                {play && <Mark mark={markOfVerdict(play.judgement.verdict)} size={14} />}
                {fraction(stop.slots)}
              </span>
              <span className="text-soft mt-1 text-[0.85rem] whitespace-nowrap">
                {play ? measure(play.play, 'length', units) : 'slots back'}
              </span>
            </button>
          );
        })}
      </div>
      {set && (
        <>
          <p className="leading-none">
            <span className="figures text-5xl font-semibold">{fraction(chosen ?? 0)}</span>
            <span className="text-soft text-xl"> {(chosen ?? 0) > 1 ? 'slots' : 'slot'} → </span>
            <span className="figures text-3xl font-semibold">{measure(set.play, 'length', units)}</span>
            <span className="text-soft text-xl"> end play</span>
          </p>
          <JudgementNote verdict={set.judgement.verdict} source={windowSource(set.judgement)}>
            {ruleWords(set.judgement, windowText)}
            {past.length > 0 && ` ${past.join('; ')}.`}
          </JudgementNote>
        </>
      )}
      <p className="text-soft -mt-1 text-[0.94rem]">
        Turned back from finger-tight to the slot used, in parts of a slot
        {known &&
          ` · ${units === 'us' ? `${formatNumber(0.0254 / pitch)} threads/in` : `${formatNumber(pitch * 1000, 2)} mm pitch`}, ${slots} slots, `}
        {known &&
          (axle?.pinHoles
            ? `${axle.pinHoles.value === 1 ? 'one hole' : 'two holes'}`
            : 'holes not known: shown for one')}
      </p>
      <p className="text-soft -mt-2 text-[0.94rem]">
        Where the first slot meets its hole is chance: anywhere from none to{' '}
        {axle?.pinHoles?.value === 2 ? 'half a' : 'one'} slot back. Never tighten to reach one.
        {known &&
          !stops.some(({ inside }) => inside) &&
          ' No part of a slot comes inside the window on this thread: go by rock and spin.'}
      </p>
      {known && (
        <LinkButton
          look="quiet"
          className="-ml-4 justify-self-start"
          href={to('figures', run.rig, { of: 'nut', place })}
        >
          Other slots, holes or windows
        </LinkButton>
      )}
      {!known && <MissingPitch run={run} place={place} now={now} onFact={onFact} />}
    </div>
  );
}

/** The nut as it stands for what is chosen. */
export function NutDrawing({ run, place, value }: { run: Run; place: WheelEnd; value: string | undefined }) {
  const axle = run.model.axles[axleOf(place)];
  const slots = axle?.slots?.value ?? 6;
  const chosen = value === undefined || value === '' ? 0 : Number(value);
  return (
    <figure>
      <CastleNut
        slots={slots}
        holes={axle?.pinHoles?.value ?? 1}
        turn={chosen / slots}
        studs={run.model.wheels.studs}
        label={`Castle nut of ${place} from outside, ${chosen === 0 ? 'seated' : `${fraction(chosen)} slots back`}`}
      />
      <figcaption className="text-soft mt-2 text-[0.94rem]">
        {place} from outside. The line marks the pin hole
        {axle?.hub === 'drilled' && ', off center on a drilled spindle'}. Backing off turns left.
        {!axle?.slots && ' Slots are not known: drawn with six.'}
      </figcaption>
    </figure>
  );
}
