import { unitFor, type UnitSystem, fail, ok, type Result, type Verdict } from '@/core/base';
import { judgeGrade } from '@/core/judge';
import type { CardStep, Run, StepRecord, Tap } from '@/core/routine';
import { isReading, parseReading, READINGS, type ReadingId, type Subject } from '@/core/rules';
import type { DraftDef } from '@/store';
import { READING_WORDS, readingTyped, SUBJECT_WORDS, unitSpoken } from '@/text';
import * as z from 'zod/mini';

/** What is typed and chosen at a step, before it is taken. */
export interface StepInput {
  /** The units it is typed in: they stay with the text. */
  readonly units: UnitSystem;
  readonly readings: Readonly<Record<string, string>>;
  /** Which instrument a reading was taken from, as long as nobody has typed over it. */
  readonly sources?: StepRecord['sources'];
  readonly grades: StepRecord['grades'];
  readonly note?: string;
  /** Which of the two shoes a defect is on, facing forward. */
  readonly shoe?: StepRecord['shoe'];
}

/** What is typed at the step in hand, as it is kept: a step that is not the one in hand has none. */
export interface StoredInput {
  readonly key: string;
  readonly input: StepInput;
}

const inputSchema = z.object({
  // What was kept before units were kept with it was typed in the usual ones.
  units: z.catch(z.enum(['us', 'metric']), 'us'),
  readings: z.record(z.string(), z.string()),
  sources: z.optional(
    z.record(z.string(), z.object({ name: z.string(), simulated: z.optional(z.literal(true)) })),
  ),
  grades: z.record(z.string(), z.string()) as unknown as z.ZodMiniType<StepInput['grades']>,
  note: z.optional(z.string()),
  shoe: z.optional(z.enum(['front', 'rear', 'both'])),
}) as unknown as z.ZodMiniType<StepInput>;

/** How it lies on this device. */
export const STEP_DRAFT: DraftDef<StoredInput> = {
  version: 1,
  schema: z.object({ key: z.string(), input: inputSchema }),
};

/** The same for the steps of a chapter, by their keys. */
export const CHAPTER_DRAFT: DraftDef<Readonly<Record<string, StepInput>>> = {
  version: 1,
  schema: z.record(z.string(), inputSchema),
};

/** A step's record as it is shown in its fields again. */
export function inputOf(record: StepRecord | undefined, system: UnitSystem): StepInput {
  const readings = Object.entries(record?.readings ?? {}).map(
    ([what, value]) => [what, isReading(what) ? readingTyped(what, value, system) : String(value)] as const,
  );
  return {
    units: system,
    readings: Object.fromEntries(readings),
    grades: record?.grades ?? {},
    ...(record?.sources && { sources: record.sources }),
    ...(record?.note && { note: record.note }),
    ...(record?.shoe && { shoe: record.shoe }),
  };
}

/** The readings of a step as they are kept; what is no number, or in a wrong unit, is named. */
export function readInput(
  step: CardStep,
  input: StepInput,
): { readonly readings: StepRecord['readings']; readonly bad: readonly ReadingId[] } {
  const readings: Record<string, number | string> = {};
  const bad: ReadingId[] = [];
  for (const { what } of step.readings) {
    const text = input.readings[what]?.trim() ?? '';
    if (text === '') continue;
    const read = parseReading(what, text, input.units);
    if (read.ok) readings[what] = read.value;
    else bad.push(what);
  }
  return { readings, bad };
}

/** The unit a reading is typed in, where it has one. */
export function unitOf(what: ReadingId, units: UnitSystem): string | undefined {
  const def = READINGS[what];
  if (def.as === 'quantity') return unitFor(def.of, units);
  return def.as === 'number' ? def.unit : READING_WORDS[what].unit;
}

/** What a step still asks for, as a question to be read out; none where all is answered. */
export function nextQuestion(step: CardStep, { grades, readings, units }: StepInput): string | undefined {
  const subject = step.subjects.find((one) => grades[one] === undefined);
  if (subject) return `${SUBJECT_WORDS[subject].ask}?`;
  const open = step.readings.find(({ what }) => (readings[what] ?? '').trim() === '');
  if (!open) return undefined;
  const unit = unitOf(open.what, units);
  const { label } = READING_WORDS[open.what];
  return `${label}${unit ? `, in ${unitSpoken(unit)}` : ''}${open.must ? '' : ', if it can be read'}?`;
}

/** True where a step asks for nothing that is not answered, not even for what may be left open. */
export function isAnswered(step: CardStep, { grades, readings }: StepInput): boolean {
  return (
    step.subjects.every((subject) => grades[subject] !== undefined) &&
    step.readings.every(({ what }) => (readings[what] ?? '').trim() !== '')
  );
}

/** The verdict of what was graded, as its judge says; none where nothing is judged. */
export function verdictAt(run: Run, subject: Subject, { grades }: StepInput): Verdict | undefined {
  const grade = grades[subject];
  return grade === undefined
    ? undefined
    : judgeGrade(subject, grade, run.card.house, (other) => grades[other])?.verdict;
}

/** True where a grade asks for one thing more: which shoe a lining is of. */
export function asksMore(run: Run, subject: Subject, input: StepInput): boolean {
  const verdict = verdictAt(run, subject, input);
  return subject === 'lining' && input.shoe === undefined && verdict !== undefined && verdict !== 'clear';
}

/** Where the input of a card's step in hand is kept. */
export const stepDraftKey = (run: string): string => `bench ${run}`;

/** Where what is answered in a card's chapters is kept. */
export const chapterDraftKey = (run: string): string => `bench chapter ${run}`;

/** What a step's Done says with what is typed at it; a number that is none is named. */
export function tapOf(step: CardStep, input: StepInput): Result<Tap, string> {
  const { readings, bad } = readInput(step, input);
  const [first] = bad;
  if (first) return fail(`${READING_WORDS[first].label}: enter a number, in the unit shown.`);
  const note = input.note?.trim();
  return ok({
    do: 'done',
    readings,
    ...(input.sources && Object.keys(input.sources).length > 0 && { sources: input.sources }),
    grades: input.grades,
    ...(note && { note }),
    ...(input.shoe && { shoe: input.shoe }),
  });
}
