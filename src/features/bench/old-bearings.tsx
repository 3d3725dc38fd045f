'use client';

import { SHELF_GRADES, type ShelfGrade } from '@/core/rig';
import type { Outcome } from '@/core/routine';
import { GRADE_WORDS, small } from '@/text';
import { Select } from '@/ui';

const NAMES: Readonly<Record<string, string>> = {
  'inner-set': 'inner bearing',
  'outer-set': 'outer bearing',
};

/** Where the bearings went that came out: sound ones are kept as spares, graded, the rest thrown away. */
export function OldBearings({
  outcome,
  kept,
  onKeep,
}: {
  outcome: Pick<Outcome, 'work'>;
  kept: Readonly<Record<string, ShelfGrade>>;
  onKeep: (kept: Readonly<Record<string, ShelfGrade>>) => void;
}) {
  const old = (outcome.work?.renewed ?? []).filter(({ part }) => NAMES[part] !== undefined);
  if (old.length === 0) return null;
  return (
    <section className="grid max-w-3xl gap-3 sm:grid-cols-2">
      <h2 className="text-xl sm:col-span-2">The bearings that came out</h2>
      {old.map(({ place, part }) => {
        const key = `${part} ${place}`;
        return (
          <Select
            key={key}
            label={`Old ${NAMES[part]} of ${place}`}
            value={kept[key] ?? ''}
            onChange={(value) => {
              const { [key]: _, ...rest } = kept;
              const grade = SHELF_GRADES.find((one) => one === value);
              onKeep(grade ? { ...rest, [key]: grade } : rest);
            }}
          >
            <option value="">thrown away</option>
            {SHELF_GRADES.filter((grade) => grade !== 'unfit').map((grade) => (
              <option key={grade} value={grade}>
                kept as a spare, {small(GRADE_WORDS[grade])}
              </option>
            ))}
          </Select>
        );
      })}
    </section>
  );
}
