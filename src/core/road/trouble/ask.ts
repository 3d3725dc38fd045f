import { type TroubleAnswers, type Question, type TroubleId, TROUBLES, type RoadVerdict } from '../../rules';

/** What of some answers is heard, question by question: one that is asked no more says nothing, and decides no other. */
function hear(
  id: TroubleId,
  answers: TroubleAnswers,
): { readonly asked: readonly Question[]; readonly heard: TroubleAnswers } {
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
export function asked(id: TroubleId, answers: TroubleAnswers): readonly Question[] {
  return hear(id, answers).asked;
}

/** The next question that still decides; none where all are answered. */
export function nextQuestion(id: TroubleId, answers: TroubleAnswers): Question | undefined {
  return asked(id, answers).find((question) => answers[question.id] === undefined);
}

/** The verdict by what was answered so far: what is not answered counts as unknown, and what is asked no more is not heard. */
export function soFar(id: TroubleId, answers: TroubleAnswers): RoadVerdict {
  return TROUBLES[id].decide(hear(id, answers).heard);
}
