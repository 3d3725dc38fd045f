'use client';

import { markOfVerdict } from '@/core/base';
import type { Conflict } from '@/core/judge';
import { usePreferences } from '@/store';
import { conflictTitle, conflictWords } from '@/text';
import { Mark } from '@/ui';

/** What a change would contradict, told before it is kept. */
export function Contradictions({ conflicts }: { conflicts: readonly Conflict[] }) {
  const { units } = usePreferences();
  return (
    <div role="alert" className="border-due grid gap-2 border-l-4 pl-4">
      {conflicts.map((conflict) => {
        const { why } = conflictWords(conflict, units);
        return (
          <p key={conflict.id} className="flex gap-2.5">
            <Mark mark={markOfVerdict(conflict.verdict)} />
            <span>
              <strong>{conflictTitle(conflict, units)}.</strong> {why}
            </span>
          </p>
        );
      })}
      <p className="text-soft">You can save it anyway; it then shows on the Yard as a finding.</p>
    </div>
  );
}
