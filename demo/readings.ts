import { ONE_TEMPERATURE, pressureAt } from '../src/core/figures';
import { compileWalk, itemsOf, walkBody, type Answers } from '../src/core/road';
import type { Entry } from '../src/core/log';
import { DAY_MS, toSI } from '../src/core/base';
import { figureEntry } from '../src/core/record';
import type { TirePlace, WheelEnd } from '../src/core/rig';
import { at, psi, type Diary } from './diary';
import { HIVE_CART } from './hive-cart';

const F = (value: number) => toSI(value, '°F');
const ALL: readonly WheelEnd[] = ['1L', '1R', '2L', '2R'];

/** The air of a day in the lake district (°F). */
function airOf(day: string, random: () => number): number {
  const year = (at(day, 0) % (365.25 * DAY_MS)) / (365.25 * DAY_MS);
  return Math.round(47 - 24 * Math.cos(2 * Math.PI * (year - 0.05)) + (random() - 0.5) * 12);
}

/** A tire of a rig: psi it held on a day, and what it loses in a month. */
type Holds = Readonly<Partial<Record<TirePlace, readonly [psi: number, perMonth: number]>>>;

/** Cold pressures of a rig read on some days, as a gauge shows them in the air of the day. */
function pressures(
  diary: Diary,
  days: readonly string[],
  from: string,
  tires: Holds,
  random: () => number,
): void {
  for (const day of days) {
    const air = airOf(day, random);
    const months = (at(day) - at(from)) / (30 * DAY_MS);
    diary.write('reading', at(day, 12), {
      taken: Object.entries(tires).map(([place, [held, perMonth]]) => {
        const cold = pressureAt(
          psi(held - perMonth * months + (random() - 0.5)),
          { temperature: ONE_TEMPERATURE },
          { temperature: F(air) },
        );
        const shown = Math.round((cold / psi(1)) * 2) / 2;
        return { place: place as TirePlace, what: 'pressure', value: psi(shown), by: 'gauge' as const };
      }),
      around: { air: F(air), tires: 'cold' },
    });
  }
}

/** A stop on the road with a thermometer: every hub read, the rest looked at. */
function stop(
  diary: Diary,
  day: string,
  hotter: Readonly<Partial<Record<WheelEnd, number>>>,
  random: () => number,
): void {
  const walk = compileWalk('stop', HIVE_CART, 'round');
  const air = airOf(day, random) + 6;
  const worked = 34 + random() * 10;
  const answers: Answers = Object.fromEntries(
    itemsOf(walk).map(({ key, look, place }) => [
      key,
      look === 'hub'
        ? {
            as: 'clear' as const,
            value: F(Math.round(air + worked + (hotter[place as WheelEnd] ?? 0) + (random() - 0.5) * 5)),
            by: 'thermometer' as const,
          }
        : { as: 'clear' as const },
    ]),
  );
  diary.write('walk', at(day, 14), { ...walkBody(walk, answers, { air: F(air) }), minutes: 6 });
}

/** Juniper: pressures through autumn and spring; one tire loses more than the weather takes. */
export function juniperReadings(diary: Diary, random: () => number): void {
  const days = [
    '2025-10-12',
    '2025-11-01',
    '2026-03-07',
    '2026-03-28',
    '2026-04-18',
    '2026-05-02',
    '2026-05-09',
    '2026-05-15',
  ];
  // The one at 1R goes down by a good half psi a week once it is back on the road.
  pressures(
    diary,
    days.slice(0, 2),
    '2025-10-12',
    { '1L': [66, 0.5], '1R': [65.5, 0.6], '2L': [65.5, 0.6], '2R': [66, 0.5], S1: [65, 0.4] },
    random,
  );
  pressures(
    diary,
    days.slice(2),
    '2026-03-07',
    { '1L': [66, 0.6], '1R': [66.5, 2.5], '2L': [65.5, 0.5], '2R': [66, 0.6], S1: [65, 0.5] },
    random,
  );
  const tread = (day: string, lost: number) =>
    diary.write('reading', at(day, 13), {
      taken: ALL.flatMap((place, i) =>
        (['inner', 'middle', 'outer'] as const).map((across) => ({
          place,
          what: `tread-${across}`,
          value: toSI(
            Math.round((8.5 - lost - (across === 'middle' ? 0.2 : 0) - 0.2 * (i % 2)) * 2) / 2 / 32,
            'in',
          ),
          by: 'ruler' as const,
        })),
      ),
    });
  tread('2024-06-08', 0);
  tread('2025-06-07', 0.8);
  tread('2025-10-12', 1.3);
  tread('2026-04-18', 1.6);
}

/** Hive Cart: hubs read at stops since the front axle was opened; one bearing is on its way. */
export function hiveCartReadings(diary: Diary, random: () => number): void {
  const weeks = [
    ...diary.weeks('2025-05-28', '2025-09-17').filter((_, i) => i % 2 === 0),
    ...diary.weeks('2026-03-25', '2026-05-13'),
  ];
  weeks.forEach((day) => {
    const spring = day >= '2026-03-25' ? (at(day) - at('2026-03-18')) / (7 * DAY_MS) : 0;
    stop(diary, day, { '1R': 2 + spring * 2.3, '2L': 3, '2R': 2 }, random);
  });
}

interface Picture {
  readonly hash: string;
  readonly bytes: number;
}

const PICTURES: Readonly<Record<string, Picture>> = {
  'frame-1': { hash: 'bb00b45ea2eb08b390f2081a3163638e8341cbede095a52492f2348b6e266b59', bytes: 15_046 },
  'frame-2': { hash: 'e337be20f72b40aea28b6a55af30206cdc89044f113acb02023eda8679844185', bytes: 15_695 },
  'frame-3': { hash: 'c690af5da37ac835c45338769cc06c94880c1a652759b4f6cb2689364b2358df', bytes: 15_487 },
  'hub-1': { hash: 'e91cb1547b5cc831009c22c5d31093ddedb4d3be1c63c4ff0f4f2ac5dc8f73d9', bytes: 8_480 },
  'hub-2': { hash: '4f4e9d4d3ce634d93a623437a548c8a4e3c3d4dbfb9f1c9b23be5a53ebb6e1c5', bytes: 9_759 },
};

function picture(
  diary: Diary,
  day: string,
  name: string,
  place: TirePlace | 'frame',
  of: string,
  note: string,
): void {
  const { hash = '', bytes = 1 } = PICTURES[name] ?? {};
  diary.write('photo', at(day, 18), { hash, bytes, width: 640, height: 480, place, of, note });
}

/** Juniper: how the weeping hub looked, and what a shop says of it. */
export function juniperFindings(diary: Diary, told: readonly Entry[]): void {
  const weeps = told.find((entry) => entry.kind === 'finding.opened' && entry.body.place === '2R');
  if (!weeps) throw new Error('the weeping hub is told first');
  picture(diary, '2026-05-10', 'hub-1', '2R', weeps.id, 'behind the drum, wheel off the ground');
  picture(diary, '2026-05-14', 'hub-2', '2R', weeps.id, 'four days on, parked');
  const quote = diary.write('opinion', at('2026-05-15', 11), {
    place: '2R',
    finding: weeps.id,
    who: 'shop by the ferry',
    said: 'new hub, drum and both brakes on that axle',
    on: 'looked from outside, wheel not taken off',
    quote: { amount: 640, currency: 'USD' },
  });
  diary.write('decision', at('2026-05-15', 20), {
    place: '2R',
    finding: weeps.id,
    opinion: quote.id,
    decided: 'Open it first.',
    why: 'Seal land and shoes decide, and the seal kit is on the shelf.',
  });
  const tickets = figureEntry('tickets', { kind: 'trailer', alone: 2465, hitched: 2805, whole: 5120 });
  if (tickets?.kind === 'figure') diary.write('figure', at('2026-05-03', 9), tickets.body);
}

/** Hive Cart: rust at the hanger weld, looked at again each season. */
export function hiveCartFindings(diary: Diary): void {
  const of = { subject: 'weld', grade: 'rust' } as const;
  const rust = diary.write('finding.opened', at('2025-08-20', 17), {
    place: 'frame',
    verdict: 'watch',
    text: 'rust scale at the tongue weld, left',
    of,
  });
  picture(diary, '2025-08-20', 'frame-1', 'frame', rust.id, 'wire-brushed');
  picture(diary, '2025-10-11', 'frame-2', 'frame', rust.id, 'at lay-up');
  picture(diary, '2026-03-21', 'frame-3', 'frame', rust.id, 'after the winter');
  for (const [day, note] of [
    ['2025-10-11', 'spread a little, no crack'],
    ['2026-03-21', 'deeper, still no crack under the scale; prime it this spring'],
  ] as const)
    diary.write('finding.seen', at(day, 18), { finding: rust.id, verdict: 'watch', note, of });
}
