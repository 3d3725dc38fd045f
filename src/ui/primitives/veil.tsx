'use client';

import { useLayoutEffect } from 'react';

/**
 * What lies between a sheet and the page: the page behind it stands still. By styles of the root and body alone, since
 * what the sheets' own package does for it has the whole page laid out again while the sheet is waited for.
 */
export function Veil() {
  useLayoutEffect(() => {
    const root = document.documentElement;
    const { body } = document;
    const before = { overflow: root.style.overflow, paddingRight: body.style.paddingRight };
    // Where a scroll bar takes room, its room stays free: nothing moves aside.
    const bar = window.innerWidth - root.clientWidth;
    root.style.overflow = 'hidden';
    if (bar > 0) body.style.paddingRight = `${bar}px`;
    return () => {
      root.style.overflow = before.overflow;
      body.style.paddingRight = before.paddingRight;
    };
  }, []);
  return <div className="pointer-events-auto fixed inset-0 z-40 bg-black/45" />;
}
