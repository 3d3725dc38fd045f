import type { WorkBody } from './kinds/work';

/** The body of work that was done by hand and has nothing more to tell than its jobs. */
export function workOf(jobs: WorkBody['jobs'], from: WorkBody['from'] = 'written'): WorkBody {
  return {
    jobs: [...jobs],
    from,
    readings: [],
    conditions: [],
    materials: [],
    renewed: [],
    refits: [],
    skipped: [],
  };
}
