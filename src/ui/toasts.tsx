'use client';

import dynamic from 'next/dynamic';
import { useEffect, useState } from 'react';
import { hasNotes, onNote } from './toast-queue';

const Host = dynamic(() => import('./toast-host'), { ssr: false });

/** Where notes that pass are shown; what shows them is fetched with the first one. */
export function Toasts() {
  const [wanted, setWanted] = useState(false);
  useEffect(() => onNote(() => setWanted((was) => was || hasNotes())), []);
  return wanted ? <Host /> : null;
}
