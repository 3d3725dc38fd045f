'use client';

import { useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { PART_KINDS, slotsOf, type PartKind } from '@/core/rig';
import { Named, RigPage, type RigView } from '@/features/rigs';
import { PATHS, to } from '@/links';
import { PART_WORDS } from '@/text';
import { Button } from '@/ui';
import { KindView } from './kind-view';

function Parts({ view }: { view: RigView }) {
  const kinds = PART_KINDS.filter((kind) => slotsOf(view.model, kind).length > 0);
  const wanted = useSearchParams().get('kind');
  const [kind, setKind] = useState<PartKind>(kinds.find((one) => one === wanted) ?? 'tire');
  return (
    <>
      <h1 className="text-4xl">What sits where</h1>
      <p className="text-soft mt-1 mb-4">
        Every part brings its own age and miles along, wherever it goes, the spare included. See also{' '}
        <Named href={to('order', view.rig.id)}>what to order</Named> and{' '}
        <Named href={to('money', view.rig.id)}>money and time</Named>.
      </p>
      <div
        role="group"
        aria-label="Kind of part"
        className="mb-5 flex gap-1.5 overflow-x-auto py-1 md:flex-wrap"
      >
        {kinds.map((one) => (
          <Button
            key={one}
            aria-pressed={one === kind}
            look={one === kind ? 'primary' : 'plain'}
            className="shrink-0"
            onClick={() => setKind(one)}
          >
            {PART_WORDS[one].many}
          </Button>
        ))}
      </div>
      <KindView key={kind} view={view} kind={kind} />
    </>
  );
}

/** Parts: what sits where, what it has behind it, and how it is moved. */
export function PartsView() {
  return <RigPage path={PATHS.parts}>{(view) => <Parts key={view.rig.id} view={view} />}</RigPage>;
}
