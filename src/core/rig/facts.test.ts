import fc from 'fast-check';
import { anyModel, sampleModel } from '../testing/arbitraries';
import {
  applyChanges,
  diffModels,
  FACT_IDS,
  factApplies,
  factAt,
  factDef,
  factPath,
  factValue,
  GEAR_IDS,
  gearDef,
  gearOf,
  missingFacts,
  placesOf,
  rigModelSchema,
  TEMPLATES,
  templateModel,
  type TemplateId,
} from '.';

const OUTSIDE = /^(name|kind|gear\.|own\.)/;

test('every field of a rig beside name, kind and gear is a fact that can be told', () => {
  fc.assert(
    fc.property(anyModel, (model) => {
      const bare = sampleModel({});
      const paths = Object.keys(diffModels({ ...bare, axles: [{ suspension: 'leaf' }] }, model));
      for (const path of paths.filter((one) => !OUTSIDE.test(one) && !path0(one)))
        expect([path, factAt(path)?.id]).toEqual([path, expect.any(String)]);
    }),
  );
});

/** A removed axle is no fact. */
const path0 = (path: string) => /^axles\.\d$/.test(path);

test('a fact lies where its path says, and is found again from it', () => {
  const model = sampleModel({ axles: 2 });
  for (const id of FACT_IDS) {
    const at = factPath(id, 1);
    expect(factAt(at)).toEqual({ id, index: factDef(id).scope === 'axle' ? 1 : 0 });
  }
  expect(factValue(model, 'torque')).toMatchObject({ source: 'maker' });
  expect(factValue(model, 'slots', 1)).toMatchObject({ value: 6 });
  expect(factValue(model, 'boltCircle')).toBeUndefined();
  expect(factAt('axles.0.nothing')).toBeUndefined();
});

test('a choice that is offered is one that the model takes', () => {
  const model = sampleModel({ axles: 2 });
  for (const id of FACT_IDS) {
    const { type, sourced } = factDef(id);
    if (type.as !== 'choice') continue;
    for (const option of type.options) {
      const value = sourced ? { value: option, source: 'marking' } : option;
      const made = applyChanges(model, { [factPath(id)]: value } as never);
      // What belongs to an adapter needs the adapter first.
      if (id === 'adapterNuts') continue;
      expect([id, option, made.ok]).toEqual([id, option, true]);
    }
  }
});

test('facts are asked for only where they can be told', () => {
  const leaf = sampleModel({ axles: 2 });
  expect(factApplies(leaf, 'equalizer')).toBe(true);
  expect(factApplies(sampleModel({}), 'equalizer')).toBe(false);
  expect(factApplies(leaf, 'repackLaunches')).toBe(false);
  expect(factApplies(sampleModel({ kind: 'boat' }), 'water')).toBe(true);
  expect(factApplies(sampleModel({ brake: 'hydraulic-disc' }), 'drum')).toBe(false);
  expect(factApplies(leaf, 'adapterTorque')).toBe(false);
  expect(missingFacts(leaf)).toContain('rating');
  expect(missingFacts(leaf)).not.toContain('torque');
});

test('gear follows from the kind and the brakes; what it has not is left out', () => {
  const boat = sampleModel({ kind: 'boat', brake: 'none' });
  const ids = gearOf(boat).map(({ id }) => id);
  expect(ids).toEqual(expect.arrayContaining(['coupler', 'winch', 'bunks']));
  expect(ids).not.toEqual(expect.arrayContaining(['ramp']));
  expect(ids).not.toContain('breakaway');
  const told = gearOf({ ...boat, gear: { winch: true, bunks: false } });
  expect(told.find(({ id }) => id === 'winch')?.known).toBe(true);
  expect(told.find(({ id }) => id === 'rollers')?.known).toBe(false);
  expect(told.some(({ id }) => id === 'bunks')).toBe(false);
  expect(gearOf(sampleModel({})).map(({ id }) => id)).toContain('breakaway');
  for (const id of GEAR_IDS) expect(gearDef(id).zone).toMatch(/^(tow|tongue|body|back)$/);
});

test('places are wheel ends, spares and gear, each once', () => {
  fc.assert(
    fc.property(anyModel, (model) => {
      const places = placesOf(model);
      expect(new Set(places).size).toBe(places.length);
      expect(places.length).toBe(2 * model.axles.length + model.spares + gearOf(model).length);
    }),
  );
});

test.each(Object.keys(TEMPLATES) as TemplateId[])('template %s is a rig, and sets no figure', (id) => {
  const model = templateModel(id, 'Driftwood');
  expect(rigModelSchema.safeParse(model).success).toBe(true);
  expect(JSON.stringify(model)).not.toContain('source');
});
