'use client';

import dynamic from 'next/dynamic';

/** What its owner is weak at: it costs the page that shows it nothing until then. */
export const WeakNote = dynamic(() => import('./weak-note'), { ssr: false });
