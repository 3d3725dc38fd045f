import type { Because } from '@/core/rules';

/** A wheel changed on the shoulder. */
const CHANGE: readonly string[] = [
  'Hitched, parking brake on, the wheels that stay down chocked.',
  'Nuts broken loose a little while the tire still carries weight. Then jack, then a stand.',
  'Spare on, nuts by hand, snug in star order in the air, full torque on the ground.',
];
const FIND_AND_PLUG: readonly string[] = [
  'Soap and water on valve, tread and rim: find where it bubbles.',
  'At the valve: a new valve core, its cap on.',
  'A hole under {1/4 in} in the crown, {1 in} from the edge: one plug, never over an old patch.',
  'Air it with a clip-on chuck from the hose’s length, in line with the tread, never facing its side. Look for bulges from ahead and behind. Wait 10 minutes: it may lose {1 psi} at most.',
];
const HUNG: readonly string[] = [
  'Wheel off. Hang the axle end hard with a chain, clear of road, line and drum.',
  'Look at the other tire and its hub at each stop named above.',
];
const OPEN_COLD: readonly string[] = [
  'Cool with the wheel on. Nothing is opened over {150 °F}.',
  'Raise it, rock it at several places around, spin it.',
  'Back the brake fully off and unplug its wire: does the drag go?',
  'Drag stays: hub cold, a hand on it. Open it, look at grease and rollers, set the nut again, new pin.',
];
const NUTS: readonly string[] = [
  'Nuts from the spare’s carrier or the box first; then one each from wheels of 6 or 8 studs whose nuts held.',
  'Same thread, same hand, same seat. Torque all of them in star order.',
];
const COVER: readonly string[] = [
  'Wipe it, fresh grease on the outer bearing.',
  'A spare cap, or clean plastic and tape over it.',
];
const CLEAN: readonly string[] = [
  'Wipe everything out that can be reached, pack it with fresh grease, cover it.',
];
const FAULT: readonly string[] = ['Plug and pins, fuse, ground, splice: in that order.'];

/** What can be done on the spot, in order, by what decided: never what the verdict forbids; nothing where only a card or a flatbed helps. */
export const STEPS_HERE: Readonly<Partial<Record<Because, readonly string[]>>> = {
  'holds-air': ['Leave it in. Mark the place.', 'Read it at {5 mi}, then every {10 mi} from here.'],
  'loss-unknown': ['Read the pressure, wait 10 minutes, read it again.', ...FIND_AND_PLUG],
  'lasts-between-airings': FIND_AND_PLUG,
  'loses-too-fast': FIND_AND_PLUG,
  'aired-once': FIND_AND_PLUG,
  'no-pump': FIND_AND_PLUG,
  'soft-spare': CHANGE,
  'rolled-low': [
    'Air it with a clip-on chuck from the hose’s length, in line with the tread, {20 psi} at a time. Look for bulges from ahead and behind: one bulge, and it stays.',
  ],
  'spare-goes-on': CHANGE,
  'aged-spare': CHANGE,
  'survivor-carries': HUNG,
  'survivor-overloaded': ['Unload until the other tire is under its maximum, and answer again.', ...HUNG],
  'survivor-unknown': HUNG,
  'one-axle-no-spare': ['Out of the lane at walking pace, no farther.'],
  warm: ['20 minutes to cool, then feel or measure again.'],
  'heat-unknown': ['20 minutes to cool with the wheel on, then feel or measure again.'],
  'open-it-cold': OPEN_COLD,
  'open-it-elsewhere': ['Cool with the wheel on until a hand stays on it for 5 s. Feel it after each mile.'],
  'nut-was-free': ['Rock the wheel. Set the nut again by your school, new lock or pin, then answer again.'],
  'cap-missing': COVER,
  'clean-and-pack': CLEAN,
  'oil-bath-open': ['Cap on, filled to the line; any clean gear oil to get to help.'],
  'drain-and-fill': ['Drain it, fill it to the line. Then answer again.'],
  'oil-empty': ['Fill to the line; any clean gear oil to get to help. Then answer again.'],
  'oil-in-front': ['Fill to the line; look again every {25 mi}.'],
  'grease-in-front': ['Wipe it, feel where it comes from, look behind the hub.'],
  'too-few': NUTS,
  'one-of-five': NUTS,
  'enough-left': NUTS,
  'studs-unknown': ['Count the studs, what went, and what is missing now.'],
  'drags-on': ['Back the adjuster off; look at surge coupler and cable. Then answer again.'],
  'brake-wire-off': [
    'Cut off the brake wire alone at the controller’s fuse or feed. Plug back in for the lamps.',
  ],
  unbraked: FAULT,
  'within-unbraked-limit': FAULT,
  'one-axle-brakes': FAULT,
  'as-hub-hot': ['30 minutes to cool. Feel every hub, spin every wheel, and answer again.'],
  'not-seen-to-stop': ['Bulb, fuse, ground strap, plug pins; a lamp set over the plug where nothing helps.'],
  'not-seen': ['Bulb, fuse, ground strap, plug pins; a lamp set over the plug, or wait for daylight.'],
  'by-day': ['Bulb, fuse, ground strap, plug pins.'],
  'no-chain': ['A rated link or another chain, then answer again.'],
  'boat-not-held': ['Two lines, each rated over the load.'],
  'cargo-not-held': ['Spare straps: working limits of half the cargo at least.'],
  'two-lines': ['Look what rubbed, and pad it.'],
  'tied-down': ['Look what rubbed, and pad it.'],
  'ball-differs': ['The right ball for this coupler: the numbers on both are the same.'],
  'not-latched': ['Clean ball and coupler. Latch, pin.'],
  'play-seen': [
    'Adjust the coupler to the ball.',
    'Vehicle’s tail up {2 in} by the tongue jack for 10 s: no play, and it does not come off.',
  ],
  'came-off': ['Brakes cool, pin in, battery read. Coupler, ball, chains and wiring all inspected first.'],
  'breakaway-dead': [
    'Battery: 30 minutes on the vehicle. Pull the pin again: 10.5 V under load.',
    'Cable or switch: a spare cable.',
  ],
  'axle-not-measured': ['Measure hub to hub, left against right, and tire to everything near it.'],
  sways: ['Pressures, hitch, lugs. Load forward.'],
  'tongue-unknown': ['Pressures, hitch, lugs. Load forward, and weigh the tongue.'],
  'load-loose': ['Load back in its place and tied before it moves.'],
  stuck: ['Next size hammered on the rounded nut. Jack down: block the frame, free it; not towed on it.'],
  'wait-twenty-minutes': ['Wait 20 minutes, feel again.'],
};
