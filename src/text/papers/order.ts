import type { FindingState } from '@/core/log';
import type { UnitSystem } from '@/core/base';
import type { RigModel } from '@/core/rig';
import type { RoutinePlace, WorkId } from '@/core/rules';
import { dayInFull } from '../dates';
import { findingWords } from '../finding';
import { placeName, placeWords } from '../gear';
import { capital } from '../measure';
import { workTitle } from '../routines';
import { factFigure } from './tongue';
import type { Block, Paper } from './paper';

/** What a shop is asked to do. */
export interface OrderOf {
  readonly shop: string;
  readonly model: RigModel;
  readonly jobs: readonly { readonly routine: WorkId; readonly place: RoutinePlace }[];
  readonly findings: readonly FindingState[];
  /** In the owner's words: what to do besides, parts supplied, what not to do without a call. */
  readonly ask?: string | undefined;
  readonly parts?: string | undefined;
  readonly noCall?: string | undefined;
  /** `up to 300 USD`. */
  readonly limit?: string | undefined;
  readonly photos: readonly { readonly hash: string; readonly caption: string }[];
  readonly system: UnitSystem;
  readonly printed: string;
}

/** What is to be measured and written down by work, as boxes. */
const MEASURE: Readonly<Partial<Record<WorkId, readonly (readonly [string, string])[]>>> = {
  repack: [
    ['Inner bearing and race, as found', ''],
    ['Outer bearing and race, as found', ''],
    ['Seal number that went in', ''],
    ['Grease that went in, what thickens it', ''],
    ['End play', 'in'],
  ],
  'brake-measure': [
    ['Lining, thinnest', 'in'],
    ['Drum diameter, largest', 'in'],
  ],
  'shoe-renew': [['Drum diameter, largest', 'in']],
  'plate-renew': [['Drum diameter, largest', 'in']],
  'tire-renew': [['DOT code of the new tire', '']],
  'hub-renew': [
    ['Bearing numbers that went in', ''],
    ['Seal number that went in', ''],
  ],
};

const at = (place: RoutinePlace, model: RigModel) =>
  place === 'rig'
    ? 'whole rig'
    : placeName(place) === place
      ? `${place}, ${placeWords(place, model)}`
      : placeName(place);

/** The order for a shop: what to do where, with figures, what to measure and write down, and what not to do without a call. */
export function shopOrder(of: OrderOf): Paper {
  const { shop, model, jobs, findings, ask, parts, noCall, limit, photos, system, printed } = of;
  const figures = (['torque', 'pressure', 'socket', 'liftPoint', 'liftHeight', 'gvwr'] as const).map((id) =>
    factFigure(model, id, system),
  );
  const torsion = model.axles.some(({ suspension }) => suspension === 'torsion');
  const words = (title: string, text: string | undefined): readonly Block[] =>
    text
      ? [
          { as: 'sub', text: title },
          { as: 'text', text },
        ]
      : [];
  return {
    title: `Order: ${model.name}`,
    about: [`For ${shop}. Written ${dayInFull(printed)}.`],
    foot: `Order for ${shop}`,
    blocks: [
      { as: 'head', text: 'What to do' },
      ...jobs.map(({ routine, place }): Block => ({
        as: 'box',
        text: `${workTitle(routine)}: ${at(place, model)}`,
      })),
      ...findings.map((one): Block => ({
        as: 'box',
        text: `Put right at ${at(one.place, model)}: ${findingWords(one, system)}`,
      })),
      ...words('Besides', ask),
      ...words('Parts supplied', parts),
      { as: 'head', text: 'Figures of this rig' },
      { as: 'figures', rows: figures },
      {
        as: 'text',
        text: `Lift by the frame${torsion ? ', never by the axle tubes: they are torsion axles' : ''}. Lug nuts by hand, then star order with a torque wrench to the figure above; no impact wrench to tighten.`,
        strong: true,
      },
      { as: 'head', text: 'Measure and write down' },
      ...jobs.flatMap(({ routine, place }) =>
        (MEASURE[routine] ?? []).map(([text, unit]): Block => ({
          as: 'box',
          text: `${placeName(place)}: ${text}`,
          write: system === 'metric' && unit === 'in' ? 'mm' : unit,
        })),
      ),
      { as: 'box', text: 'Torque the lug nuts were set to', write: system === 'metric' ? 'N·m' : 'lbf·ft' },
      { as: 'box', text: 'Anything put on the stud threads', write: '' },
      { as: 'head', text: 'Not without a call' },
      {
        as: 'bullets',
        items: [
          ...(limit ? [`Anything that brings the bill over ${limit}.`] : []),
          ...(noCall ? [noCall] : []),
          'Grease of another kind than is in the hubs, or grease through a fitting.',
          'Welding, or a part other than named above.',
        ].map(capital),
      },
      ...(photos.length > 0 ? [{ as: 'head' as const, text: 'Photos' }] : []),
      ...photos.map((one) => ({ as: 'photo' as const, ...one })),
      { as: 'head', text: 'Done by' },
      { as: 'box', text: 'Name, day', write: '' },
    ],
  };
}
