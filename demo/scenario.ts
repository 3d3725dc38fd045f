/**
 * The demo: one grower's three rigs in an invented lake district, two and a half
 * years of trips and work. The same date and seed give the same entries.
 */
import { seeded } from '../src/core/base';
import { HOUSE, type Entry } from '../src/core/log';
import { at, Diary, TOLD_ON } from './diary';
import { hiveCart } from './hive-cart';
import { juniper } from './juniper';
import { hiveCartFindings, hiveCartReadings, juniperFindings, juniperReadings } from './readings';
import { hiveCartRoad, juniperRoad, shelfOfAll } from './road';
import { sandpiper } from './sandpiper';

/** The rigs of the demo, by name. */
export const DEMO_RIGS = {
  juniper: '018bf000-0000-7000-8000-000000000001',
  sandpiper: '018bf000-0000-7000-8000-000000000002',
  hiveCart: '018bf000-0000-7000-8000-000000000003',
} as const;

/** The demo's log as it stands on a day (`2026-05-16`), from a seed. */
export function demoEntries(date: string = TOLD_ON, seed = 1): readonly Entry[] {
  const shift = at(date, 0) - at(TOLD_ON, 0);
  const yearDay = (day: string) => new Date(at(day, 0) + shift).toISOString().slice(5, 10);
  const random = seeded(seed);
  const diary = (rig: string, tell: (diary: Diary) => void) => {
    const one = new Diary(rig, random, shift);
    tell(one);
    return one.entries;
  };
  const house = diary(HOUSE, (one) =>
    one.write('season', at('2023-11-18', 9), {
      half: 'north',
      start: yearDay('2026-04-01'),
      end: yearDay('2026-10-25'),
    }),
  );
  const towed = diary(DEMO_RIGS.juniper, juniper);
  // Readings and pictures have chances of their own: adding one leaves the rest of the story as it is.
  const apart = (rig: string, part: number, tell: (diary: Diary, random: () => number) => void) => {
    const chances = seeded(seed * 1000 + part);
    const one = new Diary(rig, chances, shift);
    tell(one, chances);
    return one.entries;
  };
  const carted = [...diary(DEMO_RIGS.sandpiper, sandpiper), ...diary(DEMO_RIGS.hiveCart, hiveCart)];
  return [
    ...apart(DEMO_RIGS.juniper, 1, juniperReadings),
    ...apart(DEMO_RIGS.juniper, 2, (one) => juniperFindings(one, towed)),
    ...apart(DEMO_RIGS.hiveCart, 3, hiveCartReadings),
    ...apart(DEMO_RIGS.hiveCart, 4, hiveCartFindings),
    ...apart(DEMO_RIGS.juniper, 5, (one) => juniperRoad(one, towed)),
    ...apart(DEMO_RIGS.hiveCart, 6, (one) => hiveCartRoad(one, carted)),
    ...apart(HOUSE, 7, shelfOfAll),
    ...house,
    ...towed,
    ...carted,
  ];
}
