import type { PlaceMark } from '@/core/base';
import { MARK_WORDS } from '@/text';
import { cx } from './cx';

const COLOR: Record<PlaceMark, string> = {
  clear: 'text-clear',
  soon: 'text-soon',
  unknown: 'text-unknown',
  due: 'text-due',
  stop: 'text-stop',
};

const SHAPE: Record<PlaceMark, React.ReactNode> = {
  clear: <circle cx="12" cy="12" r="8.6" fill="none" stroke="currentColor" strokeWidth="2.8" />,
  soon: (
    <>
      <circle cx="12" cy="12" r="8.8" fill="none" stroke="currentColor" strokeWidth="2.4" />
      <path d="M12 3.2a8.8 8.8 0 0 1 0 17.6z" fill="currentColor" />
    </>
  ),
  unknown: (
    <circle
      cx="12"
      cy="12"
      r="8.8"
      fill="none"
      stroke="currentColor"
      strokeWidth="2.4"
      strokeDasharray="3.4 3.5"
    />
  ),
  due: <path d="M12 1.6 22.4 12 12 22.4 1.6 12z" fill="currentColor" />,
  stop: (
    <>
      <path d="M7.6 1.5h8.8l6.1 6.1v8.8l-6.1 6.1H7.6l-6.1-6.1V7.6z" fill="currentColor" />
      <path d="M6 12h12" stroke="var(--sheet)" strokeWidth="3.2" />
    </>
  ),
};

/** A state as a shape: open ring, half ring, dashed ring, diamond, octagon with a bar. A word stands beside it, or is read out. */
export function Mark({
  mark,
  size = 20,
  spoken = false,
}: {
  mark: PlaceMark;
  size?: number;
  spoken?: boolean;
}) {
  return (
    <svg
      width={size}
      height={size}
      viewBox="0 0 24 24"
      className={cx('shrink-0', COLOR[mark])}
      {...(spoken ? { role: 'img', 'aria-label': MARK_WORDS[mark] } : { 'aria-hidden': true })}
    >
      {SHAPE[mark]}
    </svg>
  );
}

/** The color of a mark, for words beside it. */
export function markColor(mark: PlaceMark): string {
  return COLOR[mark];
}
