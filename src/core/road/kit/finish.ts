import { TROUBLE_IDS, type TroubleId } from '../../rules';
import type { KitReading, Need } from './about';

/** What finishing a trouble on the spot takes: all of these, one of each group; nothing where nothing is needed, `never` where no kit does it. */
type Takes = readonly (Need | readonly Need[])[] | 'never';

const LIFT: readonly Need[] = ['jack', 'stand', 'chocks'];
const WHEEL: readonly (Need | readonly Need[])[] = [...LIFT, 'socket', ['bar', 'wrench'], 'key'];
const AIR: readonly Need[] = ['gauge', 'inflator'];

/** What each takes, and how often it is met among a hundred troubles on the road: our own estimate. */
const FINISH: Readonly<Record<TroubleId, { readonly takes: Takes; readonly often: number }>> = {
  nail: { takes: [...AIR, 'plug-kit'], often: 8 },
  soft: { takes: [...AIR, ['plug-kit', 'valve-core']], often: 8 },
  flat: { takes: [...WHEEL, 'spare-fits'], often: 20 },
  carcass: { takes: [...WHEEL, 'spare-fits'], often: 6 },
  'tire-hot': { takes: ['gauge', 'thermometer'], often: 1 },
  hot: { takes: [...WHEEL, 'hand-tools', 'pins', 'grease', ['bearings', 'hub'], ['seal', 'hub']], often: 7 },
  leaning: { takes: [...WHEEL, 'hand-tools', 'pins', ['hub', 'bearings']], often: 1 },
  cap: { takes: ['grease', ['cap', 'plastic-and-tape']], often: 4 },
  'oil-bath': { takes: ['hub-oil'], often: 1 },
  // A seal behind the hub is not put right by rags.
  grease: { takes: [...WHEEL, 'hand-tools', 'pins', 'grease', 'seal'], often: 2 },
  studs: { takes: ['socket', ['bar', 'wrench'], 'nuts', 'stud'], often: 4 },
  dragging: { takes: [...LIFT, 'spoon'], often: 5 },
  dead: { takes: ['fuses', 'test-lamp', 'wire'], often: 4 },
  fade: { takes: [], often: 1 },
  lights: { takes: ['bulbs', 'fuses', 'test-lamp', 'wire'], often: 11 },
  strap: { takes: ['strap', 'link'], often: 3 },
  // Another number needs the other ball.
  coupler: { takes: 'never', often: 2 },
  breakaway: { takes: ['breakaway-cable', 'charger-lead'], often: 1 },
  spring: { takes: 'never', often: 1 },
  sway: { takes: ['gauge'], often: 1 },
  shifted: { takes: ['strap'], often: 1 },
  lost: { takes: 'never', often: 1 },
  stuck: { takes: ['hand-tools'], often: 1 },
  ramp: { takes: [], often: 1 },
  smoke: { takes: 'never', often: 1 },
  wire: { takes: ['fuses', 'wire'], often: 1 },
  struck: { takes: 'never', often: 1 },
  noise: { takes: ['socket', ['bar', 'wrench'], 'thermometer'], often: 2 },
};

/** Whether a trouble can be finished on the spot with what is aboard. */
export interface Finish {
  readonly trouble: TroubleId;
  readonly can: 'yes' | 'no' | 'never';
  /** What is wanting, the first of each group that would do. */
  readonly missing: readonly Need[];
  /** The same with all that would do for each. */
  readonly lacks: readonly (readonly Need[])[];
  /** Among a hundred troubles on the road: our own estimate. */
  readonly often: number;
}

/** What can be finished on the spot: only what serves for certain counts; what this rig has no use for is not asked. */
export function finishes(
  kit: readonly KitReading[],
  troubles: readonly TroubleId[] = TROUBLE_IDS,
): readonly Finish[] {
  const serves = new Set(kit.flatMap(({ item, state }) => (state === 'serves' ? [item] : [])));
  const belongs = new Set(kit.map(({ item }) => item));
  return troubles.map((trouble) => {
    const { takes, often } = FINISH[trouble];
    if (takes === 'never') return { trouble, can: 'never', missing: [], lacks: [], often };
    const lacks = takes.flatMap((need) => {
      const any = [need].flat().filter((one) => belongs.has(one));
      return any.length === 0 || any.some((one) => serves.has(one)) ? [] : [any];
    });
    const missing = lacks.flatMap(([first]) => first ?? []);
    return { trouble, can: lacks.length === 0 ? 'yes' : 'no', missing, lacks, often };
  });
}

/** The few things whose purchase brings most troubles within reach, weighed by how often each is met: at most so many, with what they come to among a hundred. */
export interface Purchase {
  readonly items: readonly Need[];
  readonly troubles: readonly TroubleId[];
  readonly often: number;
}

/** The best purchase of at most so many things; undefined where none brings a trouble within reach. */
export function bestPurchase(all: readonly Finish[], most = 3): Purchase | undefined {
  const open = all.filter(({ can }) => can === 'no');
  const wanted = [...new Set(open.flatMap(({ lacks }) => lacks.flat()))].sort();
  let best: Purchase | undefined;
  const look = (from: number, items: readonly Need[]): void => {
    if (items.length > 0) {
      // One thing may do for several: a made-up hub for bearings and seal.
      const reached = open.filter(({ lacks }) =>
        lacks.every((any) => any.some((need) => items.includes(need))),
      );
      const often = reached.reduce((sum, one) => sum + one.often, 0);
      const better =
        !best || often > best.often || (often === best.often && items.length < best.items.length);
      if (reached.length > 0 && better)
        best = { items, troubles: reached.map(({ trouble }) => trouble), often };
    }
    if (items.length === most) return;
    for (let i = from; i < wanted.length; i++) look(i + 1, [...items, wanted[i] as Need]);
  };
  look(0, []);
  return best;
}
