import { dutiesOf, towVerdict, type Duty } from '../src/core/duty';
import { foldEntries, HOUSE } from '../src/core/log';
import { HOUSE_DEFAULT, seasonOf } from '../src/core/rules';
import { fromSI } from '../src/core/base';
import { towHeadline } from '../src/text';
import { demoEntries, DEMO_RIGS } from './scenario';

const entries = demoEntries();

/** The yard as it stood on a day: only what had been written down by then. */
function on(day: string, rig: string) {
  const now = `${day}T23:30:00.000Z`;
  const { rigs } = foldEntries(entries.filter((entry) => entry.recorded <= now)).state;
  const state = rigs[rig];
  if (!state) throw new Error(`${rig} is not there on ${day}`);
  const duties = dutiesOf(state, now, HOUSE_DEFAULT, seasonOf(rigs[HOUSE]?.season, state.season));
  return { state, duties, tow: towVerdict(state, duties, []) };
}

const stand = (day: string, rig: string, id: string) =>
  on(day, rig).duties.find((duty) => duty.id === id)?.verdict ?? 'closed';

describe('Juniper, from set-up to the second finding', () => {
  const at = (day: string) => towHeadline(on(day, DEMO_RIGS.juniper).tow);
  test.each([
    ['2023-11-20', 'Not known to be fit'],
    ['2024-04-21', 'Fit to tow'],
    ['2024-05-04', 'Fit to tow'],
    ['2025-03-30', 'Fit to tow'],
    ['2025-04-21', 'Fit to tow after four jobs'],
    ['2025-04-27', 'Fit to tow'],
    ['2026-05-01', 'Fit to tow after four jobs'],
    ['2026-05-04', 'Fit to tow after one job'],
    ['2026-05-16', 'Fit to tow after two jobs'],
  ])('on %s: %s', (day, headline) => expect(at(day)).toBe(headline));

  test.each([
    ['2025-04-26', 'soon'],
    ['2025-05-03', 'soon'],
    ['2025-05-10', 'closed'],
    ['2026-05-04', 'due'],
    ['2026-05-16', 'overdue'],
  ])('the lug recheck of 2R on %s is %s', (day, verdict) => {
    expect(stand(day, DEMO_RIGS.juniper, 'lug-recheck@2R')).toBe(verdict);
  });

  test('a nut that moved starts its miles again, and only its own', () => {
    const { state } = on('2025-05-03', DEMO_RIGS.juniper);
    expect(state.refits['2R']).toMatchObject({ moves: 1, checked: -1 });
    expect(state.refits['1L']?.moves).toBe(0);
  });

  test('a trip typed ten times too long counts as corrected', () => {
    const before = on('2025-10-17', DEMO_RIGS.juniper).state.distance;
    const after = on('2025-10-19', DEMO_RIGS.juniper).state.distance;
    expect(Math.round(fromSI(after - before, 'mi'))).toBe(118);
  });
});

describe('Sandpiper, in and out of brackish water', () => {
  test.each([
    ['2024-03-29', 'unknown'],
    ['2024-03-31', 'clear'],
    ['2025-03-28', 'soon'],
    ['2025-03-30', 'clear'],
    ['2026-03-27', 'soon'],
    ['2026-05-16', 'clear'],
  ])('the repack of 1L on %s is %s', (day, verdict) => {
    expect(stand(day, DEMO_RIGS.sandpiper, 'repack@1L')).toBe(verdict);
  });

  test('counts every launch it was told of', () => {
    const told = entries.reduce(
      (sum, entry) =>
        sum + (entry.rig === DEMO_RIGS.sandpiper && entry.kind === 'trip' ? entry.body.launches : 0),
      0,
    );
    expect(on('2026-05-16', DEMO_RIGS.sandpiper).state.launches).toBe(told);
    expect(told).toBeGreaterThan(30);
  });

  test('a finding stays open over the winter and closes with its repair', () => {
    const open = (day: string) => Object.keys(on(day, DEMO_RIGS.sandpiper).state.findings).length;
    expect([open('2025-08-16'), open('2025-08-18'), open('2026-01-15'), open('2026-03-22')]).toEqual([
      0, 1, 1, 0,
    ]);
  });
});

describe('Hive Cart, bought with half a history', () => {
  test.each([
    ['2024-03-10', '1L', 'unknown'],
    ['2025-05-13', '1L', 'clear'],
    ['2026-04-10', '1L', 'soon'],
    ['2026-05-12', '1L', 'due'],
    ['2026-05-16', '1L', 'due'],
    ['2026-05-16', '2L', 'unknown'],
  ])('on %s the repack of %s is %s', (day, place, verdict) => {
    expect(stand(day, DEMO_RIGS.hiveCart, `repack@${place}`)).toBe(verdict);
  });

  test('miles are what its meter has gained', () => {
    const { state } = on('2026-05-16', DEMO_RIGS.hiveCart);
    expect(fromSI(state.meter?.reading ?? 0, 'mi') - 21_480).toBeCloseTo(fromSI(state.distance, 'mi'), 6);
    expect(state.contradictions).toEqual([]);
  });
});

/** Everything that is not clear, a line each: `repack 1L 1R: due, reached by days`; many places are counted. */
function told(duties: readonly Duty[]): readonly string[] {
  const groups = new Map<string, string[]>();
  for (const { verdict, reason, routine, place, governing, within, matter } of duties) {
    if (verdict === 'clear' || within || matter === 'moment') continue;
    const by = governing ? ` by ${governing.season ?? governing.cause ?? governing.meter}` : '';
    const key = `${routine} @: ${verdict}, ${reason}${by}`;
    groups.set(key, [...(groups.get(key) ?? []), place]);
  }
  return [...groups]
    .map(([key, places]) =>
      key.replace('@', places.length > 6 ? `${places.length} places` : places.join(' ')),
    )
    .sort();
}

// The season runs from 1 April to 25 October: looks that come twice in it fall on 9 June and 17 August.
const YEAR: Readonly<Record<keyof typeof DEMO_RIGS, Readonly<Record<string, readonly string[]>>>> = {
  juniper: {
    '2025-01-15': ['fit'],
    '2025-03-20': [
      'fit',
      'battery-renew breakaway: soon, near by days',
      'brake-measure 1L 1R 2L 2R: soon, near by days',
      'breakaway-test breakaway: soon, near by commission',
      'contacts rig: soon, near by commission',
      'gear-look 21 places: soon, near by commission',
      'hub-look 1L 1R 2L 2R: soon, near by commission',
      'lights rig: soon, near by commission',
      'pivots rig: soon, near by commission',
      'pressures rig: soon, near by commission',
      'repack 1L 1R 2L 2R: soon, near by days',
      'tire-look 1L 1R 2L 2R S1: soon, near by commission',
      'underside rig: soon, near by commission',
    ],
    '2025-04-05': [
      'after',
      'battery-renew breakaway: soon, near by days',
      'brake-measure 1L 1R 2L 2R: soon, near by days',
      'breakaway-test breakaway: due, reached by commission',
      'contacts rig: due, reached by commission',
      'gear-look 21 places: due, reached by commission',
      'hub-look 1L 1R 2L 2R: due, reached by commission',
      'lights rig: due, reached by commission',
      'pivots rig: due, reached by commission',
      'pressures rig: due, reached by commission',
      'repack 1L 1R 2L 2R: soon, near by days',
      'tire-look 1L 1R 2L 2R S1: due, reached by commission',
      'underside rig: due, reached by commission',
    ],
    '2025-04-21': ['after', 'repack 1L 1R 2L 2R: due, reached by days'],
    '2025-05-04': ['fit', 'lug-recheck 1L 1R 2L 2R: soon, near by distance'],
    '2025-06-05': ['fit', 'brake-adjust 1L 1R 2L 2R: soon, near by mid'],
    '2025-07-20': [
      'fit',
      'brake-adjust 1L 1R 2L 2R: soon, near by mid',
      'lug-torque 1L 1R 2L 2R: soon, near by mid',
    ],
    '2025-08-14': [
      'fit',
      'brake-adjust 1L 1R 2L 2R: soon, near by mid',
      'lug-torque 1L 1R 2L 2R: soon, near by mid',
      'tire-renew S1: soon, near by days',
    ],
    '2025-10-12': [
      'fit',
      'battery-out breakaway: soon, near by layup',
      'grease 1L 1R 2L 2R: soon, near by layup',
      'lug-recheck 1L 1R 2L 2R: soon, near by distance',
      'tire-renew S1: soon, near by days',
      'unload-tires rig: soon, near by layup',
      'wash rig: soon, near by layup',
    ],
    '2025-10-28': [
      'fit',
      'battery-out breakaway: due, reached by layup',
      'grease 1L 1R 2L 2R: due, reached by layup',
      'tire-renew S1: soon, near by days',
      'unload-tires rig: due, reached by layup',
      'wash rig: due, reached by layup',
    ],
    '2025-12-20': ['fit', 'tire-renew S1: soon, near by days'],
    '2026-05-16': [
      'after',
      'brake-adjust 1L 1R 2L: soon, near by mid',
      'lug-recheck 1L 1R 2L: soon, near by distance',
      'lug-recheck 2R: overdue, past by distance',
      'repack 2R: due, finding by days',
      'tire-renew S1: soon, near by days',
    ],
  },
  sandpiper: {
    '2024-03-20': [
      'unknown',
      'contacts rig: unknown, no-record',
      'gear-look 23 places: unknown, no-record',
      'lights rig: unknown, no-record',
      'pivots rig: unknown, no-record',
      'pressures rig: unknown, no-record',
      'repack 1L 1R: unknown, no-record',
      'tire-look 1L 1R S1: unknown, no-record',
      'underside rig: unknown, no-record',
    ],
    '2024-04-08': ['fit', 'lug-recheck 1L 1R: soon, near by distance'],
    '2024-05-20': ['fit', 'lug-torque 1L 1R: soon, near by mid'],
    '2024-06-20': ['fit'],
    '2024-08-22': ['after', 'lug-torque 1L 1R: due, reached by mid'],
    '2024-10-10': [
      'fit',
      'grease 1L 1R: soon, near by layup',
      'unload-tires rig: soon, near by layup',
      'wash rig: soon, near by layup',
    ],
    '2024-12-01': ['fit'],
    '2025-03-20': [
      'fit',
      'contacts rig: soon, near by commission',
      'gear-look 23 places: soon, near by commission',
      'hub-look 1L 1R: soon, near by commission',
      'lights rig: soon, near by commission',
      'pivots rig: soon, near by commission',
      'pressures rig: soon, near by commission',
      'repack 1L 1R: soon, near by days',
      'tire-look 1L 1R S1: soon, near by commission',
      'underside rig: soon, near by commission',
    ],
    '2025-04-07': ['fit'],
    '2025-08-18': ['after', 'lug-torque 1L 1R: due, reached by mid'],
    '2026-03-20': [
      'fit',
      'contacts rig: soon, near by commission',
      'gear-look 23 places: soon, near by commission',
      'hub-look 1L 1R: soon, near by commission',
      'lights rig: soon, near by commission',
      'pivots rig: soon, near by commission',
      'pressures rig: soon, near by commission',
      'repack 1L 1R: soon, near by days',
      'tire-look 1L 1R S1: soon, near by commission',
      'underside rig: soon, near by commission',
    ],
    '2026-05-16': ['fit', 'lug-torque 1L 1R: soon, near by mid'],
  },
  hiveCart: {
    '2024-03-10': [
      'unknown',
      'breakaway-test breakaway: unknown, no-record',
      'contacts rig: unknown, no-record',
      'gear-look 24 places: unknown, no-record',
      'lights rig: unknown, no-record',
      'pivots rig: unknown, no-record',
      'pressures rig: unknown, no-record',
      'repack 1L 1R 2L 2R: unknown, no-record',
      'tire-look 1L 1R 2L 2R: unknown, no-record',
      'tire-renew S1: overdue, past by days',
      'underside rig: unknown, no-record',
    ],
    '2024-03-24': [
      'unknown',
      'repack 1L 1R 2L 2R: unknown, no-record',
      'tire-renew S1: overdue, past by days',
    ],
    '2024-06-10': [
      'unknown',
      'repack 1L 1R 2L 2R: unknown, no-record',
      'tire-renew S1: overdue, past by days',
    ],
    '2024-08-20': [
      'unknown',
      'brake-adjust 1L 1R: due, reached by mid',
      'lug-torque 1L 1R 2L 2R: due, reached by mid',
      'repack 1L 1R 2L 2R: unknown, no-record',
      'tire-renew S1: overdue, past by days',
    ],
    '2024-12-01': [
      'unknown',
      'repack 1L 1R 2L 2R: unknown, no-record',
      'tire-renew S1: overdue, past by days',
    ],
    '2025-05-13': [
      'unknown',
      'lug-recheck 1L 1R: soon, near by distance',
      'repack 2L 2R: unknown, no-record',
      'tire-renew S1: overdue, past by days',
    ],
    '2025-06-01': ['unknown', 'repack 2L 2R: unknown, no-record', 'tire-renew S1: overdue, past by days'],
    '2025-09-10': [
      'unknown',
      'repack 2L 2R: unknown, no-record',
      'tire-renew 1L 1R: soon, near by days',
      'tire-renew S1: overdue, past by days',
    ],
    '2026-03-15': [
      'unknown',
      'battery-renew breakaway: due, reached by days',
      'breakaway-test breakaway: soon, near by commission',
      'contacts rig: soon, near by commission',
      'gear-look 24 places: soon, near by commission',
      'hub-look 1L 1R: soon, near by commission',
      'lights rig: soon, near by commission',
      'pivots rig: soon, near by commission',
      'pressures rig: soon, near by commission',
      'repack 2L 2R: unknown, no-record',
      'tire-look 1L 1R 2L 2R: soon, near by commission',
      'tire-renew 1L 1R: soon, near by days',
      'tire-renew S1: overdue, past by days',
      'underside rig: soon, near by commission',
    ],
    '2026-04-10': [
      'unknown',
      'battery-renew breakaway: soon, deferred by days',
      'brake-measure 1L 1R: soon, near by days',
      'repack 1L 1R: soon, near by days',
      'repack 2L 2R: unknown, no-record',
      'tire-renew 1L 1R 2L 2R: soon, near by days',
      'tire-renew S1: overdue, past by days',
    ],
    '2026-05-13': [
      'unknown',
      'battery-renew breakaway: soon, deferred by days',
      'repack 1L 1R: due, reached by days',
      'repack 2L 2R: unknown, no-record',
      'tire-renew 1L 1R 2L 2R: soon, near by days',
      'tire-renew S1: overdue, past by days',
    ],
    '2026-05-16': [
      'unknown',
      'battery-renew breakaway: soon, deferred by days',
      'repack 1L 1R: due, reached by days',
      'repack 2L 2R: unknown, no-record',
      'tire-renew 1L 1R 2L: soon, near by days',
      // A nail is in it, towed on with.
      'tire-renew 2R: due, finding by days',
      'tire-renew S1: overdue, past by days',
    ],
  },
};

describe.each(Object.entries(YEAR))('the worked year of %s', (name, dates) => {
  test.each(Object.entries(dates))('on %s', (day, [fitness, ...lines]) => {
    const { tow, duties } = on(day, DEMO_RIGS[name as keyof typeof DEMO_RIGS]);
    expect(told(duties)).toEqual(lines);
    expect(tow.fitness).toBe(fitness);
  });
});
