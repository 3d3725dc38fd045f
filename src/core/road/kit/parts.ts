import { fitting, plainNumber, type PartState } from '../../log';
import { isGuess, wheelEnds, type PartKind, type WheelEnd } from '../../rig';
import type { KitAbout, KitPart, KitReading } from './about';

const number = (part: PartState, fact = 'number') => {
  const spec = part.facts[fact];
  return spec && !isGuess(spec) ? plainNumber(String(spec.value)) : undefined;
};

/** The parts that make up each, and the fact that tells whether they fit. */
const MADE_OF: Readonly<Record<Exclude<KitPart, 'hub'>, readonly (readonly [PartKind, string])[]>> = {
  bearings: [
    ['innerSet', 'roller'],
    ['outerSet', 'roller'],
  ],
  seal: [['seal', 'number']],
  cap: [['cap', 'number']],
};

/** What a made-up hub is packed with, and what is fitted. */
const PACKED: readonly (readonly [string, PartKind, string])[] = [
  ['innerIn', 'innerSet', 'roller'],
  ['outerIn', 'outerSet', 'roller'],
];

type Fit = 'fits' | 'differs' | 'unknown';

/** Whether one of some numbers aboard is the one that is fitted, or fits in its place. */
function fitOf(aboard: readonly (string | undefined)[], fitted: ReadonlySet<string> | undefined): Fit {
  if (fitted === undefined || aboard.length === 0) return 'unknown';
  if (aboard.some((one) => one !== undefined && fitted.has(one))) return 'fits';
  return aboard.includes(undefined) ? 'unknown' : 'differs';
}

const worst = (fits: readonly Fit[]): Fit =>
  fits.includes('differs') ? 'differs' : fits.includes('unknown') ? 'unknown' : 'fits';

/** Whether parts carried aboard are those that every axle of this rig has, by their numbers. */
export function readPart(item: KitPart, { rig, model }: KitAbout): KitReading {
  const all = Object.values(rig.parts);
  const aboard = (kind: PartKind) =>
    all.filter(
      (part) =>
        part.kind === kind && part.at === 'shelf' && part.shelf === 'aboard' && part.grade !== 'unfit',
    );
  const fitted = (end: WheelEnd, kind: PartKind) => all.find((part) => part.kind === kind && part.at === end);
  // Ends of one axle are alike; axles may differ.
  const ends = wheelEnds(model).filter((end) => end.endsWith('L'));
  const fits = (own: readonly PartState[], fact: string, end: WheelEnd, kind: PartKind, theirs: string) => {
    const there = fitted(end, kind);
    const sits = there && number(there, theirs);
    return fitOf(
      own.map((part) => number(part, fact)),
      sits === undefined ? undefined : fitting(rig, kind, theirs, sits),
    );
  };
  const hubs = aboard('hub');
  if (item === 'hub') {
    if (hubs.length === 0) return { item, state: 'missing' };
    return told(
      item,
      worst(ends.flatMap((end) => PACKED.map(([fact, kind, theirs]) => fits(hubs, fact, end, kind, theirs)))),
    );
  }
  const made = MADE_OF[item];
  if (made.some(([kind]) => aboard(kind).length === 0)) return { item, state: 'missing' };
  // A race is seldom read: where it was on both, it has to fit as well.
  const races = ends.flatMap((end) =>
    made
      .filter(([, fact]) => fact === 'roller')
      .map(([kind]) => fits(aboard(kind), 'race', end, kind, 'race'))
      .filter((fit) => fit !== 'unknown'),
  );
  const halves = ends.flatMap((end) => made.map(([kind, fact]) => fits(aboard(kind), fact, end, kind, fact)));
  return told(item, worst([...halves, ...races]));
}

function told(item: KitPart, fit: Fit): KitReading {
  if (fit === 'fits') return { item, state: 'serves', by: 'number-fits' };
  return fit === 'differs'
    ? { item, state: 'fails', by: 'number-differs' }
    : { item, state: 'unknown', by: 'number-unknown' };
}
