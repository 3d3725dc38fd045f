'use client';

import { matchAssembly } from '@/core/figures';
import { toSI } from '@/core/base';
import type { RigView } from '@/features/rigs';
import { useFormUnits } from '@/store';
import { list, measure, partLength } from '@/text';
import { Field } from '@/ui';
import { Frame, Outcome, Waiting } from './frame';
import { KeepFound } from './keep';
import { useLength } from './use-length';

const inch = (value: number) => toSI(value, 'in');

/** Drum and shoe measured to the nominal assembly, and what must still be confirmed. */
export function BrakeSize({ view }: { view: RigView }) {
  const units = useFormUnits();
  const diameter = useLength(inch(5), inch(20));
  const width = useLength(inch(0.75), inch(6));
  const both = diameter.value !== undefined && width.value !== undefined;
  const match = both ? matchAssembly(diameter.value, width.value) : undefined;
  const first = match && match.found !== 'none' ? match.assemblies[0] : undefined;
  const size = (one: { diameter: number; width: number }) =>
    `${partLength(one.diameter, units)} × ${partLength(one.width, units)}`;
  return (
    <Frame
      before="Read the axle tag and what is stamped on the drum: maximum diameter, and any number. Axles of one rating come with several spindles."
      photo="The tag, the stamp on the drum, the backing plate from behind with its nuts."
      caution="Brake dust is wiped wet, never blown. The hub is open: chocks, jack and stand."
      result={
        first && match ? (
          <Outcome
            figure={size(first)}
            says={
              match.found === 'worn'
                ? 'The drum fits this size, but is worn past what is usual: look for its stamped maximum, and do not order shoes before a drum.'
                : `Usual on axles of ${measure(first.ratings[0], 'weight', units)} to ${measure(first.ratings[1], 'weight', units)}, plate held by ${list(first.bolts.map((n) => (n === 4 ? 'four' : 'five')))} bolts.${
                    match.found === 'several'
                      ? ` As worn as it may be, it could also be ${list(match.assemblies.slice(1).map(size))}.`
                      : ''
                  }`
            }
            confirm="The axle tag, the stamped maximum, the mounting bolts, and left against right: the arm points forward."
          >
            <KeepFound
              view={view}
              label="Save it for braked axles"
              changes={Object.fromEntries(
                view.model.axles
                  .map((axle, i) => ({ axle, i }))
                  .filter(({ axle }) => axle.brake !== 'none' && axle.brake !== 'hydraulic-disc')
                  .map(({ i }) => [
                    `axles.${i}.drum`,
                    { value: { diameter: first.diameter, width: first.width }, source: 'worked' },
                  ]),
              )}
            />
          </Outcome>
        ) : match ? (
          <Waiting>
            No usual assembly has these measures. Measure again: inside of the drum, width of the lining.
          </Waiting>
        ) : (
          <Waiting>Type both, and the assembly they belong to stands here, wear allowed for.</Waiting>
        )
      }
    >
      <Field
        label="Drum, inside diameter"
        big
        hint="Across the face the shoes rub on, clean of its lip."
        {...diameter.field}
      />
      <Field label="Shoe width" big hint="Across the lining. 2 1/4 is understood." {...width.field} />
    </Frame>
  );
}
