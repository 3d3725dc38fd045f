'use client';

import { useState } from 'react';
import { pressureFacts } from '@/core/judge';
import {
  axleOf,
  factApplies,
  factAt,
  factPath,
  isWheelEnd,
  type Changes,
  type FactId,
  type RigModel,
} from '@/core/rig';
import type { Act, Card } from '@/core/routine';
import { FactEditor, type FactRig } from '@/features/rig/facts';
import { FACT_WORDS } from '@/text';
import { Button } from '@/ui';

/** The facts that some steps work to, by what asks for them. */
const WANTED: readonly (readonly [Act, FactId])[] = [
  ['measure-brake', 'lining'],
  ['read-battery', 'breakawayBattery'],
  ['grease-pivot', 'greasePoints'],
  ['nut-set', 'threadPitch'],
  ['nut-set', 'slots'],
  ['plate-on', 'drum'],
  ['equalizer-on', 'equalizerSpacing'],
  ['equalizer-on', 'axleSpacing'],
  ['equalizer-on', 'kitEqualizer'],
  ['equalizer-on', 'kitSpacing'],
];

/** What brings tires to a target, by the facts that the owner's school asks for. */
const PRESSED = ['pressure', 'set-pressure'] as const satisfies readonly Act[];

interface Missing {
  readonly id: FactId;
  readonly axle: number;
}

function isKnown(model: RigModel, path: string): boolean {
  return (
    path
      .split('.')
      .reduce<unknown>((at, key) => (at as Record<string, unknown> | undefined)?.[key], model) !== undefined
  );
}

/** The figures that a card works to and nobody has told yet. */
export function missingFigures(card: Card, model: RigModel): readonly Missing[] {
  const wanted = [
    ...WANTED,
    ...pressureFacts(card.house).flatMap((id) => PRESSED.map((act) => [act, id] as const)),
  ];
  const missing = new Map<string, Missing>();
  for (const { step, place } of card.steps)
    for (const [act, id] of wanted) {
      if (act !== step) continue;
      const axle = place !== undefined && isWheelEnd(place) ? axleOf(place) : 0;
      const path = factPath(id, axle);
      if (factAt(path) && factApplies(model, id, axle) && !isKnown(model, path))
        missing.set(path, { id, axle });
    }
  return [...missing.values()];
}

/** Figures asked for now, not under the trailer; the card can be begun without them, and says what it cannot tell then. */
export function MissingFigures({
  view,
  missing,
  onFact,
}: {
  view: FactRig;
  missing: readonly Missing[];
  onFact: (changes: Changes) => void;
}) {
  const [open, setOpen] = useState<string>();
  if (missing.length === 0) return null;
  return (
    <div className="border-soon mb-5 grid gap-2 border-l-4 pl-4">
      <p>
        <strong>Not known yet, and needed on this card.</strong> Better looked up now than under the trailer.
      </p>
      {missing.map(({ id, axle }) => {
        const key = factPath(id, axle);
        const name = `${FACT_WORDS[id].label}${view.model.axles.length > 1 && key.startsWith('axles.') ? `, axle ${axle + 1}` : ''}`;
        return open === key ? (
          <FactEditor
            key={key}
            view={view}
            id={id}
            axle={axle}
            keep="Save it"
            onKeep={(changes) => {
              onFact(changes);
              setOpen(undefined);
            }}
          />
        ) : (
          <Button key={key} className="justify-start" onClick={() => setOpen(key)}>
            {name}
          </Button>
        );
      })}
    </div>
  );
}
