import fc from 'fast-check';
import type { RigModel } from '@/core/rig';
import { HOUSE_DEFAULT } from '@/core/rules';
import { anyHouse, anyJobs, anyWorkable, sampleModel } from '@/core/testing/arbitraries';
import { toWork } from '@/links';
import { canBeDone, jobsFromUrl } from './jobs-url';

const read = (query: string, model: RigModel) =>
  jobsFromUrl(new URLSearchParams(query), model, HOUSE_DEFAULT);

test('jobs go into an address and come back as they were', () => {
  fc.assert(
    fc.property(
      fc
        .tuple(anyWorkable, anyHouse)
        .chain(([model, house]) => anyJobs(model, house).map((jobs) => ({ model, house, jobs }))),
      ({ model, house, jobs }) => {
        // A pair of wheels is one job at its first place.
        const distinct = [...new Map(jobs.map((job) => [`${job.routine} ${job.place}`, job])).values()];
        const { searchParams } = new URL(toWork('one', distinct), 'http://here');
        expect(jobsFromUrl(searchParams, model, house)).toEqual(distinct);
      },
    ),
    { numRuns: 100 },
  );
});

test('what this rig does not have is left out, and so is what is no work at all', () => {
  const model = sampleModel({ axles: 1, brake: 'none', hub: 'plain' });
  expect(read('place=1L,2L,9Z', model)).toEqual([{ routine: 'repack', place: '1L' }]);
  expect(read('jobs=brake-adjust:1L,grease:1R,dance:rig,lights:rig,walkaround:rig', model)).toEqual([
    { routine: 'lights', place: 'rig' },
  ]);
  expect(read('jobs=tire-rotate:1L,tire-rotate:1R:rig', model)).toEqual([]);
  expect(read('', model)).toEqual([]);
});

test('only work with a card can be done on the Bench', () => {
  expect(canBeDone(sampleModel({}), HOUSE_DEFAULT, 'walkaround', 'rig')).toBe(false);
  expect(canBeDone(sampleModel({}), HOUSE_DEFAULT, 'lights', 'rig')).toBe(true);
});
