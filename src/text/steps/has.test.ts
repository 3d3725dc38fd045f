import { compile, PLANS } from '@/core/routine';
import type { RigModel } from '@/core/rig';
import { HOUSE_DEFAULT, routineDef, RULE_IDS, RULES, WORKS, type HouseRules } from '@/core/rules';
import { sampleModel } from '@/core/testing/arbitraries';
import { stepWords } from '..';

/** All that the cards of a rig say, a line for each step, over every school. */
function said(model: RigModel): readonly string[] {
  const houses = [
    HOUSE_DEFAULT,
    ...RULE_IDS.flatMap((rule) =>
      RULES[rule].slice(1).map((school) => ({ ...HOUSE_DEFAULT, [rule]: school }) as HouseRules),
    ),
  ];
  const lines = houses.flatMap((house) =>
    WORKS.filter((work) => PLANS[work]).flatMap((routine) =>
      routineDef(routine)
        .places(model, house)
        .slice(0, 1)
        .flatMap((place) => {
          const card = compile(model, [{ routine, place }], house);
          if (!card.ok) return [];
          return card.value.steps.map(
            (step) =>
              `${routine} ${step.step}: ${Object.values(stepWords(step, model, card.value, 'us')).join(' ')}`,
          );
        }),
    ),
  );
  return [...new Set(lines)];
}

const single = sampleModel({ axles: 1, brake: 'none', hub: 'drilled', kind: 'utility' });
const bare: RigModel = {
  ...single,
  spares: 0,
  wheels: { ...single.wheels, cover: 'none' },
  axles: single.axles.map((axle) => ({ ...axle, brake: 'none', suspension: 'leaf' })),
  gear: { ...single.gear, stabilizers: false, breakaway: false, brakeController: false },
};

test.each([
  ['a wheel cover', /wheel cover|\bcover back\b/i],
  ['stabilizers', /stabili[sz]er/i],
  ['an equalizer', /equalizer/i],
  ['a spare', /\bspare\b(?! cap| bulb)/i],
  ['a brake', /\bbrakes?\b(?! cleaner)|\bshoes?\b|\bdrum\b|lining/i],
] as const)('a rig without %s has no card that speaks of it', (_, word) =>
  expect(
    said(bare).filter(
      (line) =>
        // The tow vehicle's own brake and brake lamps; a brake that is installed; what law demands of one.
        !/^(brakes-install|lights|contacts|\S+ mark-axle|\S+ lamps)/.test(line) &&
        word.test(line.replace(/^\S+ \S+: /, '').replace(/parking brake/gi, '')),
    ),
  ).toEqual([]),
);
