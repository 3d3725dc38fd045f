'use client';

import { useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { RigPage, type RigView } from '@/features/rigs';
import { PATHS } from '@/links';
import { Button } from '@/ui';
import { BoltCircle } from './bolt-circle';
import { BrakeSize } from './brake-size';
import { Spacing } from './spacing';
import { TireDate } from './tire-date';
import { TireSize } from './tire-size';
import { Thread } from './thread';
import { Wires } from './wires';

const HELPERS = [
  ['date', 'Tire date', TireDate],
  ['tire', 'Tire size', TireSize],
  ['circle', 'Bolt circle', BoltCircle],
  ['brake', 'Brake size', BrakeSize],
  ['equalizer', 'Equalizer and spacing', Spacing],
  ['wires', 'Which axle has brakes', Wires],
  ['thread', 'Spindle thread', Thread],
] as const;

function Identify({ view }: { view: RigView }) {
  const wanted = useSearchParams().get('by');
  const [by, setBy] = useState<string>(HELPERS.find(([id]) => id === wanted)?.[0] ?? 'date');
  const Helper = HELPERS.find(([id]) => id === by)?.[2] ?? TireDate;
  return (
    <>
      <h1 className="text-4xl">What is this?</h1>
      <p className="text-soft mt-1 mb-4">
        From what can be measured or read, to what it is and what still has to be confirmed.
      </p>
      <div
        role="group"
        aria-label="What to identify"
        className="mb-6 flex gap-1.5 overflow-x-auto py-1 md:flex-wrap"
      >
        {HELPERS.map(([id, word]) => (
          <Button
            key={id}
            aria-pressed={id === by}
            look={id === by ? 'primary' : 'plain'}
            className="shrink-0"
            onClick={() => setBy(id)}
          >
            {word}
          </Button>
        ))}
      </div>
      <Helper key={by} view={view} />
    </>
  );
}

/** Identify: from what is measured or read to what it is. */
export function IdentifyView() {
  return <RigPage path={PATHS.identify}>{(view) => <Identify key={view.rig.id} view={view} />}</RigPage>;
}
