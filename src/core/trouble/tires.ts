import { toSI } from '../quantity';
import { lossRate, minutesUntilLow } from './arithmetic';
import { choice, defineTrouble, figure, minutes, quantity, says, type Answers } from './define';
import type { Because } from './because';
import type { LeftId } from './lefts';
import { care, creep, here, stay, type RoadVerdict } from './verdict';

const psi = (value: number) => toSI(value, 'psi');

/** A tire that loses air: by where, whether it rolled low, and how long it lasts against how long it takes to air. */
function goingSoft(answers: Answers): RoadVerdict {
  if (gained(answers)) return stay('pressures-differ');
  if (says(answers, 'where', 'wall', 'shoulder', 'unknown')) return stay('wall-or-shoulder');
  if (says(answers, 'rolled', 'half', 'unknown')) return stay('rolled-flat');
  if (says(answers, 'rolled', 'low')) return care(25, 45, 'rolled-low');
  const first = figure(answers, 'first');
  const second = figure(answers, 'second');
  const target = figure(answers, 'target');
  const toAir = figure(answers, 'to-air');
  if (first === undefined || second === undefined || target === undefined || toAir === undefined)
    return stay('loss-unknown');
  const left = minutesUntilLow(second, target, lossRate(first, second));
  return left > 2 * toAir ? care(50, 50, 'lasts-between-airings') : stay('loses-too-fast');
}

const SOFT = [
  quantity('first', 'pressure'),
  quantity('second', 'pressure'),
  choice('where', ['valve', 'crown', 'shoulder', 'wall', 'rim']),
  choice('rolled', ['no', 'low', 'half']),
  quantity('target', 'pressure'),
  minutes('to-air'),
];

/** A nail or screw that holds its air. */
export const nail = defineTrouble({
  questions: [
    quantity('first', 'pressure'),
    quantity('second', 'pressure'),
    ...SOFT.slice(2).map((question) => ({ ...question, when: (answers: Answers) => !holds(answers) })),
  ],
  decide: (answers) =>
    holds(answers) && !gained(answers) ? care(50, 50, 'holds-air', [], 10) : goingSoft(answers),
  at: 'wheel',
  leaves: (because) => (because === 'rolled-low' ? ['inside-before-trip'] : []),
});

/** More than gauges differ by: nobody fills a tire between two readings. */
function gained(answers: Answers): boolean {
  const first = figure(answers, 'first');
  const second = figure(answers, 'second');
  return first !== undefined && second !== undefined && second - first > psi(2);
}

/** Under a psi in ten minutes. */
function holds(answers: Answers): boolean {
  const first = figure(answers, 'first');
  const second = figure(answers, 'second');
  return first !== undefined && second !== undefined && first - second < psi(1);
}

/** A tire going soft. */
export const soft = defineTrouble({
  questions: SOFT,
  decide: goingSoft,
  at: 'wheel',
  leaves: (because, answers) => [
    ...(because === 'rolled-low' ? (['inside-before-trip'] as const) : []),
    ...(says(answers, 'where', 'crown') ? (['plug-inside-or-renew'] as const) : []),
    'find-cause',
  ],
});

/** A spare past its age carries so far, and is to be replaced. */
const agedSpare = (because: Because): readonly LeftId[] => (because === 'aged-spare' ? ['aged-spare'] : []);

/** The spare goes on where there is one that may be used. */
const changed = (because: Because) =>
  because === 'spare-goes-on' || because === 'aged-spare' ? ('tire-change' as const) : undefined;

/** Without a spare, on the other tire of the side. */
const limping = (answers: Answers) =>
  says(answers, 'spare', 'none', 'unknown') && says(answers, 'axles', 'more');

/** A flat or a blow-out. */
export const flat = defineTrouble({
  questions: [
    choice('spare', ['usable', 'aged', 'none']),
    choice('axles', ['one', 'more'], (answers) => says(answers, 'spare', 'none', 'unknown')),
    choice('hurt', ['nothing', 'rim', 'line', 'fender'], limping),
    quantity('load', 'weight', limping),
    quantity('maximum', 'weight', limping),
    quantity('rating', 'weight', limping),
  ],
  decide: (answers) => {
    if (says(answers, 'spare', 'usable')) return here('spare-goes-on');
    // Past its age limit, but sound and under ten years.
    if (says(answers, 'spare', 'aged')) return care(50, 50, 'aged-spare');
    if (!says(answers, 'axles', 'more')) return stay('one-axle-no-spare');
    if (says(answers, 'hurt', 'line', 'unknown')) return stay('line-hurt');
    const load = figure(answers, 'load');
    const maximum = figure(answers, 'maximum');
    const rating = figure(answers, 'rating');
    if (load === undefined || maximum === undefined || rating === undefined)
      return creep('survivor-unknown', 2);
    return load <= maximum && load <= rating / 2
      ? care(25, 35, 'survivor-carries', [2, 5], 5)
      : creep('survivor-overloaded', 2);
  },
  at: 'wheel',
  onceDone: ['aged-spare'],
  leaves: (because) => [...agedSpare(because), 'survivor-inside', 'mates-of-same-make', 'find-cause'],
  work: changed,
});

/** Tread lifting, a bulge, or cord. */
export const carcass = defineTrouble({
  questions: [choice('spare', ['usable', 'aged', 'none'])],
  decide: (answers) => {
    if (says(answers, 'spare', 'usable')) return here('spare-goes-on');
    return says(answers, 'spare', 'aged') ? care(50, 50, 'aged-spare') : creep('coming-apart');
  },
  at: 'wheel',
  onceDone: ['aged-spare'],
  leaves: (because) => [...agedSpare(because), 'mates-of-same-make', 'find-cause'],
  work: changed,
});
