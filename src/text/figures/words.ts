import type { GuessId, InputId, ResultId, FigureId } from '@/core/figures';

/** A label, and how it is measured. */
export type InputWords = readonly [label: string, how?: string];

/** A figure in words: its name, what it answers, what it is found by, its inputs and results, how it is worked out, and what has to be said with it. */
export interface FigureWords<F extends FigureId> {
  readonly title: string;
  readonly answers: string;
  readonly also: string;
  readonly inputs: Readonly<Record<InputId<F>, InputWords>>;
  readonly results: Readonly<Record<ResultId<F>, string>>;
  /** How it is worked out, in a line or two. */
  readonly working: readonly string[];
  /** What a verdict or a code comes to. */
  readonly says?: Readonly<Record<string, string>>;
  readonly caution?: string;
}

const KIND: InputWords = ['Kind', 'A boat trailer carries less on its tongue.'];
const SIZE: InputWords = ['Tire size', 'As molded on the wall: ST225/75R15.'];

/** Every figure in words. */
export const FIGURE_WORDS: { readonly [F in FigureId]: FigureWords<F> } = {
  balance: {
    title: 'Balance',
    answers: 'Will it tow straight?',
    also: 'tongue weight sway load axle moments hitch',
    inputs: {
      kind: KIND,
      axle: ['Axle behind the coupler', 'To the axle, or to the middle of two. From the center of the ball.'],
      empty: ['The empty trailer', 'Off its title or a scale.'],
      emptyAt: [
        'Its center behind the coupler',
        'Where it would balance empty. With the tongue weighed: axle × (1 − tongue ÷ weight).',
      ],
      load1: ['Load 1', 'What it weighs.'],
      at1: ['Load 1 behind the coupler', 'To its middle.'],
      load2: ['Load 2'],
      at2: ['Load 2 behind the coupler'],
      load3: ['Load 3'],
      at3: ['Load 3 behind the coupler'],
      load4: ['Load 4'],
      at4: ['Load 4 behind the coupler'],
      wanted: ['Tongue share wanted', '10 to 15 %, boats 7 to 12 %.'],
    },
    results: {
      share: 'on the tongue',
      tongue: 'Tongue weight',
      onAxle: 'On the axle',
      weight: 'Whole trailer',
      center: 'Center of it all, behind the coupler',
      axleTo: 'Axle to move to',
      moveBy: 'Or load 1 to move back by',
    },
    working: ['Center = sum of weight × distance ÷ whole weight.', 'Tongue share = (axle − center) ÷ axle.'],
    says: {
      inside: 'Inside its window.',
      light: 'Too little on the tongue: it sways. Move load forward.',
      heavy: 'More on the tongue than its window: check the hitch rating, or move load back.',
      lifts: 'It lifts the hitch. Do not tow it like this.',
    },
    caution:
      'Unhitched, a tail-heavy trailer tips. Chock the wheels and keep the tongue held before you move a load.',
  },
  tickets: {
    title: 'Three scale tickets',
    answers: 'What does it really weigh?',
    also: 'weighbridge scale weigh tongue axle cat',
    inputs: {
      kind: KIND,
      alone: ['Tow vehicle alone', 'First ticket: unhitched, loaded as it tows.'],
      hitched: [
        'Hitched, trailer axles off the scale',
        'Second ticket: the tow vehicle’s axles on the plate.',
      ],
      whole: ['All of it on the scale', 'Third ticket.'],
    },
    results: {
      share: 'on the tongue',
      tongue: 'Tongue weight',
      axles: 'On the trailer’s axles',
      weight: 'Whole trailer',
    },
    working: ['Tongue = second − first.', 'Axles = third − second.'],
    says: {
      inside: 'Inside its window.',
      light: 'Too little on the tongue: it sways.',
      heavy: 'More on the tongue than its window.',
    },
  },
  scale: {
    title: 'Tongue on a bathroom scale',
    answers: 'How heavy is the tongue?',
    also: 'tongue weight home plank lever',
    inputs: {
      reading: ['The scale reads', 'Less what the plank alone shows.'],
      toTongue: ['Pipe to tongue', 'From the pipe at the fixed end to where the tongue rests.'],
      toScale: ['Pipe to scale', 'From the same pipe to the pipe on the scale.'],
    },
    results: { tongue: 'on the tongue', times: 'Times the reading' },
    working: ['Tongue = reading × pipe to scale ÷ pipe to tongue.'],
    caution:
      'Wheels chocked, coupler at its towing height, and a stand under the tongue in case the plank slips.',
  },
  adapter: {
    title: 'Torque through an offset adapter',
    answers: 'What do I set the wrench to?',
    also: 'crowfoot how tight torque extension wrench',
    inputs: {
      torque: ['Torque wanted', 'The maker’s figure.'],
      wrench: ['Wrench length', 'From the middle of its square to the middle of the grip.'],
      adapter: ['Adapter length', 'From the middle of its square to the middle of the nut.'],
      angle: ['Angle', '0° in line with the wrench, 90° across it, 180° folded back.'],
    },
    results: { setting: 'on the wrench' },
    working: ['Setting = torque × wrench ÷ (wrench + adapter × cos angle).'],
    caution:
      'A straight socket extension changes nothing as long as it is held square; a long thin one winds up and tilts.',
  },
  clamp: {
    title: 'Clamp load',
    answers: 'Why do greased studs need less torque?',
    also: 'anti-seize friction dry greased stretch stud',
    inputs: { torque: ['Torque', 'On dry threads.'], stud: ['Stud diameter', 'Over the threads.'] },
    results: {
      dry: 'of clamp from one dry stud',
      least: 'Greased, at least',
      most: 'Greased, up to',
      more: 'More than dry, up to',
    },
    working: [
      'Clamp = torque ÷ (friction × diameter). Friction about 0.20 dry, 0.13 to 0.16 with anti-seize.',
    ],
    caution:
      'It shows why, and is never worked back to a torque: the figure for greased threads comes from a maker, or the threads are wiped dry.',
  },
  stud: {
    title: 'Is this torque usual?',
    answers: 'Is this torque usual for the stud?',
    also: 'lug nut how tight stud check',
    inputs: { stud: ['Stud diameter', 'Over the threads.'], torque: ['The figure you have'] },
    results: { from: 'at least, as is usual', to: 'At most, as is usual' },
    working: [
      '1/2 in 90 to 120, 9/16 in 120 to 140, 5/8 in 175 to 225 lbf·ft; small wheels on 1/2 in as low as 60 to 75.',
    ],
    says: {
      usual: 'Usual for this stud.',
      unusual: 'Unusual for this stud: check the figure and its unit.',
    },
    caution: 'The maker’s figure outranks this. It is a check, not a figure to tighten to.',
  },
  nut: {
    title: 'End play by the slot',
    answers: 'How far back does the nut go?',
    also: 'spindle nut bearing castle slots cotter how tight',
    inputs: {
      pitch: ['Thread pitch', 'Travel in one turn: 1/14 in at 14 threads to the inch.'],
      slots: ['Slots in the nut', 'Count them.'],
      holes: ['Pin holes', 'Two, crossed, halve the steps.'],
      back: [
        'Slots back from finger-tight',
        'The turn really made; the first slot meets its hole by chance.',
      ],
      dialed: ['End play by dial', 'Where a dial indicator is at hand: it outranks the slots.'],
      least: ['Window, from'],
      most: ['Window, to'],
    },
    results: {
      play: 'of end play',
      slot: 'One position more or less',
      inside: 'Quarter slots inside the window',
    },
    working: ['End play = pitch × slots back ÷ slots.'],
    says: {
      inside: 'Inside the window.',
      over: 'Over the window: rock it, and take a position back if it is loose.',
      under: 'Under the window: feel that nothing is left loaded, and spin it.',
      'none-inside': 'No part of a slot comes inside this window: go by rock and spin.',
    },
    caution: 'Never tighten to reach a slot.',
  },
  pressure: {
    title: 'Pressure and weather',
    answers: 'What will it read when it is colder?',
    also: 'tire psi temperature altitude cold',
    inputs: {
      read: ['It reads', 'Cold.'],
      from: ['At this air temperature'],
      to: ['At that one'],
      high: ['Altitude here'],
      higher: ['Altitude there'],
    },
    results: { pressure: 'then', change: 'Change' },
    working: [
      'Absolute pressure goes with absolute temperature; the air’s own pressure falls with altitude.',
    ],
    caution: 'A cold morning is not a leak. Set it cold, at the pressure of the placard, where you are.',
  },
  leak: {
    title: 'Leak',
    answers: 'Does it lose air, or is it the weather?',
    also: 'tire psi slow leak month',
    inputs: {
      first: ['First reading'],
      firstAir: ['Air then'],
      second: ['Second reading'],
      secondAir: ['Air then'],
      days: ['Days between'],
    },
    results: {
      monthly: 'lost a month',
      least: 'At least',
      most: 'At most',
      share: 'Of its pressure, a month',
    },
    working: [
      'Both brought to 70 °F (21 °C), the loss spread over 30 days.',
      'A gauge is read to about half a psi (0.03 bar), either way, twice.',
    ],
    says: {
      leak: 'A leak: find it before the next trip.',
      perhaps: 'Perhaps a leak: read it again in a week or two.',
      holds: 'Holds its air: under 2 % a month is what rubber lets through.',
    },
  },
  inflation: {
    title: 'Time at the pump',
    answers: 'How long does airing up take?',
    also: 'inflate compressor pump minutes',
    inputs: {
      tires: ['Tires'],
      low: ['They read'],
      target: ['Set to'],
      rate: ['Your pump, a minute', 'Time it on one of these tires.'],
    },
    results: { minutes: 'for the round', each: 'For one tire' },
    working: ['Minutes = tires × (set to − reads) ÷ pump.'],
    caution: 'Stand aside while a tire fills.',
  },
  tire: {
    title: 'Tire load',
    answers: 'Do the tires carry it?',
    also: 'load range capacity overload axle scale weight rating',
    inputs: {
      size: SIZE,
      range: ['Load range', 'The letter after the size.'],
      marked: ['Carries, as molded on the wall', 'Single. It outranks what is usual for the letter.'],
      pressure: ['Cold pressure'],
      scale: ['The axle weighs', 'Loaded as you tow, at a scale; its rating until then.'],
    },
    results: {
      margin: 'to spare',
      carries: 'Both tires carry, at this pressure',
      each: 'One tire',
      most: 'Most pressure of the load range, cold',
      diameter: 'Diameter',
      turns: 'Turns, unloaded',
    },
    working: [
      'At a lower pressure a tire carries (pressure ÷ most) to the power 0.8 of its load: our estimate, the careful end.',
    ],
    says: {
      overloaded: 'More than the tires carry. Do not tow it like this.',
      close: 'Less than 10 % to spare: weigh each side.',
      enough: 'Enough to spare.',
    },
  },
  tread: {
    title: 'Miles left in the tread',
    answers: 'How far do these tires go yet?',
    also: 'tire wear thirty-seconds depth',
    inputs: {
      fresh: ['Tread when new'],
      now: ['Tread now, at its lowest'],
      driven: ['Driven in between'],
      limit: ['Down to'],
    },
    results: { left: 'left', per: 'Wear' },
    working: ['Left = (now − limit) ÷ (new − now) × driven.'],
    caution: 'Age beats tread on trailers: see the DOT date as well.',
  },
  sizes: {
    title: 'Two tire sizes',
    answers: 'How do two sizes compare?',
    also: 'tire size diameter revolutions spare fit',
    inputs: { size: SIZE, other: ['The other size'] },
    results: {
      more: 'taller',
      diameter: 'The first, across',
      other: 'The other, across',
      turns: 'The first',
      otherTurns: 'The other',
    },
    working: ['Diameter = rim + 2 × width × aspect.'],
    says: {
      'same-rim': 'Same rim. All tires of an axle have to be of one height.',
      'other-rim': 'It takes another rim.',
    },
  },
  magnets: {
    title: 'Electric brakes',
    answers: 'How many magnets pull?',
    also: 'brake current amps magnets wire dead controller',
    inputs: {
      volts: ['At the battery'],
      magnets: ['Magnets'],
      off: ['Of them dead'],
      ohms: ['One magnet', 'Across its two wires, unplugged.'],
      length: ['Wire, one way', 'Battery to brakes.'],
      gauge: ['Wire gauge', 'AWG, printed on it.'],
      measured: ['Measured current', 'In the brake wire, controller full on by hand.'],
    },
    results: {
      current: 'in the brake wire',
      each: 'Through each magnet',
      volts: 'Across each magnet',
      pulling: 'Pull, by what you measured',
    },
    working: ['Current = volts ÷ (wire there and back + magnet ÷ how many).'],
    says: {
      all: 'All of them pull.',
      some: 'Fewer pull than there are: half is a whole axle or side.',
      short: 'More than all of them can draw: a short. Do not tow on it.',
    },
  },
  drum: {
    title: 'Which brake is it?',
    answers: 'Which drum and shoes are these?',
    also: 'which drum shoe brake size assembly order wear',
    inputs: {
      diameter: ['Drum, inside', 'Across the face the shoes rub on, clean of its lip.'],
      width: ['Shoe width', 'Across the lining.'],
      stamped: ['Maximum stamped on the drum'],
    },
    results: { nominal: 'drum, nominal', width: 'Shoes, nominal', left: 'Left of the drum', most: 'Maximum' },
    working: [
      'Nearest nominal size whose wear allows it; maximum as stamped, else nominal + 0.090 in (2.3 mm).',
    ],
    says: {
      one: 'Confirm it against the axle tag before you order.',
      several: 'It could be another size as well: read the axle tag.',
      worn: 'Past its maximum: do not order shoes before a drum.',
    },
    caution: 'Brake dust: wipe it off wet, never blow it out.',
  },
  brakes: {
    title: 'Shoes or loaded plates',
    answers: 'Parts, plates or the shop?',
    also: 'brake cost price hours quote replace',
    inputs: {
      rate: ['An hour of yours is worth'],
      parts: ['Shoes, hardware and magnets'],
      partsHours: ['Hours with them'],
      plates: ['Loaded plates'],
      platesHours: ['Hours with plates'],
      quote: ['The shop’s quote'],
    },
    results: {
      parts: 'with parts',
      plates: 'With plates',
      even: 'They come to the same at',
      shop: 'At the shop',
    },
    working: ['Each = price + hours × what an hour is worth, for one axle pair.'],
    says: {
      parts: 'Parts come out cheapest.',
      plates: 'Plates come out cheapest.',
      shop: 'The shop comes out cheapest.',
    },
  },
  wiring: {
    title: 'Wiring a bare axle',
    answers: 'What wire do brakes need?',
    also: 'brake wire gauge fuse splices install awg',
    inputs: {
      axles: ['Braked axles'],
      toAxle: ['Plug to first axle'],
      between: ['Between axles'],
      across: ['Across one axle', 'Plate to plate, with slack.'],
      volts: ['At the battery'],
      ohms: ['One magnet'],
      drop: ['Loss allowed on the way'],
    },
    results: {
      gauge: 'at the thinnest',
      wire: 'Wire to buy',
      fuse: 'Fuse',
      splices: 'Sealed splices',
      current: 'Full current',
    },
    working: [
      'Thinnest wire whose loss at full current stays under what is allowed; the fuse a quarter over the current.',
    ],
    caution:
      'The battery unplugged. Every splice sealed and pulled: many a dead brake is a splice that let water in.',
  },
  circle: {
    title: 'Bolt circle',
    answers: 'Which wheel fits?',
    also: 'bolt pattern studs wheel spare lug',
    inputs: {
      studs: ['Studs'],
      between: ['Measured'],
      apart: ['Center to center', 'Between studs, not between the holes of a wheel.'],
    },
    results: { circle: 'across the studs', usual: 'A usual pattern' },
    working: ['Circle = distance ÷ sin(180° ÷ studs); to the next but one, ÷ sin(360° ÷ studs).'],
    says: {
      usual: 'Try the wheel on all its studs: a pattern a sixteenth off goes on four and bends the fifth.',
      unusual: 'No trailer maker usually uses it: measure again, center to center.',
    },
  },
  spacer: {
    title: 'Wheel adapter',
    answers: 'Does a wheel adapter fit?',
    also: 'spacer track fender clearance adapter',
    inputs: {
      thickness: ['Adapter thickness'],
      clearance: ['Tire to fender now'],
      studs: ['Hub studs stand out'],
    },
    results: {
      fender: 'left to the fender',
      track: 'Track gained, both sides',
      proud: 'Hub studs beyond its face',
    },
    working: ['Fender left = clearance − thickness. Track = 2 × thickness.'],
    says: {
      clears: 'It clears, and the wheel lies flat.',
      rubs: 'The tire rubs on the fender.',
      proud: 'The hub’s studs stand out beyond the adapter: the wheel will not lie flat.',
    },
    caution:
      'Its own nuts take its maker’s torque, and are rechecked. It has to carry half the axle’s rating.',
  },
  jack: {
    title: 'Jack and blocks',
    answers: 'Does my jack reach?',
    also: 'jack stand blocks height flat tire lift capacity',
    inputs: {
      point: ['Lifting point now', 'Above the ground, the tire flat.'],
      sag: ['The flat lets it down by', 'Axle height with a sound tire, less its height now.'],
      droop: ['The wheel hangs down by', 'Before it leaves the ground.'],
      clearance: ['Air wanted under the tire'],
      closed: ['Jack, closed'],
      raised: ['Jack, all the way up'],
      blocks: ['Blocks under it'],
      gvwr: ['Trailer rating (GVWR)'],
      tongue: ['Tongue weight'],
    },
    results: {
      above: 'to spare at the top',
      below: 'Room to slide it under',
      needed: 'Point has to come up to',
      least: 'Blocks, at least',
      most: 'Blocks, at most',
      rated: 'Jack and stand rated for at least',
    },
    working: [
      'Closed + blocks ≤ point; raised + blocks ≥ point + sag + droop + air.',
      'Rating = 1.25 × (GVWR − tongue) ÷ 2.',
    ],
    says: {
      fits: 'It goes under and lifts enough.',
      'too-tall': 'It does not go under: fewer blocks, or a lower jack.',
      'too-short': 'It does not lift enough: more blocks, or a taller jack.',
    },
    caution: 'Blocks of hardwood, crossed, on firm ground. No part of you goes under before a stand carries.',
  },
  grease: {
    title: 'Grease for the season',
    answers: 'How many cartridges do I need?',
    also: 'grease gun strokes cartridge grams',
    inputs: {
      perCartridge: ['Strokes from one cartridge', 'Count them once.'],
      cartridge: ['A cartridge holds', 'Printed on it, 14 oz as a rule.'],
      hubs: ['Hubs'],
      strokes: ['Strokes for each'],
      times: ['Times a season'],
    },
    results: { cartridges: 'for the season', stroke: 'One stroke', hub: 'One hub, each time' },
    working: ['Cartridges = hubs × strokes × times ÷ strokes from one.'],
  },
  mixing: {
    title: 'Two greases',
    answers: 'Do these two greases mix?',
    also: 'grease lithium polyurea clay compatible thickener',
    inputs: { inside: ['In the hub'], going: ['Going in'] },
    results: { kinds: 'in one hub' },
    working: ['By the trade’s chart of thickeners, which stand on the cartridge.'],
    says: {
      compatible: 'They mix.',
      borderline: 'Borderline: some thin each other. Better the kind that is in there.',
      not: 'They do not mix: clean the hub out and repack it.',
    },
  },
  'axle-place': {
    title: 'Where the axle goes',
    answers: 'Where do axle and hangers go?',
    also: 'build frame hanger spring axle placement',
    inputs: {
      frame: ['Frame, front to back'],
      middle: ['Middle of the axles, if you have it', 'By moments, from Balance. Left empty: 60 % back.'],
      spring: ['Spring, eye to eye', 'Lying, as loaded.'],
      spacing: ['Between two axles'],
    },
    results: {
      middle: 'from the front',
      front: 'Front hanger',
      rear: 'Rear hanger',
      first: 'First axle',
      second: 'Second axle',
    },
    working: ['Hangers = middle ∓ half the axle spacing ∓ half the spring.'],
    says: {
      'first-mark': 'A first mark, 60 % back. Weigh or work out the loads before anything is welded.',
      'by-moments': 'Measured from the front of the frame, on both sides.',
    },
    caution: 'Welding on an axle or frame goes to qualified hands.',
  },
  square: {
    title: 'Is the axle square?',
    answers: 'Does the axle stand square?',
    also: 'diagonal crooked align tracking tow straight',
    inputs: {
      left: ['Coupler to left spindle'],
      right: ['Coupler to right spindle', 'To the same point of both spindles.'],
      width: ['Spindle to spindle'],
    },
    results: { off: 'out of square, end to end' },
    working: ['From the two distances and the width, by the circle around the coupler.'],
    says: {
      square: 'Square: within 1/8 in (3 mm).',
      'left-back': 'The left end is back. An axle that stands askew eats tires.',
      'right-back': 'The right end is back. An axle that stands askew eats tires.',
    },
  },
  spacing: {
    title: 'Equalizer and axles',
    answers: 'Do equalizer and axles go together?',
    also: 'equalizer spacing kit suspension tandem',
    inputs: {
      equalizer: ['Equalizer, outer bolts'],
      axles: ['Axle spacing', 'Spindle center to spindle center, tires on the ground.'],
      kitEqualizer: ['Equalizer, as printed with the kit'],
      kitAxles: ['Axles, as printed with the kit'],
    },
    results: { equalizer: 'Equalizer off by', axles: 'Axles off by' },
    working: ['Measured − printed.'],
    says: {
      pair: 'The pair its maker prints.',
      'no-pair':
        'Not the pair: a longer equalizer goes with wider axles. The wrong one loads one axle more, and binds.',
    },
  },
  eye: {
    title: 'Wear of a spring eye',
    answers: 'How worn is the eye or bushing?',
    also: 'bushing spring eye bolt play worn',
    inputs: { bore: ['Bore, across its widest'], bolt: ['Bolt'], fresh: ['Play when new'] },
    results: { wear: 'worn' },
    working: ['Wear = bore − bolt − play when new.'],
    caution: 'Play that can be felt, bright metal or an oval hole is due whatever it measures.',
  },
};

/** The words of a figure with the names of its inputs and results forgotten. */
export interface AnyFigureWords extends Omit<FigureWords<FigureId>, 'inputs' | 'results'> {
  readonly inputs: Readonly<Record<string, InputWords>>;
  readonly results: Readonly<Record<string, string>>;
}

/** The words of a figure that is known by its id alone. */
export function figureWords(id: FigureId): AnyFigureWords {
  return FIGURE_WORDS[id];
}

/** A figure that is guessed first: what is asked, and the answers by what the figure says then. */
export const GUESS_WORDS: Readonly<
  Record<GuessId, { readonly asks: string; readonly answers: Readonly<Record<string, string>> }>
> = {
  leak: {
    asks: 'A leak, or only the weather?',
    answers: { leak: 'A leak', holds: 'The weather' },
  },
  balance: {
    asks: 'How much does the tongue carry?',
    answers: { light: 'Too little', inside: 'Enough', heavy: 'Too much' },
  },
};
