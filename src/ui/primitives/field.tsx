import { useId, type ComponentProps, type ReactNode } from 'react';
import { cx } from '../cx';
import { FieldError } from './field-error';

/** A line to type into, with its unit behind and what is wrong below. */
export function Field({
  label,
  hint,
  unit,
  error,
  big = false,
  className,
  ...input
}: ComponentProps<'input'> & {
  label: ReactNode;
  hint?: ReactNode;
  unit?: string | undefined;
  error?: string | undefined;
  big?: boolean;
}) {
  const id = useId();
  const notes = [hint && `${id}-hint`, error && `${id}-error`].filter(Boolean).join(' ');
  return (
    <div className={className}>
      <label htmlFor={id} className="mb-1.5 block font-semibold">
        {label}
      </label>
      <div
        className={cx(
          'bg-sheet flex items-center rounded-sheet border-[1.5px] focus-within:outline-3 focus-within:outline-offset-2 focus-within:outline-accent',
          error ? 'border-stop' : 'border-soft',
        )}
      >
        <input
          id={id}
          autoComplete="off"
          aria-invalid={error ? true : undefined}
          aria-describedby={notes || undefined}
          className={cx(
            'w-full min-w-0 flex-1 bg-transparent px-3 outline-none',
            big ? 'figures h-18 text-4xl font-semibold' : 'min-h-11 text-lg',
          )}
          {...input}
        />
        {unit && <span className={cx('text-soft pr-3 whitespace-nowrap', big && 'text-xl')}>{unit}</span>}
      </div>
      {hint && (
        <p id={`${id}-hint`} className="text-soft mt-1 text-[0.94rem]">
          {hint}
        </p>
      )}
      {error && <FieldError id={`${id}-error`}>{error}</FieldError>}
    </div>
  );
}

/** Lines of words. */
export function TextArea({
  label,
  error,
  ...rest
}: ComponentProps<'textarea'> & { label: ReactNode; error?: string | undefined }) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="mb-1.5 block font-semibold">
        {label}
      </label>
      <textarea
        id={id}
        rows={3}
        aria-invalid={error ? true : undefined}
        aria-describedby={error ? `${id}-error` : undefined}
        className={cx(
          'bg-sheet w-full rounded-sheet border-[1.5px] px-3 py-2 text-lg',
          error ? 'border-stop' : 'border-soft',
        )}
        {...rest}
      />
      {error && <FieldError id={`${id}-error`}>{error}</FieldError>}
    </div>
  );
}
