import { readFileSync } from 'node:fs';
import { foldEntries, limitUsed, roadLimits, type Entry, type RigState } from '../log';
import { fromSI, toSI } from '../base';
import type { Place } from '../rig';
import {
  HOUSE_DEFAULT,
  ROLLS,
  TROUBLE_IDS,
  type RoadVerdict,
  type TroubleId,
  type TroubleAnswers,
} from '../rules';
import { asksOfSpot, barredAt, nextQuestion, outOfDanger, soFar, type Spot } from '../road';
import { sampleModel } from '../testing/arbitraries';
import { storyFrom } from '../testing/story';
import { everyWay } from '../testing/ways';
import { knownAnswers, limitEnds, stampEntries, troubleEntries, type TroubleTold } from '.';

const story = storyFrom('2026-05-01');
const NOW = story.day(10);
const psi = (value: number) => toSI(value, 'psi');
const mph = (value: number) => toSI(value, 'mi') / 3600;
let serial = 0;
const newId = () => `0196f000-0000-7000-8000-${(++serial).toString(16).padStart(12, '0')}`;
const model = {
  ...sampleModel({ axles: 2, brake: 'electric' as const }),
  spares: 1,
  tires: { pressure: { value: psi(65), source: 'maker' as const } },
};

type Told = readonly [TroubleId, Place | 'rig', TroubleAnswers, Partial<TroubleTold>?];

/** A rig on which these troubles were told, one after the other, and what it may do then. */
function after(...told: readonly Told[]) {
  let all: readonly Entry[] = [story.setup(model)];
  for (const [trouble, place, answers, more] of told) {
    const rig = foldEntries(all).state.rigs[story.rig] as RigState;
    const heard = Object.fromEntries(
      Object.entries(answers).flatMap(([k, v]) => (v === undefined ? [] : [[k, v]])),
    );
    const full = {
      trouble,
      place,
      underWay: true,
      answers: heard,
      outcome: 'open',
      used: [],
      photos: [],
      ...more,
    } as const;
    const drafts = troubleEntries(full, { rig, model, house: HOUSE_DEFAULT, now: NOW, newId });
    all = [...all, ...stampEntries({ entries: [], newest: '' }, story.rig, drafts, NOW, newId)];
  }
  return (days = 10, ...more: Entry[]) => {
    const rig = foldEntries([...all, ...more]).state.rigs[story.rig] as RigState;
    return { rig, limits: roadLimits(rig, story.day(days)) };
  };
}
const short = ({ roll, distance, left, speed }: Partial<RoadVerdict> & { readonly left?: number }) =>
  [
    roll,
    ...[distance ?? left, speed && speed * 3600].flatMap((one) =>
      one === undefined ? [] : [Math.round(fromSI(one, 'mi') * 10) / 10],
    ),
  ].join(' ');
const standing = (...told: readonly Told[]) => short(after(...told)().limits ?? {});

const NAIL = {
  target: psi(65),
  first: psi(65),
  second: psi(64.5),
  stood: 'yes',
  danger: 'no',
  where: 'crown',
  rolled: 'no',
  pump: 6.5,
} as const;
const WARM = { hub: toSI(140, '°F'), mate: toSI(112, '°F'), air: toSI(80, '°F') } as const;
const STUD = { holes: 'round', held: 'yes', neighbors: 'apart', studs: 5, lost: 1, gone: 1 } as const;
const DEAD = { which: 'one-axle-of-two', 'law-allows': 'yes', 'slow-stop': 'straight' } as const;
const SURVIVES = {
  hurt: 'nothing',
  lift: 'yes',
  spare: 'none',
  axles: 'more',
  load: 600,
  maximum: 1200,
  rating: 1600,
} as const;
const LAMP = { which: 'running', time: 'day' } as const;

/** What keeps anybody from working at 1L: nothing, or by its words. */
const barred = (spot: Spot) =>
  barredAt({ met: 'road', place: 'yes', level: 'yes', alone: 'no', night: 'no', ...spot }, '1L').join(' ');
/** What the log tells of a question, so long (d) after it was told and so far (mi) on. */
function knows(
  trouble: TroubleId,
  id: string,
  told: (at: number) => Entry,
  [days, miles]: readonly [number, number],
) {
  const rig = foldEntries([story.setup(model), told(10), story.trip(11, miles)]).state.rigs[
    story.rig
  ] as RigState;
  return (
    knownAnswers(trouble, '1L', { rig, model, house: HOUSE_DEFAULT, now: story.day(10 + days) })[id] !==
    undefined
  );
}
const kit = (at: number) =>
  story.entry('kit', at, { items: [{ item: 'inflator', aboard: true, figures: { minutes: 9 } }] });
const spareRead = (at: number) =>
  story.entry('reading', at, { taken: [{ place: 'S1', what: 'pressure', value: psi(40) }] });

/** Each sentence of the part on words, and of the parts on the spot and on asking that decide something: with what it comes to, the mildest it may be and the strictest. */
const SENTENCES: Readonly<Record<string, () => void>> = {
  'Nobody works within 6 ft of a live lane': () => {
    expect(barred({})).toBe('');
    expect(barred({ place: 'no' })).toBe('lane');
    expect(barred({ place: undefined })).toBe('lane');
    expect(barred({ level: 'no' })).toBe('slope');
    expect(barred({ night: 'yes', lamps: 'no' })).toBe('dark');
    expect(barred({ night: 'yes', lamps: 'yes' })).toBe('');
    expect(barred({ alone: 'yes', traffic: 'left' })).toBe('traffic-side');
    expect(barred({ alone: 'yes', traffic: 'right' })).toBe('');
    expect(barred({ alone: 'yes' })).toBe('traffic-side');
  },
  'Safe place, firm and level, alone, dark': () => {
    expect(asksOfSpot({ met: 'road', alone: 'yes', night: 'yes' })).toEqual([
      'place',
      'level',
      'alone',
      'traffic',
      'night',
      'lamps',
    ]);
    expect(asksOfSpot({ met: 'road', alone: 'no', night: 'no' })).toEqual([
      'place',
      'level',
      'alone',
      'night',
    ]);
  },
  'The answers change what is offered': () => {
    expect(short(soFar('flat', { ...SURVIVES, spare: 'usable' }))).toBe('here');
    expect(short(soFar('flat', { ...SURVIVES, spare: 'usable', lift: 'no' }))).toBe('stay');
  },
  'Figures decide before answers': () => {
    // Read at half, no answer makes it milder than a flat.
    for (const rolled of ['no', 'low', 'half'])
      expect(
        short(
          soFar('nail', { ...NAIL, first: psi(30), second: psi(30), rolled, spare: 'none', axles: 'one' }),
        ),
      ).toBe('stay');
  },
  'What the log knows is not asked but shown': () => {
    expect(knows('hot', 'touched', (at) => story.done(at, ['repack', '1L']), [1, 31])).toBe(true);
  },
  'Only what is fresh answers for the owner': () => {
    const repack = (at: number) => story.done(at, ['repack', '1L']);
    expect([499, 501].map((miles) => knows('hot', 'touched', repack, [30, miles]))).toEqual([true, false]);
    expect([179, 181].map((days) => knows('soft', 'pump', kit, [days, 0]))).toEqual([true, false]);
    // A spare that was low stays so until somebody fills it; that it held is believed for sixty days.
    expect([59, 61].map((days) => knows('flat', 'spare', spareRead, [days, 0]))).toEqual([true, false]);
    // Law and load are asked at every trouble.
    expect(
      knownAnswers('dead', 'rig', { rig: after()().rig, model, house: HOUSE_DEFAULT, now: NOW })[
        'law-allows'
      ],
    ).toBeUndefined();
  },
  'Under a trailer that may not be lifted': () => {
    const asks = (lift: string) => {
      const given: Record<string, string | number> = { lift, hurt: 'nothing' };
      return nextQuestion('flat', given)?.id;
    };
    expect(asks('no')).not.toBe('load');
  },
  Creep: () => {
    for (const id of TROUBLE_IDS)
      for (const answers of everyWay(id)) {
        const verdict = soFar(id, answers);
        if (verdict.roll === 'creep')
          expect(fromSI(verdict.distance ?? Infinity, 'mi')).toBeLessThanOrEqual(5.01);
      }
    expect(short(soFar('carcass', { spare: 'none', air: 'holds' }))).toBe('creep 1 15');
    const crept = after(['carcass', '1L', { spare: 'none', air: 'holds' }]);
    expect(short(crept(10).limits ?? {})).toBe('creep 1 15');
    expect(short(crept(12, story.trip(11, 0.5)).limits ?? {})).toBe('creep 0.5 15');
    expect(short(crept(12, story.trip(11, 1.1)).limits ?? {})).toBe('stay');
  },
  'Where a row gives no figure, at most 1 mi at 15 mph': () => {
    expect(short(soFar('noise', { found: 'nothing', looked: 'not-traffic-side' }))).toBe('creep 1 15');
  },
  'After it, unless mended: stay': () => {
    expect(
      short(
        after(['noise', 'rig', { found: 'nothing', looked: 'not-traffic-side' }])(12, story.trip(11, 1.2))
          .limits ?? {},
      ),
    ).toBe('stay');
  },
  'Go with care': () => {
    for (const id of TROUBLE_IDS)
      for (const answers of everyWay(id)) {
        const { roll, distance, speed } = soFar(id, answers);
        if (roll !== 'care') continue;
        expect([distance, speed]).not.toContain(undefined);
        expect(fromSI((speed ?? 0) * 3600, 'mi')).toBeLessThanOrEqual(55.01);
      }
  },
  Stay: () => {
    for (const id of TROUBLE_IDS)
      for (const answers of everyWay(id)) {
        const verdict = soFar(id, answers);
        if (verdict.roll === 'stay') expect(short(verdict)).toBe('stay');
        expect(outOfDanger(id, verdict) === undefined).toBe(verdict.roll !== 'stay');
      }
  },
  'From a place of danger': () => {
    expect(outOfDanger('flat', soFar('flat', { ...SURVIVES, axles: 'one' }))).toBe('out');
    expect(outOfDanger('hot', soFar('hot', { hand: 'sizzles' }))).toBe('out');
  },
  'Stopped for flames': () => {
    expect(outOfDanger('smoke', soFar('smoke', { flames: 'flames' }))).toBe('not-at-all');
  },
  'Only clear of the lane by the shortest way': () => {
    const lane: readonly (readonly [TroubleId, TroubleAnswers])[] = [
      ['lost', {}],
      ['leaning', { which: 'hub', 'spare-hub': 'none' }],
      ['dragging', { pin: 'in', 'how-many': 'one', 'backed-off': 'drags' }],
      ['coupler', { 'came-off': 'no', numbers: 'same', latched: 'no' }],
      ['spring', { what: 'frame' }],
    ];
    for (const [id, answers] of lane) expect(outOfDanger(id, soFar(id, answers))).toBe('clear-of-the-lane');
  },
  'Worst stands': () => {
    // The least miles of the one, the least speed of the other, and every look of each.
    const both = after(
      ['nail', '1L', NAIL],
      ['lights', 'rig', LAMP],
      ['struck', 'rig', { found: 'all-sound' }],
    )().limits;
    expect(short(both ?? {})).toBe('care 25 45');
    expect(
      short(
        after(['carcass', '1L', { spare: 'none', air: 'holds' }], ['lights', 'rig', LAMP])().limits ?? {},
      ),
    ).toBe('creep 1 15');
    expect(both?.of.map(({ limit }) => limit?.looks?.at.length ?? 0)).toEqual([3, 1, 0, 0]);
  },
  'What comes of one cause or one repair counts once': () => {
    const hung = { ...SURVIVES } as TroubleAnswers;
    expect(standing(['flat', '1L', hung])).toBe('care 25 35');
    expect(standing(['flat', '1L', hung], ['dead', 'rig', DEAD])).toBe('care 25 35');
    expect(
      standing(
        ['dragging', '1L', { pin: 'in', 'how-many': 'one', 'backed-off': 'free', hub: 'cool' }],
        ['dead', 'rig', DEAD],
      ),
    ).toBe('care 25 45');
    // A spare that was fitted and tightened by hand.
    expect(
      standing(['flat', '1L', { ...SURVIVES, spare: 'usable' }, { outcome: 'done', torqued: 'hard' }]),
    ).toBe('care 10 45');
  },
  'Of different causes two limits': () => {
    expect(standing(['hot', '1L', WARM], ['nail', '1R', NAIL])).toBe('creep 1 15');
    expect(standing(['hot', '1L', WARM], ['nail', '2L', NAIL])).toBe('creep 1 15');
    expect(standing(['hot', '1L', WARM], ['nail', '2R', NAIL])).toBe('care 25 45');
    expect(standing(['hot', '1L', WARM], ['studs', '1R', STUD])).toBe('creep 1 15');
    expect(standing(['hot', '1L', WARM], ['dead', 'rig', DEAD])).toBe('creep 1 15');
    expect(
      standing(['hot', '1L', WARM], ['sway', 'rig', { began: mph(65), again: 'no', tongue: 'light' }]),
    ).toBe('creep 1 15');
    expect(
      standing(['hot', '1L', WARM], ['nail', '2R', NAIL], ['struck', 'rig', { found: 'all-sound' }]),
    ).toBe('creep 1 15');
    expect(
      standing(
        ['hot', '1L', WARM],
        ['lights', 'rig', LAMP],
        ['strap', 'winchStrap', { which: 'winch', lines: 'two-over-load' }],
      ),
    ).toBe('care 25 45');
    // What holds a wheel or the coupler on is never averaged: it stays, whatever stands beside it.
    expect(standing(['hot', '1L', WARM], ['studs', '1R', { holes: 'worn' }])).toBe('stay');
    expect(
      standing(
        ['coupler', 'coupler', { 'came-off': 'no', numbers: 'same', latched: 'no' }],
        ['nail', '1L', NAIL],
      ),
    ).toBe('stay');
  },
  'Every verdict names what decided it': () => {
    for (const id of TROUBLE_IDS)
      for (const answers of everyWay(id)) expect(soFar(id, answers).because).not.toBe('');
  },
  'A limit ends after 7 days as well': () => {
    const told = after(['nail', '1L', NAIL]);
    expect(told(10).limits?.until).toBe(limitEnds(NOW));
    expect(limitEnds(NOW)).toBe(story.day(17));
    expect([16.9, 17.1].map((days) => told(days).limits?.roll)).toEqual(['care', 'stay']);
    const [one] = Object.values(told().rig.findings).filter(({ limit }) => limit);
    expect(one?.limit && limitUsed(one.limit, told().rig.distance)).toBe(0);
  },
};

/** Sentences that a page says, or the order of its questions keeps: held by the tests of pages. */
const SAID: readonly string[] = [
  'Off the road, hazard lamps',
  'Where nobody can get out safely',
  'Flames: everyone out',
  'Smoke without flame',
  'This is one screen with one tap on',
  'What a row asks of the traffic side',
  'A second trouble at the same place does not ask again',
  'Nobody stays in the trailer',
  'Older, it is shown as it is and asked',
  'Nothing is asked once no answer can change the verdict',
  'An answer that decides nothing is not offered',
  '*Not known here* leads to',
  'What belonged to another stop',
  'Here',
  'Repair here or recovery',
  'Under 45 mph',
  'On a shoulder the passengers',
  'Miles and speeds that no row gives are ours',
];

/** The sentences of a part of the table's document. */
function sentencesOf(part: number): readonly string[] {
  const text = readFileSync('docs/TROUBLE.md', 'utf8');
  const from = text.indexOf(`## ${part}. `);
  return text
    .slice(text.indexOf('\n', from), text.indexOf(`\n## ${part + 1}. `))
    .replace(/\*\*/g, '')
    .split(/\.\s+|\n/)
    .map((one) => one.replace(/^- /, '').trim())
    .filter((one) => one !== '' && one !== 'How to ask');
}

test.each(Object.entries(SENTENCES))('%s', (_, holds) => holds());

test('every sentence on the spot, on asking and of the words of a verdict is tried here, or said on a page', () => {
  const all = [...sentencesOf(1), ...sentencesOf(2)];
  const kept = [...Object.keys(SENTENCES), ...SAID];
  expect(all.filter((sentence) => !kept.some((one) => sentence.startsWith(one)))).toEqual([]);
  expect(kept.filter((one) => !all.some((sentence) => sentence.startsWith(one)))).toEqual([]);
  expect(ROLLS).toEqual(['here', 'care', 'creep', 'stay']);
});
