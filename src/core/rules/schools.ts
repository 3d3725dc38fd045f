import type { TorqueSchool } from '../figures';
import { toSI } from '../base';
import type { Source } from '../rig';

/** What a rule rests on: a source the owner gave, or the house default. */
export type Basis = Source | 'house';

/** How the spindle nut is set; the first is the default. */
export const NUT_SCHOOLS = ['finger-tight', 'quarter-turn', 'next-slot', 'light-drag'] as const;
export type NutSchool = (typeof NUT_SCHOOLS)[number];

const TORQUE_SCHOOLS = [
  'air-then-ground',
  'all-on-ground',
  'snug-then-twice',
] as const satisfies TorqueSchool[];

/** The questions on which careful people differ, each with its schools, the default first (handbook section 6). */
export const RULES = {
  nut: NUT_SCHOOLS,
  repack: ['yearly', 'metered', 'grade-5000', 'grade-10000'],
  grease: ['metered', 'purge', 'never'],
  torque: TORQUE_SCHOOLS,
  recheck: ['10-25-50', 'once-50', '50-100'],
  threads: ['dry', 'anti-seize'],
  pressure: ['placard', 'sidewall', 'under-maximum', 'by-load'],
  tireAge: ['6', '5', '7', '10'],
  lining: ['watch-hairlines', 'renew-at-sight'],
  renewal: ['cheaper', 'plate', 'parts'],
  cotter: ['new', 'reuse'],
  pivots: ['greaseable', 'dry'],
  hubs: ['sets', 'complete'],
  lubricant: ['one-grease', 'heavy-duty'],
  lift: ['frame', 'spring-seat'],
  verge: ['finish-there', 'tighten-and-go'],
} as const;

/** One of the questions. */
export type RuleId = keyof typeof RULES;

/** One of the answers to a question. */
export type School<R extends RuleId = RuleId> = (typeof RULES)[R][number];

/** Every question, in the order it is offered. */
export const RULE_IDS = Object.keys(RULES) as [RuleId, ...RuleId[]];

/** The schools that hold; `chosen` are the questions their owner answered, where the shipped answer might as well stand. */
export type HouseRules = { readonly [R in RuleId]: School<R> } & { readonly chosen?: readonly RuleId[] };

/** Some of the questions answered: by the house, or for one rig. */
export type RuleChoices = { readonly [R in RuleId]?: School<R> | undefined };

/** The schools that are shipped. */
export const HOUSE_DEFAULT = Object.fromEntries(
  RULE_IDS.map((rule) => [rule, RULES[rule][0]]),
) as unknown as HouseRules;

/** True where a word names a school of a question. */
export function isSchool(rule: RuleId, school: string): boolean {
  return (RULES[rule] as readonly string[]).includes(school);
}

/** The rules that hold for a rig: its own choice, else the house's, else the default. */
export function rulesFor(house: RuleChoices | undefined, own: RuleChoices | undefined): HouseRules {
  const given = (choices: RuleChoices | undefined) =>
    Object.fromEntries(Object.entries(choices ?? {}).filter(([, school]) => school !== undefined));
  const said = { ...given(house), ...given(own) };
  const chosen = Object.keys(said) as RuleId[];
  return { ...HOUSE_DEFAULT, ...said, ...(chosen.length > 0 && { chosen }) };
}

const miles = (...values: number[]) => values.map((value) => toSI(value, 'mi'));

const LIMITS: Record<HouseRules['recheck'], readonly number[]> = {
  '10-25-50': miles(10, 25, 50),
  'once-50': miles(50),
  '50-100': miles(50, 100),
};

/** Rechecks of threads that were greased (m, handbook 6). */
const GREASED = miles(10, 25, 50, 100);

/** Cumulative distances (m) from a refit at which lugs are looked at again, by how its threads were left. */
export function recheckLimits(
  house: Pick<HouseRules, 'recheck'>,
  threads: 'dry' | 'treated',
): readonly number[] {
  return threads === 'treated' ? GREASED : LIMITS[house.recheck];
}

/** The owner's limit on the age of a tire (y). */
export function tireAgeLimit(house: Pick<HouseRules, 'tireAge'>): number {
  return Number(house.tireAge);
}
