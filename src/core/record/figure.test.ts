import { toSI } from '../base';
import { applyChanges, rigModelSchema } from '../rig';
import { sampleModel } from '../testing/arbitraries';
import { figureEntry, figureFacts } from '.';

const inch = (value: number) => toSI(value, 'in');
const model = sampleModel({ hub: 'drilled', brake: 'electric' });

test('a figure is kept with what went in and all that came out, or not at all', () => {
  const tickets = { kind: 'trailer', alone: 2400, hitched: 2550, whole: 3700 };
  expect(figureEntry('tickets', { ...tickets, note: undefined })).toEqual({
    kind: 'figure',
    body: {
      figure: 'tickets',
      place: 'rig',
      inputs: tickets,
      results: { share: expect.closeTo(11.54, 2) as number, tongue: 150, axles: 1150, weight: 1300 },
    },
  });
  expect(figureEntry('tickets', { kind: 'trailer', alone: 2400 })).toBeUndefined();
  expect(figureEntry('tickets', { ...tickets, hitched: 2000 })).toBeUndefined();
});

test('a bolt circle and a brake size become facts that are worked out, on any rig that has them', () => {
  const circle = figureFacts('circle', { studs: '6', between: 'neighbors', apart: inch(2.75) }, model);
  expect(circle).toEqual({ 'wheels.boltCircle': { value: inch(5.5), source: 'worked' } });
  const drum = figureFacts('drum', { diameter: inch(10.03), width: inch(2.25) }, model) ?? {};
  expect(Object.keys(drum).every((path) => /^axles\.\d\.drum$/.test(path))).toBe(true);
  for (const changes of [circle ?? {}, drum]) {
    const changed = applyChanges(model, changes);
    expect(changed.ok && rigModelSchema.safeParse(changed.value).success).toBe(true);
  }
});

test('a torque is never worked out: neither a figure gives one, nor does the rig take it', () => {
  const adapter = { torque: 135, wrench: inch(18), adapter: inch(2.5), angle: 0 };
  expect(figureFacts('adapter', adapter, model)).toBeUndefined();
  expect(figureFacts('clamp', { torque: 135, stud: inch(0.5) }, model)).toBeUndefined();
  const changed = applyChanges(model, { 'wheels.torque': { value: 135, source: 'worked' } });
  expect(changed.ok && rigModelSchema.safeParse(changed.value).success).toBe(false);
});
