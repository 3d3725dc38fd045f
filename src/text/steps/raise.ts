import { isGuess, type Axle, type RigModel } from '@/core/rig';
import type { HouseRules } from '@/core/rules';
import { factText, factWords } from '../facts';
import { mayBrake, SALTED, type StepTexts } from './setting';

/** How the wheel cover of this rig comes off. */
function coverOff({ wheels }: RigModel): string {
  const tool = wheels.coverTool ? ` Tool: ${wheels.coverTool}.` : '';
  switch (wheels.cover) {
    case 'pop-off':
      return `It pops off: pry a little at a time, all around.${tool}`;
    case 'slotted':
      return `A slotted ring: turn it out.${tool}`;
    case 'screwed':
      return `A screw holds it. Do not pry.${tool}`;
    case 'capped-nuts':
      return `Capped nuts hold it: those come off first.${tool}`;
    default:
      return 'Look for a hidden screw before you pry. Skip this where there is no cover.';
  }
}

/** Where the jack of this rig goes, by its maker and the school of its owner; never under a torsion tube. */
function jackAt({ lifting }: RigModel, axle: Axle | undefined, house: HouseRules): string {
  if (lifting?.point === 'maker') return "Jack at the maker's point";
  return house.lift === 'spring-seat' && axle?.suspension === 'leaf'
    ? "Jack under the spring seat, if the axle's maker allows it; else under the frame rail just ahead of or behind the wheel"
    : "Jack under the frame rail just ahead of or behind the wheel, or at the maker's point";
}

/** Where two chocks go on a side, by how many wheels stand there. */
function chockPlaces({ axles }: RigModel, side: string): string {
  return axles.length === 1
    ? `One ahead of the ${side} tire and one behind it.`
    : `One ahead of the first ${side} tire and one behind the last.`;
}

/** Raising one corner: from the tow vehicle held to the wheel off. */
export const RAISE: StepTexts<
  | 'brake-on'
  | 'chock'
  | 'chock-over'
  | 'steady'
  | 'cover-off'
  | 'break-loose'
  | 'jack'
  | 'stand'
  | 'stand-again'
  | 'feel'
  | 'wheel-off'
  | 'look-well'
> = {
  'stand-again': ({ at }) => ({
    short: 'Stand again',
    title: `Check the stand of ${at} once more`,
    how: 'The frame came up beside it when the other wheel was raised. The stand carries, stands upright, and the jack just touches. If it came free, let the frame down onto it again.',
    caution: 'No hand under it before it carries.',
  }),
  'look-well': ({ at, model }) => ({
    short: 'Inspect wheel well',
    title: `Inspect the wheel well of ${at}`,
    how: `Frame and well above the hub: rust scale, paint, bolts. Surface rust is brushed, primed and coated while the wheel is off.${SALTED(model)}`,
    why: 'It is hidden the rest of the year.',
  }),
  'brake-on': () => ({
    short: 'Park and hold',
    title: 'Park on firm, level ground',
    how: 'Leave the tow vehicle hitched, its parking brake on. Have gloves, eye protection and a light at hand.',
    why: 'A hitched vehicle is the best anchor a trailer has.',
    caution: 'On a slope, on soft ground or beside traffic, do not begin: move it first.',
  }),
  chock: ({ step, model, house, framed }) => {
    const side = step.side === 'L' ? 'left' : 'right';
    return {
      short: `Chock ${side} side`,
      title: `Chock the ${side} side, front and back`,
      how: `${chockPlaces(model, side)} Push them in hard.`,
      why: framed
        ? 'They hold it while nuts are broken loose across from them. Once the frame is up, stands and hitch hold it.'
        : house.verge === 'tighten-and-go'
          ? 'Whatever is up, that side holds everything.'
          : 'Once a corner is up, that side holds everything.',
      caution: 'No nut is touched before the chocks are in.',
    };
  },
  'chock-over': ({ step, model }) => {
    const side = step.side === 'L' ? 'left' : 'right';
    const from = step.side === 'L' ? 'right' : 'left';
    return {
      short: `Chocks to the ${side}`,
      title: `Chocks out on the ${from} side, in on the ${side}`,
      how: `Every wheel is down. ${chockPlaces(model, side)} None stays under a ${from} wheel: it is raised next.`,
      why: 'A chock under a wheel that hangs holds nothing.',
      caution: 'No nut is touched on the other side before the chocks are in here.',
    };
  },
  steady: () => ({
    short: 'Stabilizers down',
    title: 'Stabilizers down, to steady only',
    how: 'Crank them down until they just touch. Skip this where they are in the way.',
    caution: 'A stabilizer never lifts: it folds.',
  }),
  'cover-off': ({ at, model }) => ({
    short: 'Cover off',
    title: `Take the wheel cover off ${at}`,
    how: coverOff(model),
  }),
  'break-loose': ({ at, model, system }) => ({
    short: 'Break nuts loose',
    title: `Break the nuts loose on ${at}`,
    how: `${model.wheels.socket ? `Socket ${factWords('socket', model.wheels.socket, system)}. ` : ''}Half a turn each, no more, pushing down on a long bar. The tire still carries the weight.`,
    why: 'In the air the wheel turns with the wrench, and pulling can bring the trailer off the jack.',
    caution: 'From here on the rig is not fit to tow until the last round of torque.',
  }),
  jack: ({ at, axle, model, house, system }) => ({
    short: 'Jack',
    title: `Raise ${at} until the tire just clears`,
    how: `${jackAt(model, axle, house)}, on a plate if the ground gives.${model.lifting?.height ? ` The point is ${(isGuess(model.lifting.height) ? factWords : factText)('liftHeight', model.lifting.height, system)} above the ground, tires full.` : ''}${axle?.suspension === 'torsion' ? '' : ' The wheel hangs lower than it stood: lift a little more than you think.'}`,
    why: 'Low is safe. Only the tire has to clear.',
    caution:
      axle?.suspension === 'torsion'
        ? 'Never lift a torsion axle by its tube: it bends and stays bent. Nobody in the trailer, no hand or foot under it.'
        : 'Nobody in the trailer, no hand or foot under it.',
  }),
  stand: ({ at }) => ({
    short: 'Stand under',
    title: `Stand under the frame at ${at}`,
    how: 'Set the stand close to the jack, let the frame down onto it until it carries, and leave the jack touching.',
    why: 'Jacks leak and tip. A stand does neither.',
    caution: 'No part of you goes under or behind the wheel before the stand carries.',
  }),
  feel: ({ at, axle, does }) => {
    const opens = does('wheel-off');
    return {
      short: 'Rock and spin',
      title: `Rock and spin ${at} as it is`,
      how: `${opens ? 'Before anything comes apart: hands' : 'Hands'} at 12 and 6 and rock, then 3 and 9, and again with the wheel turned a little. Then spin it, ear near the hub, and turn the whole tread past your eye: nails, screws, stones.${mayBrake(axle) ? ' A light, even rub of the brake is normal; snaps and grinding are not.' : ''}`,
      why: opens
        ? 'This is the only chance to know how it ran.'
        : 'It takes a minute, and tells how the bearing runs.',
    };
  },
  'wheel-off': ({ at, model }) => ({
    short: 'Wheel off',
    title: `Nuts off, wheel off ${at}`,
    how: `All ${model.wheels.studs} nuts off and counted. Slide the wheel off and lay it flat, under the frame as a second stop.${model.wheels.adapter?.fitted ? ' The adapter stays on its own nuts.' : ''}`,
    caution: 'Lift with the legs; a heavy wheel is rolled, not carried.',
  }),
};
