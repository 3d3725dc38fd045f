'use client';

import { Minus, Plus } from 'lucide-react';
import { Button, usePadded } from '@/ui';
import { useStepKeys } from './use-step-keys';

/** A count kept with one greasy thumb: the whole wide button is one more. */
export function Counter({
  label,
  unit,
  value,
  max,
  onChange,
}: {
  label: string;
  unit: string;
  value: string | undefined;
  max: number;
  onChange: (value: string) => void;
}) {
  const count = Math.max(0, Math.floor(Number(value ?? '') || 0));
  const more = () => count < max && onChange(String(count + 1));
  useStepKeys({ count: more });
  const padded = usePadded('whole');
  return (
    <div role="group" aria-label={label}>
      <p className="mb-1.5 font-semibold">{label}</p>
      <div className="flex items-stretch gap-2">
        <Button
          size="lg"
          aria-label={`${label}: one less`}
          disabled={count === 0}
          onClick={() => onChange(String(count - 1))}
        >
          <Minus aria-hidden />
        </Button>
        <input
          className="border-line bg-sheet figures w-24 rounded-sheet border-[1.5px] px-2 text-center text-4xl font-semibold"
          aria-label={`${label}: typed`}
          inputMode="numeric"
          maxLength={3}
          placeholder="–"
          value={value ?? ''}
          onChange={(event) => onChange(event.target.value.replace(/\D/g, ''))}
          {...padded}
        />
        <Button
          size="lg"
          className="min-h-20 flex-1"
          aria-label={`${label}: one more`}
          disabled={count >= max}
          onClick={more}
        >
          <Plus aria-hidden /> <span className="text-xl">1 {unit}</span>
        </Button>
      </div>
    </div>
  );
}
