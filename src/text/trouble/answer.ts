import type { UnitSystem } from '@/core/base';
import type { Question } from '@/core/rules';
import { measure } from '../measure';
import { speedWords } from '../road';

/** A figure that answers a question, with its unit. */
export function answerWords(question: Question, value: number, system: UnitSystem): string {
  if (question.as === 'quantity') return measure(value, question.of, system);
  if (question.as === 'speed') return speedWords(value, system);
  return question.as === 'minutes' ? `${value} min` : String(value);
}
