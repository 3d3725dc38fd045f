'use client';

import type { Instant, UnitSystem } from '@/core/base';
import { JudgementNote, TakeLive } from '@/features/forms';
import { checkTaken, figuresAt, judgeReading, judgeTireCode } from '@/core/judge';
import type { InstrumentNamed, RigState } from '@/core/log';
import { axleAt, isJudged, READINGS, type ReadingId } from '@/core/rules';
import { mixing, THICKENERS, type Thickener } from '@/core/figures';
import { isWheelEnd, matesOf, type Changes } from '@/core/rig';
import { readAt, spareGoesTo, type CardStep, type Reading, type Run } from '@/core/routine';
import { usePreferences } from '@/store';
import {
  CAME_OFF_WORDS,
  capital,
  conflictWords,
  day,
  HAND_WORDS,
  list,
  MIXING_WORDS,
  READING_WORDS,
  readingValue,
  readingVerdict,
  RENEWED_WORDS,
  takenWords,
  THICKENER_WORDS,
} from '@/text';
import { Button, Choice, Field } from '@/ui';
import { Counter } from './counter';
import { readInput, unitOf, type StepInput } from './inputs';
import { NutSetting } from './nut-setting';

/** What an input of a step is given. */
export interface InputProps {
  readonly run: Run;
  readonly rig: RigState | undefined;
  readonly step: CardStep;
  readonly input: StepInput;
  readonly now: Instant;
  readonly onInput: (input: StepInput) => void;
  readonly onFact: (changes: Changes) => void;
}

/** One reading of a step, judged the moment it is known. */
export function ReadingInput({
  run,
  rig,
  step,
  input,
  now,
  onInput,
  onFact,
  reading,
}: InputProps & { reading: Reading }) {
  const { what } = reading;
  const value = input.readings[what];
  const words = READING_WORDS[what];
  const set = (text: string) => {
    // What is typed over is its owner's own.
    const { [what]: _, ...sources } = input.sources ?? {};
    onInput({ ...input, readings: { ...input.readings, [what]: text }, sources });
  };
  const take = (text: string, from: InstrumentNamed) =>
    onInput({
      ...input,
      readings: { ...input.readings, [what]: text },
      sources: { ...input.sources, [what]: from },
    });
  const optional = reading.must ? '' : ', if it can be read';
  const before = beforeWords({ run, rig, step, now }, what, input.units);
  switch (what) {
    case 'slots-back':
      return step.place && isWheelEnd(step.place) ? (
        <NutSetting
          run={run}
          rig={rig}
          place={step.place}
          value={value}
          onChange={set}
          onFact={onFact}
          now={now}
        />
      ) : null;
    case 'grease': {
      const last = step.place && isWheelEnd(step.place) ? rig?.grease[step.place] : undefined;
      const chosen = THICKENERS.find((thickener) => thickener === value);
      return (
        <>
          <Choice
            label={words.label}
            hint={last ? `${THICKENER_WORDS[last]} went in last time.` : words.hint}
            columns="grid-cols-2"
            big
            options={[
              ...THICKENERS.map((thickener) => ({ value: thickener, label: THICKENER_WORDS[thickener] })),
              { value: 'not-printed', label: 'Not on the cartridge' },
            ]}
            value={value}
            onChange={set}
          />
          {last && chosen && chosen !== last && (
            <MixNote inside={last} going={chosen} cleaned={step.step === 'pack'} />
          )}
        </>
      );
    }
    case 'renewed':
      return (
        <Choice
          label={words.label}
          hint={words.hint}
          columns="grid-cols-2"
          big
          options={Object.entries(RENEWED_WORDS).map(([key, label]) => ({ value: key, label }))}
          value={value}
          onChange={set}
        />
      );
    case 'hand':
      return (
        <Choice
          label={words.label}
          hint={words.hint}
          big
          columns="grid-cols-2"
          options={Object.entries(HAND_WORDS).map(([key, label]) => ({ value: key, label }))}
          value={value}
          onChange={set}
        />
      );
    case 'came-off':
      return (
        <Choice
          label={words.label}
          hint={words.hint}
          big
          columns="grid-cols-1"
          options={Object.entries(CAME_OFF_WORDS).map(([key, label]) => ({ value: key, label }))}
          value={value}
          onChange={set}
        />
      );
    case 'strokes':
      return (
        <div className="grid gap-2">
          <Counter label={words.label} unit="stroke" max={400} value={value} onChange={set} />
          <Before words={before} />
        </div>
      );
    case 'nuts-counted':
    case 'studs-done':
    case 'nuts-started': {
      const studs = run.model.wheels.studs;
      const off = value !== undefined && value !== '' && Number(value) !== studs;
      return (
        <div className="grid gap-2">
          <div className="flex items-end gap-3">
            <Field
              className="max-w-48"
              label={words.label}
              unit={words.unit}
              inputMode="numeric"
              big
              value={value ?? ''}
              onChange={(event) => set(event.target.value)}
              hint={words.hint}
            />
            <Button size="lg" className="mb-auto mt-8" onClick={() => set(String(studs))}>
              All {studs}
            </Button>
          </div>
          {off && what === 'nuts-counted' && (
            <JudgementNote verdict="due">
              This wheel has {studs} studs. A nut missing or a stud broken is reported before the wheel goes
              back on.
            </JudgementNote>
          )}
        </div>
      );
    }
    default:
      return (
        <div className="grid content-start gap-2">
          <Field
            label={words.label + optional}
            hint={words.hint}
            unit={unitOf(what, input.units)}
            inputMode={READINGS[what].as === 'text' ? 'text' : 'decimal'}
            pad={PADS[what]}
            beside={before}
            autoCapitalize="characters"
            maxLength={READINGS[what].as === 'text' && what === 'law' ? 200 : 40}
            value={value ?? ''}
            onChange={(event) => set(event.target.value)}
          />
          <TakeLive rig={run.rig} what={what} place={readAt(step)} units={input.units} onTake={take} />
          <Judged run={run} rig={rig} step={step} what={what} input={input} />
          {what === 'dot' && <CodeNote run={run} step={step} code={value} now={now} />}
          <Before words={before} />
        </div>
      );
  }
}

/** What is stamped on parts is typed on the pad as well; what has words in it is not. */
const PADS: Partial<Record<ReadingId, 'code' | 'whole'>> = {
  dot: 'whole',
  'seal-number': 'code',
  'inner-roller': 'code',
  'inner-race': 'code',
  'outer-roller': 'code',
  'outer-race': 'code',
  'new-seal-number': 'code',
  'new-inner-roller': 'code',
  'new-inner-race': 'code',
  'new-outer-roller': 'code',
  'new-outer-race': 'code',
  'new-cap-number': 'code',
};

/** Two greases in one hub, by their thickeners: compatible, borderline or not. */
function MixNote({ inside, going, cleaned }: { inside: Thickener; going: Thickener; cleaned: boolean }) {
  const kind = mixing(inside, going);
  return (
    <JudgementNote
      verdict={kind === 'compatible' ? 'clear' : cleaned ? 'watch' : 'due'}
      source="Trade chart of thickeners"
    >
      {THICKENER_WORDS[inside]} is in there. {MIXING_WORDS[kind]}{' '}
      {kind !== 'compatible' &&
        (cleaned
          ? 'Every trace of the old one has to be out.'
          : 'Use the kind that is in there, or open and clean the hub.')}
    </JudgementNote>
  );
}

/** A tire's code judged the moment it is one, for where the tire goes. */
function CodeNote({
  run,
  step,
  code,
  now,
}: Pick<InputProps, 'run' | 'step'> & { code: string | undefined; now: Instant }) {
  const { units } = usePreferences();
  const place = step.step === 'look-spare' ? spareGoesTo(run) : step.place;
  if (!code || place === undefined || place === 'rig') return null;
  const conflict = judgeTireCode(code, place, { model: run.model, house: run.card.house, now });
  if (!conflict) return null;
  const { title, why } = conflictWords(conflict, units);
  return (
    <JudgementNote verdict={conflict.verdict} source="Age by its code">
      {capital(title)}. {why}
    </JudgementNote>
  );
}

/** What was read here last time, and at the mate across the axle: within an axle first, then with its own past. */
function beforeWords(
  { run, rig, step, now }: Pick<InputProps, 'run' | 'rig' | 'step' | 'now'>,
  what: ReadingId,
  units: UnitSystem,
): string | undefined {
  const { place } = step;
  if (place === undefined) return undefined;
  const across = isWheelEnd(place) ? matesOf(place, run.model).across : undefined;
  const onCard = across && readOnCard(run, what, across);
  if (onCard !== undefined) return `${across}, on this card: ${readingValue(what, onCard, units)}.`;
  if (!rig?.model) return undefined;
  const told = (across ? [across, place] : [place]).flatMap((one) => {
    const last = rig.read[`${what}@${one}`];
    if (!last) return [];
    const figure = readingValue(what, last.value, units);
    return [`${one === place ? 'here' : one} ${figure} on ${day(last.at, now)}`];
  });
  return told.length > 0 ? `Last time ${list(told)}.` : undefined;
}

/** The same below its field. */
function Before({ words }: { words: string | undefined }) {
  return words === undefined ? null : <p className="text-soft">{words}</p>;
}

/** What was read of the same thing at another place of this card. */
function readOnCard(run: Run, what: ReadingId, place: string): number | string | undefined {
  return run.card.steps
    .filter((one) => one.place === place)
    .map(({ key }) => run.records[key]?.readings[what])
    .find((value) => value !== undefined && value !== '');
}

/** A figure judged the moment it is one. */
function Judged({
  run,
  rig,
  step,
  what,
  input,
}: Pick<InputProps, 'run' | 'rig' | 'step' | 'input'> & { what: ReadingId }) {
  const { units } = input;
  const place = readAt(step);
  // What a tire is filled to is held against the same figures as what it reads.
  const judgedAs = what === 'pressure-set' ? 'pressure' : what;
  if (!isJudged(judgedAs) || place === 'rig') return null;
  const value = readInput({ ...step, readings: [{ what, must: false }] }, input).readings[what];
  if (value === 'open')
    return <JudgementNote verdict="due">The meter reads nothing: the coil is broken.</JudgementNote>;
  if (typeof value !== 'number') return null;
  const typed = (other: ReadingId) => {
    const read = readInput({ ...step, readings: [{ what: other, must: false }] }, input).readings[other];
    return typeof read === 'number' ? read : undefined;
  };
  const asked = checkTaken(what, value, undefined, {
    nominal: axleAt(run.model, place)?.drum?.value.diameter,
    atRest: true,
  });
  if (asked)
    return (
      <JudgementNote verdict="watch">{takenWords(asked, input.readings[what] ?? '', units)}</JudgementNote>
    );
  const judged = judgeReading(judgedAs, value, {
    model: run.model,
    place,
    house: run.card.house,
    ...figuresAt(rig, place),
    ...(what === 'pad-inner' && { otherPad: typed('pad-outer') }),
    ...(what === 'pad-outer' && { otherPad: typed('pad-inner') }),
    padPlate: typed('pad-plate'),
  });
  if (!judged) return null;
  const { said, source } = readingVerdict(judged, value, units);
  return (
    <JudgementNote verdict={judged.verdict} source={source}>
      {said}
    </JudgementNote>
  );
}
