'use client';

import type { Instant } from '@/core/base';
import { GradeChoice, JudgementNote } from '@/features/forms';
import { checkTaken, figuresAt, judgeGrade, judgeReading, judgeTireCode } from '@/core/judge';
import type { RigState } from '@/core/log';
import { unitFor, type UnitSystem } from '@/core/quantity';
import {
  axleAt,
  mixing,
  THICKENERS,
  type Subject,
  type Thickener,
  isJudged,
  READINGS,
  type ReadingId,
} from '@/core/rules';
import { isWheelEnd, matesOf, type Changes } from '@/core/rig';
import { readAt, spareGoesTo, type CardStep, type Reading, type Run } from '@/core/routine';
import { usePreferences } from '@/store';
import {
  CAME_OFF_WORDS,
  capital,
  conflictWords,
  day,
  gradeWords,
  HAND_WORDS,
  list,
  MIXING_WORDS,
  READING_WORDS,
  readingValue,
  readingVerdict,
  RENEWED_WORDS,
  ruleWords,
  small,
  takenWords,
  THICKENER_WORDS,
} from '@/text';
import { Button, Choice, Field } from '@/ui';
import { Counter } from './counter';
import { readInput, type StepInput } from './inputs';
import { NutSetting } from './nut-setting';

interface Props {
  readonly run: Run;
  readonly rig: RigState | undefined;
  readonly step: CardStep;
  readonly input: StepInput;
  readonly now: Instant;
  readonly onInput: (input: StepInput) => void;
  readonly onFact: (changes: Changes) => void;
}

function ReadingInput({
  run,
  rig,
  step,
  input,
  now,
  onInput,
  onFact,
  reading,
}: Props & { reading: Reading }) {
  const { what } = reading;
  const value = input.readings[what];
  const words = READING_WORDS[what];
  const set = (text: string) => onInput({ ...input, readings: { ...input.readings, [what]: text } });
  const optional = reading.must ? '' : ', if it can be read';
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
          columns="grid-cols-1 sm:grid-cols-2"
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
          <Before run={run} rig={rig} step={step} what={what} now={now} />
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
            autoCapitalize="characters"
            maxLength={READINGS[what].as === 'text' && what === 'law' ? 200 : 40}
            value={value ?? ''}
            onChange={(event) => set(event.target.value)}
          />
          <Judged run={run} rig={rig} step={step} what={what} input={input} />
          {what === 'dot' && <CodeNote run={run} step={step} code={value} now={now} />}
          <Before run={run} rig={rig} step={step} what={what} now={now} />
        </div>
      );
  }
}

/** The unit a reading is typed in, where it has one. */
function unitOf(what: ReadingId, units: UnitSystem): string | undefined {
  const def = READINGS[what];
  if (def.as === 'quantity') return unitFor(def.of, units);
  return def.as === 'number' ? def.unit : READING_WORDS[what].unit;
}

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
}: Pick<Props, 'run' | 'step'> & { code: string | undefined; now: Instant }) {
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
function Before({
  run,
  rig,
  step,
  what,
  now,
}: {
  run: Run;
  rig: RigState | undefined;
  step: CardStep;
  what: ReadingId;
  now: Instant;
}) {
  const { units } = usePreferences();
  const { place } = step;
  if (place === undefined) return null;
  const across = isWheelEnd(place) ? matesOf(place, run.model).across : undefined;
  const onCard = across && readOnCard(run, what, across);
  if (onCard !== undefined)
    return (
      <p className="text-soft">
        {across}, on this card: {readingValue(what, onCard, units)}.
      </p>
    );
  if (!rig?.model) return null;
  const told = (across ? [across, place] : [place]).flatMap((one) => {
    const last = rig.read[`${what}@${one}`];
    if (!last) return [];
    const figure = readingValue(what, last.value, units);
    return [`${one === place ? 'here' : one} ${figure} on ${day(last.at, now)}`];
  });
  return told.length > 0 ? <p className="text-soft">Last time {list(told)}.</p> : null;
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
}: Pick<Props, 'run' | 'rig' | 'step' | 'input'> & { what: ReadingId }) {
  const { units } = input;
  const place = readAt(step);
  if (!isJudged(what) || place === 'rig') return null;
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
  const judged = judgeReading(what, value, {
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

const SHOES = [
  { value: 'front', label: 'Front shoe' },
  { value: 'rear', label: 'Rear shoe' },
  { value: 'both', label: 'Both' },
] as const;

function GradeInput({
  run,
  step,
  subject,
  input,
  onInput,
}: Omit<Props, 'rig' | 'now' | 'onFact'> & { subject: Subject }) {
  const { house } = run.card;
  const grade = input.grades[subject];
  const judged =
    grade === undefined ? undefined : judgeGrade(subject, grade, house, (other) => input.grades[other]);
  const braked = step.place === undefined || axleAt(run.model, step.place)?.brake !== 'none';
  const across = gradedAcross(run, step, subject, input.units);
  return (
    <div className="grid gap-2.5">
      <GradeChoice
        subject={subject}
        house={house}
        braked={braked}
        value={grade}
        onChange={(value) => onInput({ ...input, grades: { ...input.grades, [subject]: value } })}
      />
      {judged && <JudgementNote verdict={judged.verdict}>{ruleWords(judged, '')}</JudgementNote>}
      {subject === 'lining' && judged && judged.verdict !== 'clear' && (
        <Choice
          label="Which shoe, facing forward"
          columns="grid-cols-3"
          options={SHOES}
          value={input.shoe}
          onChange={(shoe) => onInput({ ...input, shoe })}
        />
      )}
      {across && <p className="text-soft">{across}</p>}
    </div>
  );
}

/** What was graded across the axle on this card, minutes ago. */
function gradedAcross(run: Run, step: CardStep, subject: Subject, units: UnitSystem): string | undefined {
  const { place } = step;
  if (place === undefined || !isWheelEnd(place)) return undefined;
  const mate = matesOf(place, run.model).across;
  const grade = run.card.steps
    .filter((one) => one.place === mate)
    .map(({ key }) => run.records[key]?.grades[subject])
    .find((one) => one !== undefined);
  return grade === undefined
    ? undefined
    : `${mate}, on this card: ${small(gradeWords(subject, grade, units))}.`;
}

/** Choices and counters take the whole width; what is typed stands side by side. */
function isWide({ what }: Reading): boolean {
  const { as } = READINGS[what];
  return as === 'choice' || as === 'count';
}

/** Everything a step asks for, each judged the moment it is known. */
export function StepInputs(props: Props) {
  const { run, step, input, onInput } = props;
  const numbers = step.readings.length > 2;
  return (
    <>
      {step.subjects.map((subject) => (
        <GradeInput key={subject} run={run} step={step} subject={subject} input={input} onInput={onInput} />
      ))}
      {step.readings.length > 0 && (
        <div className={numbers ? 'grid gap-3 sm:grid-cols-2' : 'grid gap-4'}>
          {step.readings.map((reading) => (
            <div key={reading.what} className={isWide(reading) ? 'grid gap-3 sm:col-span-full' : 'grid'}>
              <ReadingInput {...props} reading={reading} />
            </div>
          ))}
        </div>
      )}
    </>
  );
}
