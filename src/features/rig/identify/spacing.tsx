'use client';

import { toSI } from '@/core/base';
import type { Changes } from '@/core/rig';
import type { RigView } from '@/features/rigs';
import { useFormUnits } from '@/store';
import { partLength } from '@/text';
import { Field } from '@/ui';
import { Frame, Outcome, Waiting } from './frame';
import { KeepFound } from './keep';
import { useLength } from './use-length';

const inch = (value: number) => toSI(value, 'in');

/** Equalizer bolt spacing and axle spacing, side by side: ordered together. */
export function Spacing({ view }: { view: RigView }) {
  const units = useFormUnits();
  const equalizer = useLength(inch(3), inch(30));
  const axles = useLength(inch(20), inch(80));
  const changes: Changes = {
    ...(equalizer.value !== undefined && {
      equalizerSpacing: { value: equalizer.value, source: 'marking' },
    }),
    ...(axles.value !== undefined && { axleSpacing: { value: axles.value, source: 'marking' } }),
  };
  const one = view.model.axles.length === 1;
  const told = Object.keys(changes).length > 0;
  return (
    <Frame
      before="Both with the tires on the ground, springs loaded. Look which pivots have a grease fitting, and whether a gun gets at them with the wheels on."
      photo="The equalizer square from the side, with the rule along its outer bolts."
      result={
        one ? (
          <Waiting>This rig has one axle: an equalizer stands between two.</Waiting>
        ) : told ? (
          <Outcome
            figure={equalizer.value === undefined ? '–' : partLength(equalizer.value, units)}
            says={`Equalizer, outer bolt to outer bolt${axles.value === undefined ? '. Its axle spacing is not measured yet.' : `, on axles ${partLength(axles.value, units)} apart.`} An equalizer is ordered by both.`}
            confirm="The bolts’ own diameter, and whether the middle one is greased: the equalizer may carry its fitting."
          >
            <KeepFound view={view} label="Save with the rig" changes={changes} />
          </Outcome>
        ) : (
          <Waiting>Type one or both; they stand side by side here.</Waiting>
        )
      }
    >
      <Field label="Equalizer, its two outer bolts" big hint="Center to center." {...equalizer.field} />
      <Field label="Axle spacing" big hint="Spindle center to spindle center." {...axles.field} />
    </Frame>
  );
}
