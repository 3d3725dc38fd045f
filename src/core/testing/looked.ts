import fc from 'fast-check';
import { WALKS, type EntryOf } from '../log';

/** Any wheel end of a rig with two axles. */
export const anyEnd = fc.constantFrom('1L' as const, '1R' as const, '2L' as const, '2R' as const);

/** Everything that is looked at, read or said of a rig; findings that rest on the same thing, so that they meet again. */
export const anyLooked = (id: fc.Arbitrary<string>) => {
  const severity = fc.constantFrom('watch' as const, 'due' as const, 'stop' as const);
  const grounds = fc.constantFrom<NonNullable<EntryOf<'finding.opened'>['body']['of']>>(
    { subject: 'seal', grade: 'weeping' },
    { subject: 'tire-wall', grade: 'crazed' },
    { what: 'hub-temp', value: 340 },
    { trend: 'leak' },
  );
  const figure = (what: 'pressure' | 'pressure-set' | 'hub-temp' | 'tread-inner', min: number, max: number) =>
    fc.record({
      place: anyEnd,
      what: fc.constant(what),
      value: fc.integer({ min, max }).map((n) => n / 1000),
    });
  const taken = fc.oneof(
    figure('pressure', 1000, 450_000_000),
    figure('pressure-set', 1000, 450_000_000),
    figure('hub-temp', 250_000, 500_000),
    figure('tread-inner', 0, 12),
  );
  return [
    fc.record({ place: anyEnd, verdict: severity, of: grounds }).map((body) => ({
      kind: 'finding.opened' as const,
      body: { ...body, text: 'as it was found' },
    })),
    fc
      .record({ finding: id, verdict: severity, of: fc.option(grounds, { nil: undefined }) })
      .map(({ of, ...body }) => ({ kind: 'finding.seen' as const, body: { ...body, ...(of && { of }) } })),
    fc.array(taken, { minLength: 1, maxLength: 3 }).map((all) => ({
      kind: 'reading' as const,
      body: { taken: all, around: { air: 290, tires: 'cold' as const } },
    })),
    fc
      .record({
        walk: fc.constantFrom(...WALKS),
        place: anyEnd,
        look: fc.constantFrom('tire', 'tread', 'valve', 'rock', 'spin', 'torque', 'pressure'),
        as: fc.constantFrom('clear' as const, 'not-right' as const, 'skipped' as const),
        taken: fc.array(taken, { maxLength: 2 }),
      })
      .map(({ walk, place, look, as, taken: all }) => ({
        kind: 'walk' as const,
        body: { walk, order: 'round' as const, looked: [{ look, place, as }], taken: all, conditions: [] },
      })),
    fc.constantFrom('ok' as const, 'out' as const).map((result) => ({
      kind: 'lights' as const,
      body: {
        wiring: 'shared' as const,
        how: 'alone' as const,
        results: [{ lamp: 'left', shows: 'brake', result }],
        tests: [],
      },
    })),
    id.map((of) => ({
      kind: 'photo' as const,
      body: { hash: 'a'.repeat(64), bytes: 9, width: 4, height: 3, place: 'frame' as const, of },
    })),
    id.map((finding) => ({
      kind: 'opinion' as const,
      body: { place: 'rig' as const, finding, who: 'a shop', said: 'renew it' },
    })),
  ] as const;
};
