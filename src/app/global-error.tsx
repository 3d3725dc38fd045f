'use client';

import '@/ui/tokens.css';

/** What is left where the frame itself broke: plain, with nothing that could break again. */
export default function GlobalError({ error, reset }: { error: Error; reset: () => void }) {
  return (
    <html lang="en-US">
      <body>
        <main className="max-w-2xl p-8">
          <h1 className="text-3xl">Yardline broke</h1>
          <p className="mt-2">
            That is our fault. Everything logged and every step of an open card is still on this device.
          </p>
          <p className="text-soft mt-2">{error.message}</p>
          <button
            type="button"
            className="bg-accent text-accent-ink mt-5 min-h-12 rounded-sheet px-5 font-semibold"
            onClick={reset}
          >
            Try again
          </button>
          <p className="mt-4">If it keeps happening, close other tabs of Yardline and reload this one.</p>
        </main>
      </body>
    </html>
  );
}
