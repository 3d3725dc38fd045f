import { compile, PLANS } from '@/core/routine';
import { HOUSE_DEFAULT, routineDef, ROUTINES, WORKS } from '@/core/rules';
import { sampleModel } from '@/core/testing/arbitraries';
import { layOut, routineHow, stepWords } from '..';

const MODELS = [
  sampleModel({ axles: 2, brake: 'electric', hub: 'drilled', kind: 'rv' }),
  sampleModel({ axles: 3, brake: 'hydraulic-disc', hub: 'plain', kind: 'boat' }),
  sampleModel({ axles: 1, brake: 'hydraulic-drum', hub: 'oil-bath', kind: 'utility' }),
  sampleModel({ axles: 1, brake: 'none', hub: 'pressure-cap', kind: 'boat' }),
];

/** What is said of work that is written down by hand. */
const byHand = (system: 'us' | 'metric') =>
  MODELS.flatMap((model) =>
    ROUTINES.map((id) => `${id}: ${routineHow(id, model, HOUSE_DEFAULT, 'its torque', system).how}`),
  );

/** Everything the cards of some rigs say in a system of units. */
function said(system: 'us' | 'metric'): readonly string[] {
  return MODELS.flatMap((model) =>
    WORKS.filter((work) => PLANS[work]).flatMap((routine) =>
      routineDef(routine)
        .places(model, HOUSE_DEFAULT)
        .slice(0, 1)
        .flatMap((place) => {
          const card = compile(model, [{ routine, place }], HOUSE_DEFAULT);
          if (!card.ok) return [];
          const laid = layOut(card.value, model, undefined, HOUSE_DEFAULT, system);
          return [
            ...card.value.steps.map(
              (step) =>
                `${step.step}: ${Object.values(stepWords(step, model, card.value, system)).join(' ')}`,
            ),
            ...[...laid.parts, ...laid.used, ...laid.tools].map(
              ({ name, note }) => `${routine}: ${name} ${note ?? ''}`,
            ),
          ];
        }),
    ),
  );
}

const US = /\d\s?(in|psi|mi|lbf·ft|lb|ft|°F|mph)\b|\b(inch|inches|miles?|feet|pounds|ounces?)\b/i;
const METRIC = /\d\s?(mm|cm|kPa|bar|km|N·m|kg|°C)\b|\b(millimeters?|kilometers?|kilograms?)\b/i;

test('a metric owner reads no inch, mile or pound on any card', () =>
  expect([...new Set([...said('metric'), ...byHand('metric')].filter((line) => US.test(line)))]).toEqual([]));
test('an owner with US units reads no millimeter', () =>
  expect([...new Set([...said('us'), ...byHand('us')].filter((line) => METRIC.test(line)))]).toEqual([]));
