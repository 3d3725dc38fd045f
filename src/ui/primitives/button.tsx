import Link from 'next/link';
import type { ComponentProps } from 'react';
import { cx } from '../cx';

const LOOKS = {
  primary: 'bg-accent text-accent-ink border-accent hover:brightness-110 font-semibold',
  plain: 'bg-sheet text-ink border-ink hover:bg-accent-wash font-semibold',
  danger: 'bg-sheet text-stop border-stop hover:bg-stop-wash font-semibold',
  quiet:
    'bg-transparent text-ink border-transparent underline decoration-line underline-offset-4 hover:decoration-ink',
} as const;

const SIZES = { md: 'min-h-11 px-4 text-base', lg: 'min-h-16 px-3 text-lg sm:px-6' } as const;

interface Look {
  look?: keyof typeof LOOKS;
  size?: keyof typeof SIZES;
}

function classes({ look = 'plain', size = 'md' }: Look, more: string | undefined): string {
  return cx(
    'inline-flex items-center justify-center gap-2 rounded-sheet border-[1.5px] text-center leading-tight',
    'transition-[filter,background-color] active:translate-y-px disabled:opacity-45 disabled:active:translate-y-0',
    LOOKS[look],
    SIZES[size],
    more,
  );
}

/** A button; says what happens. */
export function Button({ look, size, className, type = 'button', ...rest }: ComponentProps<'button'> & Look) {
  return <button type={type} className={classes({ look, size }, className)} {...rest} />;
}

/** A way to another place that looks like a button. */
export function LinkButton({ look, size, className, ...rest }: ComponentProps<typeof Link> & Look) {
  // Prefetched pieces are not kept for use without a network; whole pages are.
  return <Link prefetch={false} className={classes({ look, size }, className)} {...rest} />;
}
