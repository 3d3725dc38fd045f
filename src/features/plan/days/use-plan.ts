'use client';

import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { DAY_MS, type CivilDay } from '@/core/base';
import { HOUSE } from '@/core/log';
import {
  evaluate,
  keptEdits,
  keptVisits,
  legOf,
  NO_EDITS,
  pinProblems,
  unplaced,
  withEdits,
  type PinProblem,
  type PlanEdits,
  type PlanProblem,
  type Unplaced,
  type Visits,
  type YardProblem,
} from '@/core/plan';
import { type Rigs } from '@/features/rigs';
import { Planner, useAsk, type Planned } from '@/store';
import { dateField } from '@/text';
import type { Priced } from '@/text/plan';
import { workTitle } from './titles';

type Ready = Extract<Rigs, { status: 'ready' }>;

/** A change by hand, and what it came to. */
export interface Change {
  readonly did: string;
  readonly priced: Priced | undefined;
}

/** A yard's plan as it stands on the page. */
export interface PlanReady {
  readonly status: 'ready';
  readonly yard: YardProblem;
  /** The problem as its owner edited it. */
  readonly problem: PlanProblem;
  readonly edits: PlanEdits;
  readonly planned: Planned;
  readonly pinTrouble: readonly PinProblem[];
  readonly unplaced: readonly Unplaced[];
  /** The last change by hand. */
  readonly change: Change | undefined;
  /** Changes the plan by hand; `did` says what was done. Looking on while it is dragged is no change yet. */
  readonly edit: (next: PlanEdits, did: string) => void;
  readonly preview: (next: PlanEdits | undefined) => void;
  readonly undo: (() => void) | undefined;
  readonly redo: (() => void) | undefined;
}

export type Plan = { readonly status: 'working' | 'failed' } | PlanReady;

/** A plan takes so long (ms) at most before it is given up. */
const PATIENCE = 30_000;
/** After this hour a day is as good as over. */
const LATE = 16;

/** The first day that can be chosen: today until the afternoon. */
function firstDay(now: string): CivilDay {
  const at = new Date(now);
  return dateField(at.getHours() < LATE ? now : new Date(at.getTime() + DAY_MS).toISOString());
}

/** How far (m) each job of a plan is likely to go past its limit. */
function lateOf(problem: PlanProblem, visits: Visits): readonly number[] {
  return problem.jobs.map((job, j) => {
    let from = -1;
    let late = 0;
    for (const to of [...(visits[j] ?? []), problem.days.length]) {
      late += job.late[legOf(problem, from, to)] ?? 0;
      from = to;
    }
    return late;
  });
}

/** What one plan is more than another, both judged by the problem as it is without anything by hand. */
function priceOf(yard: YardProblem, was: Visits, is: Visits): Priced {
  const [before, after] = [evaluate(yard.problem, was), evaluate(yard.problem, is)];
  const [lateWas, lateIs] = [lateOf(yard.problem, was), lateOf(yard.problem, is)];
  const more = lateIs.map((late, j) => late - (lateWas[j] ?? 0));
  const most = more.indexOf(Math.max(...more));
  const work = yard.works[most];
  return {
    minutes: after.setUp + after.own - before.setUp - before.own,
    wasted: after.wasted - before.wasted,
    worst: work && { name: workTitle(work), late: more[most] ?? 0 },
  };
}

interface History {
  readonly past: readonly PlanEdits[];
  readonly now: PlanEdits;
  readonly ahead: readonly PlanEdits[];
}

/** Plans the yard off the page's thread: the answer follows what is done by hand, and is bettered and proven after it. */
export function usePlan({ rigs, runs, now, state }: Ready): Plan {
  const first = firstDay(now);
  const open = useMemo(
    () =>
      Object.fromEntries(
        rigs.map(({ rig }) => [
          rig.id,
          runs
            .filter((run) => run.rig === rig.id)
            .flatMap((run) => run.card.jobs.map(({ routine, place }) => ({ routine, place }))),
        ]),
      ),
    [rigs, runs],
  );
  const asked = useAsk('plan', { now: `${now.slice(0, 13)}:00:00.000Z`, first, open }, PATIENCE);
  const [yard, setYard] = useState<YardProblem>();
  const answer = asked.status === 'ready' ? asked.answer : undefined;
  // What was worked out last stands until the next is there.
  if (answer && answer !== yard) setYard(answer);
  const kept = state.rigs[HOUSE]?.planning.kept;
  const [history, setHistory] = useState<{ readonly of: string | undefined; readonly history: History }>();
  const begun = yard && (kept?.entry ?? '');
  if (yard && (history === undefined || history.of !== begun))
    setHistory({ of: begun, history: { past: [], now: keptEdits(kept, yard), ahead: [] } });
  const [dragged, preview] = useState<PlanEdits>();
  const edits = dragged ?? history?.history.now ?? NO_EDITS;
  const problem = useMemo(() => yard && withEdits(yard.problem, edits), [yard, edits]);

  const [planned, setPlanned] = useState<{ readonly problem: PlanProblem; readonly planned: Planned }>();
  const [change, setChange] = useState<{ readonly did: string; readonly was: Visits }>();
  const planner = useRef<Planner>(undefined);
  const latest = useRef<{
    yard: YardProblem | undefined;
    problem: PlanProblem | undefined;
    edits: PlanEdits;
    visits: Visits | undefined;
  }>({ yard: undefined, problem: undefined, edits: NO_EDITS, visits: undefined });
  // Of plans equally good one is as likely found as another, and a second search may go further than the first:
  // what is undone goes back to the very plan it was.
  const stood = useRef(new WeakMap<PlanEdits, { readonly of: YardProblem; readonly planned: Planned }>());
  useEffect(() => {
    const one = new Planner((told) => {
      const { yard: of, problem: asked, edits: by } = latest.current;
      latest.current.visits = told.found.visits;
      if (of) stood.current.set(by, { of, planned: told });
      if (asked) setPlanned({ problem: asked, planned: told });
    });
    planner.current = one;
    return () => {
      one.end();
      planner.current = undefined;
    };
  }, []);
  useEffect(() => {
    if (!problem || !yard) return;
    const before = stood.current.get(edits);
    const from = [before?.planned.found.visits, latest.current.visits].find(
      (visits) => visits?.length === problem.jobs.length,
    );
    latest.current = { ...latest.current, yard, problem, edits };
    if (before?.of === yard && !before.planned.working) planner.current?.stand(before.planned);
    else planner.current?.plan(problem, from ?? keptVisits(kept, yard));
    // What was kept is only where it begins.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [problem, yard, edits]);

  const before = history?.history.now;
  const edit = useCallback(
    (next: PlanEdits, did: string) => {
      // Looking on while it was dragged has made plans of its own since.
      const was = before && stood.current.get(before)?.planned.found.visits;
      preview(undefined);
      setChange(was && { did, was });
      setHistory(
        (told) =>
          told && {
            ...told,
            history: { past: [...told.history.past, told.history.now], now: next, ahead: [] },
          },
      );
    },
    [before],
  );
  const step = (to: 'past' | 'ahead') => () => {
    setChange(undefined);
    setHistory((before) => {
      if (!before) return before;
      const { past, now: here, ahead } = before.history;
      const next = to === 'past' ? past.at(-1) : ahead[0];
      if (!next) return before;
      return {
        ...before,
        history:
          to === 'past'
            ? { past: past.slice(0, -1), now: next, ahead: [here, ...ahead] }
            : { past: [...past, here], now: next, ahead: ahead.slice(1) },
      };
    });
  };

  if (!yard || !problem || !planned || planned.problem.jobs.length !== yard.problem.jobs.length)
    return { status: asked.status === 'failed' ? 'failed' : 'working' };
  const { visits } = planned.planned.found;
  return {
    status: 'ready',
    yard,
    problem: planned.problem,
    edits,
    planned: planned.planned,
    pinTrouble: pinProblems(yard.problem, edits),
    unplaced: unplaced(yard, planned.problem, visits),
    change: change && {
      did: change.did,
      priced: change.was.length === visits.length ? priceOf(yard, change.was, visits) : undefined,
    },
    edit,
    preview,
    undo: history && history.history.past.length > 0 ? step('past') : undefined,
    redo: history && history.history.ahead.length > 0 ? step('ahead') : undefined,
  };
}
