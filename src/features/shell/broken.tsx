'use client';

import { useEffect } from 'react';
import { PATHS } from '@/links';
import { Button, LinkButton, Mark } from '@/ui';

/** A page that did not load may lie damaged on this device: what is kept for use without a network is fetched anew. */
function useHealing(): void {
  useEffect(() => {
    if (!('serviceWorker' in navigator)) return;
    navigator.serviceWorker.controller?.postMessage({ type: 'HEAL', whole: true });
  }, []);
}

/** A page that broke: what is safe, and two ways on. */
export function Broken({ what, again }: { what: string; again: () => void }) {
  useHealing();
  return (
    <div role="alert" className="flex max-w-2xl gap-4 p-8">
      <Mark mark="stop" size={48} />
      <div>
        <h1 className="text-3xl">This page broke</h1>
        <p className="text-soft mt-2">
          That is our fault. Everything logged and every step of an open card is still on this device.
        </p>
        <p className="text-soft mt-2 text-[0.92rem] wrap-anywhere">{what}</p>
        <div className="mt-5 flex gap-3">
          <Button look="primary" onClick={again}>
            Try again
          </Button>
          <LinkButton href={PATHS.yard}>To the Yard</LinkButton>
        </div>
      </div>
    </div>
  );
}
