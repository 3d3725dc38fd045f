import * as z from 'zod/mini';
import { words } from '../../base';
import { isSchool, RULE_IDS } from '../../rules';
import { defineKind } from '../define';

/** A question of the house rules answered, for the house or for one rig; `null` goes back to what stands above it. */
export const ruleChosen = defineKind({
  kind: 'rule.chosen',
  version: 1,
  body: z.strictObject({ rule: z.enum(RULE_IDS), school: z.nullable(words(40)) }).check(
    z.refine(({ rule, school }) => school === null || isSchool(rule, school), {
      message: 'not a school of this question',
      path: ['school'],
    }),
  ),
  group: 'facts',
  places: () => [],
  corrected: 'elsewhere',
  upcasters: [],
  apply: (rig, { rule, school }) => {
    const rules: Record<string, unknown> = { ...rig.rules, [rule]: school };
    if (school === null) delete rules[rule];
    return { rules };
  },
});
