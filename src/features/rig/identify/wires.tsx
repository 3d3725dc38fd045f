'use client';

import { useState } from 'react';
import type { BrakeKind, Changes } from '@/core/rig';
import type { RigView } from '@/features/rigs';
import { BRAKE_WORDS, list } from '@/text';
import { Choice } from '@/ui';
import { Frame, Outcome, Waiting } from './frame';
import { KeepFound } from './keep';

type Seen = 'wires' | 'line-drum' | 'line-disc' | 'bare' | 'unseen';

const MEANS: Record<Exclude<Seen, 'unseen'>, { readonly brake: BrakeKind; readonly wires: boolean }> = {
  wires: { brake: 'electric', wires: true },
  'line-drum': { brake: 'hydraulic-drum', wires: false },
  'line-disc': { brake: 'hydraulic-disc', wires: false },
  bare: { brake: 'none', wires: false },
};

/** What is seen behind the wheels of each axle to which axle has brakes. */
export function Wires({ view }: { view: RigView }) {
  const { axles } = view.model;
  const [seen, setSeen] = useState<readonly Seen[]>(axles.map(() => 'unseen'));
  const told = seen.flatMap((one, i) => (one === 'unseen' ? [] : [{ i, ...MEANS[one] }]));
  const changes: Changes = Object.fromEntries(
    told.flatMap(({ i, brake, wires }) => [
      [`axles.${i}.brake`, brake],
      [`axles.${i}.wires`, wires],
    ]),
  );
  const braked = told.filter(({ brake }) => brake !== 'none');
  return (
    <Frame
      before="Look behind each wheel with a light, from the ground. On a tandem one axle may have brakes and the other none."
      photo="Each backing plate from behind, both sides."
      caution="Nothing is jacked for this. Chock the wheels, and keep your head out from under the frame."
      result={
        told.length > 0 ? (
          <Outcome
            figure={`${braked.length} of ${axles.length}`}
            unit={axles.length === 1 ? 'axle braked' : 'axles braked'}
            says={`${list(told.map(({ i, brake }) => `axle ${i + 1}: ${BRAKE_WORDS[brake].toLowerCase()}`)).replace(/^a/, 'A')}.${told.length < axles.length ? ' The rest is not checked yet.' : ''}`}
            confirm="That they work: wires can be cut and lines empty. The brake test tells."
          >
            <KeepFound view={view} label="Save with the rig" changes={changes} />
          </Outcome>
        ) : (
          <Waiting>Say what you see behind one wheel of each axle.</Waiting>
        )
      }
    >
      {axles.map((_, i) => (
        <Choice
          key={i}
          label={axles.length === 1 ? 'Behind the wheel' : `Behind a wheel of axle ${i + 1}`}
          columns="grid-cols-1 sm:grid-cols-2"
          options={[
            { value: 'wires', label: 'Two wires into a plate', hint: 'electric drum brakes' },
            { value: 'line-drum', label: 'A brake line into a plate', hint: 'hydraulic drum brakes' },
            { value: 'line-disc', label: 'A disc with a caliper', hint: 'hydraulic disc brakes' },
            { value: 'bare', label: 'Nothing, or a bare flange', hint: 'no brakes' },
            { value: 'unseen', label: 'Not checked' },
          ]}
          value={seen[i]}
          onChange={(value) => setSeen(seen.map((one, at) => (at === i ? value : one)))}
        />
      ))}
    </Frame>
  );
}
