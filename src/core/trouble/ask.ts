import type { Answers, Question } from './define';
import type { TroubleId } from './ids';
import { TROUBLES } from './troubles';
import type { RoadVerdict } from './verdict';

export type { Answers, Question, TroubleDef } from './define';

/** What of some answers is heard, question by question: one that is asked no more says nothing, and decides no other. */
function hear(
  id: TroubleId,
  answers: Answers,
): { readonly asked: readonly Question[]; readonly heard: Answers } {
  const asked: Question[] = [];
  const heard: Record<string, string | number> = {};
  for (const question of TROUBLES[id].questions) {
    if (!(question.when?.(heard) ?? true)) continue;
    asked.push(question);
    const answer = answers[question.id];
    if (answer !== undefined) heard[question.id] = answer;
  }
  return { asked, heard };
}

/** The questions of a trouble that are asked, by what was answered; each by those before it. */
export function asked(id: TroubleId, answers: Answers): readonly Question[] {
  return hear(id, answers).asked;
}

/** The next question that still decides; none where all are answered. */
export function nextQuestion(id: TroubleId, answers: Answers): Question | undefined {
  return asked(id, answers).find((question) => answers[question.id] === undefined);
}

/** The verdict by what was answered so far: what is not answered counts as unknown, and what is asked no more is not heard. */
export function soFar(id: TroubleId, answers: Answers): RoadVerdict {
  return TROUBLES[id].decide(hear(id, answers).heard);
}
