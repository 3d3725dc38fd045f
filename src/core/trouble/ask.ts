import type { Answers, Question } from './define';
import type { TroubleId } from './ids';
import { TROUBLES } from './troubles';
import type { RoadVerdict } from './verdict';

export type { Answers, Question, TroubleDef } from './define';

/** The questions of a trouble that are asked, by what was answered. */
export function asked(id: TroubleId, answers: Answers): readonly Question[] {
  return TROUBLES[id].questions.filter(({ when }) => when?.(answers) ?? true);
}

/** The next question that still decides; none where all are answered. */
export function nextQuestion(id: TroubleId, answers: Answers): Question | undefined {
  return asked(id, answers).find((question) => answers[question.id] === undefined);
}

/** The verdict by what was answered so far: what is not answered counts as unknown, and what is asked no more is not heard. */
export function soFar(id: TroubleId, answers: Answers): RoadVerdict {
  const heard = asked(id, answers).flatMap((question) => {
    const answer = answers[question.id];
    return answer === undefined ? [] : [[question.id, answer] as const];
  });
  return TROUBLES[id].decide(Object.fromEntries(heard));
}
