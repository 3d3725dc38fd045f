import { choice, defineTrouble, says } from './define';
import { care, creep, here, stay } from './verdict';

/** Smoke or flames at a wheel: cooled, it is judged by its row. */
export const smoke = defineTrouble({
  questions: [
    choice('flames', ['none', 'flames']),
    choice('from', ['tire', 'brakes', 'hub'], (answers) => says(answers, 'flames', 'none')),
  ],
  decide: (answers) => {
    if (!says(answers, 'flames', 'none')) return stay('flames');
    if (says(answers, 'from', 'tire')) return stay('as-rolled-flat');
    return stay(says(answers, 'from', 'brakes') ? 'as-dragging' : 'as-hub-hot');
  },
  at: 'wheel',
  leaves: () => ['repack-here', 'brake-here'],
});

/** Smoke, gas or a hot wire that is not at a wheel. */
export const wire = defineTrouble({
  questions: [
    choice('what', ['hot-wire', 'gas', 'flames']),
    choice('cause', ['put-right', 'not-found'], (answers) => says(answers, 'what', 'hot-wire')),
  ],
  decide: (answers) => {
    if (says(answers, 'what', 'gas')) return stay('gas-smelt');
    if (!says(answers, 'what', 'hot-wire')) return stay('flames');
    return says(answers, 'cause', 'put-right') ? here('wire-put-right') : stay('wire-hot');
  },
  at: 'rig',
  leaves: () => ['circuit'],
});

/** Struck, jackknifed, or off the road. */
export const struck = defineTrouble({
  questions: [choice('found', ['all-sound', 'damage'])],
  decide: (answers) =>
    says(answers, 'found', 'all-sound') ? care(25, 45, 'struck-sound', [1, 5, 10]) : stay('struck'),
  at: 'rig',
  leaves: () => ['look-all-over'],
});

/** Noise, shaking, a smell, pulling aside: not known what. */
export const noise = defineTrouble({
  questions: [
    choice('found', ['nothing', 'something']),
    choice('looked', ['all-round', 'not-traffic-side'], (answers) => says(answers, 'found', 'nothing')),
    choice(
      'tried',
      ['gone', 'still-there'],
      (answers) => says(answers, 'found', 'nothing') && says(answers, 'looked', 'all-round'),
    ),
  ],
  decide: (answers) => {
    if (!says(answers, 'found', 'nothing')) return stay('leads-to-its-row');
    if (says(answers, 'looked', 'not-traffic-side')) return creep('look-where-safe');
    return says(answers, 'looked', 'all-round') && says(answers, 'tried', 'gone')
      ? care(25, 45, 'noise-gone', [2, 5, 10, 25])
      : stay('noise-stays');
  },
  at: 'rig',
  leaves: () => ['look-all-over'],
});
