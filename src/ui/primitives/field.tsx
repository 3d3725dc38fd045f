import { useId, useRef, type ComponentProps, type ReactNode } from 'react';
import { cx } from '../cx';
import { usePadded, usePads, type PadKind } from '../pad/pad-context';
import { FieldError } from './field-error';
import { LIKELY_WORDS, type Likely } from '@/text';

/** What the pad types where a field wants this of a keyboard. */
function kindOf(mode: ComponentProps<'input'>['inputMode']): PadKind | undefined {
  if (mode === 'numeric') return 'whole';
  return mode === 'decimal' ? 'figure' : undefined;
}

/** A line to type into, with its unit behind and what is wrong below. */
export function Field({
  label,
  hint,
  unit,
  error,
  big = false,
  className,
  pad,
  beside,
  ...input
}: ComponentProps<'input'> & {
  label: ReactNode;
  hint?: ReactNode;
  unit?: string | undefined;
  error?: string | undefined;
  big?: boolean;
  /** What our own pad types here, where it is not what the input mode says already. */
  pad?: PadKind | undefined;
  /** What stands beside the figure on the pad: what was read last, and at the mate. */
  beside?: string | undefined;
}) {
  const id = useId();
  const padded = usePadded(pad ?? kindOf(input.inputMode), { unit, beside });
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
          {...padded}
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

/** A text with one more word at its end. */
function withWord(text: string, word: string): string {
  const before = text.trimEnd();
  if (before === '') return word;
  return `${before}${/[.,;:]$/.test(before) ? '' : ','} ${word.toLowerCase()}`;
}

/** The words that are likeliest, to be tapped where a keyboard is too small for the hand. */
function LikelyChips({ likely, onWord }: { likely: Likely; onWord: (word: string) => void }) {
  return (
    <div className="mb-2 flex flex-wrap gap-1.5" role="group" aria-label="Likely words">
      {LIKELY_WORDS[likely].map((word) => (
        <button
          key={word}
          type="button"
          data-low
          className="border-soft bg-sheet min-h-12 rounded-sheet border-[1.5px] px-3 text-lg font-semibold"
          onClick={() => onWord(word)}
        >
          {word}
        </button>
      ))}
    </div>
  );
}

/** Lines of words. */
export function TextArea({
  label,
  error,
  likely,
  ...rest
}: ComponentProps<'textarea'> & {
  label: ReactNode;
  error?: string | undefined;
  /** Which words are likely here: they are chips with gloves on. */
  likely?: Likely;
}) {
  const id = useId();
  const pads = usePads();
  // A form has its own hold on the text area: ours is on what is around it.
  const box = useRef<HTMLDivElement>(null);
  // As a keyboard would: whoever holds the text hears of it the one way.
  const put = (word: string) => {
    const area = box.current?.querySelector('textarea');
    if (!area) return;
    area.setRangeText(withWord(area.value, word), 0, area.value.length, 'end');
    area.dispatchEvent(new Event('input', { bubbles: true }));
  };
  return (
    <div ref={box}>
      <label htmlFor={id} className="mb-1.5 block font-semibold">
        {label}
      </label>
      {pads && likely && <LikelyChips likely={likely} onWord={put} />}
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
