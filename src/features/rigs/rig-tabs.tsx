'use client';

import Link from 'next/link';
import type { ReactNode } from 'react';
import { cx } from '@/ui';
import type { RigView } from './use-rigs';

/** The rigs of the yard side by side; each is a place of its own. */
export function RigTabs({
  rigs,
  chosen,
  href,
  children,
}: {
  rigs: readonly RigView[];
  chosen: string | undefined;
  href: (rig: string) => string;
  children?: ReactNode;
}) {
  return (
    <nav aria-label="Rigs" className="-ml-2 flex min-w-0 gap-1 overflow-x-auto">
      {rigs.map(({ rig, model }) => (
        <Link
          key={rig.id}
          prefetch={false}
          href={href(rig.id)}
          aria-current={rig.id === chosen ? 'page' : undefined}
          className={cx(
            'min-h-11 shrink-0 border-b-[3px] px-2 py-2 whitespace-nowrap',
            rig.id === chosen ? 'border-accent font-semibold' : 'text-soft hover:text-ink border-transparent',
          )}
        >
          {model.name}
        </Link>
      ))}
      {children}
    </nav>
  );
}
