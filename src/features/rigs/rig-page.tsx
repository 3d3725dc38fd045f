'use client';

import Link from 'next/link';
import { useEffect, useRef, type ReactNode } from 'react';
import { PATHS } from '@/links';
import { cx } from '@/ui';
import { RigTabs } from './rig-tabs';
import type { RigView, Rigs } from './use-rigs';
import { WithRig } from './with-rig';

const PAGES = [
  [PATHS.rig, 'Facts'],
  [PATHS.survey, 'First inspection'],
  [PATHS.rules, 'House rules'],
  [PATHS.identify, 'Identify'],
] as const;

/** The pages about a rig, the one in hand in sight on a narrow screen too. */
function Pages({ path, rig, name }: { path: string; rig: string; name: string }) {
  const here = useRef<HTMLAnchorElement>(null);
  useEffect(() => {
    const link = here.current;
    if (link?.parentElement)
      link.parentElement.scrollLeft = link.offsetLeft - link.parentElement.offsetLeft - 40;
  }, [path]);
  return (
    <nav aria-label={`About ${name}`} className="mt-1 mb-5 flex gap-1.5 overflow-x-auto py-1">
      {PAGES.map(([href, word]) => (
        <Link
          key={href}
          ref={href === path ? here : undefined}
          prefetch={false}
          href={`${href}?rig=${rig}`}
          aria-current={href === path ? 'page' : undefined}
          className={cx(
            'grid min-h-11 shrink-0 place-items-center rounded-sheet border-[1.5px] px-3.5 whitespace-nowrap',
            href === path
              ? 'border-accent bg-accent-wash font-semibold'
              : 'border-line hover:border-ink text-soft',
          )}
        >
          {word}
        </Link>
      ))}
    </nav>
  );
}

/** A page about one rig: which rig, and the other pages about it. */
export function RigPage({
  path,
  children,
}: {
  /** Parts are a place of their own. */
  path: (typeof PAGES)[number][0] | typeof PATHS.parts;
  children: (view: RigView, ready: Extract<Rigs, { status: 'ready' }>) => ReactNode;
}) {
  return (
    <WithRig promise="Once a rig is set up, its facts, parts and rules are kept here, and its first inspection starts here.">
      {(view, ready) => (
        <div className="mx-auto w-full max-w-[80rem] px-4 py-3 md:px-8 md:py-5">
          <RigTabs rigs={ready.rigs} chosen={view.rig.id} href={(id) => `${path}?rig=${id}`} />
          {path === PATHS.parts ? (
            <div className="mb-5" />
          ) : (
            <Pages path={path} rig={view.rig.id} name={view.model.name} />
          )}
          {children(view, ready)}
        </div>
      )}
    </WithRig>
  );
}
