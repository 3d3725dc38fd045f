import type { Lead, LeadCode } from '@/core/judge';

/** Where a cause may lie, and how to look. */
const LEAD_WORDS: Record<LeadCode, string> = {
  'seal-land': 'The spindle’s seal land: a step or rust there eats the lip. Feel it with a nail.',
  'line-behind': 'Fishing line or string wound behind the seal cuts it: look before you install a new one.',
  'over-greased': 'Greased until it pushed out at the back: fewer strokes, wheel turning.',
  vent: 'A blocked vent or a cap pressed to its stop drives grease past the seal.',
  'nut-tight': 'The spindle nut: set too tight it runs hot. Feel for play first.',
  'brake-drags': 'A dragging brake heats the hub from outside: spin it with the brake backed off.',
  'bearing-going': 'A bearing on its way: spin it and listen, then open it.',
  'grease-short': 'Too little grease, or old grease: nothing on record says it was greased.',
  mate: 'Look at its mate as well: the two have run the same distance.',
  'axle-bent': 'A bent axle or spindle: measure toe and camber. Straightening is a shop’s work.',
  'axle-square': 'An axle that is not square to the frame: measure both diagonals.',
  overload: 'More load than the axle or tire is made for: weigh it.',
  'low-pressure': 'Run with too little air.',
  'high-pressure': 'Run with too much air for its load.',
  'bearing-loose': 'A loose bearing lets the wheel wander: rock it.',
  balance: 'Out of balance, or a bent rim: spin it and watch.',
  nail: 'A nail or screw: turn the whole tread past your eye, soap shows it.',
  'valve-leak': 'The valve: soap on stem and core.',
  bead: 'The bead on a rusty or bent rim: soap along the rim.',
  'faces-dirty': 'Rust, paint or dirt between wheel and hub settles: clean the faces.',
  'wrong-nuts': 'Nuts whose seat does not match the wheel, or worn holes.',
  'studs-stretched': 'Stretched studs: greased threads at full torque pull harder than dry ones.',
  'nut-loose': 'The spindle nut, backed off too far or its lock worn.',
  'bearing-worn': 'Worn bearings: rock it again once the nut is set.',
  ground: 'Its ground: most lamp troubles are one.',
  'plug-pins': 'The plug: clean the pins, and hold it off the road.',
  'dry-pivot': 'A pivot that got no grease, or a bushing worn through.',
  'water-in': 'Water went in past the seal: hot hubs draw it in at the ramp.',
};

const BECAUSE: Record<NonNullable<Lead['because']>, string> = {
  'just-opened': 'It has not run far since it was opened.',
  purged: 'Your rule is to purge until new grease shows.',
  'never-greased': 'No greasing is on record here.',
  launched: 'It has been in the water.',
  treated: 'Your threads are greased.',
};

/** A lead in a sentence, and why the record speaks for it. */
export function leadWords({ code, because }: Lead): string {
  return because ? `${LEAD_WORDS[code]} ${BECAUSE[because]}` : LEAD_WORDS[code];
}
