import { dutiesOf, towVerdict, tripOutlook, type Duty } from '@/core/duty';
import { workOf, type Entry, type EventBody } from '@/core/log';
import type { RigModel } from '@/core/rig';
import { HOUSE_DEFAULT, rulesFor, seasonOf, type HouseRules } from '@/core/rules';
import { anyModel, sampleModel } from '@/core/testing/arbitraries';
import { soundEntries } from '@/core/testing/sound';
import { mi, storyFrom } from '@/core/testing/story';
import { runs } from '@/core/testing/runs';
import fc from 'fast-check';
import {
  bandShort,
  bandWords,
  chapterHeadline,
  doneWords,
  dutyRule,
  dutyStanding,
  dutyTitle,
  dutyWhy,
  fallsOnWords,
  otherMeters,
  gapWords,
  outlookWords,
  routineHow,
  routineTitle,
  seasonWords,
  towedWords,
  towHeadline,
  entryWords,
  towSummary,
} from '.';

const { rig: RIG, day, entry, setup, trip, rigOf } = storyFrom('2025-05-01');
const season = seasonOf({ half: 'north' }, undefined);
const model = sampleModel({ axles: 2 });
const sound = (of: RigModel = model) => [setup(of), ...soundEntries(of, RIG, day(0))];

function duty(on: number, id: string, entries: readonly Entry[], house: HouseRules = HOUSE_DEFAULT): Duty {
  const found = dutiesOf(rigOf(...entries), day(on), house, season).find((one) => one.id === id);
  if (!found) throw new Error(`no duty ${id}`);
  return found;
}
const why = (on: number, id: string, entries: readonly Entry[], house?: HouseRules) =>
  dutyWhy(duty(on, id, entries, house), 'us', day(on));

describe('why a duty stands as it does', () => {
  test('by the season: when it was last done, by when it is due, and whose season it is', () => {
    expect(why(30, 'lug-torque@1L', sound())).toBe(
      'Last torque check May 1; due by Jun 11, twice a season (house rule).',
    );
    expect(dutyRule(duty(30, 'lights@rig', sound()), 'us')).toBe('each spring, house rule');
  });

  test.each<[EventBody['what'], string, string]>([
    [
      'shop',
      'lug-torque@1L',
      'A shop had the wheel off: check the torque before you tow; due at once (house rule).',
    ],
    [
      'new-brakes',
      'brake-adjust@1L',
      'New brakes bed in: adjust them again; 30 mi since, due at 200 mi (house rule).',
    ],
    [
      'fixings',
      'underside@rig',
      'U-bolts or hangers were disturbed: check them by wrench again; 30 mi since, due at 50 mi (house rule).',
    ],
  ])('by what happened: %s', (what, id, words) => {
    const story = [...sound(), entry('event', 1, { what, places: ['1L'] }), trip(2, 30)];
    expect(why(3, id, story)).toBe(words);
  });

  test('by its age in years, the last one in days', () => {
    expect(why(1600, 'tire-renew@1L', sound())).toBe('4.7 years old; limit at 6 years (house rule).');
    expect(dutyStanding(duty(1800, 'tire-renew@1L', sound()), 'us')).toEqual({
      figure: '269 days',
      words: 'left',
    });
  });

  test('by a rule its owner chose, stricter than the figure it overrules', () => {
    const told: RigModel = { ...model, repackEvery: { distance: { value: mi(12_000), source: 'maker' } } };
    const house = rulesFor({ repack: 'grade-5000' }, undefined);
    const story = [...sound(told), trip(1, 4990)];
    expect(why(2, 'repack@1L', story, house)).toBe(
      "4,990 mi since the repack of May 1; limit at 5,000 mi (house rule, stricter than maker's figure of 12,000 mi).",
    );
  });

  test('put off, and past what is safe', () => {
    const off = entry('deferral', 366, {
      routine: 'repack',
      place: '1L',
      reason: 'seals ordered.',
      until: day(900),
    });
    expect(why(370, 'repack@1L', [...sound(), off])).toBe('Put off May 2 until Oct 18, 2027: seals ordered.');
    expect(why(470, 'repack@1L', [...sound(), off])).toContain(
      'It is past 456 days, the longest it may be put off, so it is due.',
    );
    expect(dutyStanding(duty(370, 'repack@1L', [...sound(), off]), 'us')).toEqual({
      figure: 'put off',
      words: '',
    });
  });

  test('done by the way with what presses as much', () => {
    expect(why(366, 'brake-measure@1L', sound())).toMatch(/Done along with the repack\.$/);
  });

  test('whatever the rig and the day, words have no gaps in them', () => {
    fc.assert(
      fc.property(
        anyModel,
        fc.nat(1500),
        fc.constantFrom('us' as const, 'metric' as const),
        (rig, on, system) => {
          for (const one of dutiesOf(rigOf(...sound(rig)), day(on), HOUSE_DEFAULT, season)) {
            const { figure, words } = dutyStanding(one, system);
            for (const text of [
              dutyTitle(one),
              dutyWhy(one, system, day(on)),
              dutyRule(one, system),
              figure,
              words,
            ])
              expect(text).not.toMatch(/undefined|NaN|\[object|Infinity|^-/);
            if (one.routine !== 'lug-recheck')
              expect(routineHow(one.routine, rig, HOUSE_DEFAULT, '110 lbf·ft', system).how).toMatch(/\.$/);
          }
        },
      ),
      { numRuns: runs(40) },
    );
  });
});

test('routines are named with their places', () => {
  expect(routineTitle('repack', ['1L', '1R'])).toBe('Repack 1L and 1R');
  expect(routineTitle('gear-look', ['coupler', 'ball', 'plug', 'frame', 'winch'])).toBe(
    'Inspect the coupler, the hitch ball and 3 more',
  );
  expect(routineTitle('breakaway-test', ['breakaway'])).toBe('Breakaway pull test');
  expect(doneWords('lights', ['rig'])).toBe('Lights tested');
});

test('rounds count as one job of the verdict, repacks as one each', () => {
  const on = (days: number) => {
    const rig = rigOf(...sound());
    const verdict = towVerdict(rig, dutiesOf(rig, day(days), HOUSE_DEFAULT, season), []);
    return { headline: towHeadline(verdict), summary: towSummary(verdict, 'us', day(days)) };
  };
  expect(on(45)).toEqual({
    headline: 'Fit to tow after two jobs',
    summary: 'Lug torque checks of 1L, 1R, 2L and 2R and brake adjustments of 1L, 1R, 2L and 2R.',
  });
  expect(on(1).headline).toBe('Fit to tow');
});

test('several findings at one place are said once, with how many they are', () => {
  const found = (at: number, place: '2R' | '1L', text: string) =>
    entry('finding.opened', at, { place, verdict: 'due', text });
  const rig = rigOf(
    ...sound(),
    found(1, '2R', 'rust'),
    found(1, '2R', 'a nick'),
    found(1, '2R', 'paint'),
    found(1, '1L', 'rust'),
  );
  const verdict = towVerdict(rig, dutiesOf(rig, day(1), HOUSE_DEFAULT, season), []);
  expect(towSummary(verdict, 'us', day(1))).toBe('Three findings at 2R and the finding at 1L.');
});

test('what went otherwise at a wheel end is of its own side, whichever was chocked', () => {
  const work = entry('work', 1, {
    ...workOf([{ routine: 'repack', place: '1R' }]),
    branches: [{ branch: 'cap-broke', place: '1R', side: 'L' }],
  });
  const { lines } = entryWords(work, 'us', () => undefined);
  expect(lines.join(' ')).not.toMatch(/left side/);
});

test('a trip ahead in a sentence', () => {
  const work = entry('work', 1, {
    jobs: [{ routine: 'lug-torque', place: '2L' }],
    from: 'written',
    readings: [],
    conditions: [],
    materials: [],
    renewed: [],
    refits: [{ place: '2L', limits: [mi(25)] }],
    skipped: [],
  });
  const rig = rigOf(...sound(), work);
  const duties = dutiesOf(rig, day(1), HOUSE_DEFAULT, season);
  const say = (inDays: number) => {
    const ahead = { at: day(1 + inDays), distance: mi(180), launches: 0 };
    return outlookWords(ahead, towVerdict(rig, duties, []), tripOutlook(rig, duties, ahead), 'us', day(1));
  };
  expect(say(1)).toBe("Fit for tomorrow's 180 mi. On the way: lug recheck of 2L at 25 mi.");
  expect(say(3)).toBe("Fit for Monday's 180 mi. On the way: lug recheck of 2L at 25 mi.");
  expect(say(60)).toMatch(
    /^For 180 mi on Jul 1: due before it starts, lug torque checks of 1L, 1R, 2R and 2L/,
  );
});

test('bands, gaps and the season in words', () => {
  const band = {
    early: day(10),
    likely: day(30),
    late: day(90),
    towed: { early: mi(310), likely: mi(640), late: mi(1120) },
  };
  expect(bandShort(band, day(0))).toBe('8 times in 10 between May 11 and Jul 30');
  expect(bandShort({ early: undefined, likely: undefined, late: undefined, towed: {} }, day(0))).toBe(
    'not within two years',
  );
  expect(bandWords(band, day(0), 'untold')).toContain('at 2,000 mi a year, with no record yet');
  expect(
    fallsOnWords({ trip: { at: day(20), distance: 1, launches: 0 }, distance: mi(410) }, 'us', day(0)),
  ).toBe('It falls due on the trip planned for May 21, about 410 mi out.');
  expect(towedWords(band, 'us')).toBe('After about 640 mi more; 310 mi to 1,120 mi 8 times in 10.');
  expect(towedWords({ ...band, towed: {} }, 'us')).toBeUndefined();
  const gap = { entry: 'x', from: day(2), to: day(10), distance: mi(120) };
  expect(gapWords(gap, 'Hive Cart', 'us', day(20))).toContain(
    '120 mi not accounted for between May 3 and May 11',
  );
  if (!season) throw new Error('no season');
  expect(seasonWords(season, 'Juniper')).toBe(
    'Juniper is towed from Apr 1 to Oct 31, the usual there; change it if yours differs.',
  );
  const chapter = { time: 'mid', opens: day(5), at: day(40), over: day(90), open: false, items: [] } as const;
  expect(chapterHeadline(chapter, day(0))).toBe('from May 6, by Jun 10');
});

test('the meters beside the one that comes first are told with what is used and left of each', () => {
  const told: RigModel = { ...model, repackEvery: { launches: { value: 20, source: 'owner' } } };
  const story = [...sound(told), trip(1, 1200, 3)];
  expect(otherMeters(duty(2, 'repack@1L', story), 'us')).toEqual([
    '1,200 mi of 12,000 mi used, 10,800 mi left (house rule)',
    '2 days of 365 days used, 363 days left (house rule)',
  ]);
});
