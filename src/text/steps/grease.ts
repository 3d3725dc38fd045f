import { factWords } from '../facts';
import { capOf, greasedUnderCap, type CapKind } from '@/core/rig';
import { mayBrake, NEVER_ON_ITS_FACE, type StepTexts } from './setting';

/** Where the fitting is reached, by the cap over it. */
const REACHED: Readonly<Record<CapKind, string>> = {
  plain:
    'Tap aaround the rim of the cap with a mallet, turning it as it walks out. The fitting sits in the end of the spindle.',
  plug: 'The rubber plug in the middle of the cap. Behind it, in the end of the spindle, sits the fitting.',
  pressure: 'The fitting sits in the middle of the spring plate. See how far the plate stands out now.',
  screw: 'Turn the cap out by hand. The fitting sits in the end of the spindle.',
  window: 'The fitting sits in the end of the spindle, behind the window.',
};

/** Grease by the fitting, and hubs that stay shut. */
export const GREASE: StepTexts<
  'plug-out' | 'wipe-fitting' | 'pump' | 'look-back' | 'plug-in' | 'oil-check' | 'maker-service'
> = {
  'plug-out': ({ at, axle }) => ({
    short: axle && greasedUnderCap(axle) ? 'Cap off' : 'Plug out',
    title: axle && greasedUnderCap(axle) ? `Cap off ${at}, to its fitting` : `Plug out of the cap of ${at}`,
    how: REACHED[(axle && capOf(axle)) ?? 'plain'],
    why: 'A cap with a plug does not prove a drilled spindle: the same cap fits plain ones. Check that there is a fitting.',
  }),
  'wipe-fitting': ({ at }) => ({
    short: 'Wipe fitting',
    title: `Wipe the fitting of ${at}, and the gun`,
    how: 'Both clean and dry. Prime the gun after loading it: a stroke into the rag until grease comes without air.',
    why: 'Dirt on the fitting is pumped straight into the bearing.',
  }),
  pump: ({ at, axle, house, bare }) => ({
    short: `Pump, ${bare ? 'hub' : 'wheel'} turning`,
    title: `Grease ${at}, turning the ${bare ? 'hub' : 'wheel'}`,
    how:
      axle?.hub === 'pressure-cap'
        ? 'Gun straight on. Slowly, turning the wheel, until the plate just moves out. Never to its stop.'
        : house.grease === 'purge'
          ? `Gun straight on. Turn the ${bare ? 'hub' : 'wheel'} slowly while you pump, only as hard as makes the grease move, until new grease shows at the front. See what comes out ahead of it. Stop at once if any shows behind.`
          : `Gun straight on. Turn the ${bare ? 'hub' : 'wheel'} slowly while you pump: 3 to 5 strokes, and watch front and back of the hub.`,
    why:
      house.grease === 'purge'
        ? 'A cartridge for one wheel is possible. Count: a hub that swallows far more than its mates has a leak, or was never filled.'
        : 'Count the strokes: a hub that swallows far more than its mates has a leak, or was never filled.',
    caution:
      'Any grease behind the hub: stop, the seal has blown. Never against a stop. The gun sticks under pressure: wiggle it off sideways. Gloves: keep grease off your skin.',
  }),
  'look-back': ({ at, axle }) => ({
    short: 'Inspect behind the hub',
    title: `Inspect the back of the hub of ${at}`,
    how: `With a light, behind the wheel: the back of the hub${mayBrake(axle) ? ' and the edge of the backing plate' : ' and the inside of the wheel'}.`,
    why: 'Fresh grease at the front proves nothing about the seal at the rear.',
    caution: `Grease there means that the seal has blown: no more strokes${mayBrake(axle) ? ', and the brake is checked' : ''}.`,
  }),
  'plug-in': ({ at, axle }) =>
    axle && greasedUnderCap(axle)
      ? {
          short: 'Cap back',
          title: `Wipe ${at} and put the cap back`,
          how: 'Wipe the fitting and the rim. The cap goes on as it came off, seated all around.',
          caution: NEVER_ON_ITS_FACE,
        }
      : {
          short: 'Plug back',
          title: `Wipe ${at} and put the plug back`,
          how: 'Wipe cap and wheel, plug in all around. A lost plug is water in the hub: put a new one in.',
        },
  'oil-check': ({ at }) => ({
    short: 'Check oil',
    title: `Check the oil of ${at}`,
    how: 'Level at the mark of the sight glass, wheel standing. Milky is water; a wet wheel is a leak.',
    why: 'A hub that runs in oil runs on its level.',
  }),
  'maker-service': ({ at, axle, system }) => ({
    short: "Maker's service",
    title: `Do what the maker of the hub asks for at ${at}`,
    how: `By its manual, no more. A sealed hub is replaced as one piece; an oil bath is drained and filled to its mark.${axle?.rating ? ` Axle rating ${factWords('rating', axle.rating, system)}.` : ''}`,
    caution: 'Not opened on the side: without its tools and figures it belongs to a shop.',
  }),
};
