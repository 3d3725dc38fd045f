import { toSI } from '../quantity';
import { keepsEnough } from './arithmetic';
import { choice, count, defineTrouble, figure, quantity, says, type Answers } from './define';
import { care, creep, here, stay } from './verdict';

const F = (value: number) => toSI(value, '°F');
const over = (kelvins: number | undefined, degrees: number) =>
  kelvins !== undefined && kelvins >= toSI(degrees, '°F') - toSI(0, '°F');
/** The looks a hub gets that ran hot. */
const HOT_LOOKS = [5, 10, 15, 20, 25] as const;

/** How hot a hub is: by thermometer, over its mate and over the air, or by how long a hand stays on it. */
function heat(answers: Answers): 'cool' | 'warm' | 'hot' | 'burnt' | 'unknown' {
  const hub = figure(answers, 'hub');
  if (hub !== undefined) {
    const mate = figure(answers, 'mate');
    const air = figure(answers, 'air');
    const overMate = mate === undefined ? undefined : hub - mate;
    const overAir = air === undefined ? undefined : hub - air;
    if (hub > F(210)) return 'burnt';
    if (hub > F(170) || over(overMate, 40) || over(overAir, 100)) return 'hot';
    if (over(overMate, 25) || over(overAir, 80)) return 'warm';
    // Without a mate and the air nobody can say that it is cool.
    return overMate === undefined && overAir === undefined ? 'unknown' : 'cool';
  }
  if (says(answers, 'hand', 'sizzles')) return 'burnt';
  if (says(answers, 'hand', 'not-at-all')) return 'hot';
  if (says(answers, 'hand', 'seconds')) return 'warm';
  return says(answers, 'hand', 'stays') ? 'cool' : 'unknown';
}

const isHot = (answers: Answers) => !['cool', 'warm'].includes(heat(answers));

/** A hot hub. */
export const hot = defineTrouble({
  questions: [
    quantity('hub', 'temperature'),
    choice(
      'hand',
      ['stays', 'seconds', 'not-at-all', 'sizzles'],
      (answers) => figure(answers, 'hub') === undefined,
    ),
    quantity('mate', 'temperature', (answers) => figure(answers, 'hub') !== undefined),
    quantity('air', 'temperature', (answers) => figure(answers, 'hub') !== undefined),
    choice('smoke', ['no', 'brake', 'hub'], isHot),
    choice('drag', ['none', 'goes-with-brake-off', 'stays'], isHot),
    choice('touched', ['no', 'yes'], isHot),
    // Not needed where the drag is the brake's alone, and nobody was at the bearing.
    choice(
      'opened',
      ['bright', 'rough'],
      (answers) =>
        isHot(answers) && !(says(answers, 'drag', 'goes-with-brake-off') && says(answers, 'touched', 'no')),
    ),
  ],
  decide: (answers) => {
    const how = heat(answers);
    if (how === 'cool') return care(50, 50, 'cool', [5]);
    if (how === 'warm') return care(25, 45, 'warm', [5]);
    if (how === 'burnt') return stay('burnt');
    if (says(answers, 'smoke', 'hub', 'unknown')) return stay('hub-smokes');
    if (how === 'unknown') return stay('heat-unknown');
    const touched = says(answers, 'touched', 'yes', 'unknown');
    if (says(answers, 'drag', 'goes-with-brake-off') && !touched)
      return care(25, 45, 'brake-drags', HOT_LOOKS);
    if (says(answers, 'opened', 'bright')) return care(25, 45, 'nut-reset', HOT_LOOKS);
    return says(answers, 'opened', 'rough') ? stay('bearing-gone') : stay('open-it-cold');
  },
  at: 'wheel',
  nothing: ['cool'],
  leaves: (because) =>
    because === 'brake-drags' ? ['brake-here'] : ['cool', 'warm'].includes(because) ? [] : ['open-mate'],
  work: (because) => (because === 'open-it-cold' ? 'repack' : undefined),
});

/** A hub that leans, or a wheel that wobbles. */
export const leaning = defineTrouble({
  questions: [
    choice('which', ['nuts', 'hub']),
    choice('spare-hub', ['fits', 'none'], (answers) => !says(answers, 'which', 'nuts')),
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
    choice('reset', ['yes', 'no'], (answers) => says(answers, 'lock', 'missing')),
    choice('grease', ['clean', 'dirty'], (answers) => says(answers, 'oil-bath', 'no')),
  ],
  decide: (answers) => {
    if (!says(answers, 'oil-bath', 'no')) return stay('oil-bath-open');
    if (!says(answers, 'lock', 'there') && !says(answers, 'reset', 'yes')) return stay('nut-was-free');
    return says(answers, 'grease', 'clean') ? care(50, 45, 'cap-missing') : care(10, 45, 'clean-and-pack');
  },
  at: 'wheel',
  leaves: () => ['look-at-other-caps', 'repack-here'],
  work: () => 'cap-renew',
});

/** An oil bath that is low or leaks. */
export const oilBath = defineTrouble({
  questions: [choice('where', ['front', 'behind']), choice('window', ['low', 'empty', 'milky', 'filled'])],
  decide: (answers) => {
    if (says(answers, 'window', 'empty', 'unknown')) return stay('oil-empty');
    if (says(answers, 'window', 'milky')) return care(10, 45, 'clean-and-pack');
    return says(answers, 'where', 'front')
      ? care(50, 45, 'oil-in-front', [], 25)
      : creep('brake-counts-as-gone');
  },
  at: 'wheel',
  leaves: (because) => (because === 'brake-counts-as-gone' ? ['brake-here'] : []),
});

/** Grease on the wheel. */
export const grease = defineTrouble({
  questions: [choice('where', ['front', 'behind'])],
  decide: (answers) =>
    says(answers, 'where', 'front') ? care(50, 45, 'grease-in-front', [5]) : creep('brake-counts-as-gone'),
  at: 'wheel',
  leaves: (because) => (because === 'brake-counts-as-gone' ? ['brake-here'] : []),
});

/** A stud broken or nuts lost: how many went, and how many are still off now. */
export const studs = defineTrouble({
  questions: [
    choice('holes', ['round', 'worn']),
    choice('held', ['yes', 'ran-loose']),
    count('studs'),
    count('lost'),
    count('gone'),
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
    // Those that stayed have carried it all, whatever is back on.
    if (!says(answers, 'held', 'yes') || lost >= 2) return creep('ran-loose', 5, 30);
    // A wheel that gave a nut is judged as one with a nut gone; one of five gives it only to get off the road.
    const lent = lost > gone && !says(answers, 'from', 'aboard');
    if (lent && !says(answers, 'from', 'six-or-eight')) return creep('five-gave-a-nut', 5, 30);
    if (lent && gone === 0) return care(25, 45, 'nuts-borrowed', [5, 10, 25]);
    if (gone === 0) return care(50, 50, 'all-back', [5, 10, 25, 50]);
    if (on === 5) return creep('one-of-five', 5, 30);
    return care(25, 45, 'enough-left', [5, 10, 25]);
  },
  at: 'wheel',
  leaves: (_, answers) => (says(answers, 'from', 'six-or-eight', 'five') ? ['donors-first'] : []),
  work: (because) => (because === 'all-back' ? undefined : 'stud-renew'),
});
