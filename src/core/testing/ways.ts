import { toSI } from '../base';
import { asked } from '../road';
import type { TroubleAnswers, Question, TroubleId } from '../rules';
import { FULL } from './runs';

const psi = (value: number) => toSI(value, 'psi');
const F = (value: number) => toSI(value, '°F');

/** What a question is answered with where every way is gone: its options, and that nobody knows; of a figure one on each side of its limits where all are tried, else one. */
function answersTo(question: Question): readonly (string | number | undefined)[] {
  const figures = (...all: readonly [number, ...number[]]) => [undefined, ...(FULL ? all : all.slice(-1))];
  switch (question.as) {
    case 'choice':
      return [undefined, ...question.options];
    case 'count':
      return [undefined, 0, 1, 2, 5];
    case 'speed':
      return figures(10, 14, 22, 27);
    case 'minutes':
      return figures(4);
    case 'quantity':
      switch (question.of) {
        case 'pressure':
          return figures(psi(40), psi(62));
        case 'temperature':
          return figures(F(60), F(120), F(220), F(190));
        case 'weight':
          return figures(1600, 800);
        default:
          return figures(0, 0.02, 0.004);
      }
  }
}

/** So deep every answer is tried; deeper all of them only where all are tried, else not known and one of them by turns. */
const DEEP = 3;

/** Every way through the questions of a trouble, each asked where those before it ask for it; where nobody knows it goes on without. */
export function* everyWay(id: TroubleId): Generator<TroubleAnswers> {
  let turn = 0;
  function* from(answers: TroubleAnswers, passed: ReadonlySet<string>): Generator<TroubleAnswers> {
    const next = asked(id, answers).find(
      (question) => answers[question.id] === undefined && !passed.has(question.id),
    );
    if (!next) {
      yield answers;
      return;
    }
    const all = answersTo(next);
    const deep = !FULL && Object.keys(answers).length + passed.size >= DEEP;
    turn += 1;
    for (const value of deep ? [undefined, all[1 + (turn % (all.length - 1))]] : all)
      if (value === undefined) yield* from(answers, new Set([...passed, next.id]));
      else yield* from({ ...answers, [next.id]: value }, passed);
  }
  yield* from({}, new Set());
}
