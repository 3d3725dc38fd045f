import { useState } from 'react';
import { parseNumber, parseQuantity, toSI, unitFor } from '@/core/base';
import type { Question } from '@/core/rules';
import { usePreferences } from '@/store';
import { Button, Field } from '@/ui';

/** A figure that decides, typed with its unit; what is not known is said so. */
export function FigureAnswer({
  question,
  typed,
  onTyped,
  onAnswer,
}: {
  question: Question;
  /** What was typed here before. */
  typed: string | undefined;
  /** Hears of every letter: what is typed beside a road is kept before it is answered with. */
  onTyped: (text: string) => void;
  onAnswer: (answer: number | 'unknown') => void;
}) {
  const { units } = usePreferences();
  const [own, setText] = useState<string>();
  const text = own ?? typed ?? '';
  const [bad, setBad] = useState(false);
  const unit =
    question.as === 'quantity'
      ? unitFor(question.of, units)
      : question.as === 'speed'
        ? units === 'us'
          ? 'mph'
          : 'km/h'
        : question.as === 'minutes'
          ? 'min'
          : undefined;
  const take = () => {
    const read =
      question.as === 'quantity'
        ? parseQuantity(text, question.of, unitFor(question.of, units))
        : parseNumber(text);
    const fits =
      read.ok &&
      (question.as === 'quantity' || read.value >= 0) &&
      (question.as !== 'count' || Number.isInteger(read.value));
    if (!fits) return setBad(true);
    onAnswer(question.as === 'speed' ? toSI(read.value, units === 'us' ? 'mi' : 'km') / 3600 : read.value);
  };
  return (
    <form
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        take();
      }}
    >
      <Field
        label="Figure"
        big
        autoFocus
        inputMode={question.as === 'count' ? 'numeric' : 'decimal'}
        unit={unit}
        value={text}
        error={
          bad
            ? `${question.as === 'count' ? 'A whole number' : 'A number'}${unit ? `, in ${unit}` : ''}.`
            : undefined
        }
        onChange={(event) => {
          setText(event.target.value);
          onTyped(event.target.value);
          setBad(false);
        }}
      />
      <Button type="submit" look="primary" size="lg" className="min-h-20 text-xl">
        Next
      </Button>
      <Button size="lg" onClick={() => onAnswer('unknown')}>
        Not known
      </Button>
    </form>
  );
}
