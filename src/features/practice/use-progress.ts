import { useCallback, useMemo } from 'react';
import {
  drilled,
  graded,
  NO_PROGRESS,
  progressSchema,
  type GradeCard,
  type PracticeId,
  type Progress,
} from '@/core/practice';
import type { GradeId } from '@/core/rules';
import { useDraft } from '@/features/forms';
import { usePreferences, useYard, type DraftDef } from '@/store';
import { demoProgress } from './demo-progress';

const PROGRESS: DraftDef<Progress> = { version: 1, schema: progressSchema };

/** What was practiced on this device, and what adds to it; undefined while it is read. */
export function useProgress(): {
  readonly progress: Progress | undefined;
  readonly grade: (card: GradeCard, said: GradeId) => void;
  readonly end: (drill: PracticeId, right: boolean, session: string | undefined) => void;
} {
  const { store, snapshot } = useYard();
  const ready = snapshot.status === 'ready';
  const { yard } = usePreferences();
  // The demo has practiced already.
  const first = useMemo(
    () => (yard === 'demo' ? demoProgress(store.clock.now()) : NO_PROGRESS),
    [yard, store],
  );
  const { state, change } = useDraft(PROGRESS, 'practice', first);
  const grade = useCallback(
    (card: GradeCard, said: GradeId) => change((now) => graded(now, card, said, store.clock.now())),
    [change, store],
  );
  const end = useCallback(
    (drill: PracticeId, right: boolean, session: string | undefined) =>
      change((now) => drilled(now, drill, right, store.clock.now(), session)),
    [change, store],
  );
  return {
    progress: state === 'loading' || !ready ? undefined : state === 'none' ? first : state,
    grade,
    end,
  };
}
