import { FULL } from '../../testing/runs';
import { everyWay } from '../../testing/ways';
import { asked, soFar } from '..';
import { type TroubleAnswers, ROLLS, TROUBLE_IDS, type RoadVerdict, type TroubleId } from '../../rules';

const grave = ({ roll }: RoadVerdict) => ROLLS.indexOf(roll);

/** True where the first is milder than the second: in its word, or in one word by its miles or speed. */
function isMilder(unknown: RoadVerdict, known: RoadVerdict): boolean {
  if (grave(unknown) !== grave(known)) return grave(unknown) < grave(known);
  if (unknown.roll === 'here') return false;
  return (
    (unknown.distance ?? 0) > (known.distance ?? 0) + 1e-6 || (unknown.speed ?? 0) > (known.speed ?? 0) + 1e-6
  );
}

/** Where one stands is no matter of how bad it is; a wheel changed for want of an answer is more done, not less; two figures that cannot both be right say nothing. */
const isApart = (question: string, unknown: RoadVerdict, known: RoadVerdict) =>
  question === 'danger' || /spare|survivor/.test(unknown.because) || known.because === 'pressures-differ';

let compared = 0;

/** Every answer on every way, held against the same way with that one not known; the first few that are milder. */
function milder(id: TroubleId): readonly string[] {
  const wrong: string[] = [];
  for (const answers of everyWay(id)) {
    const known = soFar(id, answers);
    for (const question of asked(id, answers)) {
      if (question.as !== 'choice' || answers[question.id] === undefined) continue;
      const { [question.id]: answer, ...rest } = answers;
      const unknown = soFar(id, rest as TroubleAnswers);
      compared += 1;
      if (!isApart(question.id, unknown, known) && isMilder(unknown, known) && wrong.length < 5)
        wrong.push(
          `${question.id} ${answer}: ${known.because}, not known: ${unknown.because}, ${JSON.stringify(answers)}`,
        );
    }
  }
  return wrong;
}

test.each(TROUBLE_IDS)('%s: not known is never milder, whatever else was answered', (id) =>
  expect(milder(id)).toEqual([]),
);

afterAll(() => {
  if (FULL)
    process.stdout.write(`not known is never milder: ${compared.toLocaleString('en-US')} answers compared\n`);
});
