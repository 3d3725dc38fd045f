import { compile, verify } from '../../src/core/routine';
import { HOUSE_DEFAULT, routineDef } from '../../src/core/rules';
import { sampleModel } from '../../src/core/testing/arbitraries';
import { median, type Part } from '../table';

/** Eight routines wherever the rig has something to do them on: the most that anybody takes up in a day. */
const EIGHT = [
  'bearing-renew',
  'tire-renew',
  'stud-threads',
  'pressures',
  'underside',
  'pivots',
  'lights',
  'gear-look',
] as const;

/** The largest card. */
export const card: Part = {
  says: 'the largest card: three axles, eight routines, laid out and verified',
  measure: () => {
    const model = sampleModel({ kind: 'rv', axles: 3, brake: 'electric', hub: 'drilled' });
    const jobs = EIGHT.flatMap((routine) =>
      routineDef(routine)
        .places(model, HOUSE_DEFAULT)
        .map((place) => ({ routine, place })),
    );
    let steps = 0;
    const measured = median(60, () => {
      const made = compile(model, jobs, HOUSE_DEFAULT);
      if (!made.ok || verify(made.value, model).length > 0) throw new Error('the card does not verify');
      steps = made.value.steps.length;
    });
    return [{ what: `compile and verify, ${steps} steps`, measured, unit: 'ms', budget: 20, decimals: 2 }];
  },
};
