import { toSI } from '../../base';
import { COLD_SHARE, lossRate, minutesUntilLow } from './arithmetic';
import type { Because } from './because';
import { choice, defineTrouble, figure, minutes, quantity, says, type TroubleAnswers } from './define';
import type { LeftId } from './lefts';
import { care, creep, here, stay, stricter, type RoadVerdict } from './verdict';

const psi = (value: number) => toSI(value, 'psi');

/** A spare past its age carries so far, and is to be replaced. */
const agedSpare = (because: Because): readonly LeftId[] =>
  because === 'aged-spare' || because === 'soft-spare' ? ['aged-spare'] : [];

/** The spare goes on where there is one that may be used. */
const changed = (because: Because) =>
  because === 'spare-goes-on' || because === 'aged-spare' || because === 'soft-spare'
    ? ('tire-change' as const)
    : undefined;

/** What a spare allows that goes on; undefined without one that may be used. */
function withSpare(answers: TroubleAnswers): RoadVerdict | undefined {
  if (says(answers, 'spare', 'usable')) return here('spare-goes-on');
  // Past its age limit, but sound and under ten years.
  if (says(answers, 'spare', 'aged')) return care(50, 50, 'aged-spare');
  // 15 to 25 % low with no pump aboard.
  if (says(answers, 'spare', 'low')) return care(25, 45, 'soft-spare');
  return undefined;
}
const SPARES = ['usable', 'aged', 'low', 'none'] as const;
const noSpare = (answers: TroubleAnswers) => says(answers, 'spare', 'none', 'unknown');

/** Without a spare, on the other tire of the side. */
const limping = (answers: TroubleAnswers) => noSpare(answers) && says(answers, 'axles', 'more');

/** A wheel that is off, its axle end hung: by what the other tire of the side would carry. */
export function onTheSurvivor(answers: TroubleAnswers): RoadVerdict {
  const load = figure(answers, 'load');
  const maximum = figure(answers, 'maximum');
  const rating = figure(answers, 'rating');
  if (load === undefined || maximum === undefined || rating === undefined)
    return creep('survivor-unknown', 2);
  return load <= maximum && load <= rating / 2
    ? care(25, 35, 'survivor-carries', [2, 5], 5)
    : creep('survivor-overloaded', 2);
}

/** A tire that does not carry any more, by the spare or the other tire of its side. */
function withoutIt(answers: TroubleAnswers, alone: Because = 'one-axle-no-spare'): RoadVerdict {
  return withSpare(answers) ?? (says(answers, 'axles', 'more') ? onTheSurvivor(answers) : stay(alone));
}

/** The spare, and where there is none the other tire of the side; asked where the tire itself does not go on. */
const INSTEAD = (when: (answers: TroubleAnswers) => boolean) => [
  choice('spare', SPARES, when),
  choice('axles', ['one', 'more'], (answers) => when(answers) && noSpare(answers)),
  ...(['load', 'maximum', 'rating'] as const).map((id) =>
    quantity(id, 'weight', (answers) => when(answers) && limping(answers)),
  ),
];

/** A pressure (Pa) as it would read cold: what rolled within three hours reads a tenth too high. */
const cold = (answers: TroubleAnswers, read: number) =>
  says(answers, 'stood', 'yes') ? read : read * COLD_SHARE;

/** What of the target (share) a tire is short now, read cold; undefined where one of them is not known. */
function short(answers: TroubleAnswers): number | undefined {
  const target = figure(answers, 'target');
  const now = figure(answers, 'second') ?? figure(answers, 'first');
  return target === undefined || now === undefined || target <= 0
    ? undefined
    : 1 - cold(answers, now) / target;
}

/** More than gauges differ by: nobody fills a tire between two readings. */
function gained(answers: TroubleAnswers): boolean {
  const first = figure(answers, 'first');
  const second = figure(answers, 'second');
  return first !== undefined && second !== undefined && second - first > psi(2);
}

const atTheEdge = (answers: TroubleAnswers) => says(answers, 'where', 'wall', 'shoulder');
/** Half of its target or less as it is read: warmth only makes it look fuller. */
const halfNow = (answers: TroubleAnswers) => {
  const target = figure(answers, 'target');
  const now = figure(answers, 'second') ?? figure(answers, 'first');
  return target !== undefined && now !== undefined && now <= target / 2;
};
/** Half of its target or less, now or as it rolled: it is finished. */
const finished = (answers: TroubleAnswers) => halfNow(answers) || says(answers, 'rolled', 'half', 'unknown');
/** What was read and seen lets nobody roll on it as it is. */
const goesOff = (answers: TroubleAnswers) => finished(answers) || atTheEdge(answers);

/** What a tire loses (Pa a minute) by its two readings: over ten minutes, or over fewer where ten psi went sooner; undefined where one is not known. */
export function lossOf(answers: TroubleAnswers): number | undefined {
  const first = figure(answers, 'first');
  const second = figure(answers, 'second');
  if (first === undefined || second === undefined) return undefined;
  const apart = first - second >= psi(10) ? (figure(answers, 'apart') ?? 1) : 10;
  return lossRate(first, second, Math.max(1, apart));
}

/** How many minutes it takes until a tire is a fifth low, read cold and aired before it sets off (trouble 3); undefined where that is not known. */
export function minutesLeft(answers: TroubleAnswers): number | undefined {
  const target = figure(answers, 'target');
  const from = figure(answers, 'aired-to') ?? figure(answers, 'second');
  const rate = lossOf(answers);
  if (rate === undefined || from === undefined || target === undefined) return undefined;
  return minutesUntilLow(cold(answers, from), target, rate);
}

/** A tire that loses air and is aired on the way: by half the minutes until it is low (trouble 3). */
function betweenAirings(answers: TroubleAnswers): RoadVerdict {
  const left = minutesLeft(answers);
  const rate = lossOf(answers);
  if (left === undefined || rate === undefined) return stay('loss-unknown');
  const half = left / 2;
  // Minutes from flat to full; none aboard is no minutes.
  const pump = figure(answers, 'pump') ?? 0;
  const mayGoOn = pump > 0 && (figure(answers, 'target') ?? 0) / pump >= 2 * rate;
  const at = (speed: number) => (half / 60) * speed;
  if (half < 5)
    return (
      withSpare(answers) ??
      (half <= 0 ? stay('loses-too-fast') : creep('loses-too-fast', Math.min(1, at(15))))
    );
  if (half < 15) return withSpare(answers) ?? care(Math.min(50, at(40)), 40, 'aired-once');
  const every = Math.min(50, at(50));
  return {
    ...care(
      mayGoOn ? 50 : every,
      50,
      mayGoOn ? 'lasts-between-airings' : 'no-pump',
      [Math.min(5, every)],
      every,
    ),
    again: half * 60,
  };
}

/** A tire that loses air: figures before answers, the stricter of what it rolled at and how fast it goes. */
function goingSoft(answers: TroubleAnswers): RoadVerdict {
  if (gained(answers)) return stay('pressures-differ');
  if (finished(answers)) return withoutIt(answers, 'rolled-flat');
  if (atTheEdge(answers)) return withSpare(answers) ?? creep('wall-or-shoulder');
  // In danger nobody waits for a second reading: one figure, no hiss, and on to where it can be read.
  if (says(answers, 'danger', 'yes', 'unknown') && figure(answers, 'second') === undefined) {
    const low = short(answers);
    const on = low !== undefined && low <= 0.2 ? care(2, 25, 'read-where-safe') : withoutIt(answers);
    return says(answers, 'where', 'unknown')
      ? (withSpare(answers) ?? stricter(on, creep('wall-or-shoulder')))
      : on;
  }
  // Nobody knows where: it may be the wall.
  const lasts = says(answers, 'where', 'unknown')
    ? (withSpare(answers) ?? stricter(creep('wall-or-shoulder'), betweenAirings(answers)))
    : betweenAirings(answers);
  const low = short(answers);
  const rolledLow = says(answers, 'rolled', 'low') || (low !== undefined && low > 0.2);
  // Where the spare goes on, the tire that rolled low is off.
  const off = lasts.because === withSpare(answers)?.because;
  return rolledLow && !off ? stricter(care(25, 45, 'rolled-low'), lasts) : lasts;
}

/** In danger the second reading waits. */
const mayWait = (answers: TroubleAnswers) => !says(answers, 'danger', 'yes', 'unknown');
const goesOn = (answers: TroubleAnswers) => !goesOff(answers) && !gained(answers);
const lostTen = (answers: TroubleAnswers) =>
  (figure(answers, 'first') ?? 0) - (figure(answers, 'second') ?? Infinity) >= psi(10);
const short5to15 = (answers: TroubleAnswers) => {
  const left = minutesLeft(answers);
  return left !== undefined && left / 2 < 15;
};

const READ = [
  quantity('target', 'pressure'),
  quantity('first', 'pressure'),
  choice('stood', ['yes', 'no']),
  choice('danger', ['no', 'yes']),
  choice('where', ['valve', 'crown', 'shoulder', 'wall', 'rim']),
];
const SECOND = (asks: (answers: TroubleAnswers) => boolean) => [
  quantity('second', 'pressure', (answers) => mayWait(answers) && asks(answers)),
  minutes('apart', lostTen),
];
/** How long it lasts, aired. */
const AIRED = (when: (answers: TroubleAnswers) => boolean) => [
  quantity('aired-to', 'pressure', (answers) => when(answers) && goesOn(answers) && mayWait(answers)),
  minutes('pump', (answers) => when(answers) && goesOn(answers) && !short5to15(answers) && mayWait(answers)),
];
const needsSpare = (answers: TroubleAnswers) =>
  goesOff(answers) ||
  says(answers, 'where', 'unknown') ||
  (goesOn(answers) && mayWait(answers) && short5to15(answers)) ||
  (!mayWait(answers) && (short(answers) ?? 1) > 0.2);

/** Within a tenth of its target, and under a psi gone in ten minutes. */
function holds(answers: TroubleAnswers): boolean {
  const first = figure(answers, 'first');
  const second = figure(answers, 'second');
  const low = short(answers);
  return (
    first !== undefined &&
    second !== undefined &&
    low !== undefined &&
    low <= 0.1 &&
    first - second < psi(1) &&
    !gained(answers)
  );
}

/** Judged as a tire that goes soft: it leaks, or its hole is where nothing holds. */
const leaks = (answers: TroubleAnswers) =>
  !holds(answers) || says(answers, 'where', 'wall', 'shoulder', 'unknown');

/** A nail or screw: left in where it holds its air. */
export const nail = defineTrouble({
  questions: [
    ...READ,
    ...SECOND((answers) => !atTheEdge(answers) && !halfNow(answers)),
    choice('rolled', ['no', 'low', 'half'], leaks),
    ...AIRED(leaks),
    ...INSTEAD((answers) => leaks(answers) && needsSpare(answers)),
  ],
  decide: (answers) => {
    return leaks(answers) ? goingSoft(answers) : care(50, 50, 'holds-air', [5], 10);
  },
  at: 'wheel',
  leaves: (because) => [
    ...agedSpare(because),
    ...(because === 'rolled-low' ? (['inside-before-trip'] as const) : []),
    ...(because === 'holds-air' ? (['plug-inside-or-renew'] as const) : []),
  ],
  onceDone: ['aged-spare', 'soft-spare'],
  work: changed,
});

/** A tire going soft. */
export const soft = defineTrouble({
  questions: [
    ...READ,
    choice('rolled', ['no', 'low', 'half']),
    ...SECOND((answers) => !goesOff(answers)),
    ...AIRED(() => true),
    ...INSTEAD(needsSpare),
  ],
  decide: goingSoft,
  at: 'wheel',
  leaves: (because, answers) => [
    ...agedSpare(because),
    ...(because === 'rolled-low' ? (['inside-before-trip'] as const) : []),
    ...(says(answers, 'where', 'crown') ? (['plug-inside-or-renew'] as const) : []),
    'find-cause',
  ],
  onceDone: ['aged-spare', 'soft-spare'],
  work: changed,
});

/** What the tread tore while it came off: asked with a spare, too. */
const torn = (answers: TroubleAnswers, verdict: RoadVerdict): RoadVerdict => {
  if (says(answers, 'hurt', 'gas', 'unknown')) return stay('gas-smelt');
  // Without a brake there it is a rig with one gone: until the brakes are asked for, the strictest of that row.
  return says(answers, 'hurt', 'line') ? stricter(verdict, creep('line-hurt')) : verdict;
};

/** A flat or a blow-out. */
export const flat = defineTrouble({
  questions: [
    choice('hurt', ['nothing', 'fender', 'rim', 'line', 'gas']),
    choice('lift', ['yes', 'no']),
    ...INSTEAD((answers) => says(answers, 'lift', 'yes') && !says(answers, 'hurt', 'gas', 'unknown')),
  ],
  decide: (answers) => {
    if (says(answers, 'hurt', 'gas', 'unknown')) return stay('gas-smelt');
    if (!says(answers, 'lift', 'yes')) return stay('not-lifted-here');
    return torn(answers, withoutIt(answers));
  },
  at: 'wheel',
  onceDone: ['aged-spare', 'soft-spare'],
  leaves: (because, answers) => [
    ...agedSpare(because),
    ...(says(answers, 'hurt', 'line') ? (['circuit'] as const) : []),
    'survivor-inside',
    'mates-of-same-make',
    'find-cause',
  ],
  work: changed,
});

/** It still holds, or nobody knows: to a safe place, and no milder than without it. */
const creepsIn = (answers: TroubleAnswers): RoadVerdict =>
  says(answers, 'air', 'holds') ? creep('coming-apart') : stricter(creep('coming-apart'), withoutIt(answers));

/** Tread lifting, a bulge, or cord. */
export const carcass = defineTrouble({
  questions: [
    choice('spare', SPARES),
    choice('air', ['holds', 'lost'], noSpare),
    ...INSTEAD((answers) => noSpare(answers) && !says(answers, 'air', 'holds')).slice(1),
  ],
  decide: (answers) =>
    withSpare(answers) ?? (says(answers, 'air', 'lost') ? withoutIt(answers) : creepsIn(answers)),
  at: 'wheel',
  onceDone: ['aged-spare', 'soft-spare'],
  leaves: (because) => [...agedSpare(because), 'mates-of-same-make', 'find-cause'],
  work: changed,
});

/** A tire that is hot, or whose pressure rose over a quarter. */
export const tireHot = defineTrouble({
  questions: [choice('cause', ['put-right', 'not-found']), choice('again', ['no', 'risen-again'])],
  decide: (answers) =>
    says(answers, 'cause', 'put-right') && says(answers, 'again', 'no')
      ? care(25, 45, 'tire-cooled', [5, 10, 25])
      : stay('tire-heats'),
  at: 'wheel',
  leaves: () => ['find-cause'],
});
