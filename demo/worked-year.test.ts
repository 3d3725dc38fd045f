import { dutiesOf, towVerdict } from '../src/core/duty';
import { foldEntries } from '../src/core/log';
import { fromSI } from '../src/core/quantity';
import { towHeadline } from '../src/text';
import { demoEntries, DEMO_RIGS } from './scenario';

const entries = demoEntries();

/** The yard as it stood on a day: only what had been written down by then. */
function on(day: string, rig: string) {
  const now = `${day}T23:30:00.000Z`;
  const state = foldEntries(entries.filter((entry) => entry.recorded <= now)).state.rigs[rig];
  if (!state) throw new Error(`${rig} is not there on ${day}`);
  const duties = dutiesOf(state, now);
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
