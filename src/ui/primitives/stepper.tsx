import { Minus, Plus } from 'lucide-react';
import { cx } from '../cx';

/** A count moved up and down by large buttons. */
export function Stepper({
  label,
  value,
  text = String(value),
  unit,
  onChange,
  min = 0,
  max = Number.MAX_SAFE_INTEGER,
  by = 1,
  big = false,
}: {
  label: string;
  value: number;
  text?: string;
  unit?: string;
  onChange: (value: number) => void;
  min?: number;
  max?: number;
  by?: number;
  big?: boolean;
}) {
  const side = cx(
    'border-ink bg-sheet grid place-items-center rounded-sheet border-[1.5px] disabled:opacity-35',
    big ? 'size-16' : 'size-11',
  );
  return (
    <div role="group" aria-label={label} className="flex items-center gap-3">
      <button
        type="button"
        className={side}
        aria-label={`${label}: less`}
        disabled={value <= min}
        onClick={() => onChange(value - by)}
      >
        <Minus aria-hidden />
      </button>
      <output className="min-w-16 text-center">
        <span className={cx('figures font-semibold', big ? 'text-5xl' : 'text-2xl')}>{text}</span>
        {unit && <span className={cx('text-soft ml-2', big && 'text-xl')}>{unit}</span>}
      </output>
      <button
        type="button"
        className={side}
        aria-label={`${label}: more`}
        disabled={value >= max}
        onClick={() => onChange(value + by)}
      >
        <Plus aria-hidden />
      </button>
    </div>
  );
}
