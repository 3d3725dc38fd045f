'use client';

import { useLayoutEffect } from 'react';

/**
 * What lies between a sheet and the page: the page behind it stands still. By a style of the root alone, since what the
 * sheets' own package does for it has the whole page laid out again while the sheet is waited for.
 */
export function Veil() {
  useLayoutEffect(() => {
    const { style } = document.documentElement;
    const before = style.overflow;
    style.overflow = 'hidden';
    return () => {
      style.overflow = before;
    };
  }, []);
  return <div className="pointer-events-auto fixed inset-0 z-40 bg-black/45" />;
}
