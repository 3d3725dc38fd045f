import { NUT_SEATING } from '@/core/figures';
import type { NutSchool } from '@/core/rules';
import type { UnitSystem } from '@/core/base';
import { measure } from '../measure';
import { capOf, type CapKind } from '@/core/rig';
import { boltsText, lockOf, mayBrake, NEVER_ON_ITS_FACE, type StepTexts } from './setting';

const SET_BY: Record<NutSchool, string> = {
  'finger-tight':
    'Turn the hub by hand while you tighten the nut to SEAT to seat the bearings. Let the nut off fully without turning the hub. Run it up again by fingers alone: that is zero play, the hub cold. Then back to the first place where the pin goes in.',
  'quarter-turn':
    'Turn the hub by hand while you tighten the nut to SEAT to seat the bearings. Back it off a quarter turn, then on to the nearest slot.',
  'next-slot':
    'Turn the hub by hand while you tighten the nut to SEAT to seat the bearings. Back off to the next slot; one more if the hub drags.',
  'light-drag':
    'Turn the hub while you tighten until you feel a light drag, then back to the slot where the drag is just gone.',
};

/** The seating torque in the owner's units; a maker's own figure comes first. */
const seated = (how: string, system: UnitSystem) =>
  how.replace('SEAT', `its maker's figure, else about ${measure(NUT_SEATING, 'torque', system, 0)},`);

/** A keeper and a tang washer lock where their own tabs find a place, not at slots. */
const FINER = {
  keeper: (how: string) =>
    `${how.replace(/(the first place where the pin goes in|the nearest slot|the next slot; one more if the hub drags|the slot where the drag is just gone)/, 'the first position in which the keeper drops on flat')}`,
  tang: (how: string) =>
    `${how.replace(/(the first place where the pin goes in|the nearest slot|the next slot; one more if the hub drags|the slot where the drag is just gone)/, 'the first flat that a tang can stand against')}`,
} as const;

/** How a cap goes back, by its kind. */
const CAP_ON: Readonly<Record<CapKind, string>> = {
  plain: 'Start it on one side, tap aaround the rim until it is flush.',
  plug: 'Without its plug for now. Start it on one side, tap aaround the rim until it is flush.',
  pressure:
    'Look at the O-ring first. Start it on one side with a block of wood over its rim, tap it home square.',
  screw: 'Look at the O-ring: worn, cut or flat, a new one. Start the cap by hand, then snug, no more.',
  window:
    'Clean faces, a new gasket, its screws crosswise. Filled to the line and checked again after it has stood.',
};

/** Packing and closing the hub: from grease in to the cap on. */
export const CLOSE: StepTexts<
  | 'pack'
  | 'smear'
  | 'inner-in'
  | 'seal-in'
  | 'hub-on'
  | 'outer-in'
  | 'nut-set'
  | 'lock-in'
  | 'check-set'
  | 'cap-on'
  | 'top-up'
  | 'plug-home'
  | 'caliper-on'
> = {
  pack: ({ at, step }) => {
    // The numbers of new rollers are asked where none of the old ones go back.
    const renews = step.readings.some(({ what }) => what === 'new-inner-roller');
    return {
      short: renews ? 'Pack new bearings' : 'Pack bearings',
      title: renews ? `Pack both new bearings of ${at}` : `Pack both bearings of ${at}`,
      how: `${renews ? 'The new ones, that belong to the races of the new hub; the old rollers lie aside. ' : ''}By hand or with a packer, pushed in at the wide end until fresh grease comes out all around the cage.`,
      why: 'Grease on the outside of a bearing does nothing: it is wanted between rollers and cage.',
      caution: 'Gloves: keep grease off your skin.',
    };
  },
  smear: ({ at }) => ({
    short: 'Smear races, spindle',
    title: `Smear races and spindle of ${at}`,
    how: 'A thin coat on both races, the spindle and the seal land, and a ring of grease in the hub between the races.',
  }),
  'inner-in': ({ at }) => ({
    short: 'Inner bearing in',
    title: `Inner bearing into ${at}, narrow end inward`,
    how: 'Into its race in the back of the hub.',
  }),
  'seal-in': ({ at, axle }) => ({
    short: 'New seal in',
    title: `New seal into ${at}, flush`,
    how: 'Lip toward the bearing, grease on the lip. Drive it evenly with a block of wood until it is flush all around.',
    why: mayBrake(axle)
      ? 'A seal in askew weeps onto the brake.'
      : 'A seal in askew lets grease out and water in.',
  }),
  'hub-on': ({ at, has }) => ({
    short: 'Hub on',
    title: `${has('hub-renew', 'hub-build', 'brakes-install') ? 'New hub' : 'Hub'} onto ${at}, straight`,
    how: 'Over the spindle without touching the seal lip to the threads. Hold it there until the outer bearing is in.',
  }),
  'outer-in': ({ at, axle }) => ({
    short: 'Outer bearing, washer',
    title: `Outer bearing and washer into ${at}`,
    how: `Narrow end inward. ${axle?.flatWasher ? 'The flat of the washer goes to the flat of the spindle.' : 'The flat or tang of the washer goes to its place on the spindle.'}`,
    caution: 'Without the washer the nut turns with the bearing. Check that it is there.',
  }),
  'nut-set': ({ at, house, axle, system }) => ({
    short: 'Set the nut',
    title: `Set the nut on ${at}`,
    how: seated(
      axle?.lock === 'keeper' || axle?.lock === 'tang'
        ? FINER[axle.lock](SET_BY[house.nut])
        : SET_BY[house.nut],
      system,
    ),
    why:
      axle?.lock === 'keeper' || axle?.lock === 'tang'
        ? 'It locks in positions of its own, finer than the slots of a nut: loosen to the next, never tighten to it.'
        : 'The pin can only stand at a slot, so slot spacing is the finest setting there is. Loosen to a slot, never tighten to it.',
  }),
  'lock-in': ({ at, axle, house }) => ({
    short: 'Lock in',
    title: `Lock the nut on ${at}`,
    how:
      axle?.lock === 'cotter' && house.cotter === 'reuse'
        ? (lockOf(axle)?.in ?? '').replace('Put a new pin', 'Put the pin, or a new one if it is tired,')
        : (lockOf(axle)?.in ?? 'Lock the nut.'),
    why: 'A lock that is not home is a wheel that comes off. Before it is bent over, feel once more that nothing is loaded.',
  }),
  'check-set': ({ at }) => ({
    short: 'Spins free, no rock',
    title: `Check the setting of ${at} by hand`,
    how: 'Hub only, no wheel: it spins freely and does not rock. With a dial indicator at hand, write down what it shows.',
    why: 'Arithmetic says where the nut stands; your hands say whether the bearing is seated.',
  }),
  'cap-on': ({ at, axle }) => ({
    short: 'Cap on',
    title: `Cap onto ${at}, flush`,
    how: CAP_ON[(axle && capOf(axle)) ?? 'plain'],
    why: 'It keeps water and dust out. Grease inside the cap does nothing.',
    caution: NEVER_ON_ITS_FACE,
  }),
  'top-up': ({ at, axle }) => ({
    short: 'Top up',
    title: `Top up ${at} through the fitting`,
    how:
      axle && capOf(axle) === 'pressure'
        ? 'Wipe the fitting. Slowly, turning the hub, until the plate just moves out. Never to its stop.'
        : 'Wipe the fitting, gun straight on, primed. Turn the hub while you pump: a few strokes, watching the back of the hub.',
    why: 'It fills the space that packing leaves.',
    caution: 'Grease showing at the back means that the seal has blown: stop, and report it.',
  }),
  'plug-home': ({ at }) => ({
    short: 'Plug home',
    title: `Wipe ${at}, then the plug into its cap`,
    how: 'Wipe fitting and cap clean. Push the plug in all around. A lost or torn one: put a new one in.',
    why: 'Without it water and dirt go straight to the fitting and the bearing.',
  }),
  'caliper-on': ({ at, step, system }) => ({
    short: 'Caliper on',
    title: `Caliper back on ${at}`,
    how: `Disc wiped clean of grease first. ${boltsText(step, 'the brake maker', system)}. Then the brake is worked until it feels firm: the pads come up to the disc.`,
    caution: 'Grease on the disc means no brake here.',
  }),
};
