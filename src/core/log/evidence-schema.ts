import * as z from 'zod/mini';
import { code, figure, text } from '../base';
import { wheelEndSchema } from '../rig';
import { LEFT_IDS, TROUBLE_IDS, LAMP_FUNCTIONS, READING_IDS, SUBJECTS, TORQUE_IDS, WORKS } from '../rules';
import { THICKENERS } from '../figures';
import { isGraded, isKept } from './kept';

const name = code();

/** What a reading was held against, as its verdict was given: a figure (SI) and whose it is. */
const held = z.strictObject({
  against: figure(),
  by: z.optional(z.enum(['warm', 'rise', 'mate', 'air', 'rolled', 'maximum', 'uneven', 'short', 'play'])),
  /** What a pressure read warm comes to cold (Pa). */
  cold: z.optional(figure()),
});

/** Reads what a finding rests on, in codes and SI: a grade, a reading, a trend, or what happened. */
export const evidenceSchema = z.union([
  z
    .strictObject({
      subject: z.enum(SUBJECTS),
      grade: text(40),
      /** The side of the suspension, and which of two shoes, facing forward. */
      side: z.optional(z.enum(['L', 'R'])),
      shoe: z.optional(z.enum(['front', 'rear', 'both'])),
      /** Which lamps it is, tried function by function: each is a thing of its own. */
      shows: z.optional(z.enum(LAMP_FUNCTIONS)),
      /** The lamps that failed, by function, and the likeliest faults. */
      lamps: z.optional(z.array(z.strictObject({ lamp: name, shows: name }))),
      faults: z.optional(z.array(code(/^[a-z][a-z-]*(@[a-z-]+)?$/))),
    })
    .check(isGraded),
  z
    .strictObject({
      what: z.enum(READING_IDS),
      value: figure(),
      held: z.optional(held),
      /** What a tire was filled to there and then (Pa). */
      set: z.optional(figure()),
    })
    .check(isKept),
  /** What readings said over time: the figure of late, and what it was or is held against (SI, or counts). */
  z.strictObject({ trend: name, figure: z.optional(figure()), against: z.optional(figure()) }),
  /** End play (m) outside its window. */
  z.strictObject({ endPlay: figure(), window: z.strictObject({ min: figure(), max: figure() }) }),
  /** A brake current (A): how many magnets pull, of how many. */
  z.strictObject({ amps: figure(), circuit: name, pull: figure(), of: figure() }),
  /** Something that went otherwise at a step of a card. */
  z.strictObject({ branch: name }),
  /** A card left before it was through, at which act. */
  z.strictObject({ leftAt: name }),
  /** A grease pumped onto one that it does not mix with. */
  z.strictObject({ grease: z.enum(THICKENERS), onto: z.enum(THICKENERS) }),
  /** What came off a wheel end lies at the place, and is no spare. */
  z.strictObject({ tire: z.enum(['flat', 'worn']), cameOff: wheelEndSchema }),
  /** The code of a tire that is past its age, or cannot be one: years, where they are known, of how many at most. */
  z.strictObject({
    tireCode: name,
    have: z.optional(z.union([figure(), text(40)])),
    want: z.optional(z.union([figure(), text(40)])),
  }),
  /** Work that was left undone at one side, or of several that were planned. */
  z.strictObject({ undone: z.enum(WORKS) }),
  /** Bolts that were passed over without a figure for their torque. */
  z.strictObject({ torque: z.enum(TORQUE_IDS) }),
  /** The two diagonals of an axle (m) that do not agree. */
  z.strictObject({ square: z.tuple([figure(), figure()]) }),
  /** Torqued to a guess (N·m). */
  z.strictObject({ guess: figure() }),
  /** Something on a walk that was not right, and nobody said how. */
  z.strictObject({ notRight: name }),
  /** Trouble on the road, and what decided. */
  z.strictObject({ trouble: z.enum(TROUBLE_IDS), because: name }),
  /** What a trouble left to be done. */
  z.strictObject({ trouble: z.enum(TROUBLE_IDS), left: z.enum(LEFT_IDS) }),
  /** Judged at the first look by its condition alone. */
  z.strictObject({ condition: name, judged: z.enum(['watch', 'due', 'stop']) }),
]);

/** What a finding rests on. */
export type Evidence = z.infer<typeof evidenceSchema>;
