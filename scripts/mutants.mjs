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
const ROAD = 'src/features/road/road.test.tsx';
const LIMITS = 'src/core/log/road-limits.test.ts';
const TROUBLE = 'src/core/trouble/trouble.test.ts';
const CURED = 'src/core/routine/cured.test.ts';
const WATCH = 'src/core/trip/watch.test.ts';

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
  [
    'two cautions on one axle are no creep',
    'src/core/log/road-limits.ts',
    "if (onOneAxle(one, other)) return 'two-on-one-axle';",
    '',
    LIMITS,
    'two of different causes',
  ],
  [
    'the lower speed of two limits is forgotten',
    'src/core/log/road-limits.ts',
    'const speed = least([...standing.map(({ limit }) => limit.speed), joined && CREEP.speed]);',
    'const speed = by.limit?.speed;',
    LIMITS,
    'a creep of five miles',
  ],
  [
    'the mile of a creep begins anew',
    'src/core/log/road-limits.ts',
    "if (crept === 0 && joined) return { roll: 'stay', joined, by, of };",
    '',
    LIMITS,
    'the mile of a creep',
  ],
  [
    'a wheel that is lost may go on',
    'src/core/log/road-limits.ts',
    "if (stops.length > 0) return { roll: 'stay', by, of };",
    '',
    ROAD,
    'a wheel lost stays',
  ],
  [
    'a hub too hot at a stop drives on',
    'src/core/log/road-limits.ts',
    '|| isHotHere(one, rig)',
    '',
    LIMITS,
    'a hub too hot',
  ],
  [
    'a tire at half of its target rolls on',
    'src/core/trouble/tires.ts',
    'return target !== undefined && now !== undefined && now <= target / 2;',
    'return false;',
    TROUBLE,
    'soft',
  ],
  [
    'a pump that cannot keep up goes fifty miles',
    'src/core/trouble/tires.ts',
    'mayGoOn ? 50 : every,',
    '50,',
    TROUBLE,
    'soft',
  ],
  [
    'a mate that nobody read is as warm as the hub',
    'src/core/trouble/hubs.ts',
    "(figure(answers, 'mate') ?? Math.min(air, hub))",
    "(figure(answers, 'mate') ?? hub)",
    TROUBLE,
    'hot',
  ],
  [
    'an answer that is asked no more decides',
    'src/core/trouble/ask.ts',
    'if (!(question.when?.(heard) ?? true)) continue;',
    '',
    TROUBLE,
    '',
  ],
  [
    'two nuts side by side are two nuts',
    'src/core/trouble/hubs.ts',
    "if (gone >= 2 && !says(answers, 'neighbors', 'apart')) return stay('two-neighbors');",
    '',
    TROUBLE,
    'studs',
  ],
  [
    'gas is moved away from',
    'src/core/trouble/out.ts',
    "new Set<Because>(['flames', 'gas-smelt'])",
    "new Set<Because>(['flames'])",
    TROUBLE,
    'whatever stays',
  ],
  [
    'the rig in hand is the first one',
    'src/features/rigs/use-chosen-rig.ts',
    'return of(chosenRig()) ?? rigs[0];',
    'return rigs[0];',
    ROAD,
    'the rig in hand',
  ],
  [
    'an emergency of another stop goes on',
    'src/features/road/trouble/trouble-draft.ts',
    'msOf(now) - msOf(said) > ANOTHER_STOP',
    'false',
    ROAD,
    'a trouble told at another stop',
  ],
  [
    'driving on against it is not on record',
    'src/features/road/way/against-dialog.tsx',
    "[decisionEntry(limits?.by, { decided: `Drove on against: ${said[0] ?? ''}`, why })]",
    '[]',
    ROAD,
    'a wheel lost stays',
  ],
  [
    'a glance at a stop closes what was found',
    'src/core/walk/looks.ts',
    'return IN_PASSING.has(walk) && !BY_HAND.has(look);',
    'return false;',
    'src/core/record/walk.test.ts',
    'what a walk finds gone',
  ],
  [
    'a new cap closes a nut without its lock',
    'src/core/routine/cured.ts',
    "if (what === 'cap' && grade === 'lock-gone')",
    'if (false)',
    CURED,
    '',
  ],
  [
    'the last lamp closes every lamp',
    'src/core/routine/cured.ts',
    "if (of.what === 'lamp') return after < 0 && allLit(run);",
    "if (of.what === 'lamp') return true;",
    CURED,
    '',
  ],
  [
    'water that nobody told is fresh',
    'src/core/rig/water.ts',
    "environment?.water !== 'fresh'",
    "environment?.water !== undefined && environment.water !== 'fresh'",
    'src/core/rules/rules.test.ts',
    'water that is not told',
  ],
  [
    'a blow-out waits for its turn',
    'src/core/trip/watch.ts',
    'if (!falls && sample.at',
    'if (sample.at',
    WATCH,
    'a blow-out',
  ],
  [
    'a cold tire is judged as a warm one',
    'src/core/trip/watch.ts',
    '...(isCold(watch, place, value, now) && { cold: value }),',
    '',
    WATCH,
    'a tire that has not warmed',
  ],
  [
    'a spare read low goes on',
    'src/core/record/trouble-known.ts',
    "if (state !== 'fails') return undefined;",
    'return undefined;',
    'src/core/record/trouble.test.ts',
    'what the rig tells',
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
