import { useId, type ReactNode } from 'react';
import { cx } from '../cx';

/** One of many, in a list of its own: the browser's, which every thumb, key and screen reader knows. */
export function Select({
  label,
  hidden = false,
  big = false,
  value,
  onChange,
  children,
}: {
  label: ReactNode;
  /** The label is read out only. */
  hidden?: boolean;
  big?: boolean;
  value: string;
  onChange: (value: string) => void;
  /** Its options. */
  children: ReactNode;
}) {
  const id = useId();
  return (
    <div className="grid min-w-0 gap-1.5">
      <label htmlFor={id} className={cx('font-semibold', hidden && 'sr-only')}>
        {label}
      </label>
      <select
        id={id}
        className={cx(
          'bg-sheet w-full rounded-sheet border-[1.5px] px-3 text-lg',
          big ? 'border-ink min-h-14' : 'border-soft min-h-11',
        )}
        value={value}
        onChange={(event) => onChange(event.target.value)}
      >
        {children}
      </select>
    </div>
  );
}
