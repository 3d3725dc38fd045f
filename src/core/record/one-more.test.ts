import { emptyRig, rigAfter, makeEntry, roadLimits, type RigState, type RoadLimits } from '../log';
import type { Place, RigModel } from '../rig';
import { HOUSE_DEFAULT, TROUBLE_IDS, type TroubleId, type TroubleAnswers } from '../rules';
import { soFar, troublePlaces } from '../road';
import { sampleModel } from '../testing/arbitraries';
import { FULL } from '../testing/runs';
import { everyWay } from '../testing/ways';
import { troubleEntries } from '.';

const RIG = '0196d000-0000-7000-8000-0000000000aa';
const NOW = '2026-05-16T12:00:00.000Z';
const model: RigModel = sampleModel({ axles: 2, brake: 'electric' });
const bare: RigState = { ...emptyRig(RIG), model };

/** One way of each trouble to each verdict that it can come to. */
const outcomes = TROUBLE_IDS.flatMap((trouble) => {
  const seen = new Map<string, TroubleAnswers>();
  for (const answers of everyWay(trouble)) {
    const { roll, distance, speed, because } = soFar(trouble, answers);
    const key = [roll, distance, speed, because].join(' ');
    if (!seen.has(key)) seen.set(key, answers);
  }
  return [...seen.values()].map((answers) => ({ trouble, answers }));
});

let id = 0;
const newId = () => `0196d000-0000-7000-8000-${String((id += 1)).padStart(12, '0')}`;

/** A rig with a trouble told at a place, and left open. */
function withTrouble(rig: RigState, { trouble, answers }: (typeof outcomes)[number], place: Place | 'rig') {
  const told = Object.fromEntries(
    Object.entries(answers).flatMap(([key, value]) => (value === undefined ? [] : [[key, value]])),
  );
  const drafts = troubleEntries(
    { trouble, place, underWay: true, answers: told, outcome: 'open', used: [], photos: [] },
    { rig, model, house: HOUSE_DEFAULT, now: NOW, newId },
  );
  return rigAfter(
    rig,
    drafts.map(({ kind, id: own, body }) =>
      makeEntry(kind, { id: own ?? newId(), rig: RIG, happened: NOW, recorded: NOW }, body),
    ),
  );
}

const WORDS = ['care', 'creep', 'stay'] as const;
const grave = (limits: RoadLimits | undefined) => (limits ? WORDS.indexOf(limits.roll) + 1 : 0);
function isMilder(both: RoadLimits | undefined, one: RoadLimits | undefined): boolean {
  if (grave(both) < grave(one)) return true;
  if (!one || !both || both.roll === 'stay') return false;
  return (
    (both.left ?? Infinity) > (one.left ?? Infinity) + 1 ||
    (both.speed ?? Infinity) > (one.speed ?? Infinity) + 1e-6
  );
}

/** Where the second of two lies to the first: on its axle, its side, or at the other corner. */
const OTHERS: readonly Place[] = ['1R', '2L', '2R'];
const placeOf = (trouble: TroubleId, wanted: Place): Place | 'rig' => {
  const places = troublePlaces(trouble, model);
  return places.includes(wanted) ? wanted : (places[0] ?? 'rig');
};

test('one more trouble is never milder: not in its word, its miles or its speed', () => {
  let pairs = 0;
  const wrong: string[] = [];
  const alone = outcomes.map((one) => withTrouble(bare, one, placeOf(one.trouble, '1L')));
  // All of them where everything is tried, else every fiftieth.
  outcomes.forEach((first, i) =>
    outcomes.forEach((second, j) =>
      OTHERS.forEach((place, k) => {
        if (!FULL && (i * 7919 + j * 104_729 + k * 1299) % 50 !== 0) return;
        const before = alone[i] ?? bare;
        const where = placeOf(second.trouble, place);
        // The same one told again is judged anew by what is known by then.
        if (first.trouble === second.trouble && where === placeOf(first.trouble, '1L')) return;
        const both = roadLimits(withTrouble(before, second, where), NOW);
        const single = roadLimits(withTrouble(bare, second, where), NOW);
        pairs += 1;
        if ((isMilder(both, roadLimits(before, NOW)) || isMilder(both, single)) && wrong.length < 10)
          wrong.push(
            `${first.trouble} ${JSON.stringify(first.answers)} and ${second.trouble} ${JSON.stringify(second.answers)} at ${where}`,
          );
      }),
    ),
  );
  expect(wrong).toEqual([]);
  if (FULL) process.stdout.write(`one more is never milder: ${pairs.toLocaleString('en-US')} pairs\n`);
  else expect(pairs).toBeGreaterThan(500);
});

test('told again as one that stays, it stays', () => {
  const care = withTrouble(bare, { trouble: 'lights', answers: { which: 'running', time: 'day' } }, 'rig');
  expect(roadLimits(care, NOW)?.roll).toBe('care');
  expect(roadLimits(withTrouble(care, { trouble: 'lights', answers: {} }, 'rig'), NOW)?.roll).toBe('stay');
});
