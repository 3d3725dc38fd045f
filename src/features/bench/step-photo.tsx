'use client';

import { useState } from 'react';
import { photoEntry } from '@/core/record';
import type { CardStep, Run } from '@/core/routine';
import { PhotoOf, PhotoTaker, useRecord } from '@/features/forms';
import { stepName } from '@/text';
import { Button } from '@/ui';

/** A picture at a step, on record at once with its place: how the old one sat, where a wire ran. */
export function StepPhoto({ run, step }: { run: Run; step: CardStep }) {
  const record = useRecord();
  const [open, setOpen] = useState(false);
  const [taken, setTaken] = useState<readonly string[]>([]);
  if (!open)
    return (
      <Button data-low onClick={() => setOpen(true)}>
        Photo
      </Button>
    );
  return (
    <div className="grid w-full gap-2">
      {taken.length > 0 && (
        <div className="flex flex-wrap gap-2">
          {taken.map((hash) => (
            <PhotoOf key={hash} hash={hash} alt="Taken at this step" className="h-24 rounded-sheet" />
          ))}
        </div>
      )}
      <PhotoTaker
        onPhoto={async (photo) => {
          const note = stepName(step).slice(0, 300);
          const entry = photoEntry(photo, step.place ?? 'rig', { of: run.id, step: step.step, note });
          await record(run.rig, [entry], 'Photo saved', [photo]);
          setTaken((now) => [...now, photo.hash]);
        }}
      />
    </div>
  );
}
