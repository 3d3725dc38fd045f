import { isGear, isWheelEnd, placesOf } from '@/core/rig';
import { routineDef, WORKS, type RoutinePlace } from '@/core/rules';
import { PLANS } from '@/core/routine';
import type { RigView } from '@/features/rigs';
import { to, toWork, type PlaceName } from '@/links';
import {
  capital,
  findingWords,
  forWhat,
  partName,
  PART_WORDS,
  placeInWords,
  placeName,
  restWords,
  workAt,
} from '@/text';
import type { UnitSystem } from '@/core/base';

/** What the box finds, in the order it is grouped. */
export const GROUPS = ['Work', 'Findings', 'Places', 'Parts', 'Pages'] as const;

/** One thing that can be found, and where it leads. */
export interface Findable {
  readonly id: string;
  readonly group: (typeof GROUPS)[number];
  readonly title: string;
  readonly more?: string;
  readonly href: string;
  /** What it is found by besides. */
  readonly also?: string;
}

/** The pages of the product, by what people call them. */
const PAGES: readonly {
  readonly title: string;
  readonly place: PlaceName;
  readonly also?: string;
}[] = [
  { title: 'Yard', place: 'yard', also: 'home start' },
  { title: 'Road: walkarounds', place: 'road', also: 'walk hitch stop trip begin under way ramp home' },
  { title: 'Kit', place: 'kit', also: 'tools aboard tongue box jack spare breakdown' },
  { title: 'Trouble on the road', place: 'trouble', also: 'breakdown flat hot hub stuck' },
  { title: 'Lights and wiring', place: 'lights', also: 'lamps bulbs brake magnets' },
  {
    title: 'Plan: yard days and the season',
    place: 'plan',
    also: 'calendar spring lay-up trips free days schedule',
  },
  { title: 'Bench', place: 'bench', also: 'work job card' },
  { title: 'Logbook', place: 'logbook', also: 'history record' },
  { title: 'What to order', place: 'order', also: 'buy shopping list parts seals' },
  { title: 'Money and time', place: 'money', also: 'cost spent hours quotes bill' },
  { title: 'Papers', place: 'papers', also: 'pdf print service record tongue card shop order' },
  { title: 'Findings', place: 'finding', also: 'faults trouble' },
  { title: 'Rig: facts and figures', place: 'rig', also: 'torque pressure size' },
  { title: 'Parts', place: 'parts', also: 'shelf numbers spare order' },
  {
    title: 'Practice',
    place: 'practice',
    also: 'learn train nut sound listen order grade star fault drag tongue',
  },
  { title: 'Figures', place: 'figures', also: 'calculate torque balance tongue pressure drum jack' },
  { title: 'First inspection', place: 'survey', also: 'survey baseline used' },
  { title: 'House rules', place: 'rules', also: 'schools settings intervals' },
  { title: 'Identify', place: 'identify', also: 'bolt circle thread measure' },
  { title: 'Another rig', place: 'setup', also: 'new add set up trailer' },
  {
    title: 'Backup & settings',
    place: 'keep',
    also: 'keep archive units metric light theme gloves demo restore',
  },
];

const places = (view: RigView): readonly Findable[] => {
  const { rig, model } = view;
  return placesOf(model).map((place) => ({
    id: `place ${rig.id} ${place}`,
    group: 'Places',
    title: isGear(place) ? capital(placeName(place)) : placeName(place),
    more: [isWheelEnd(place) ? placeInWords(place, model.axles.length) : undefined, model.name]
      .filter(Boolean)
      .join(', '),
    href: isWheelEnd(place) ? to('end', rig.id, { place }) : to('logbook', rig.id, { place }),
    ...(isWheelEnd(place) && { also: 'wheel end hub tire' }),
  }));
};

const work = ({ rig, model, house }: RigView): readonly Findable[] =>
  WORKS.flatMap((routine) =>
    PLANS[routine] === undefined || routine === 'tire-rotate'
      ? []
      : routineDef(routine)
          .places(model, house)
          .map((place: RoutinePlace) => ({
            id: `work ${rig.id} ${routine} ${place}`,
            group: 'Work' as const,
            title: workAt(routine, [place]),
            more: [forWhat(routine), model.name].filter(Boolean).join(' · '),
            href: toWork(rig.id, [{ routine, place }]),
          })),
  );

const findings = ({ rig, model }: RigView, system: UnitSystem): readonly Findable[] =>
  Object.values(rig.findings).map((finding) => ({
    id: `finding ${finding.id}`,
    group: 'Findings',
    title: `${placeName(finding.place)}: ${findingWords(finding, system)}`,
    more: model.name,
    href: to('finding', rig.id, { id: finding.id }),
  }));

const parts = ({ rig, model }: RigView, system: UnitSystem): readonly Findable[] =>
  Object.values(rig.parts)
    .filter(({ at }) => at !== 'gone')
    .map((part) => ({
      id: `part ${part.id}`,
      group: 'Parts',
      title: partName(part, system),
      more: `${PART_WORDS[part.kind].one}, ${restWords(part)}, ${model.name}`,
      href: to('parts', rig.id, { kind: part.kind }),
    }));

/** Everything that can be found in a yard: the rig in hand first. */
export function findables(
  views: readonly RigView[],
  chosen: string | undefined,
  system: UnitSystem,
): readonly Findable[] {
  const inTurn = [...views].sort((a, b) => Number(b.rig.id === chosen) - Number(a.rig.id === chosen));
  const rig = inTurn[0]?.rig.id;
  return [
    ...inTurn.flatMap((view) => findings(view, system)),
    ...inTurn.flatMap(work),
    ...inTurn.flatMap(places),
    ...inTurn.flatMap((view) => parts(view, system)),
    ...PAGES.map(({ title, place, also }) => ({
      id: `page ${title}`,
      group: 'Pages' as const,
      title,
      href: to(place, place === 'keep' || place === 'setup' ? undefined : rig),
      ...(also && { also }),
    })),
  ];
}

const wordsOf = (text: string) => text.toLowerCase().match(/[\p{L}\p{N}/.-]+/gu) ?? [];

/** So many are shown of each group: whoever wants another types one more letter. */
const MOST = 6;

/** What fits the words typed, by group: every word begins a word of it; a title that begins so comes first. */
export function found(
  all: readonly Findable[],
  typed: string,
): readonly (readonly [Findable['group'], readonly Findable[]])[] {
  const asked = wordsOf(typed);
  const fits = all.flatMap((one) => {
    const title = wordsOf(one.title);
    const words = [...title, ...wordsOf(`${one.more ?? ''} ${one.also ?? ''}`)];
    if (!asked.every((word) => words.some((known) => known.startsWith(word)))) return [];
    const inTitle = asked.filter((word) => title.some((known) => known.startsWith(word))).length;
    const first = asked.length > 0 && title[0]?.startsWith(asked[0] ?? '') === true;
    return [{ one, rank: inTitle + (first ? 1 : 0) }];
  });
  const shown = asked.length === 0 ? fits.filter(({ one }) => one.group === 'Pages') : fits;
  return GROUPS.map((group) => {
    const here = shown.filter(({ one }) => one.group === group).sort((a, b) => b.rank - a.rank);
    const most = asked.length === 0 ? here.length : MOST;
    return [group, here.slice(0, most).map(({ one }) => one)] as const;
  }).filter(([, here]) => here.length > 0);
}
