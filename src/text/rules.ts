import type { UnitSystem } from '@/core/base';
import { RULES, type RuleId } from '@/core/rules';
import { inUnits } from './in-units';
import { capital, count, list } from './measure';
import { NUT_SCHOOL_WORDS, TORQUE_SCHOOL_WORDS } from './rig';

interface RuleWords {
  readonly ask: string;
  readonly schools: Readonly<Record<string, string>>;
}

/** The questions on which careful people differ, in words. */
export const RULE_WORDS: Record<RuleId, RuleWords> = {
  nut: {
    ask: 'Setting the spindle nut',
    schools: {
      ...NUT_SCHOOL_WORDS,
      'next-slot': 'seat, back off to the next slot, one more if it drags',
    },
  },
  repack: {
    ask: 'Repacking hubs',
    schools: {
      yearly: '12 months or {12,000 mi}',
      metered: 'metered grease by fitting, repack at {10,000 mi}',
      'grade-5000': 'by grease grade, {5,000 mi}',
      'grade-10000': 'by grease grade, {10,000 mi}',
    },
  },
  grease: {
    ask: 'Greasing through a fitting',
    schools: {
      metered: '3–5 strokes on a short interval',
      purge: 'purge until new grease shows, with a stop rule',
      never: 'never: repack only',
    },
  },
  torque: {
    ask: 'Stages of lug torque',
    schools: TORQUE_SCHOOL_WORDS,
  },
  recheck: {
    ask: 'Rechecks after a refit',
    schools: {
      '10-25-50': 'at {10, 25 and 50 mi}',
      'once-50': 'once, by {50 mi}',
      '50-100': 'at {50 and 100 mi}',
    },
  },
  threads: {
    ask: 'Stud threads',
    schools: {
      dry: 'clean and dry',
      'anti-seize': 'anti-seize thinly on the threads, torque lowered as its maker says',
    },
  },
  pressure: {
    ask: 'Pressure target',
    schools: {
      placard: 'the placard',
      sidewall: 'sidewall maximum, cold',
      'under-maximum': 'a little under maximum',
      'by-load': 'by measured load, with margin',
    },
  },
  tireAge: {
    ask: 'Tire age limit',
    schools: { '6': '6 years', '5': '5 years', '7': '7 years', '10': '10 years at the outside' },
  },
  lining: {
    ask: 'Cracked lining',
    schools: {
      'watch-hairlines': 'hairlines watched until one reaches the edge',
      'renew-at-sight': 'replaced on sight',
    },
  },
  renewal: {
    ask: 'Shoes or loaded plate',
    schools: {
      cheaper: 'whichever comes out cheaper with your hours, the plate if the magnet is due too',
      plate: 'always the plate',
      parts: 'always parts',
    },
  },
  cotter: {
    ask: 'Cotter pins',
    schools: { new: 'new each time', reuse: 'reused while sound' },
  },
  pivots: {
    ask: 'Suspension pivots',
    schools: { greaseable: 'greaseable, if the owner does grease', dry: 'dry, maintenance-free' },
  },
  hubs: {
    ask: 'Renewing worn hubs',
    schools: { sets: 'bearing and race sets', complete: 'complete hub with races installed, one carried' },
  },
  lubricant: {
    ask: 'Grease in hubs',
    schools: {
      'one-grease': 'one per rig, lithium complex NLGI 2, marine grade for boats',
      'heavy-duty': 'heavy-duty high temperature',
    },
  },
  lift: {
    ask: 'Where to lift',
    schools: {
      frame: "frame rail or the maker's point",
      'spring-seat': 'axle at the spring seat: leaf axles only, maker allowing',
    },
  },
  verge: {
    ask: 'Tightening on the shoulder',
    schools: {
      'finish-there': 'carry a torque wrench and finish there',
      'tighten-and-go': 'tighten hard, go, torque at the first safe place',
    },
  },
};

/** One answer to a question, in the owner's units. */
export function schoolWords(rule: RuleId, school: string, system: UnitSystem): string {
  return inUnits(RULE_WORDS[rule].schools[school] ?? school, system);
}

/** The schools of a question with their words, the default first. */
export function schoolsOf(
  rule: RuleId,
  system: UnitSystem,
): readonly { readonly value: string; readonly label: string }[] {
  return RULES[rule].map((value) => ({ value, label: schoolWords(rule, value, system) }));
}

/** What a change of rules does: `3 duties move earlier.` */
export function effectWords(effect: {
  readonly earlier: number;
  readonly later: number;
  readonly findings: number;
}): string {
  const { earlier, later, findings } = effect;
  const moves = (n: number) => (n === 1 ? 'moves' : 'move');
  const parts = [
    ...(earlier > 0 ? [`${count(earlier, 'duty', 'duties')} ${moves(earlier)} earlier`] : []),
    ...(later > 0 ? [`${count(later, 'duty', 'duties')} ${moves(later)} later`] : []),
    ...(findings > 0 ? [`${count(findings, 'finding')} more`] : []),
    ...(findings < 0 ? [`${count(-findings, 'finding')} fewer`] : []),
  ];
  return parts.length > 0 ? `${capital(list(parts))}.` : 'No duty moves.';
}
