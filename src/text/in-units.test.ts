import { RULE_IDS, RULES, SUBJECTS, CRITERIA } from '@/core/rules';
import { gradeWords, schoolsOf, RULE_REASONS, SUBJECT_WORDS } from '.';
import { CONDITIONS } from './survey-conditions';
import { LOOK_WORDS } from './looks';
import { inUnits } from './in-units';

test.each([
  ['over {4/32 in}', 'over 4/32 in', 'over 3.2 mm'],
  ['{1/8 to 3/16 in}', '1/8 to 3/16 in', '3.2 to 4.8 mm'],
  ['at {10, 25 and 50 mi}', 'at 10, 25 and 50 mi', 'at 16, 40 and 80 km'],
  ['12 months or {12,000 mi}', '12 months or 12,000 mi', '12 months or 19,310 km'],
  ['good for {65 psi}', 'good for 65 psi', 'good for 4.5 bar'],
  ['brought to {70 °F}', 'brought to 70 °F', 'brought to 21 °C'],
  ['inside {0.001–0.010 in}', 'inside 0.001–0.010 in', 'inside 0.03–0.25 mm'],
  ['nothing to tell', 'nothing to tell', 'nothing to tell'],
])('%s', (text, us, metric) => {
  expect(inUnits(text, 'us')).toBe(us);
  expect(inUnits(text, 'metric')).toBe(metric);
});

const STRAY = { us: /\b(mm|km|kPa)\b|°C/, metric: /\d (in|mi|psi)\b|\bmiles?\b|°F/ } as const;

test.each(['us', 'metric'] as const)(
  'grades, rules, first look and walks tell figures in one system: %s',
  (system) => {
    const said = [
      ...SUBJECTS.flatMap((subject) => [
        SUBJECT_WORDS[subject].ask,
        ...Object.keys(CRITERIA[subject]).map((grade) => gradeWords(subject, grade, system)),
      ]),
      ...RULE_IDS.flatMap((rule) => [
        ...schoolsOf(rule, system).map(({ label }) => label),
        ...Object.values(RULE_REASONS[rule]).map((text) => inUnits(text, system)),
      ]),
      ...Object.values(CONDITIONS).flatMap(({ look, grades }) =>
        [look, ...Object.values(grades)].map((text) => inUnits(text, system)),
      ),
      ...Object.values(LOOK_WORDS).map(({ clear }) => inUnits(clear, system)),
    ];
    for (const one of said) {
      expect(one).not.toMatch(STRAY[system]);
      expect(one).not.toContain('{');
    }
    expect(Object.keys(RULES)).toHaveLength(RULE_IDS.length);
  },
);
