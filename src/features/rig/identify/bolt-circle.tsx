'use client';

import { useState } from 'react';
import { boltCircle, boltCircleAcross, matchPattern } from '@/core/figures';
import { formatQuantity, toSI } from '@/core/base';
import { STUD_COUNTS, type StudCount } from '@/core/rig';
import type { RigView } from '@/features/rigs';
import { useFormUnits } from '@/store';
import { partLength } from '@/text';
import { Choice, Field } from '@/ui';
import { Frame, Outcome, Waiting } from './frame';
import { KeepFound } from './keep';
import { useLength } from './use-length';

/** Distance between studs to the bolt circle. */
export function BoltCircle({ view }: { view: RigView }) {
  const units = useFormUnits();
  const { wheels } = view.model;
  const [studs, setStuds] = useState<StudCount>(wheels.studs);
  const [how, setHow] = useState<'neighbors' | 'across'>('neighbors');
  const apart = useLength(toSI(1, 'in'), toSI(10, 'in'));
  const stud = wheels.studDiameter?.value;
  const circle =
    apart.value === undefined
      ? undefined
      : how === 'neighbors'
        ? boltCircle(apart.value, studs)
        : stud === undefined
          ? undefined
          : boltCircleAcross(apart.value, studs, stud);
  const match = circle === undefined ? undefined : matchPattern(circle, studs);
  const shown =
    circle === undefined ? undefined : formatQuantity(circle, 'length', units, units === 'us' ? 2 : 1);
  const wanted = match?.usual ?? circle;
  return (
    <Frame
      before="Wheel off or hub bare: measure between studs, not between the holes of a wheel."
      photo="Rule and studs in one picture, square from the front."
      caution="The wheel is off for this: chocks, jack and stand first."
      result={
        match && shown && wanted !== undefined ? (
          <Outcome
            figure={shown.number}
            unit={shown.unit}
            says={
              match.usual
                ? `${studs} studs on ${partLength(match.usual, units)}: a usual pattern.`
                : `${studs} studs on a circle no trailer maker usually uses. Measure again, center to center.`
            }
            confirm="Try the wheel on all its studs: a pattern a sixteenth off goes on four and bends the fifth."
          >
            <KeepFound
              view={view}
              label="Save the bolt circle"
              changes={{ 'wheels.boltCircle': { value: wanted, source: 'worked' }, 'wheels.studs': studs }}
            />
          </Outcome>
        ) : (
          <Waiting>
            {how === 'across' && stud === undefined
              ? 'This way needs the stud diameter: enter it under Facts first.'
              : 'Type the distance, and the circle stands here.'}
          </Waiting>
        )
      }
    >
      <Choice
        label="Studs"
        columns="grid-cols-4"
        options={STUD_COUNTS.map((value) => ({ value: String(value), label: String(value) }))}
        value={String(studs)}
        onChange={(value) => setStuds(Number(value) as StudCount)}
      />
      <Choice
        label="Measured"
        columns="grid-cols-1 sm:grid-cols-2"
        options={[
          {
            value: 'neighbors',
            label: 'Between neighbors',
            hint: 'center of one stud to center of the next',
          },
          {
            value: 'across',
            label: 'To the next but one',
            hint: 'far edge of one stud to the center of the second after it',
          },
        ]}
        value={how}
        onChange={setHow}
      />
      <Field label="Distance" big {...apart.field} />
    </Frame>
  );
}
