import { starOrder } from '@/core/figures';
import { partAt, type RigState } from '@/core/log';
import type { UnitSystem } from '@/core/base';
import {
  factApplies,
  factDef,
  factValue,
  wheelEnds,
  type FactId,
  type RigModel,
  type StudCount,
} from '@/core/rig';
import { lugStages, type HouseRules } from '@/core/rules';
import { dayInFull } from '../dates';
import { FACT_WORDS, factText } from '../facts';
import { capital, list, measure, small } from '../measure';
import { BASIS_WORDS, KIND_WORDS, THICKENER_WORDS } from '../rig';
import type { Block, Figure, Paper } from './paper';

/** A fact as a figure of a card: without a value where nobody told it. */
export function factFigure(model: RigModel, id: FactId, system: UnitSystem, index = 0): Figure {
  const raw = factValue(model, id, index);
  const known = raw !== undefined && raw !== null;
  const source = known && typeof raw === 'object' && 'source' in raw ? BASIS_WORDS[raw.source] : undefined;
  return {
    label: FACT_WORDS[id].label,
    value: known ? factText(id, raw, system) : undefined,
    ...(source && { source }),
  };
}

/** The star in which nuts are tightened, numbered, as lines of ink. */
function starDrawing(studs: StudCount): string {
  const order = starOrder(studs);
  const at = (i: number) => {
    const angle = ((i - 1) * 2 * Math.PI) / studs - Math.PI / 2;
    return [60 + 38 * Math.cos(angle), 60 + 38 * Math.sin(angle)] as const;
  };
  const nuts = order.map((stud, turn) => {
    const [x, y] = at(stud);
    return `<circle cx="${x.toFixed(1)}" cy="${y.toFixed(1)}" r="10.5" fill="#fff" stroke="#17201d" stroke-width="1.4"/><text x="${x.toFixed(1)}" y="${(y + 4.6).toFixed(1)}" text-anchor="middle" font-size="13" font-family="Figures">${turn + 1}</text>`;
  });
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 120 120" width="120" height="120"><circle cx="60" cy="60" r="56" fill="none" stroke="#17201d" stroke-width="1.4"/><circle cx="60" cy="60" r="12" fill="none" stroke="#17201d" stroke-width="1.2"/>${nuts.join('')}</svg>`;
}

/** The numbers read off what is fitted at the ends of an axle. */
function numbersOf(rig: RigState, model: RigModel, axle: number): readonly Figure[] {
  const ends = wheelEnds(model).slice(axle * 2, axle * 2 + 2);
  const read = (kind: 'innerSet' | 'outerSet' | 'seal' | 'cap', fact: string) => {
    const all = ends.flatMap((end) => {
      const value = partAt(rig, kind, end)?.facts[fact]?.value;
      return value === undefined ? [] : [String(value)];
    });
    return all.length > 0 ? [...new Set(all)].join(' / ') : undefined;
  };
  return [
    { label: 'Inner bearing, race', value: pair(read('innerSet', 'roller'), read('innerSet', 'race')) },
    { label: 'Outer bearing, race', value: pair(read('outerSet', 'roller'), read('outerSet', 'race')) },
    { label: 'Seal', value: read('seal', 'number') },
    { label: 'Cap', value: read('cap', 'number') },
  ];
}

const pair = (one: string | undefined, other: string | undefined) =>
  one === undefined && other === undefined ? undefined : `${one ?? 'not read'} / ${other ?? 'not read'}`;

/** What to do on the shoulder, in ten lines. */
const SHOULDER: readonly string[] = [
  'Off the road, hazard lamps, parking brake. Everyone out on the side away from traffic.',
  'Vest, triangles. Nobody works within 6 ft (2 m) of a live lane, on a slope or on soft ground.',
  'Flames: 100 ft (30 m) upwind, fire service. Smoke: no water on hot metal, let it cool.',
  'Chock the wheels that stay down. Stay hitched.',
  'Break the nuts loose while the tire still carries weight.',
  'Jack at the point above, then a stand, then hands.',
  'Hub too hot to touch: 20 minutes, wheel on. Nothing opened over 150 °F (66 °C).',
  'Wheel on: nuts by hand, snug in star order in the air, full torque on the ground.',
  'No torque wrench: tight, at most 10 mi at 45 mph (16 km at 72 km/h), then to the figure.',
  'Look again after 10, 25 and 50 mi (16, 40 and 80 km).',
];

/** What is told of each axle; axles that are alike are told once. */
function axlesTold(
  rig: RigState,
  model: RigModel,
  system: UnitSystem,
): readonly (readonly [string, readonly Figure[]])[] {
  const told = model.axles.map((_, i) => {
    const own = (id: FactId) => (factApplies(model, id, i) ? [factFigure(model, id, system, i)] : []);
    return [
      ...own('rating'),
      ...own('brake'),
      ...own('drum'),
      ...own('spindleNut'),
      ...numbersOf(rig, model, i),
    ];
  });
  const same = told.every((one) => JSON.stringify(one) === JSON.stringify(told[0]));
  const [first] = told;
  if (same && first) return [[told.length === 1 ? 'Axle' : 'Each axle', first]];
  return told.map((one, i) => [`Axle ${i + 1}`, one] as const);
}

/** The figures of the tongue card, in groups. */
function groups(
  rig: RigState,
  model: RigModel,
  house: HouseRules,
  system: UnitSystem,
): readonly (readonly [string, readonly Figure[]])[] {
  const facts = (...ids: readonly FactId[]) =>
    ids
      .filter((id) => factDef(id).scope === 'rig' && factApplies(model, id))
      .map((id) => factFigure(model, id, system));
  const stages = lugStages(model, 'dry', house).map(({ torque }) => torque);
  const rounds: Figure[] =
    stages.every((torque) => torque !== undefined) && stages.length > 1
      ? [
          {
            label: 'Rounds',
            value: list(stages.map((torque) => measure(torque as number, 'torque', system, 0))),
          },
        ]
      : [];
  const grease = [...new Set(wheelEnds(model).flatMap((end) => rig.grease[end] ?? []))];
  return [
    ['Wheels', [...rounds, ...facts('socket', 'key', 'cover', 'coverTool', 'adapterTorque')]],
    ['Tires', facts('tireSize', 'loadRange', 'maxPressure', 'wheelPressure')],
    ['Lifting', facts('liftPoint', 'liftHeight', 'gvwr')],
    ...axlesTold(rig, model, system),
    [
      'Hubs and brakes',
      [
        {
          label: 'Grease in the hubs',
          value: grease.length > 0 ? list(grease.map((one) => small(THICKENER_WORDS[one]))) : undefined,
        },
        ...facts('breakawayBattery', 'axleTorque', 'plateTorque'),
      ],
    ],
  ];
}

/** Lines as one text, as many of them as go into so many letters: none is cut. */
function wholeLines(lines: readonly string[], most: number): string {
  let text = '';
  for (const line of lines) {
    if (text.length + line.length + 1 > most) break;
    text = text === '' ? line : `${text}\n${line}`;
  }
  return text;
}

/** So many letters still make a code that a phone reads off half a page. */
const CODE = 700;

/** The tongue card: half a page of the figures one needs beside a road, with a code that carries them as plain text. */
export function tongueCard(
  rig: RigState,
  model: RigModel,
  house: HouseRules,
  system: UnitSystem,
  printed: string,
): Paper {
  const torque = factFigure(model, 'torque', system);
  const pressure = factFigure(model, 'pressure', system);
  const all = groups(rig, model, house, system);
  const plain = [
    `${model.name}, ${printed.slice(0, 10)}`,
    `Lug torque, dry: ${torque.value ?? 'not known'}`,
    `Tires, cold: ${pressure.value ?? 'not known'}`,
    ...all.flatMap(([, rows]) => rows.flatMap(({ label, value }) => (value ? [`${label}: ${value}`] : []))),
  ];
  const told = all.flatMap(([title, rows]): readonly (readonly Block[])[] =>
    rows.length === 0
      ? []
      : [
          [
            { as: 'sub', text: title },
            { as: 'figures', rows },
          ],
        ],
  );
  const half = Math.ceil(told.length / 2);
  const blocks: readonly Block[] = [
    {
      as: 'columns',
      left: [
        {
          as: 'big',
          figures: [
            { ...torque, label: 'Lug torque, dry' },
            { ...pressure, label: 'Tires, cold' },
          ],
        },
      ],
      right: [{ as: 'drawing', svg: starDrawing(model.wheels.studs), width: 66 }],
    },
    { as: 'columns', left: told.slice(0, half).flat(), right: told.slice(half).flat() },
    {
      as: 'columns',
      left: [
        { as: 'sub', text: 'On the shoulder' },
        { as: 'steps', items: SHOULDER },
      ],
      right: [
        {
          as: 'code',
          text: wholeLines(plain, CODE),
          said: 'The same figures as plain text, for any phone.',
        },
      ],
    },
  ];
  return {
    title: model.name,
    about: [
      `${capital(KIND_WORDS[model.kind])}. Printed ${dayInFull(printed)}. What is not known is left to write in.`,
    ],
    foot: 'Tongue card',
    half: true,
    blocks,
  };
}
