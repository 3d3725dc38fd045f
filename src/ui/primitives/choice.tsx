import { RadioGroup } from 'radix-ui';
import type { ReactNode } from 'react';
import { cx } from '../cx';
import { FieldError } from './field-error';

/** One of the things to choose from. */
export interface Option<T extends string> {
  readonly value: T;
  readonly label: ReactNode;
  readonly hint?: ReactNode;
  /** How it looks, above its words. */
  readonly drawing?: ReactNode;
}

/** More than so many are drawn lower where they would be large. */
const MANY = 6;

/** One choice of a few, each a target for a thumb. Arrow keys move between them. */
export function Choice<T extends string>({
  label,
  hideLabel = false,
  hint,
  error,
  options,
  value,
  onChange,
  onTap,
  columns = 'grid-cols-2 sm:grid-cols-3',
  big = false,
  top = false,
}: {
  label: ReactNode;
  hideLabel?: boolean;
  hint?: ReactNode;
  error?: string | undefined;
  options: readonly Option<T>[];
  value: T | undefined;
  onChange: (value: T) => void;
  /** Hears of what was tapped, as against what the arrow keys came past; also where it was chosen already. */
  onTap?: ((value: T) => void) | undefined;
  columns?: string;
  big?: boolean;
  /** What is in them begins at the top, as pictures do that are compared. */
  top?: boolean;
}) {
  return (
    <fieldset className="min-w-0">
      <legend className={cx('mb-1.5 font-semibold', hideLabel && 'sr-only')}>{label}</legend>
      {hint && <p className="text-soft -mt-1 mb-2 text-[0.94rem]">{hint}</p>}
      <RadioGroup.Root
        aria-label={typeof label === 'string' ? label : undefined}
        data-taps={onTap && ''}
        data-many={options.length > MANY ? '' : undefined}
        value={value ?? ''}
        onValueChange={(next) => onChange(next as T)}
        className={cx('grid gap-2', columns)}
      >
        {options.map((option) => (
          <RadioGroup.Item
            key={option.value}
            value={option.value}
            data-drawn={option.drawing ? '' : undefined}
            onClick={onTap && ((event) => event.detail > 0 && onTap(option.value))}
            className={cx(
              'border-line bg-sheet hover:border-ink flex flex-col items-start rounded-sheet border-[1.5px] px-3 py-2 text-left leading-snug',
              'data-[state=checked]:border-accent data-[state=checked]:bg-accent-wash data-[state=checked]:shadow-[inset_4px_0_0_var(--accent)]',
              top ? 'justify-start' : 'justify-center',
              big ? 'min-h-16 text-lg' : 'min-h-11',
            )}
          >
            <span className="font-semibold">
              {option.drawing && (
                <span data-drawing className="mb-1.5 block w-full">
                  {option.drawing}
                </span>
              )}
              {option.label}
            </span>
            {option.hint && <span className="text-soft text-[0.88rem]">{option.hint}</span>}
          </RadioGroup.Item>
        ))}
      </RadioGroup.Root>
      {error && <FieldError>{error}</FieldError>}
    </fieldset>
  );
}
