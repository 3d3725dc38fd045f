import { isGear, type GearId } from '@/core/rig';
import { GEAR_LOOKS } from '../gear-looks';
import { capital } from '../measure';
import type { StepTexts } from './setting';

const LAMP =
  'Alone: phone propped up and filming, or the lamps watched in a wall. Bulb, lens and reflector each.';

/** How gear that turns or slides comes apart. */
const STRIPPED: Readonly<Partial<Record<GearId, string>>> = {
  ballMount:
    'Pin out, mount out of the receiver. Brush the rust off both, look for cracks at the bend and the welds, and that it does not droop.',
  tongueJack:
    'Handle and cover off, the screw run out as far as it goes. Old grease off screw and gears; look at teeth, thrust bearing and foot.',
  swingPin:
    'Tongue supported, pin out. Brush pin and plates, look for a worn pin and for cracks around the holes.',
  winch:
    'Strap run out. Old grease off gears and bushings; look at teeth and ratchet pawl, and that its bolts are tight.',
  rampHinges:
    'Ramp down. Pins driven out one at a time, pins and eyes brushed; look for worn pins and cracked welds.',
};

/** On foot: lamps, hitch, body, and what the season asks. */
export const WALK: StepTexts<
  | 'plug-lights'
  | 'lamps-running'
  | 'lamps-brake'
  | 'lamps-left'
  | 'lamps-right'
  | 'lamps-other'
  | 'clean-contacts'
  | 'clean-plug'
  | 'read-battery'
  | 'pull-pin'
  | 'pin-back'
  | 'battery-out'
  | 'battery-in'
  | 'look-gear'
  | 'strip-gear'
  | 'grease-gear'
  | 'rinse'
  | 'wash'
  | 'unload-tires'
  | 'store-battery'
> = {
  'plug-lights': () => ({
    short: 'Plug in',
    title: 'Plug in, tow vehicle on',
    how: 'Pins bright, plug home, lamps on. The cable clears the road and reaches around a corner.',
  }),
  'lamps-running': () => ({
    short: 'Running lamps',
    title: 'Running, marker and plate lamps',
    how: LAMP,
    why: 'All of them out is a fuse or a pin, not bulbs.',
  }),
  'lamps-brake': () => ({
    short: 'Brake lamps',
    title: 'Brake lamps',
    how: LAMP,
    why: 'Everything that dims when you brake shares a bad ground.',
  }),
  'lamps-left': () => ({ short: 'Left turn', title: 'Left turn lamp', how: LAMP }),
  'lamps-right': () => ({
    short: 'Right turn',
    title: 'Right turn lamp',
    how: LAMP,
    why: 'One side wholly out is its ground or its branch.',
  }),
  'lamps-other': () => ({
    short: 'Reverse, the rest',
    title: 'Reverse lamps, and whatever else it has',
    how: `${LAMP} None of these on this rig: mark them as working.`,
  }),
  'clean-contacts': () => ({
    short: 'Bulbs and contacts',
    title: 'Bulbs out, contacts cleaned',
    how: 'Unplugged. Each bulb out, socket brushed bright, a little dielectric grease, bulb back. Lamps without bulbs: look at the ground screw.',
    why: 'A green contact works until it rains.',
  }),
  'clean-plug': () => ({
    short: 'Plug cleaned',
    title: 'Plug and socket cleaned',
    how: 'Pins and holes brushed, a little dielectric grease, cover closes. No bare wire at the back.',
    caution: 'Unplugged: a brush across two pins is a short.',
  }),
  'read-battery': () => ({
    short: 'Battery voltage',
    title: 'Voltage of the breakaway battery',
    how: 'Charger off and unplugged from the tow vehicle, meter across its two posts. Its date is on it.',
    why: 'Over 12.4 V is good; under 12.0 V it may pull the brakes once, or not at all.',
  }),
  'pull-pin': () => ({
    short: 'Pull the pin',
    title: 'Pull the breakaway pin',
    how: 'Unplugged from the tow vehicle. Pin out by its cable: every braked wheel holds; move it a little with the tow vehicle, or try to turn a raised wheel.',
    why: 'It is the one brake that works when everything else has come apart.',
    caution: 'A few seconds only: it heats magnets and empties the battery. Never tow with the pin out.',
  }),
  'pin-back': () => ({
    short: 'Pin back',
    title: 'Pin back in, cable clear',
    how: 'Home with a click, cable to the frame of the tow vehicle and not to the ball or chains. The wheels are free again.',
    caution: 'Never tow with the pin out.',
  }),
  'battery-out': () => ({
    short: 'Old battery out',
    title: 'Old breakaway battery out',
    how: 'Negative off first. Read its number and date.',
    caution: 'Tool across both posts is a short.',
  }),
  'battery-in': () => ({
    short: 'New battery in',
    title: 'New breakaway battery in',
    how: 'Positive on first. Write the date on it. Charge it before it is trusted.',
    caution: 'Tool across both posts is a short.',
  }),
  'look-gear': ({ at, step }) => ({
    short: capital(at),
    title: `Inspect the ${at}`,
    how: `${step.place && isGear(step.place) ? capital(GEAR_LOOKS[step.place]) : ''}.${step.place === 'rampHinges' || step.place === 'coupler' ? ' A little grease on what moves.' : ''}`,
    ...(step.place === 'frame' && {
      caution: 'Cracks: steel to a welder, aluminum to one who does aluminum.',
    }),
    ...(step.place === 'winchStrap' && {
      caution: 'Frayed, sun-rotten or knotted means replace it. Stand out of its line.',
    }),
  }),
  'strip-gear': ({ at, step }) => ({
    short: 'Apart, cleaned',
    title: `${capital(at)}: apart, cleaned, inspected`,
    how:
      (step.place && isGear(step.place) && STRIPPED[step.place]) ||
      'Out or apart, old grease and rust off, inspected.',
    why: 'Rust starts where it cannot be seen, and grease hides wear.',
    ...(step.place === 'tongueJack'
      ? { caution: 'The tongue stands on a stand, the wheels are chocked: nothing rests on the jack.' }
      : step.place === 'rampHinges'
        ? { caution: 'The ramp is heavy: it lies flat, or somebody holds it.' }
        : {}),
  }),
  'grease-gear': ({ at }) => ({
    short: 'Greased, back',
    title: `Grease the ${at}, and back together`,
    how: 'A thin coat on everything that turns or slides, not on what grips. Together again, pin and clip in; run it through its whole travel.',
    why: 'It is needed on the day when nothing else helps.',
    caution: 'Gloves: keep grease off your skin.',
  }),
  rinse: () => ({
    short: 'Rinse',
    title: 'Rinse with fresh water',
    how: 'Hubs cooled first. Hubs, brakes, springs, frame inside and out, winch.',
    why: 'Salt works while the trailer stands.',
    caution: 'Hot hubs draw water in through the seal.',
  }),
  wash: () => ({
    short: 'Wash',
    title: 'Wash it for the lay-up',
    how: 'Underneath as well. Rust in wheel wells brushed, primed and coated once it is dry.',
  }),
  'unload-tires': () => ({
    short: 'Load off tires',
    title: 'Load off the tires',
    how: 'Frame on stands until the tires just carry nothing, or pressure up and move it a quarter turn each month. Out of the sun.',
    why: 'A tire that stands all winter on one spot stays flat there.',
    caution: 'Stands under the frame, on firm ground. Nobody under it.',
  }),
  'store-battery': () => ({
    short: 'Battery stored',
    title: 'Breakaway battery out for the winter',
    how: 'Out, charged, on wood, dry and above freezing. Note its voltage. It goes back before the first tow.',
    caution: 'The trailer has no breakaway without it: not to be towed.',
  }),
};
