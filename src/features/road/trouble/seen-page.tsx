import { useState } from 'react';
import type { RigModel } from '@/core/rig';
import { troublesFor } from '@/core/road';
import type { TroubleId } from '@/core/rules';
import { sought, TROUBLE_TITLES } from '@/text';
import { TROUBLE_WORDS } from '@/text/trouble';
import { TroubleDrawing } from './trouble-drawing';

/** What is seen, drawn, in the owner's words, and to be searched. */
export function SeenPage({ model, onTrouble }: { model: RigModel; onTrouble: (id: TroubleId) => void }) {
  const [words, setWords] = useState('');
  const found = sought(troublesFor(model), words, (id) => `${TROUBLE_TITLES[id]} ${TROUBLE_WORDS[id].also}`);
  return (
    <div className="grid gap-4">
      <h1 className="text-4xl md:text-5xl">What do you see?</h1>
      <input
        type="search"
        aria-label="Find a trouble"
        placeholder="Flat, hot hub, brakes, lights"
        value={words}
        onChange={(event) => setWords(event.target.value)}
        className="border-soft bg-sheet min-h-14 rounded-sheet border-[1.5px] px-4 text-lg"
      />
      <ul className="grid grid-cols-2 gap-2.5 sm:grid-cols-3">
        {found.map((id) => (
          <li key={id} className="grid">
            <button
              type="button"
              onClick={() => onTrouble(id)}
              className="border-line bg-sheet hover:border-ink grid min-h-32 grid-rows-[auto_1fr] items-center justify-items-center gap-1.5 rounded-sheet border-[1.5px] px-2 py-3 text-center text-lg leading-tight font-semibold"
            >
              <TroubleDrawing id={id} />
              {TROUBLE_TITLES[id]}
            </button>
          </li>
        ))}
      </ul>
      {found.length === 0 && (
        <p className="text-soft text-lg">
          Nothing by these words. Try another: tire, hub, brake, lights, hitch.
        </p>
      )}
    </div>
  );
}
