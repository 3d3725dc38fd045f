import fc from 'fast-check';
import { correctionOf, setupEntries } from '@/core/record';
import { toSI } from '@/core/base';
import { gearOf, TEMPLATES, templateModel, type RigModel, type TemplateId } from '@/core/rig';
import { anyModel, sampleModel } from '@/core/testing/arbitraries';
import { runs } from '@/core/testing/runs';
import { makeEntry, foldEntries, type Entry } from '@/core/log';
import { stateBefore } from '@/keeper/reads';
import { EMPTY_SETUP, formFrom, formOf, readSetup, type SetupForm } from './setup-form';

const GOOD: SetupForm = { ...EMPTY_SETUP, name: 'Driftwood', kind: 'utility', studs: '5' };

function read(form: Partial<SetupForm>, confirmed?: string) {
  return readSetup({ ...GOOD, ...form }, 'us', undefined, true, confirmed);
}

function wrong(form: Partial<SetupForm>): readonly string[] {
  const result = read(form);
  return result.ok ? [] : Object.keys(result.error);
}

test('the least that a rig is told by', () => {
  const result = read({});
  expect(result).toMatchObject({
    ok: true,
    value: { model: { name: 'Driftwood', kind: 'utility', wheels: { studs: 5 } } },
  });
  expect(result.ok && result.value.model.wheels).toEqual({ studs: 5 });
  expect(result.ok && result.value.model.axles).toEqual([{ suspension: 'leaf' }]);
});

test('figures become SI with their source', () => {
  const result = read({ torque: '110', torqueSource: 'maker', studDiameter: '1/2', hub: 'drilled' });
  if (!result.ok) throw new Error(JSON.stringify(result.error));
  const { wheels, axles } = result.value.model;
  expect(wheels.torque).toEqual({ value: toSI(110, 'lbf·ft'), source: 'maker' });
  expect(wheels.studDiameter?.value).toBeCloseTo(0.0127);
  expect(axles[0]?.hub).toBe('drilled');
});

test.each(Object.keys(TEMPLATES) as TemplateId[])(
  'layout %s fills structure, and what was typed stays',
  (id) => {
    const typed = { ...EMPTY_SETUP, name: 'Driftwood', torque: '95', torqueSource: 'maker' as const };
    const result = readSetup(formFrom(id, typed, 'us'), 'us', undefined, true);
    if (!result.ok) throw new Error(JSON.stringify(result.error));
    const { wheels, ...rest } = templateModel(id, 'Driftwood');
    expect(result.value.model).toEqual({
      ...rest,
      wheels: { ...wheels, torque: { value: toSI(95, 'lbf·ft'), source: 'maker' } },
    });
  },
);

test('a layout of which the kind is changed leaves no gear of the other kind', () => {
  const result = read({ ...formFrom('tandem-boat', GOOD, 'us'), kind: 'rv' });
  expect(result.ok && Object.keys(result.value.model.gear ?? {})).toEqual(['breakaway', 'markerLamps']);
});

test.each<[Partial<SetupForm>, readonly string[]]>([
  [{ name: ' ' }, ['name']],
  [{ kind: '' }, ['kind']],
  [{ studs: '' }, ['studs']],
  [{ torque: 'tight', torqueSource: 'maker' }, ['torque']],
  [{ torque: '110 psi', torqueSource: 'maker' }, ['torque']],
  [{ torque: '5000', torqueSource: 'maker' }, ['torque']],
  [{ torque: '110' }, ['torqueSource']],
  [{ miles: 'meter' }, ['reading']],
  [{ miles: 'meter', reading: '-4' }, ['reading']],
])('%j is told at %j', (form, fields) => expect(wrong(form)).toEqual(fields));

test('a torque outside the usual range asks again, and is taken when it is insisted on', () => {
  const odd = { torque: '200', torqueSource: 'maker', studDiameter: '1/2' } as const;
  const first = read(odd);
  expect(first).toMatchObject({ ok: false, error: { torque: { ask: true } } });
  expect(read(odd, '200').ok).toBe(true);
  expect(read({ ...odd, torque: '210' }, '200').ok).toBe(false);
});

test.each(['us', 'metric'] as const)(
  'a rig opened and saved untouched is the same rig, to the last digit (%s)',
  (system) => {
    fc.assert(
      fc.property(anyModel, (model) => {
        const same = { ...model, axles: model.axles.map((axle) => axle) };
        const form = formOf(same, undefined, system);
        const result = readSetup(form, system, same, false, form.torque);
        if (!result.ok) throw new Error(JSON.stringify(result.error));
        const { gear: _, ...rest } = same;
        expect(result.value.model).toMatchObject(rest);
        // Gear that cannot belong to the kind is not kept.
        expect(gearOf(result.value.model)).toEqual(gearOf(same));
      }),
      { numRuns: runs(150) },
    );
  },
);

describe('saving', () => {
  const RIG = '0196d000-0000-7000-8000-0000000000aa';
  const entry = (kind: 'rig.setup' | 'rig.changed', n: number, body: object): Entry =>
    makeEntry(
      kind,
      {
        id: `0196d000-0000-7000-8000-00000000000${n}`,
        rig: RIG,
        happened: `2026-05-0${n}T12:00:00.000Z`,
        recorded: `2026-05-0${n}T12:00:00.000Z`,
      },
      body as never,
    );
  const model = sampleModel({});
  const setup = entry('rig.setup', 1, { model });
  const change = entry('rig.changed', 2, { changes: { spares: 2 } });
  const later = entry('rig.changed', 3, { changes: { name: 'Other' } });
  const fold = foldEntries([setup, change, later]);

  test('a change is written field by field, and nothing where nothing changed', () => {
    const next: RigModel = { ...model, spares: 0, name: 'Plover' };
    expect(setupEntries({ task: 'change', rig: RIG, model }, { model: next, reading: undefined })).toEqual([
      { kind: 'rig.changed', body: { changes: { name: 'Plover', spares: 0 } } },
    ]);
    expect(setupEntries({ task: 'change', rig: RIG, model }, { model, reading: undefined })).toEqual([]);
  });

  test('correcting a change starts from the rig as that entry made it', () => {
    const task = correctionOf(change, stateBefore(fold, change));
    expect(task).toMatchObject({ task: 'correct', before: model, model: { ...model, spares: 2 } });
    if (!task) throw new Error('no task');
    const drafts = setupEntries(task, { model: { ...model, spares: 0 }, reading: undefined });
    expect(drafts).toMatchObject([
      { kind: 'rig.changed', replaces: change.id, body: { changes: { spares: 0 } } },
    ]);
  });

  test('correcting a set-up writes it whole', () => {
    const task = correctionOf(setup, stateBefore(fold, setup));
    if (!task) throw new Error('no task');
    const drafts = setupEntries(task, { model: { ...model, name: 'Plover' }, reading: 5 });
    expect(drafts).toMatchObject([
      { kind: 'rig.setup', replaces: setup.id, body: { reading: 5, model: { name: 'Plover' } } },
    ]);
  });
});
