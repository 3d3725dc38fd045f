'use client';

import type { PartState, RigState } from '@/core/log';
import type { PartKind, Place } from '@/core/rig';
import type { Outcome } from '@/core/routine';
import { usePreferences } from '@/store';
import { capital, GRADE_WORDS, PART_WORDS, partName, SHELF_WORDS, small } from '@/text';
import { Select } from '@/ui';

const OF_WORK: Readonly<Record<string, PartKind | undefined>> = {
  seal: 'seal',
  'inner-set': 'innerSet',
  'outer-set': 'outerSet',
};

interface Need {
  readonly key: string;
  readonly kind: PartKind;
  readonly place: Place;
}

/** The new parts that some work put in. */
function needsOf({ work, parts }: Outcome): readonly Need[] {
  const fitted = parts.flatMap((change) =>
    change.do === 'fit' ? [{ kind: change.kind, place: change.place }] : [],
  );
  const renewed = (work?.renewed ?? []).flatMap(({ place, part }) => {
    const kind = OF_WORK[part];
    return kind ? [{ kind, place }] : [];
  });
  return [...fitted, ...renewed].map((need) => ({ ...need, key: `${need.kind} ${need.place}` }));
}

/** What lies on the shelf and could have gone in. */
function lying(rig: RigState | undefined, kind: PartKind): readonly PartState[] {
  return Object.values(rig?.parts ?? {}).filter((part) => part.at === 'shelf' && part.kind === kind);
}

function OneNeed({
  need,
  offered,
  value,
  onChange,
}: {
  need: Need;
  offered: readonly PartState[];
  value: string;
  onChange: (part: string) => void;
}) {
  const { units } = usePreferences();
  return (
    <Select
      label={`${capital(PART_WORDS[need.kind].one)} at ${need.place}`}
      value={value}
      onChange={onChange}
    >
      <option value="">bought new, not from the shelf</option>
      {offered.map((part) => (
        <option key={part.id} value={part.id}>
          {partName(part, units)}
          {part.shelf && part.shelf !== 'home' && `, ${small(SHELF_WORDS[part.shelf])}`}
          {part.grade && `, ${small(GRADE_WORDS[part.grade])}`}
        </option>
      ))}
    </Select>
  );
}

/** Which of the new parts came off the shelf, so that it is one less there; nothing is asked where nothing lies. */
export function FromShelf({
  outcome,
  rig,
  chosen,
  onChoose,
}: {
  outcome: Outcome;
  rig: RigState | undefined;
  chosen: Readonly<Record<string, string>>;
  onChoose: (chosen: Readonly<Record<string, string>>) => void;
}) {
  const needs = needsOf(outcome).filter(({ kind }) => lying(rig, kind).length > 0);
  if (needs.length === 0) return null;
  return (
    <section className="grid max-w-3xl gap-3">
      <h2 className="text-xl">Did it come off the shelf?</h2>
      {needs.map((need) => {
        const elsewhere = Object.entries(chosen)
          .filter(([key]) => key !== need.key)
          .map(([, part]) => part);
        return (
          <OneNeed
            key={need.key}
            need={need}
            offered={lying(rig, need.kind).filter(({ id }) => !elsewhere.includes(id))}
            value={chosen[need.key] ?? ''}
            onChange={(part) => {
              const { [need.key]: _, ...rest } = chosen;
              onChoose(part === '' ? rest : { ...rest, [need.key]: part });
            }}
          />
        );
      })}
    </section>
  );
}
