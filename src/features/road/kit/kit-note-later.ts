'use client';

import dynamic from 'next/dynamic';

/** The line on the kit: it tells nothing of today and may come a moment later. */
export const KitNote = dynamic(() => import('./kit-note'), { ssr: false });
