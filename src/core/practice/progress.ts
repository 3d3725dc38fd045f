import { createEmptyCard, fsrs, Rating, State, type Card } from 'ts-fsrs';
import * as z from 'zod/mini';
import { msOf, seeded, type Instant, VERDICT_SCALE } from '../base';
import { CRITERIA, gradeVerdict, type GradeId, type Subject } from '../rules';
import { COURSE, PRACTICED, type PracticeId } from './drills';
import { PICTURED, picturedGrades } from './looks';
import { shuffled } from './shuffled';

const remembered = z.object({
  due: z.number(),
  stability: z.number(),
  difficulty: z.number(),
  scheduled: z.number(),
  steps: z.number(),
  reps: z.number(),
  lapses: z.number(),
  state: z.number(),
  last: z.optional(z.number()),
});
const tally = z.object({ done: z.int(), right: z.int(), last: z.string() });

/** What an owner has practiced: theirs, of this device, and no part of any rig’s record. */
export const progressSchema = z.object({
  /** Each condition that was graded, as it is remembered: `lining cracked`. */
  cards: z.record(z.string(), remembered),
  /** How often what was taken for what: `seal weeping damp`. */
  taken: z.record(z.string(), z.int()),
  drills: z.record(z.string(), tally),
  /** Sessions of the first course that were done. */
  course: z.array(z.string()),
});
export type Progress = z.infer<typeof progressSchema>;

/** Nothing practiced yet. */
export const NO_PROGRESS: Progress = { cards: {}, taken: {}, drills: {}, course: [] };

/** A condition to be graded. */
export interface GradeCard {
  readonly subject: Subject;
  readonly grade: GradeId;
}

const keyOf = ({ subject, grade }: GradeCard) => `${subject} ${grade}`;
const cardOf = (key: string): GradeCard | undefined => {
  const [subject, grade] = key.split(' ') as [Subject, GradeId];
  return subject in CRITERIA && grade in CRITERIA[subject] ? { subject, grade } : undefined;
};

/** Intervals are not strewn: the same answers give the same days. */
const scheduler = fsrs({ enable_fuzz: false });

function asCard(kept: Progress['cards'][string] | undefined, now: Instant): Card {
  if (!kept) return createEmptyCard(new Date(msOf(now)));
  return {
    due: new Date(kept.due),
    stability: kept.stability,
    difficulty: kept.difficulty,
    elapsed_days: 0,
    scheduled_days: kept.scheduled,
    learning_steps: kept.steps,
    reps: kept.reps,
    lapses: kept.lapses,
    state: kept.state,
    ...(kept.last !== undefined && { last_review: new Date(kept.last) }),
  };
}

/** After a condition was graded: when it is shown again, and what was taken for what. */
export function graded(progress: Progress, card: GradeCard, said: GradeId, now: Instant): Progress {
  const key = keyOf(card);
  const right = said === card.grade;
  const { card: next } = scheduler.next(
    asCard(progress.cards[key], now),
    new Date(msOf(now)),
    right ? Rating.Good : Rating.Again,
  );
  const taken = `${key} ${said}`;
  return {
    ...progress,
    cards: {
      ...progress.cards,
      [key]: {
        due: next.due.getTime(),
        stability: next.stability,
        difficulty: next.difficulty,
        scheduled: next.scheduled_days,
        steps: next.learning_steps,
        reps: next.reps,
        lapses: next.lapses,
        state: next.state,
        ...(next.last_review && { last: next.last_review.getTime() }),
      },
    },
    taken: { ...progress.taken, [taken]: (progress.taken[taken] ?? 0) + 1 },
  };
}

/** Conditions of one session. */
export const CARDS_A_SESSION = 8;

/** What a session shows: what is due again first, of that what was missed, then what was never shown, mixed by a seed; of some subjects, or of all. */
export function cardsFor(
  progress: Progress,
  now: Instant,
  seed: number,
  subjects: readonly Subject[] = PICTURED,
): readonly GradeCard[] {
  const random = seeded(seed);
  const all = shuffled(
    subjects.flatMap((subject) => picturedGrades(subject).map((grade) => ({ subject, grade }))),
    random,
  );
  const dueAt = (card: GradeCard) => progress.cards[keyOf(card)]?.due;
  // On the first step of being learned, or of being learned again, is what was missed last time.
  const missed = (card: GradeCard) => {
    const { state, steps } = progress.cards[keyOf(card)] ?? {};
    return (state === State.Learning || state === State.Relearning) && steps === 0;
  };
  const due = all
    .filter((card) => (dueAt(card) ?? Infinity) <= msOf(now))
    .sort((a, b) => Number(missed(b)) - Number(missed(a)) || (dueAt(a) ?? 0) - (dueAt(b) ?? 0));
  const fresh = all.filter((card) => dueAt(card) === undefined);
  const later = all
    .filter((card) => (dueAt(card) ?? 0) > msOf(now))
    .sort((a, b) => (dueAt(a) ?? 0) - (dueAt(b) ?? 0));
  return [...due, ...fresh, ...later].slice(0, CARDS_A_SESSION);
}

/** A drill, or a guess at a figure, that was ended. */
export function drilled(
  progress: Progress,
  drill: PracticeId,
  right: boolean,
  now: Instant,
  session?: string,
): Progress {
  const before = progress.drills[drill];
  return {
    ...progress,
    drills: {
      ...progress.drills,
      [drill]: { done: (before?.done ?? 0) + 1, right: (before?.right ?? 0) + (right ? 1 : 0), last: now },
    },
    course:
      session !== undefined && !progress.course.includes(session)
        ? [...progress.course, session]
        : progress.course,
  };
}

/** How many sessions of the first course were done. */
export const sessionsDone = ({ course }: Progress) => COURSE.filter(({ id }) => course.includes(id)).length;

/** The session of the first course that comes next; undefined once all were done. */
export const nextSession = ({ course }: Progress) => COURSE.find(({ id }) => !course.includes(id));

/** How often what was taken for what, of one subject: a row for each grade that was shown. */
export interface Confusion {
  readonly grade: GradeId;
  readonly said: Readonly<Partial<Record<GradeId, number>>>;
}

/** The confusion table of a subject; empty where it was never practiced. */
export function confusionOf({ taken }: Progress, subject: Subject): readonly Confusion[] {
  return picturedGrades(subject).flatMap((grade): readonly Confusion[] => {
    const said: Partial<Record<GradeId, number>> = {};
    for (const [key, count] of Object.entries(taken)) {
      const [of, truth, word] = key.split(' ') as [Subject, GradeId, GradeId];
      if (of === subject && truth === grade) said[word] = count;
    }
    return Object.keys(said).length > 0 ? [{ grade, said }] : [];
  });
}

/** What an owner keeps taking for something milder. */
export interface WeakSpot extends GradeCard {
  readonly said: GradeId;
  readonly times: number;
}

/** So often it has to have happened, and so much of what was shown, to be worth telling. */
const OFTEN = 2;
const SHARE = 0.34;

/** Where an owner is too kind, the most often first: told before a walk or card on which it matters. */
export function weakSpots(progress: Progress, subjects: readonly Subject[] = PICTURED): readonly WeakSpot[] {
  const rank = (subject: Subject, grade: string) =>
    VERDICT_SCALE.rank(gradeVerdict(subject, grade) ?? 'clear');
  return Object.entries(progress.taken)
    .flatMap(([key, times]): readonly WeakSpot[] => {
      const said = key.split(' ')[2] as GradeId;
      const card = cardOf(key.split(' ').slice(0, 2).join(' '));
      if (!card || !subjects.includes(card.subject) || said === card.grade) return [];
      const shown = Object.entries(progress.taken).reduce(
        (sum, [other, count]) => (other.startsWith(`${keyOf(card)} `) ? sum + count : sum),
        0,
      );
      const kinder = rank(card.subject, said) < rank(card.subject, card.grade);
      return kinder && times >= OFTEN && times / shown >= SHARE ? [{ ...card, said, times }] : [];
    })
    .sort((a, b) => b.times - a.times);
}

/** What was practiced, drill by drill, in the order they are offered. */
export function talliesOf({ drills }: Progress): readonly {
  readonly drill: PracticeId;
  readonly done: number;
  readonly right: number;
  readonly last: Instant | undefined;
}[] {
  return PRACTICED.map((drill) => ({
    drill,
    done: drills[drill]?.done ?? 0,
    right: drills[drill]?.right ?? 0,
    last: drills[drill]?.last,
  }));
}
