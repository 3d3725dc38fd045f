'use client';

import { useEffect, useState } from 'react';
import { toast, Toaster } from 'sonner';
import { onNote, takeNotes } from './toast-queue';

function show(): void {
  // A card's answers and its Done are at the left and the foot of a desk's screen: there a note keeps clear of both.
  const onCard = matchMedia('(min-width: 768px)').matches && 'run' in document.documentElement.dataset;
  for (const { text, action } of takeNotes())
    toast(text, {
      ...(onCard && { position: 'top-right' as const }),
      ...(action && { action: { label: action.label, onClick: action.do } }),
    });
}

/** Shows the notes that wait, and those to come. */
export default function ToastHost() {
  // At the foot of a desk's screen; on a phone at its head, since sheets and the bar at the thumb are at its foot.
  const [wide] = useState(() => window.matchMedia('(min-width: 768px)').matches);
  useEffect(() => {
    show();
    return onNote(show);
  }, []);
  return (
    <Toaster
      // Clear of the rail, whose last places are at its foot.
      offset={{ bottom: '1.5rem', top: '8rem', left: '15rem' }}
      position={wide ? 'bottom-left' : 'top-center'}
      toastOptions={{
        duration: 4500,
        // Inline: the package's own sheet comes after ours. Notes stay reachable while a dialog is open.
        style: {
          background: 'var(--ink)',
          color: 'var(--paper)',
          border: 0,
          borderRadius: 'var(--radius-sheet)',
          fontFamily: 'var(--font-words)',
          fontSize: '1rem',
          pointerEvents: 'auto',
        },
        actionButtonStyle: {
          background: 'transparent',
          color: 'var(--paper)',
          fontSize: '1rem',
          fontWeight: 600,
          height: '2.6rem',
          textDecoration: 'underline',
          textUnderlineOffset: '4px',
        },
      }}
    />
  );
}
