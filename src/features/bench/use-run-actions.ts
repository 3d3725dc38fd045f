'use client';

import { useCallback, useMemo } from 'react';
import { fail, ok, type Result } from '@/core/base';
import { applyChanges, type Changes, type RigModel } from '@/core/rig';
import {
  amendModel,
  back,
  findingAt,
  park,
  takeBranch,
  tap,
  tapThrough,
  type AmendProblem,
  type BranchId,
  type Run,
  type SaidFinding,
  type Tap,
} from '@/core/routine';
import { useRecord } from '@/features/forms';
import { useYard } from '@/store';
import { amendWords, tapWords } from '@/text';

/** What can be done with a card in hand; each resolves to what is wrong, or nothing. */
export interface RunActions {
  readonly tap: (key: string, tapped: Tap) => Promise<string | undefined>;
  /** Closes the steps on to one of the chapter in hand; where one is refused none is taken. */
  readonly through: (
    last: string,
    taps: ReadonlyMap<string, Tap>,
  ) => Promise<Result<undefined, { readonly key?: string; readonly text: string }>>;
  readonly back: () => Promise<void>;
  /** Goes back to a step where it was the last one closed; else nothing happens. */
  readonly takeBack: (key: string) => Promise<void>;
  readonly say: (finding: SaidFinding) => Promise<void>;
  readonly branch: (branch: BranchId) => Promise<string | undefined>;
  /** Lays the card out anew for the rig as it is now. */
  readonly renew: (model: RigModel) => Promise<string | undefined>;
  readonly park: (reason: string) => Promise<void>;
  readonly fact: (changes: Changes) => Promise<void>;
}

function changeWords(problem: AmendProblem | { readonly code: 'no-run' }): string {
  return problem.code === 'no-run' ? tapWords(problem) : amendWords(problem);
}

/** The actions of one run, each on disk before it shows. */
export function useRunActions(run: Run): RunActions {
  const { store } = useYard();
  const record = useRecord();
  const fact = useCallback(
    async (changes: Changes) => {
      const next = applyChanges(run.model, changes);
      if (!next.ok) return;
      await record(run.rig, [{ kind: 'rig.changed', body: { changes } }], 'Saved with the rig');
      await store.updateRun(run.id, (current) => {
        const amended = amendModel(current, next.value, store.clock.now());
        return amended.ok ? amended.value : current;
      });
    },
    [store, record, run.id, run.rig, run.model],
  );
  return useMemo(
    () => ({
      tap: async (key, tapped) => {
        const taken = await store.changeRun(run.id, (current) =>
          tap(current, key, tapped, store.clock.now()),
        );
        return taken.ok ? undefined : tapWords(taken.error);
      },
      through: async (last, taps) => {
        const taken = await store.changeRun(run.id, (current) =>
          tapThrough(
            current,
            last,
            ({ key }) => taps.get(key) ?? { do: 'done', readings: {}, grades: {} },
            store.clock.now(),
          ),
        );
        if (taken.ok) return ok(undefined);
        return fail(
          'key' in taken.error
            ? { key: taken.error.key, text: tapWords(taken.error.why) }
            : { text: tapWords(taken.error) },
        );
      },
      back: async () => void (await store.updateRun(run.id, (current) => back(current, store.clock.now()))),
      takeBack: async (key) =>
        void (await store.updateRun(run.id, (current) =>
          current.card.steps[current.index - 1]?.key === key ? back(current, store.clock.now()) : current,
        )),
      say: async (finding) =>
        void (await store.updateRun(run.id, (current) => findingAt(current, finding, store.clock.now()))),
      branch: async (branch) => {
        let problem: AmendProblem | undefined;
        // What was found is kept even where its steps cannot follow from here.
        const taken = await store.changeRun(run.id, (current): Result<Run, AmendProblem> => {
          const next = takeBranch(current, branch, store.clock.now());
          problem = next.problem;
          return ok(next.run);
        });
        if (!taken.ok) return changeWords(taken.error);
        return problem && changeWords(problem);
      },
      renew: async (model) => {
        const taken = await store.changeRun(run.id, (current) =>
          amendModel(current, model, store.clock.now()),
        );
        return taken.ok ? undefined : changeWords(taken.error);
      },
      park: async (reason) =>
        void (await store.updateRun(run.id, (current) => park(current, reason, store.clock.now()))),
      fact,
    }),
    [store, run.id, fact],
  );
}
