import fc from 'fast-check';
import { compile, verify } from '../../src/core/routine';
import { anyHouse, anyJobs, anyUnseen } from '../../src/core/testing/arbitraries';
import { hazardsUnsaid } from '../../src/text';
import type { Part } from '../table';

const HOW_MANY = 10_000;

/** Random cards over all schools, held against order and content. */
export const cards: Part = {
  says: '10,000 random cards over all schools: order, figures, looks and hazards',
  measure: () => {
    const asked = fc
      .tuple(anyUnseen, anyHouse)
      .chain(([model, house]) => anyJobs(model, house).map((jobs) => ({ model, house, jobs })));
    let laid = 0;
    let steps = 0;
    let bad = 0;
    const start = performance.now();
    while (laid < HOW_MANY)
      for (const { model, house, jobs } of fc.sample(asked, 500)) {
        const card = compile(model, jobs, house);
        if (!card.ok || laid === HOW_MANY) continue;
        laid += 1;
        steps += card.value.steps.length;
        const found = [
          ...verify(card.value, model).map(({ key, why }) => `${key}: ${why}`),
          ...hazardsUnsaid(card.value, model, 'us'),
        ];
        if (found.length === 0) continue;
        bad += 1;
        console.log(JSON.stringify({ found, model, house, jobs }));
      }
    const took = performance.now() - start;
    return [
      { what: `cards laid out (${steps} steps)`, measured: laid, unit: 'cards', decimals: 0 },
      { what: 'cards with a breach', measured: bad, unit: 'cards', budget: 0, decimals: 0 },
      { what: 'laid out, verified and read', measured: took / laid, unit: 'ms a card', decimals: 2 },
    ];
  },
};
