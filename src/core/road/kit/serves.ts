import { liftCapacity, liftFit, mixing } from '../../figures';
import { pressureTarget } from '../../judge';
import { hasBrake, isGuess, wheelEnds, type RigModel, type Specified } from '../../rig';
import { toSI } from '../../base';
import { KIT_IDS, type KitId } from '../../rules';
import { KIT_PARTS, type KitAbout, type KitReading, type Need } from './about';
import { readPart } from './parts';
import { readSpare } from './spare';

/** Air wanted under the tire (m): our figure. */
const CLEARANCE = toSI(1, 'in');
/** A drive-up block lifts its wheel so far at least (m), to free a flat mate. */
const DRIVE_UP = toSI(5, 'in');
/** Sizes nearer than this (m) are one size. */
const SAME_SIZE = 0.0003;
/** A wrench is not trusted in the lowest fifth of its range nor in the last tenth. */
const RANGE = { from: 0.2, to: 0.9 } as const;

type Told = NonNullable<KitAbout['rig']['kit'][KitId]>;
type Said = Omit<KitReading, 'item'>;
const SERVES: Said = { state: 'serves' };

const sure = (spec: Specified<number> | undefined) => (spec && !isGuess(spec) ? spec.value : undefined);

/** A figure it has against one that is needed at least; unknown where either is. */
function atLeast(
  have: number | undefined,
  need: number | undefined,
  codes: { readonly fits: Said['by']; readonly low: Said['by']; readonly unknown: Said['by'] },
): Said {
  if (have === undefined || need === undefined)
    return {
      state: 'unknown',
      ...(codes.unknown && { by: codes.unknown }),
      ...(need !== undefined && { need }),
    };
  const by = have >= need ? codes.fits : codes.low;
  return { state: have >= need ? 'serves' : 'fails', ...(by && { by }), have, need };
}

const CAPACITY = { fits: 'capacity', low: 'capacity-low', unknown: 'capacity-not-told' } as const;

function capacity({ figures }: Told, model: RigModel): Said {
  const gvwr = sure(model.gvwr);
  if (gvwr === undefined) return { state: 'unknown', by: 'weight-unknown' };
  // Without a tongue weight the whole rating counts.
  return atLeast(figures.capacity, liftCapacity(gvwr, 0), CAPACITY);
}

/** The jack that was told of against the rig's lifting point with a flat (m): what it goes under and reaches, its blocks, and how it fits; nothing where a measure lacks. */
export function jackFit({ rig, model }: Pick<KitAbout, 'rig' | 'model'>) {
  const { closed, raised, sag, droop } = rig.kit.jack?.figures ?? {};
  const full = sure(model.lifting?.height);
  if (
    closed === undefined ||
    raised === undefined ||
    sag === undefined ||
    droop === undefined ||
    full === undefined
  )
    return undefined;
  const blocks = rig.kit.blocks?.aboard ? (rig.kit.blocks.figures.height ?? 0) : 0;
  // The point is measured with the tires full: with a flat it is lower by what the tire gives.
  const point = full - sag;
  const fit = liftFit({ closed, raised, blocks: 0, point, sag, droop, clearance: CLEARANCE });
  return { closed, raised, blocks, point, fit };
}

function jack(told: Told, about: KitAbout): Said {
  const carries = capacity(told, about.model);
  if (carries.state === 'fails') return carries;
  const measured = jackFit(about);
  if (!measured) return { state: 'unknown', by: 'lift-not-measured' };
  const { closed, raised, blocks, point, fit } = measured;
  const reach = raised + blocks;
  if (!fit.goesUnder) return { state: 'fails', by: 'goes-not-under', have: closed, need: point };
  if (!fit.blocks || fit.blocks.min > blocks)
    return { state: 'fails', by: 'lifts-not-enough', have: reach, need: fit.needed };
  return carries.state === 'unknown'
    ? carries
    : { state: 'serves', by: 'reaches', have: reach, need: fit.needed };
}

function wrench({ figures: { least, most } }: Told, model: RigModel): Said {
  const torque = sure(model.wheels.torque);
  if (torque === undefined) return { state: 'unknown', by: 'torque-unknown' };
  if (most === undefined) return { state: 'unknown', by: 'range-unknown', need: torque };
  if (torque < Math.max(least ?? 0, RANGE.from * most))
    return { state: 'fails', by: 'below-range', have: most, need: torque };
  if (torque > RANGE.to * most) return { state: 'fails', by: 'above-range', have: most, need: torque };
  return { state: 'serves', by: 'range', have: most, need: torque };
}

function grease({ thickener }: Told, { rig, model }: KitAbout): Said {
  const packed = wheelEnds(model).map((end) => rig.grease[end]);
  if (!thickener || packed.includes(undefined)) return { state: 'unknown', by: 'grease-unknown' };
  return packed.every((one) => one && mixing(thickener, one) === 'compatible')
    ? { state: 'serves', by: 'grease-same' }
    : { state: 'fails', by: 'grease-differs' };
}

/** How each is judged that has to be more than there. */
const JUDGED: Readonly<Partial<Record<KitId, (told: Told, about: KitAbout) => Said>>> = {
  jack,
  stand: (told, { model }) => capacity(told, model),
  chocks: ({ figures }) =>
    atLeast(figures.count, 2, { fits: 'count', low: 'count-low', unknown: 'count-low' }),
  'drive-up': ({ figures }) =>
    atLeast(figures.height, DRIVE_UP, { fits: 'height', low: 'height-low', unknown: 'height-low' }),
  socket: ({ figures }, { model }) => {
    const [have, need] = [figures.size, sure(model.wheels.socket)];
    if (have === undefined || need === undefined)
      return { state: 'unknown', by: 'size-unknown', ...(need !== undefined && { need }) };
    const same = Math.abs(have - need) <= SAME_SIZE;
    return { state: same ? 'serves' : 'fails', by: same ? 'size' : 'size-differs', have, need };
  },
  wrench: (told, { model }) => wrench(told, model),
  gauge: ({ figures }, { model, house }) =>
    atLeast(figures.reach, pressureTarget(model, house)?.value, {
      fits: 'pressure',
      low: 'pressure-low',
      unknown: 'pressure-unknown',
    }),
  inflator: ({ figures }, { model, house }) =>
    atLeast(figures.reach, pressureTarget(model, house)?.value, {
      fits: 'pressure',
      low: 'pressure-low',
      unknown: 'pressure-unknown',
    }),
  grease,
  strap: ({ figures }, { model }) => {
    const rated = atLeast(figures.rating, sure(model.gvwr), {
      fits: 'load',
      low: 'load-low',
      unknown: 'load-unknown',
    });
    // Two lines, each rated over the load.
    return rated.state === 'serves' && (figures.count ?? 0) < 2
      ? { state: 'fails', by: 'count-low', have: figures.count ?? 0, need: 2 }
      : rated;
  },
  link: ({ figures }, { model }) =>
    atLeast(figures.rating, sure(model.gvwr), { fits: 'load', low: 'load-low', unknown: 'load-unknown' }),
};

/** What belongs in the box of this rig, of what not every rig can use. */
const BELONGS: Readonly<Partial<Record<Need, (model: RigModel) => boolean>>> = {
  'drive-up': ({ axles }) => axles.length > 1,
  'axle-chain': ({ axles }) => axles.length > 1,
  'hub-oil': ({ axles }) => axles.some(({ hub }) => hub === 'oil-bath'),
  grease: ({ axles }) => axles.some(({ hub }) => hub !== 'oil-bath' && hub !== 'sealed'),
  spoon: ({ axles }) => axles.some(hasBrake),
  'charger-lead': ({ axles }) => axles.some(hasBrake),
  'breakaway-cable': ({ axles }) => axles.some(hasBrake),
  key: ({ wheels }) => wheels.key === undefined || !/^(none|no)\b/i.test(wheels.key),
};

/** What of the kit this rig can use, in the order of its box. */
export function kitFor(model: RigModel): readonly Need[] {
  return [...KIT_IDS, ...KIT_PARTS].filter((item) => BELONGS[item]?.(model) ?? true);
}

const isPart = (item: Need): item is (typeof KIT_PARTS)[number] =>
  (KIT_PARTS as readonly string[]).includes(item);

/** Whether something of the kit serves this rig, and by which figure. */
export function readKitItem(item: Need, about: KitAbout): KitReading {
  if (isPart(item)) return readPart(item, about);
  if (item === 'spare-fits') return readSpare(about);
  const told = about.rig.kit[item];
  if (!told) return { item, state: 'unsaid' };
  if (!told.aboard) return { item, state: 'missing' };
  return { item, ...(JUDGED[item]?.(told, about) ?? SERVES) };
}

/** The whole kit as it stands for this rig. */
export function readKit(about: KitAbout): readonly KitReading[] {
  return kitFor(about.model).map((item) => readKitItem(item, about));
}
