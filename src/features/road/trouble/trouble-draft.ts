import * as z from 'zod/mini';
import { msOf, toSI } from '@/core/base';
import { placeSchema, type Place } from '@/core/rig';
import { barredAt, SPOT_QUESTIONS, type Barred, type Spot } from '@/core/road';
import {
  type TroubleAnswers,
  KIT_IDS,
  TROUBLE_IDS,
  troubleDef,
  type KitId,
  type TroubleId,
} from '@/core/rules';
import type { DraftDef } from '@/store';

/** What is told of it at the end, as it was typed. */
const TOLD = ['into', 'where', 'did', 'helped', 'minutes', 'cost', 'currency'] as const;
export type ToldId = (typeof TOLD)[number];

/** A trouble under way: what was said of the place, what is seen and where, what was answered, in order, and how it went. */
export interface TroubleDraft {
  /** When something was said of it last, and on which trip. */
  readonly said?: string | undefined;
  readonly trip?: string | undefined;
  /** How far the rig had rolled in all by then (m). */
  readonly rolled?: number | undefined;
  /** On the road, or found at home. */
  readonly met?: 'road' | 'home' | undefined;
  readonly safety: Omit<Spot, 'met'>;
  /** The safety page is through. */
  readonly safe: boolean;
  readonly trouble?: TroubleId | undefined;
  readonly at?: Place | 'rig' | undefined;
  readonly answers: TroubleAnswers;
  /** A figure that is typed and not answered with yet, as it was typed. */
  readonly typing?: { readonly id: string; readonly text: string } | undefined;
  /** Questions that the rig answers by itself, and that are asked all the same. */
  readonly asked?: readonly string[] | undefined;
  readonly outcome?: 'done' | 'bench' | 'open' | undefined;
  readonly torqued?: 'figure' | 'hard' | undefined;
  readonly used?: readonly KitId[] | undefined;
  readonly told?: Readonly<Partial<Record<ToldId, string>>> | undefined;
}

/** Changes the draft as it is by then: two quick taps build on each other, not on what was last painted. */
export type ChangeTrouble = (next: (draft: TroubleDraft) => TroubleDraft) => void;

/** Nothing said yet. */
export const NO_TROUBLE: TroubleDraft = { safety: {}, safe: false, answers: {} };

/** How it lies on this device. */
export const TROUBLE_DRAFT: DraftDef<TroubleDraft> = {
  version: 2,
  schema: z.object({
    said: z.optional(z.string()),
    trip: z.optional(z.string()),
    rolled: z.optional(z.number()),
    met: z.optional(z.enum(['road', 'home'])),
    safety: z.object(
      Object.fromEntries(
        Object.entries(SPOT_QUESTIONS).map(([id, answers]) => [id, z.optional(z.enum(answers))]),
      ),
    ),
    safe: z.boolean(),
    trouble: z.optional(z.enum(TROUBLE_IDS)),
    at: z.optional(z.union([placeSchema, z.literal('rig')])),
    answers: z.record(z.string(), z.union([z.string(), z.number()])),
    typing: z.optional(z.object({ id: z.string(), text: z.string() })),
    asked: z.optional(z.array(z.string())),
    outcome: z.optional(z.enum(['done', 'bench', 'open'])),
    torqued: z.optional(z.enum(['figure', 'hard'])),
    used: z.optional(z.array(z.enum(KIT_IDS))),
    told: z.optional(z.partialRecord(z.enum(TOLD), z.string())),
  }) as unknown as z.ZodMiniType<TroubleDraft>,
};

/** Where and when a rig stands: the trip it is on, how far its log has it rolled in all, and how far it has by what counts the miles (m). */
export interface Stop {
  readonly now: string;
  readonly trip: string | undefined;
  readonly logged: number;
  readonly rolled: number;
}

/** What was told of a place so long ago (ms) belongs to another stop. */
const ANOTHER_STOP = 12 * 3_600_000;
/** Farther than this (m) it was rolled on. */
const ROLLED_ON = toSI(0.2, 'mi');
/** A spot with nothing wrong at it any more is asked anew after so long (ms): our own, since a rig with no trip tells no miles. */
const SPOT_HOLDS = 2 * 3_600_000;

const stoodFor = ({ said }: TroubleDraft, now: string) =>
  said === undefined ? Infinity : msOf(now) - msOf(said);

const rolledOn = ({ rolled }: TroubleDraft, by: number) => rolled !== undefined && by - rolled > ROLLED_ON;

/** True where what was told belongs to another stop or another trip: whether it is still this one is asked first. */
export function isOfAnotherStop(draft: TroubleDraft, stop: Stop): boolean {
  const { safe, trouble, trip } = draft;
  if (!safe && trouble === undefined) return false;
  return stoodFor(draft, stop.now) > ANOTHER_STOP || trip !== stop.trip || rolledOn(draft, stop.logged);
}

/** What stays once a trouble is in the log, the rig having rolled so far (m): the spot, so that a second one there does not ask for it again. */
export function spotOf({ met, safety, safe }: TroubleDraft, rolled: number): TroubleDraft {
  return { ...NO_TROUBLE, met, safety, safe, rolled };
}

/** True for a spot that is left of another stop: it is asked anew, there is nothing to go on with. */
export function isSpotOver(draft: TroubleDraft, stop: Stop): boolean {
  return (
    draft.trouble === undefined &&
    draft.safe &&
    (isOfAnotherStop(draft, stop) || rolledOn(draft, stop.rolled) || stoodFor(draft, stop.now) > SPOT_HOLDS)
  );
}

/** The same trouble at this stop: what was said of the place, and what was answered there, is asked anew. */
export function stillThisOne(draft: TroubleDraft): TroubleDraft {
  return { ...NO_TROUBLE, met: draft.met, trouble: draft.trouble, at: draft.at, told: draft.told };
}

/** Where it is kept. */
export const troubleDraftKey = (rig: string): string => `trouble ${rig}`;

/** What an answer leads to is answered again. */
const RESULT = { outcome: undefined, torqued: undefined, typing: undefined } as const;

/** A draft with an answer given; how it went is told again. */
export function answered(draft: TroubleDraft, id: string, value: string | number): TroubleDraft {
  return { ...draft, ...RESULT, answers: { ...draft.answers, [id]: value } };
}

/** The draft one step back: without its last answer and all that follows from it, without its place, without its trouble. */
export function stepBack(
  draft: TroubleDraft,
  order: readonly string[],
  /** Whether it was asked where it is. */
  placeAsked: boolean,
): TroubleDraft {
  const last = order.filter((id) => draft.answers[id] !== undefined).at(-1);
  if (last !== undefined) {
    const at = order.indexOf(last);
    const answers = Object.fromEntries(
      Object.entries(draft.answers).filter(([id]) => order.indexOf(id) < at),
    );
    return { ...draft, ...RESULT, answers };
  }
  if (placeAsked && draft.at !== undefined) return { ...draft, ...RESULT, at: undefined, asked: undefined };
  return { ...draft, ...RESULT, trouble: undefined, at: undefined, asked: undefined, answers: {} };
}

/** What is known of the answers: what the rig tells, but for what is asked all the same, and what was given. */
export function heard(draft: TroubleDraft, known: TroubleAnswers): TroubleAnswers {
  const own = Object.fromEntries(Object.entries(known).filter(([id]) => !draft.asked?.includes(id)));
  return { ...own, ...draft.answers };
}

/** What was said of the place answers what a trouble asks of it. */
export function whereItStands(trouble: TroubleId, draft: TroubleDraft): TroubleAnswers {
  const asks = new Set(troubleDef(trouble).questions.map(({ id }) => id));
  const known: TroubleAnswers = {
    danger: draft.met === 'home' || draft.safety.place === 'yes' ? 'no' : 'yes',
    lift: barred(draft).length === 0 ? 'yes' : 'no',
  };
  return Object.fromEntries(Object.entries(known).filter(([id]) => asks.has(id)));
}

/** What keeps anybody from working where the trouble is, as the spot was told. */
export function barred({ met, safety, at }: TroubleDraft): readonly Barred[] {
  return barredAt({ ...safety, met }, at);
}
