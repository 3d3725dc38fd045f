import type { WhyThisDay, WorkToPlan } from '@/core/plan';
import { toSI } from '@/core/base';
import {
  callByWords,
  changeWords,
  comparedWords,
  gapWords,
  headline,
  noDayWords,
  orderByWords,
  pinWords,
  priceWords,
  restWords,
  savedWords,
  whyWords,
} from '.';

const NOW = '2026-05-16T15:00:00.000Z';
const mi = (value: number) => toSI(value, 'mi');
const RIG = '018bf000-0000-7000-8000-000000000001';
const work: WorkToPlan = {
  id: 'w',
  rig: RIG,
  jobs: [{ routine: 'brake-adjust', place: '2R' }],
  matter: 'safety',
  duties: [],
  findings: [],
  forbids: false,
  byTheWay: false,
  partsMissing: true,
  minutes: 41,
  band: { early: undefined, likely: '2026-07-18T17:00:00.000Z', late: undefined, towed: {} },
  onTrip: undefined,
  before: undefined,
  partsBy: undefined,
};
const why: WhyThisDay = {
  minutes: 6,
  alone: 41,
  shares: { kind: 'wheel', rig: RIG, place: '2R' },
  laterPast: 0,
  wasted: 0,
  only: false,
  after: undefined,
};
const said = (more: Partial<WorkToPlan> = {}, about: Partial<WhyThisDay> = {}, pinned = false) =>
  whyWords({
    work: { ...work, ...more },
    why: { ...why, ...about },
    day: '2026-06-27',
    pinned,
    before: undefined,
    now: NOW,
    system: 'us',
  });
const trip = {
  id: 't',
  at: '2026-07-03T14:00:00.000Z',
  distance: mi(420),
  launches: 0,
  name: 'north shore',
};

describe('why a job stands on its day', () => {
  test('what it saves beside the others, and how early it is', () => {
    expect(said()).toBe("3 weeks early. 2R's wheel is off anyway: 6 min instead of 41 min.");
    expect(said({ onTrip: { trip, distance: mi(410) } }, { alone: 6 })).toBe(
      '3 weeks early, but “north shore” on Jul 3 would pass its limit at 410 mi.',
    );
    expect(said({}, { alone: 6, laterPast: mi(140) })).toBe(
      '3 weeks early, but left any longer it is likely to go 140 mi past its limit.',
    );
  });

  test('what comes before a trip, what has no record, what is due, what was pinned, and the only day there is', () => {
    expect(said({ before: trip }, { alone: 6, only: true })).toBe(
      'It comes before “north shore” on Jul 3; no other free day will do.',
    );
    const duty = { verdict: 'unknown' } as WorkToPlan['duties'][number];
    expect(said({ duties: [duty] }, { alone: 6 })).toBe('There is no record of it: it counts as due.');
    expect(said({ duties: [{ ...duty, verdict: 'overdue' }] }, { alone: 6 })).toBe('It is due now.');
    expect(said({ findings: [{} as never] }, { alone: 6 })).toBe('It was found, and is to be put right.');
    expect(said({ band: undefined }, { alone: 6 }, true)).toBe('You pinned it here. Its day is not known.');
    expect(
      said(
        { band: { early: undefined, likely: '2026-06-01T17:00:00.000Z', late: undefined, towed: {} } },
        { alone: 6 },
      ),
    ).toBe('4 weeks after its likely day.');
    expect(
      said(
        { band: { early: undefined, likely: '2026-06-29T17:00:00.000Z', late: undefined, towed: {} } },
        { alone: 6 },
      ),
    ).toBe('About when it falls due.');
  });

  test('what comes round again, and what the rest does by the way', () => {
    const about = {
      work,
      why: { ...why, minutes: 0 },
      day: '2026-07-18',
      pinned: false,
      now: NOW,
      system: 'us',
    } as const;
    expect(whyWords({ ...about, before: '2026-05-16' })).toBe(
      'It comes round again after May 16. It is part of the other work that day.',
    );
  });

  test.each([
    ['hub', "2R's hub is off anyway"],
    ['up', '2R is up anyway'],
  ] as const)('%s', (kind, words) => {
    expect(said({}, { shares: { kind, rig: RIG, place: '2R' } })).toContain(words);
    expect(said({}, { shares: { kind: 'day' } })).toContain('6 min here, 41 min on a day of its own.');
  });
});

describe('the plan in sentences', () => {
  test('how many days, and how far it may be from the best', () => {
    expect(headline(3, '2026-09-05', NOW)).toBe('Three yard days until Sep 5');
    expect(headline(0, '2026-09-05', NOW)).toBe('No yard day needed until Sep 5');
    expect(gapWords(825, 825, false, undefined)).toBe('No better plan exists for these weights.');
    expect(gapWords(825, 815, true, undefined)).toContain('Looking for a better one');
    expect(gapWords(825, 815, false, undefined)).toBe('At most 2 % above the best possible.');
    expect(gapWords(825, 815, false, 'broke')).toContain('The proof stopped midway; this plan stands.');
    expect(gapWords(825, undefined, false, 'no-thread')).toContain('does not search any further');
    expect(gapWords(825, undefined, false, undefined)).toContain('not known');
  });

  test('what a change costs', () => {
    expect(
      priceWords(
        'Moved to Sat, Jun 6',
        { minutes: 35, wasted: 0, worst: { name: 'Repack 1L', late: mi(140) } },
        'us',
      ),
    ).toBe('Moved to Sat, Jun 6: 35 min more, and Repack 1L is likely to go 140 mi past its limit.');
    expect(priceWords('Pinned', { minutes: 0, wasted: 12, worst: undefined }, 'us')).toBe(
      'Pinned: no more time, 12 min of work thrown away by going early.',
    );
    expect(priceWords('Moved', { minutes: -20, wasted: 0, worst: { name: 'x', late: 10 } }, 'us')).toBe(
      'Moved: 20 min less.',
    );
  });

  test('beside the other ways of doing it', () => {
    const one = { minutes: 300, days: 3, late: 0, wasted: 0 };
    const lines = comparedWords(
      one,
      { ...one, minutes: 900, days: 20 },
      { ...one, days: 1, late: mi(600) },
      'us',
    );
    expect(lines.map(({ time }) => time)).toEqual(['5 h', '15 h', '5 h']);
    expect(lines[1]?.note).toBe('20 times out with the tools, nothing goes past its limit');
    expect(lines[2]?.note).toBe('one day, then nothing; 600 mi past limits, all jobs added up');
    expect(savedWords(127)).toBe('Done together they save 2 h 7 min of getting ready and taking apart.');
    expect(savedWords(2)).toBeUndefined();
  });

  test('parts have a day to be ordered by, a shop one to be called by', () => {
    const yard = { from: '2026-05-16', weights: { parts: 10, shop: 14 } as never };
    expect(orderByWords([work], '2026-06-27', yard, NOW)).toEqual({
      by: 'Order by Jun 17',
      what: 'parts for Brake adjustment 2R are neither here nor on order; 10 days on the way is our estimate.',
    });
    expect(orderByWords([work], '2026-05-20', yard, NOW)?.by).toBe('Order now');
    expect(orderByWords([{ ...work, partsMissing: false }], '2026-06-27', yard, NOW)).toBeUndefined();
    expect(callByWords('2026-07-03', yard, NOW)).toContain(
      'call by Jun 19 to have it before the trip on Jul 3',
    );
    expect(callByWords('2026-05-20', yard, NOW)).toContain('call now');
    expect(callByWords(undefined, yard, NOW)).toContain('call soon');
  });
});

describe('what stands in the way', () => {
  test.each([
    [{ code: 'no-days' }, 'Free a day.'],
    [{ code: 'trip-first', trip: '2026-05-17' }, 'before the trip on May 17'],
    [
      { code: 'too-long', minutes: 130, longest: 60 },
      'takes 2 h 10 min with all its set-up, and the longest day is 1 h',
    ],
    [{ code: 'full', day: '2026-05-23' }, 'Give Sat, May 23 more hours'],
    [{ code: 'closed' }, 'Open one of them'],
  ] as const)('no day: %j', (reason, words) => {
    expect(noDayWords('Repack 2R', reason, NOW)).toContain(words);
  });

  test.each([
    ['not-free', 'not one of your free days'],
    ['closed', 'that day is kept free'],
    ['never', 'kept off that day as well'],
    ['not-then', 'when it cannot be done'],
    ['too-long', 'takes 7 h, and the day has 6 h: Repack 2R does not fit beside Lights'],
  ] as const)('a pin: %s', (against, words) => {
    const pin = { job: 'a', day: '2026-05-30', against, asked: 420, has: 360 };
    expect(pinWords(pin, 'Repack 2R', 'Lights', NOW)).toContain(words);
  });

  test('what cannot be planned, and what has changed', () => {
    const duty = { routine: 'repack', place: '2R' } as never;
    expect(restWords({ rig: RIG, duty, finding: undefined, why: 'no-figure' }, '', 'us', NOW).title).toBe(
      'Repack 2R',
    );
    expect(
      restWords({ rig: RIG, duty, finding: undefined, why: { code: 'no-jobs' } }, '', 'us', NOW).note,
    ).toContain('nothing to do');
    const finding = {
      place: '2R',
      text: 'weld cracked',
      waits: { who: 'the welder', booked: '2026-06-03' },
    } as never;
    expect(restWords({ rig: RIG, duty: undefined, finding, why: 'shop' }, 'call', 'us', NOW).note).toBe(
      'It waits for the welder, booked for Jun 3.',
    );
    const jobs = [{ rig: RIG, routine: 'lights', place: 'rig' }] as const;
    expect(changeWords({ jobs, from: '2026-06-06', to: '2026-06-27' }, NOW)).toBe(
      'Lights moves from Jun 6 to Jun 27',
    );
    expect(changeWords({ jobs, from: undefined, to: '2026-06-27' }, NOW)).toBe('Lights comes in on Jun 27');
    expect(changeWords({ jobs, from: '2026-06-06', to: undefined }, NOW)).toContain(
      'is done or not needed then',
    );
  });
});
