import Link from 'next/link';
import type { ReactNode } from 'react';

/** What is named in a text or list, as the way to its page. */
export function Named({ href, children }: { href: string; children: ReactNode }) {
  return (
    <Link
      prefetch={false}
      href={href}
      className="decoration-line hover:decoration-ink underline underline-offset-4"
    >
      {children}
    </Link>
  );
}
