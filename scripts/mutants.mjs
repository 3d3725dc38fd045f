/**
 * `npm run mutants [-- <words>]`: does one known harm after another to the product, and asks that the test named beside
 * it fails. A danger that was met once is kept here, so that a change of the tests cannot lose the one that guards it.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { ensurePackages, root, say, tool } from './steps.mjs';

const YARD = 'src/features/yard/yard.test.tsx';
const BENCH = 'src/features/bench/bench.test.tsx';
const JOBS = 'src/features/bench/jobs.test.tsx';
const LOGBOOK = 'src/features/logbook/logbook.test.tsx';
const RIG = 'src/features/rig/rig.test.tsx';

/** What is done to which file, and the test (by the words it begins with) that has to fail. */
const MUTANTS = [
  [
    'miles below nothing are taken',
    'src/core/judge/trip.ts',
    "if (distance < 0) return [refuse('distance', 'negative')];",
    '',
    YARD,
    'miles: negative',
  ],
  [
    'a very long trip is not asked about',
    'src/core/judge/trip.ts',
    "distance > LONG ? [ask('distance', 'long')] : []",
    '[]',
    YARD,
    'miles: negative',
  ],
  [
    'a trip may end tomorrow',
    'src/core/judge/trip.ts',
    "...(happened > now ? [refuse('happened', 'future')] : []),",
    '',
    YARD,
    'a day that has not come',
  ],
  [
    'trips by the vehicle overlap unasked',
    'src/core/judge/trip.ts',
    'if (crossed) return',
    'if (false) return',
    YARD,
    'miles by the tow vehicle',
  ],
  [
    'the second half of a double tap writes again',
    'src/features/forms/same-act.ts',
    'if (last?.key === key && (',
    'if (false && last && (',
    'src/features/forms/same-act.test.ts',
    '',
  ],
  [
    'what could not be taken back is not said',
    'src/features/forms/use-record.ts',
    'sayUnstored(error);\n          acts.forget();',
    'acts.forget();',
    YARD,
    'a walk goes on after',
  ],
  [
    'a form taken up again forgets its units',
    'src/features/forms/use-sheet-form.ts',
    'setUnits(kept.units);',
    '',
    YARD,
    'a sheet half typed',
  ],
  [
    'a form is not on disk from the first letter',
    'src/features/forms/use-sheet-form.ts',
    'reported(keep(getValues()));',
    '',
    YARD,
    'a sheet half typed',
  ],
  [
    'a reading begun afresh writes the figure before',
    'src/features/logbook/wheel-end/reading-dialog.tsx',
    'value === undefined || blank',
    'value === undefined',
    YARD,
    'a reading begun afresh',
  ],
  [
    'an empty round is logged',
    'src/features/duties/done-dialog.tsx',
    'Mark at least one place',
    'Well',
    YARD,
    'a round is logged',
  ],
  [
    'steps are read by a voice of the network',
    'src/ui/voices.ts',
    'localService && ',
    '',
    BENCH,
    'where the device has no voice',
  ],
  [
    'a card with a nut loose is dropped',
    'src/features/bench/open-cards.tsx',
    '{!isUnfit(run) && <Button',
    '{<Button',
    BENCH,
    'a card begun by mistake',
  ],
  [
    'a card begins with a torque that nobody knows',
    'src/features/bench/lay-out-first.tsx',
    'disabled={!mayStart}',
    'disabled={false}',
    BENCH,
    'a lug torque that nobody',
  ],
  [
    'a grade that is not clear closes its step',
    'src/features/bench/step-page.tsx',
    "step.step === 'see-hub' || !clear || ",
    "step.step === 'see-hub' || ",
    BENCH,
    'a grade that ends',
  ],
  [
    'the wrong hand of a plate goes on',
    'src/core/routine/tap.ts',
    "value === wanted ? undefined : { code: 'wrong-hand', wanted }",
    'undefined',
    JOBS,
    'electric brakes on a bare axle',
  ],
  [
    'what forbade towing is closed by a tick',
    'src/features/logbook/findings/fix-dialog.tsx',
    "how.trim() === '' && (asked || !by)",
    'false',
    LOGBOOK,
    'something that is not right',
  ],
  [
    'week 54 is a date',
    'src/core/figures/dot.ts',
    'if (week < 1 || made >= mondayOf(year + 1, 1))',
    'if (week < 1)',
    RIG,
    'identify',
  ],
  [
    'three digits are a date of this century',
    'src/core/figures/dot.ts',
    "if (digits.length === 3) return fail({ code: 'before-2000' });",
    '',
    RIG,
    'identify',
  ],
  [
    'what was let go of comes back with an archive',
    'src/core/log/fold.ts',
    'house !== undefined && house.gone.rigs.includes(rig)',
    'house === undefined && rig === ""',
    'src/core/log/let-go.test.ts',
    '',
  ],
];

await ensurePackages();
const wanted = process.argv.slice(2);
let survived = 0;
for (const [harm, file, from, to, test, begins] of MUTANTS) {
  if (wanted.length > 0 && !wanted.some((word) => harm.includes(word))) continue;
  const path = `${root}${file}`;
  const whole = readFileSync(path, 'utf8');
  if (whole.split(from).length !== 2) throw new Error(`${harm}: its line stands no longer once in ${file}`);
  const put = () => writeFileSync(path, whole);
  process.once('SIGINT', put);
  writeFileSync(
    path,
    whole.replace(from, () => to),
  );
  try {
    const { code } = await tool('jest', ['--ci', '-i', test, '-t', begins], { quiet: true });
    if (code === 0) survived += 1;
    console.log(`${code === 0 ? 'SURVIVED' : 'died'}: ${harm}`);
  } finally {
    put();
    process.removeListener('SIGINT', put);
  }
}
say(survived === 0 ? 'Every harm was noticed' : `${survived} went unnoticed`);
process.exit(survived === 0 ? 0 : 1);
