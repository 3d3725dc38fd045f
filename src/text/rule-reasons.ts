import type { RuleId } from '@/core/rules';

interface RuleReason {
  /** Why the default is the default. */
  readonly why: string;
  /** Where the choice is followed. */
  readonly where: string;
}

/** Why each house rule is shipped as it is, and where a choice is followed. */
export const RULE_REASONS: Record<RuleId, RuleReason> = {
  nut: {
    why: 'Repeatable without feel, and lands inside {0.001–0.010 in}. A quarter turn on a 14-thread spindle is {0.018 in} from seated: that school is checked by rocking or a dial.',
    where: 'The step that sets the nut, on every card from now on.',
  },
  repack: {
    why: 'What most axle makers print. Twelve months hold in every school; metered grease needs hubs with a fitting; sealed hubs keep their maker’s years and are still checked yearly.',
    where: 'When each repack is due.',
  },
  grease: {
    why: 'Purging can push the rear seal out and grease onto the brake.',
    where: 'When hubs with a fitting are greased, and topping up after a repack.',
  },
  torque: {
    why: 'Seats the wheel without load on the studs.',
    where: 'The rounds of the star, on every card from now on.',
  },
  recheck: {
    why: 'Wheels settle early on the road; aluminum more.',
    where: 'Rechecks opened by the next refit; those open now keep their distances.',
  },
  threads: {
    why: 'The same torque on greased threads stretches studs by a quarter to a half more.',
    where:
      'Every card that takes a nut off: with the lowered torque of its maker on record, threads are greased, torqued to it, and rechecked at {10, 25, 50 and 100 mi}; without it, or where a wheel or axle maker forbids it, they are wiped dry and take the dry figure.',
  },
  pressure: {
    why: 'The placard was set for this trailer.',
    where: 'The target of every pressure: on cards, walks, the Yard and paper.',
  },
  tireAge: { why: 'Age beats tread on trailers.', where: 'When a tire is past its limit.' },
  lining: {
    why: 'Surface cracks are common from heat.',
    where: 'How a hairline in a lining is judged.',
  },
  renewal: {
    why: 'It depends on what your hours are worth.',
    where: 'The repair that a worn lining asks for.',
  },
  cotter: { why: 'They cost pennies.', where: 'What is laid out before a repack.' },
  pivots: {
    why: 'Greased ones last; neglected ones wear faster than dry.',
    where: 'Whether pivots are greased every {2,000 mi} or checked each spring.',
  },
  hubs: {
    why: 'Races are the hard part on the roadside.',
    where: 'Whether a new hub gets races on its card, or comes with them, and one is carried.',
  },
  lubricant: {
    why: 'Water, and mixing: two thickeners can thin each other.',
    where: 'What is laid out before a repack.',
  },
  lift: {
    why: 'A bent axle eats tires. Torsion tubes are never lifted.',
    where: 'The jack step, on every card from now on.',
  },
  verge: {
    why: 'Finished there, the recheck starts at zero.',
    where:
      'Whether a tire change on the road must end at full torque, or may leave it open until the next safe place.',
  },
};
