import { judgeGrade, judgeReading, pressureTarget, remedyOf } from '@/core/judge';
import { fromSI, toSI } from '@/core/base';
import { compile, PLANS, type Card, type Job } from '@/core/routine';
import { dutiesOf } from '@/core/duty';
import type { FindingState } from '@/core/log';
import type { RigModel } from '@/core/rig';
import {
  HOUSE_DEFAULT,
  recheckLimits,
  routineDef,
  RULE_IDS,
  RULES,
  WORKS,
  type HouseRules,
  type RuleId,
  type WorkId,
} from '@/core/rules';
import { sampleModel } from '@/core/testing/arbitraries';
import { storyFrom } from '@/core/testing/story';
import { layOut, stepWords } from '.';

const psi = (value: number) => toSI(value, 'psi');
const lb = (value: number) => toSI(value, 'lb');
const maker = <T>(value: T) => ({ value, source: 'maker' as const });
const base = sampleModel({ axles: 2, brake: 'electric', hub: 'drilled' });
/** Its maker gives no interval: the school does. */
const { repackEvery: _, ...bare } = base;
/** A trailer of which every figure is known that a school may ask for. */
const model: RigModel = {
  ...bare,
  axles: base.axles.map((axle) => ({ ...axle, suspension: 'leaf', lock: 'cotter', brake: 'electric' })),
  wheels: {
    ...base.wheels,
    torque: maker(toSI(110, 'lbf·ft')),
    treatedTorque: maker(toSI(90, 'lbf·ft')),
    lubricant: 'allowed',
  },
  tires: {
    size: maker('ST225/75R15'),
    loadRange: maker('D'),
    pressure: maker(psi(50)),
    maxPressure: maker(psi(65)),
    load: maker(lb(1900)),
  },
};

const { setup, done, trip, entry, rigOf, day } = storyFrom('2025-04-01');
/** The rig as it stands after so many miles. */
const after = (miles: number, of = model) =>
  rigOf(
    setup(of),
    done(1, ['repack', '1L'], ['tire-look', '1L'], ['grease', '1L']),
    entry('part.fitted', 2, {
      part: 'tire 1L',
      spec: { kind: 'tire', facts: { dot: { value: '1020', source: 'marking' } } },
      to: '1L',
    }),
    trip(40, miles),
  );
const rig = after(4700);
/** The same, driven to within the longest interval, on hubs with a fitting and on hubs without. */
const far = [
  after(10_850),
  after(10_850, { ...model, axles: model.axles.map((axle) => ({ ...axle, hub: 'plain' as const })) }),
] as const;

/** A card as it is read: every step with what it says, and what is laid out for it. */
function printed(house: HouseRules, jobs: readonly Job[], of = model): string {
  const made = compile(of, jobs, house);
  if (!made.ok) throw new Error(JSON.stringify(made.error));
  const card: Card = made.value;
  const steps = card.steps.map((step) => Object.values(stepWords(step, of, card, 'us')).join(' '));
  const laid = layOut(card, of, rig, house, 'us');
  return [...steps, JSON.stringify(laid), JSON.stringify(card.rechecks)].join('\n');
}

/** Everything that an owner is told under some schools: verdicts, remedies, duties, cards. */
const told = {
  pressure: (house: HouseRules) => fromSI(pressureTarget(model, house)?.value ?? 0, 'psi').toFixed(1),
  tire: (house: HouseRules) => judgeReading('pressure', psi(50), { model, house, place: '1L' })?.verdict,
  hairline: (house: HouseRules) => judgeGrade('lining', 'hairline', house)?.verdict,
  cure: (house: HouseRules, open: readonly Pick<FindingState, 'place' | 'of'>[] = []) =>
    remedyOf(
      { place: '1L', of: { subject: 'lining', grade: 'at-minimum' } },
      { model, house, findings: open },
    ).jobs.map(({ routine }) => routine),
  stands: (house: HouseRules, routine: WorkId, at = 190, of = rig) =>
    dutiesOf(of, day(at), house).find((duty) => duty.routine === routine && duty.place === '1L')?.verdict,
};

const one = (routine: WorkId): readonly Job[] => [{ routine, place: '1L' }];
const under = (rule: RuleId, school: string): HouseRules =>
  ({ ...HOUSE_DEFAULT, [rule]: school }) as HouseRules;

/** What each school changes, as against the shipped one: the very thing it says it does. */
const CHANGES: { readonly [R in RuleId]: Readonly<Record<string, (house: HouseRules) => void>> } = {
  nut: {
    'quarter-turn': (house) => expect(printed(house, one('repack'))).toMatch(/quarter turn/i),
    'next-slot': (house) => expect(printed(house, one('repack'))).toMatch(/next slot/i),
    'light-drag': (house) => expect(printed(house, one('repack'))).toMatch(/light drag/i),
  },
  repack: {
    metered: (house) =>
      expect(far.map((of) => told.stands(house, 'repack', 100, of))).toEqual(['due', 'soon']),
    'grade-5000': (house) =>
      expect([told.stands(HOUSE_DEFAULT, 'repack'), told.stands(house, 'repack')]).toEqual(['clear', 'soon']),
    'grade-10000': (house) =>
      expect(far.map((of) => told.stands(house, 'repack', 100, of))).toEqual(['due', 'due']),
  },
  grease: {
    purge: (house) => expect(printed(house, one('grease'))).not.toBe(printed(HOUSE_DEFAULT, one('grease'))),
    never: (house) => expect(routineDef('grease').places(model, house)).toEqual([]),
  },
  torque: {
    'all-on-ground': (house) =>
      expect(printed(house, one('repack'))).not.toBe(printed(HOUSE_DEFAULT, one('repack'))),
    'snug-then-twice': (house) =>
      expect(printed(house, one('repack'))).not.toBe(printed(HOUSE_DEFAULT, one('repack'))),
  },
  recheck: {
    'once-50': (house) => expect(recheckLimits(house, 'dry').map((m) => fromSI(m, 'mi'))).toEqual([50]),
    '50-100': (house) => expect(recheckLimits(house, 'dry').map((m) => fromSI(m, 'mi'))).toEqual([50, 100]),
  },
  threads: {
    'anti-seize': (house) => {
      const card = printed(house, one('lug-torque')) + printed(house, one('repack'));
      expect(card).toMatch(/90 lbf·ft/);
      expect(card).toMatch(/anti-seize|greased/i);
      const forbidden = { ...model, wheels: { ...model.wheels, lubricant: 'forbidden' as const } };
      expect(printed(house, one('repack'), forbidden)).toMatch(/110 lbf·ft/);
      expect(printed(house, one('repack'), forbidden)).not.toMatch(/90 lbf·ft/);
    },
  },
  pressure: {
    sidewall: (house) => {
      expect(told.pressure(house)).toBe('65.0');
      expect([told.tire(HOUSE_DEFAULT), told.tire(house)]).toEqual(['clear', 'due']);
      expect(printed(house, [{ routine: 'pressures', place: 'rig' }])).toMatch(/65 psi/);
    },
    'under-maximum': (house) => {
      expect(told.pressure(house)).toBe('61.7');
      expect(printed(house, one('tire-renew'))).toMatch(/62 psi/);
    },
    'by-load': (house) => {
      const target = Number(told.pressure(house));
      expect(target).toBeGreaterThan(50);
      expect(target).toBeLessThan(65);
    },
  },
  // The tire was made in March of 2020: five and a half, six and a half, seven and a half years on.
  tireAge: {
    '5': (house) =>
      expect([told.stands(HOUSE_DEFAULT, 'tire-renew'), told.stands(house, 'tire-renew')]).toEqual([
        'soon',
        'overdue',
      ]),
    '7': (house) =>
      expect([told.stands(HOUSE_DEFAULT, 'tire-renew', 520), told.stands(house, 'tire-renew', 520)]).toEqual([
        'due',
        'soon',
      ]),
    '10': (house) =>
      expect([
        told.stands(under('tireAge', '7'), 'tire-renew', 900),
        told.stands(house, 'tire-renew', 900),
      ]).toEqual(['due', 'soon']),
  },
  lining: {
    'renew-at-sight': (house) =>
      expect([told.hairline(HOUSE_DEFAULT), told.hairline(house)]).toEqual(['clear', 'due']),
  },
  renewal: {
    plate: (house) => expect(told.cure(house)).toEqual(['plate-renew']),
    parts: (house) => expect(told.cure(house)).toEqual(['shoe-renew']),
  },
  cotter: {
    reuse: (house) => expect(printed(house, one('repack'))).not.toBe(printed(HOUSE_DEFAULT, one('repack'))),
  },
  pivots: {
    dry: (house) =>
      expect(printed(house, [{ routine: 'pivots', place: 'rig' }])).not.toBe(
        printed(HOUSE_DEFAULT, [{ routine: 'pivots', place: 'rig' }]),
      ),
  },
  hubs: {
    complete: (house) => {
      const worn = { place: '1L' as const, of: { subject: 'rollers' as const, grade: 'pitted' as const } };
      const cured = (by: HouseRules) =>
        remedyOf(worn, { model, house: by }).jobs.map(({ routine }) => routine);
      expect(cured(HOUSE_DEFAULT)).toEqual(['bearing-renew']);
      expect(cured(house)).toEqual(['hub-renew']);
    },
  },
  lubricant: {
    'heavy-duty': (house) => expect(printed(house, one('repack'))).toMatch(/high temperature/),
  },
  lift: {
    'spring-seat': (house) => expect(printed(house, one('repack'))).toMatch(/spring seat|spring plate/i),
  },
  verge: {
    'tighten-and-go': (house) =>
      expect(printed(house, one('tire-change'))).not.toBe(printed(HOUSE_DEFAULT, one('tire-change'))),
  },
};

describe.each(RULE_IDS)('the question of %s', (rule) => {
  const [shipped, ...others] = RULES[rule];
  test(`is told for each of its answers beside ${shipped}`, () =>
    expect(Object.keys(CHANGES[rule]).sort()).toEqual([...others].sort()));
  test.each(others)('%s changes what it says it changes', (school) =>
    CHANGES[rule][school]?.(under(rule, school)),
  );
});

test('no two answers to a question come to one and the same on every card, verdict and duty', () => {
  const jobs = WORKS.filter((work) => PLANS[work]);
  const everything = (house: HouseRules) =>
    JSON.stringify([
      told.pressure(house),
      told.tire(house),
      told.hairline(house),
      told.cure(house),
      remedyOf({ place: '1L', of: { subject: 'rollers', grade: 'pitted' } }, { model, house }),
      told.cure(house, [{ place: '1L', of: { subject: 'magnet', grade: 'uneven' } }]),
      [rig, ...far].map((of) =>
        dutiesOf(of, day(190), house).map(({ id, verdict, governing }) => [id, verdict, governing]),
      ),
      jobs.map((routine) => {
        const place = routineDef(routine).places(model, house)[0];
        if (place === undefined) return 'not here';
        const made = compile(model, [{ routine, place }], house);
        return made.ok ? printed(house, [{ routine, place }]) : made.error;
      }),
    ]);
  for (const rule of RULE_IDS) {
    const all = RULES[rule].map((school) => everything(under(rule, school)));
    expect([rule, new Set(all).size]).toEqual([rule, all.length]);
  }
});
