import { toSI } from '../../base';
import { keepsEnough } from './arithmetic';
import { choice, count, defineTrouble, figure, quantity, says, type TroubleAnswers } from './define';
import { care, creep, here, stay, stricter, type RoadVerdict } from './verdict';

const F = (value: number) => toSI(value, '°F');
const degrees = (value: number) => toSI(value, '°F') - toSI(0, '°F');
/** The looks a hub gets that ran hot. */
const HOT_LOOKS = [5, 10, 15, 20, 25] as const;

/** How hot a hub is, from the mildest. */
const HEATS = ['cool', 'warm', 'hot', 'burnt'] as const;
type Heat = (typeof HEATS)[number];

/** What a hand says of a hub, a step each. */
const HANDS = ['stays', 'seconds', 'not-at-all', 'sizzles'] as const;
/** Air as the dash shows it, or as the day is; not known is the coldest of them (K). */
const AIR = { hot: F(90), mild: F(60), cold: F(40) } as const;

const byThermometer = (answers: TroubleAnswers) => figure(answers, 'hub') !== undefined;

/** A figure that decides by itself needs neither mate nor air. */
const isHeldAgainst = (answers: TroubleAnswers) => (figure(answers, 'hub') ?? Infinity) <= F(170);

/** The air (K): as read, as the day is, or the coldest. */
function airOf(answers: TroubleAnswers): number {
  const day = answers['day'];
  return figure(answers, 'air') ?? (day === 'hot' || day === 'mild' ? AIR[day] : AIR.cold);
}

/** By thermometer, over its mate and over the air: a mate that nobody read may be as cold as the air. */
function heatRead(hub: number, answers: TroubleAnswers): Heat {
  const air = airOf(answers);
  const overMate = hub - (figure(answers, 'mate') ?? Math.min(air, hub));
  const overAir = hub - air;
  if (hub > F(210)) return 'burnt';
  if (hub > F(170) || overMate >= degrees(40) || overAir >= degrees(100)) return 'hot';
  return overMate >= degrees(25) || overAir >= degrees(80) ? 'warm' : 'cool';
}

/** By hand, against the mate felt in the same way and the air: a step is 25 to 40 °F, two are over 40; a mate nobody felt may be the coolest. */
function heatFelt(answers: TroubleAnswers): Heat | undefined {
  const step = HANDS.findIndex((hand) => says(answers, 'hand', hand));
  if (step < 0) return undefined;
  if (step === 3) return 'burnt';
  const mate = HANDS.findIndex((hand) => says(answers, 'mate-hand', hand));
  const apart = step - Math.max(0, mate);
  // Not at all counts as over 100 °F over the air.
  if (step === 2 || apart >= 2) return 'hot';
  if (apart === 1) return 'warm';
  // One to five seconds is about 130 °F.
  return step === 1 && F(130) - airOf(answers) >= degrees(80) ? 'warm' : 'cool';
}

/** How hot a hub is; undefined where nobody measured or felt it. What was read is never overruled by a hand. */
function heat(answers: TroubleAnswers): Heat | undefined {
  const hub = figure(answers, 'hub');
  return hub === undefined ? heatFelt(answers) : heatRead(hub, answers);
}

const isHot = (answers: TroubleAnswers) => {
  const how = heat(answers);
  return how === undefined || how === 'hot' || how === 'burnt';
};
/** A hub that may be looked into here. */
const looksInto = (answers: TroubleAnswers) =>
  heat(answers) === 'hot' && !says(answers, 'smoke', 'hub', 'unknown');

/** A hot hub. */
export const hot = defineTrouble({
  questions: [
    quantity('hub', 'temperature'),
    choice('hand', HANDS, (answers) => !byThermometer(answers)),
    quantity('mate', 'temperature', isHeldAgainst),
    choice(
      'mate-hand',
      HANDS,
      (answers) => !byThermometer(answers) && says(answers, 'hand', 'stays', 'seconds'),
    ),
    quantity('air', 'temperature', isHeldAgainst),
    choice(
      'day',
      ['hot', 'mild', 'cold'],
      (answers) =>
        figure(answers, 'air') === undefined && (isHeldAgainst(answers) || says(answers, 'hand', 'seconds')),
    ),
    choice('smoke', ['no', 'brake', 'hub'], isHot),
    choice('drag', ['none', 'goes-with-brake-off', 'stays', 'not-here'], looksInto),
    choice('touched', ['no', 'yes'], (answers) => looksInto(answers) && !says(answers, 'drag', 'not-here')),
    // Not needed where the drag is the brake's alone, and nobody was at the bearing.
    choice(
      'opened',
      ['bright', 'rough', 'not-here'],
      (answers) =>
        looksInto(answers) &&
        !says(answers, 'drag', 'not-here') &&
        !(says(answers, 'drag', 'goes-with-brake-off') && says(answers, 'touched', 'no')),
    ),
  ],
  decide: (answers) => {
    const how = heat(answers);
    if (how === 'cool') return care(50, 50, 'cool', [5]);
    if (how === 'warm') return care(25, 45, 'warm', [5]);
    if (how === 'burnt') return stay('burnt');
    if (says(answers, 'smoke', 'hub', 'unknown')) return stay('hub-smokes');
    if (how === undefined) return stay('heat-unknown');
    // Cooled till a hand holds, to where it can be raised and opened; felt after each mile.
    const toWhereItCan = {
      ...creep('open-it-elsewhere', 3, 25),
      looks: { at: [1, 2, 3].map((at) => toSI(at, 'mi')) },
    };
    if (says(answers, 'drag', 'not-here')) return toWhereItCan;
    const touched = says(answers, 'touched', 'yes', 'unknown');
    if (says(answers, 'drag', 'goes-with-brake-off') && !touched)
      return care(25, 45, 'brake-drags', HOT_LOOKS);
    // Nobody says that it turned: it counts as looked into no farther than it was opened.
    const turned = !says(answers, 'drag', 'unknown');
    if (says(answers, 'opened', 'bright'))
      return turned ? care(25, 45, 'nut-reset', HOT_LOOKS) : toWhereItCan;
    if (says(answers, 'opened', 'not-here')) return toWhereItCan;
    return says(answers, 'opened', 'rough') ? stay('bearing-gone') : stay('open-it-cold');
  },
  at: 'wheel',
  nothing: ['cool'],
  leaves: (because) => {
    if (because === 'brake-drags') return ['brake-here'];
    if (because === 'burnt' || because === 'hub-smokes') return ['repack-here', 'open-mate'];
    return ['cool', 'warm'].includes(because) ? [] : ['repack-here', 'open-mate'];
  },
  work: (because) => (because === 'open-it-cold' ? 'repack' : undefined),
});

/** A hub that leans, or a wheel that wobbles. */
export const leaning = defineTrouble({
  questions: [
    choice('which', ['nuts', 'hub']),
    choice('spare-hub', ['fits', 'none'], (answers) => says(answers, 'which', 'hub')),
    choice('spindle', ['smooth', 'scored'], (answers) => says(answers, 'spare-hub', 'fits')),
  ],
  decide: (answers) => {
    if (says(answers, 'which', 'nuts')) return stay('as-studs');
    return says(answers, 'spare-hub', 'fits') && says(answers, 'spindle', 'smooth')
      ? here('hub-replaced')
      : stay('hub-leans');
  },
  at: 'wheel',
  leaves: (because) => (because === 'as-studs' ? [] : ['brake-here', 'open-mate']),
  work: (because) => (because === 'hub-replaced' ? 'hub-renew' : undefined),
});

/** A cap that is missing. */
export const cap = defineTrouble({
  questions: [
    choice('oil-bath', ['no', 'yes']),
    choice('lock', ['there', 'missing'], (answers) => says(answers, 'oil-bath', 'no')),
    choice('rock', ['none', 'felt'], (answers) => says(answers, 'lock', 'there')),
    choice('reset', ['yes', 'no'], (answers) => says(answers, 'lock', 'missing')),
    choice('grease', ['clean', 'dirty'], (answers) => says(answers, 'oil-bath', 'no')),
  ],
  decide: (answers) => {
    if (!says(answers, 'oil-bath', 'no')) return stay('oil-bath-open');
    if (says(answers, 'lock', 'there')) {
      if (!says(answers, 'rock', 'none')) return stay('rocks-locked');
    } else if (!says(answers, 'reset', 'yes') || !says(answers, 'lock', 'missing'))
      return stay('nut-was-free');
    return says(answers, 'grease', 'clean') ? care(50, 45, 'cap-missing') : care(10, 45, 'clean-and-pack');
  },
  at: 'wheel',
  leaves: () => ['look-at-other-caps', 'repack-here'],
  work: () => 'cap-renew',
});

/** A brake that counts as gone, by what still brakes (trouble 3, no brakes). */
const brakeGone = (answers: TroubleAnswers): RoadVerdict =>
  says(answers, 'others-brake', 'half')
    ? care(25, 40, 'brake-counts-as-gone')
    : creep('brake-counts-as-gone');

/** An oil bath that is low or leaks. */
export const oilBath = defineTrouble({
  questions: [
    choice('window', ['low', 'empty', 'milky', 'filled', 'drained']),
    choice('where', ['front', 'behind'], (answers) => !says(answers, 'window', 'empty', 'unknown')),
    choice(
      'others-brake',
      ['half', 'fewer'],
      (answers) =>
        !says(answers, 'window', 'empty', 'unknown') && says(answers, 'where', 'behind', 'unknown'),
    ),
  ],
  decide: (answers) => {
    if (says(answers, 'window', 'empty', 'unknown')) return stay('oil-empty');
    if (says(answers, 'window', 'milky')) return stay('drain-and-fill');
    const window = says(answers, 'window', 'filled')
      ? { ...creep('oil-was-empty', 5, 30), looks: { at: [1, 2, 5].map((at) => toSI(at, 'mi')) } }
      : says(answers, 'window', 'drained')
        ? care(10, 45, 'clean-and-pack')
        : care(50, 45, 'oil-in-front', [], 25);
    return says(answers, 'where', 'front') ? window : stricter(window, brakeGone(answers));
  },
  at: 'wheel',
  leaves: (_, answers) => (says(answers, 'where', 'front') ? [] : ['brake-here']),
});

/** Grease on the wheel. */
export const grease = defineTrouble({
  questions: [
    choice('hub', ['cool', 'warm-or-rocks']),
    choice('where', ['front', 'behind'], (answers) => says(answers, 'hub', 'cool')),
    choice(
      'how',
      ['film', 'thrown'],
      (answers) => says(answers, 'hub', 'cool') && !says(answers, 'where', 'front'),
    ),
    choice(
      'brake',
      ['none', 'straight', 'pulls'],
      (answers) => says(answers, 'hub', 'cool') && !says(answers, 'where', 'front'),
    ),
    choice(
      'others-brake',
      ['half', 'fewer'],
      (answers) => says(answers, 'hub', 'cool') && !says(answers, 'where', 'front') && gone(answers),
    ),
  ],
  decide: (answers) => {
    if (!says(answers, 'hub', 'cool')) return stay('as-hub-hot');
    if (says(answers, 'where', 'front')) return care(50, 45, 'grease-in-front', [5]);
    const film = says(answers, 'how', 'film');
    const hub = film
      ? care(100, 55, 'grease-film', [10, 25, 50, 75])
      : care(25, 45, 'loses-its-grease', HOT_LOOKS);
    const behind = gone(answers) ? stricter(hub, brakeGone(answers)) : hub;
    return says(answers, 'where', 'behind') ? behind : stricter(behind, care(50, 45, 'grease-in-front', [5]));
  },
  at: 'wheel',
  leaves: (because) => (because === 'grease-in-front' ? [] : ['repack-here', 'brake-here']),
});

/** A brake there that grease has reached: thrown on it, or a slow stop pulls. */
function gone(answers: TroubleAnswers): boolean {
  if (says(answers, 'brake', 'none')) return false;
  return !says(answers, 'how', 'film') || !says(answers, 'brake', 'straight');
}

/** A stud broken or nuts lost: how many went, and how many are still off now. */
export const studs = defineTrouble({
  questions: [
    choice('holes', ['round', 'worn']),
    choice('held', ['yes', 'settled', 'ran-loose']),
    count('studs'),
    count('lost'),
    count('gone'),
    choice('neighbors', ['apart', 'side-by-side'], (answers) => (figure(answers, 'gone') ?? 0) >= 2),
    choice('from', ['aboard', 'six-or-eight', 'five'], (answers) => {
      const lost = figure(answers, 'lost');
      const gone = figure(answers, 'gone');
      return lost !== undefined && gone !== undefined && lost > gone;
    }),
  ],
  decide: (answers) => {
    if (!says(answers, 'holes', 'round')) return stay('holes-worn');
    const on = figure(answers, 'studs');
    const lost = figure(answers, 'lost');
    const gone = figure(answers, 'gone');
    if (on === undefined || lost === undefined || gone === undefined) return stay('studs-unknown');
    // More missing now than ever went, or more than there are: one of them is wrong.
    if (gone > lost || lost > on) return stay('counts-differ');
    if (!keepsEnough(on, gone)) return stay('too-few');
    if (gone >= 2 && !says(answers, 'neighbors', 'apart')) return stay('two-neighbors');
    // Those that stayed have carried it all, whatever is back on.
    if (says(answers, 'held', 'ran-loose', 'unknown') || lost >= 2) return creep('ran-loose', 5, 30);
    // A wheel that gave a nut is judged as one with a nut gone; one of five gives it only to get off the road.
    const lent = lost > gone && !says(answers, 'from', 'aboard');
    if (lent && !says(answers, 'from', 'six-or-eight')) return creep('five-gave-a-nut', 5, 30);
    if (lent && gone === 0) return care(25, 45, 'nuts-borrowed', [5, 10, 25]);
    if (gone === 0 && says(answers, 'held', 'settled')) return care(50, 50, 'settled', [5, 10, 25]);
    if (gone === 0) return care(50, 50, 'all-back', [5, 10, 25, 50]);
    if (on === 5) return creep('one-of-five', 5, 30);
    return care(25, 45, 'enough-left', [5, 10, 25]);
  },
  at: 'wheel',
  leaves: (because, answers) => [
    ...(says(answers, 'from', 'six-or-eight', 'five') ? (['donors-first'] as const) : []),
    ...(because === 'ran-loose' ? (['studs-renewed'] as const) : []),
  ],
  work: (because) => (because === 'all-back' || because === 'settled' ? undefined : 'stud-renew'),
});
