'use client';

import { useEffect } from 'react';
import { toast, Toaster } from 'sonner';
import { onNote, takeNotes } from './toast-queue';

function show(): void {
  for (const { text, action } of takeNotes())
    toast(text, action && { action: { label: action.label, onClick: action.do } });
}

/** Shows the notes that wait, and those to come. */
export default function ToastHost() {
  useEffect(() => {
    show();
    return onNote(show);
  }, []);
  return (
    <Toaster
      position="top-center"
      toastOptions={{ duration: 7000, className: 'toast', classNames: { actionButton: 'toast-action' } }}
    />
  );
}
