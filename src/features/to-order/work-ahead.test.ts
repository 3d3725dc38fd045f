import { rigView, type RigView } from '@/features/rigs';
import { isLook, type WorkId } from '@/core/rules';
import type { Entry } from '@/core/log';
import { sampleModel } from '@/core/testing/arbitraries';
import { soundEntries } from '@/core/testing/sound';
import { mi, storyFrom } from '@/core/testing/story';
import { workAhead } from './work-ahead';

const { rig: RIG, day, entry, setup, rigOf } = storyFrom('2025-05-01');
const model = sampleModel({ axles: 2 });
const sound = soundEntries(model, RIG, day(0));

function ahead(on: number, ...entries: Entry[]) {
  const view: RigView | undefined = rigView(
    rigOf(setup(model), ...sound, ...entries),
    [],
    day(on),
    {},
    undefined,
  );
  if (!view) throw new Error('no view');
  return { view, jobs: workAhead(view).jobs };
}
const named = (jobs: ReturnType<typeof ahead>['jobs']) =>
  jobs.map(({ job }) => `${job.routine} ${job.place}`);
const planned = (on: number) => entry('trip.planned', 0, { at: day(on), distance: mi(100), launches: 0 });

test('the day after all was done nothing has to be ordered', () => {
  expect(ahead(1).jobs).toEqual([]);
});

test('what is due is wanted now; looks and rechecks put nothing in', () => {
  const { jobs, view } = ahead(366);
  expect(named(jobs)).toEqual(expect.arrayContaining(['repack 1L', 'repack 1R', 'repack 2L', 'repack 2R']));
  for (const { job } of jobs) {
    expect(job.routine).not.toBe('lug-recheck');
    expect(isLook(job.routine as WorkId)).toBe(false);
  }
  const due = view.duties.find(({ routine, place }) => routine === 'repack' && place === '1L');
  expect(['due', 'overdue']).toContain(due?.verdict);
  expect(jobs.find(({ job }) => job.routine === 'repack')?.by).toBe(day(366));
});

test('what comes due soon is wanted within thirty days, or before the trip that comes first', () => {
  const soonAt = (...more: Entry[]) => {
    const { jobs, view } = ahead(350, ...more);
    const soon = view.duties.find(({ routine, verdict }) => routine === 'repack' && verdict === 'soon');
    expect(soon).toBeDefined();
    return jobs.find(({ job }) => job.routine === 'repack' && job.place === soon?.place)?.by;
  };
  expect(soonAt()?.slice(0, 10)).toBe(day(380).slice(0, 10));
  expect(soonAt(planned(357))).toBe(day(357));
  expect(soonAt(planned(400))?.slice(0, 10)).toBe(day(380).slice(0, 10));
});

test('a finding asks for its remedy at once, and with what is due as well it is one job', () => {
  const found = (at: number) =>
    entry('finding.opened', at, { place: '2R', verdict: 'due', text: 'seal weeps', remedy: 'repack' });
  const early = ahead(3, found(2)).jobs;
  expect(early.find(({ job }) => job.routine === 'repack' && job.place === '2R')?.by).toBe(day(3));
  const late = named(ahead(366, found(365)).jobs);
  expect(late.filter((one) => one === 'repack 2R')).toHaveLength(1);
});
