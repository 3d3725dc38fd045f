import type { TroubleId } from '@/core/rules';

/** A question in words: what is asked, how it is found out, and its answers. */
export interface QuestionWords {
  readonly ask: string;
  readonly how?: string;
  readonly options?: Readonly<Record<string, string>>;
}

/** A trouble in words: what else it is found by, and its questions. */
export interface TroubleWords {
  /** What it is found by beside its title. */
  readonly also: string;
  readonly questions: Readonly<Record<string, QuestionWords>>;
}

const SPARE: QuestionWords = {
  ask: 'Is there a spare that fits?',
  how: 'Same studs, seat and height, load range enough. Over 10 years old, damaged or over 25 % low without a pump: no spare.',
  options: {
    usable: 'Yes, sound',
    aged: 'Sound, but past its age',
    low: '15 to 25 % low, no pump',
    none: 'No',
  },
};
const AXLES: QuestionWords = { ask: 'How many axles?', options: { one: 'One', more: 'Two or three' } };
const SURVIVOR: Readonly<Record<'load' | 'maximum' | 'rating', QuestionWords>> = {
  load: {
    ask: 'Load on the good tire of that side',
    how: 'Half of what is on the axles; not known: half the trailer rating (GVWR).',
  },
  maximum: { ask: 'What that tire carries', how: 'Molded on its wall, at the pressure it has.' },
  rating: { ask: 'Rating of its axle (GAWR)' },
};
/** A tire that loses air: read, found, aired, or changed. */
const LOSES: Readonly<Record<string, QuestionWords>> = {
  target: { ask: 'Pressure it should have, cold', how: 'Or what it read this morning.' },
  first: { ask: 'Pressure now', how: 'Stand in line with the tread, never facing the side of the tire.' },
  stood: {
    ask: 'Has it stood still for three hours?',
    how: 'A tire that rolled reads warm: a tenth is taken off.',
    options: { yes: 'Yes, it is cold', no: 'No, it rolled' },
  },
  danger: {
    ask: 'Do you stand in danger?',
    how: 'A lane, a narrow shoulder, a bend, a bridge: nobody waits ten minutes there.',
    options: { no: 'No, in a safe place', yes: 'Yes' },
  },
  where: {
    ask: 'Where does it lose air?',
    how: 'Soap and water show it. The crown ends an inch (25 mm) from the edge of the tread.',
    options: {
      valve: 'Valve',
      crown: 'Crown of the tread',
      shoulder: 'Shoulder',
      wall: 'Wall',
      rim: 'At the rim',
    },
  },
  rolled: {
    ask: 'Did it roll low?',
    how: 'Hot, creased, or rubber dust inside means that it did.',
    options: { no: 'No', low: 'Yes, a fifth to half low', half: 'Yes, under half or flat' },
  },
  second: { ask: 'Pressure ten minutes later', how: 'Gone by 10 psi (0.7 bar) sooner: read it at once.' },
  apart: { ask: 'Minutes between the two readings' },
  'aired-to': {
    ask: 'Air it up: what does it read now?',
    how: 'To what its sound mate reads, never higher. No air here: what it reads.',
  },
  pump: { ask: 'Minutes the pump aboard takes from flat to full', how: 'No pump: 0.' },
  spare: SPARE,
  axles: AXLES,
  ...SURVIVOR,
};
const SLOW_STOP: QuestionWords = {
  ask: 'A slow stop at walking pace',
  how: 'Tried off the lane, before it goes on.',
  options: { straight: 'Straight, not pushed', crooked: 'Pulls aside, or it is pushed on' },
};
const OTHERS_BRAKE: QuestionWords = {
  ask: 'Without this brake, what still brakes?',
  options: { half: 'Both ends of at least half its axles', fewer: 'Fewer' },
};
const WITHIN: QuestionWords = {
  ask: 'Is the trailer within what law and vehicle allow without brakes?',
  how: 'Both, by its weight today.',
  options: { yes: 'Yes, both', no: 'No' },
};
const HANDS = {
  stays: 'Stays five seconds',
  seconds: 'One to five seconds',
  'not-at-all': 'Not at all',
  sizzles: 'A drop of water sizzles',
};
/** Nobody puts a hand on metal of unknown heat. */
const HAND_HOW =
  'First an inch (25 mm) away, then one drop of water flicked from a finger, then the back of the hand. No other water, ever.';

/** Every trouble in words. */
export const TROUBLE_WORDS: Readonly<Record<TroubleId, TroubleWords>> = {
  nail: { also: 'puncture holding air screw', questions: LOSES },
  soft: { also: 'leak slow low pressure losing air', questions: LOSES },
  flat: {
    also: 'burst tire spare blowout bang',
    questions: {
      hurt: {
        ask: 'What did the tread tear?',
        how: 'Gas bottles shut first. Look at brake line and wire, gas and water pipe, fender and rim.',
        options: {
          nothing: 'Nothing',
          fender: 'The fender',
          rim: 'The rim',
          line: 'A brake line or brake wire',
          gas: 'A gas pipe, or it smells of gas',
        },
      },
      lift: {
        ask: 'May it be lifted here?',
        how: 'Off the lane, firm and level, and not alone on the traffic side.',
        options: { yes: 'Yes', no: 'No' },
      },
      spare: SPARE,
      axles: AXLES,
      ...SURVIVOR,
    },
  },
  carcass: {
    also: 'separation bubble tire shakes thump',
    questions: {
      spare: SPARE,
      air: { ask: 'Does it hold its air?', options: { holds: 'Yes', lost: 'No' } },
      axles: AXLES,
      ...SURVIVOR,
    },
  },
  'tire-hot': {
    also: 'temperature sensor rise',
    questions: {
      cause: {
        ask: 'Is the cause found and put right?',
        how: 'Load, a low mate, a brake or bearing hot there. Never let air out. Nobody faces its side while it cools, 30 minutes.',
        options: { 'put-right': 'Found and put right', 'not-found': 'Not found' },
      },
      again: { ask: 'Has it risen again since?', options: { no: 'No', 'risen-again': 'Yes' } },
    },
  },
  hot: {
    also: 'bearing heat smoke smell grease temperature',
    questions: {
      hub: {
        ask: 'Hub temperature',
        how: 'On paint, rubber or tape at the hub, within five minutes. A bare cap reads far too cold. No thermometer: skip.',
      },
      hand: { ask: 'The back of a hand on the hub', how: HAND_HOW, options: HANDS },
      mate: { ask: 'The hub across the axle' },
      'mate-hand': { ask: 'A hand on the hub across the axle', how: HAND_HOW, options: HANDS },
      air: { ask: 'The air', how: 'As the dash shows it.' },
      day: { ask: 'The day', options: { hot: 'Hot', mild: 'Mild', cold: 'Cold' } },
      smoke: {
        ask: 'Smoke or smell?',
        options: { no: 'None', brake: 'Of brakes', hub: 'Smoke from the hub' },
      },
      drag: {
        ask: 'Raised: does it drag?',
        how: 'Brake backed off all the way, and the brake wire dead.',
        options: {
          none: 'Turns free',
          'goes-with-brake-off': 'Drag goes with the brake off',
          stays: 'Drag stays',
          'not-here': 'Cannot be raised here',
        },
      },
      touched: { ask: 'Was that bearing worked on in the last 500 mi?', options: { no: 'No', yes: 'Yes' } },
      opened: {
        ask: 'Hub cold, opened, nut reset: how does it look?',
        options: {
          bright: 'Bright and greased',
          rough: 'Rough, metal, dry or blue',
          'not-here': 'Cannot be opened here',
        },
      },
    },
  },
  leaning: {
    also: 'loose wheel',
    questions: {
      which: { ask: 'What is loose?', options: { nuts: 'The nuts', hub: 'The hub' } },
      'spare-hub': { ask: 'A spare hub of this spindle’s numbers?', options: { fits: 'Yes', none: 'No' } },
      spindle: { ask: 'The spindle', options: { smooth: 'Smooth', scored: 'Scored, blue or bent' } },
    },
  },
  cap: {
    also: 'dust cap lost hub',
    questions: {
      'oil-bath': { ask: 'Does the hub run in oil?', options: { no: 'No, in grease', yes: 'Yes, in oil' } },
      lock: {
        ask: 'Is the lock of the nut there?',
        how: 'Pin, keeper or tang.',
        options: { there: 'There', missing: 'Missing' },
      },
      rock: {
        ask: 'Rock the wheel, top and bottom',
        options: { none: 'No movement', felt: 'It moves' },
      },
      reset: { ask: 'Rocked, nut reset, a new pin in?', options: { yes: 'Yes', no: 'No' } },
      grease: { ask: 'The grease', options: { clean: 'Clean', dirty: 'Water or grit in it' } },
    },
  },
  'oil-bath': {
    also: 'oil hub window',
    questions: {
      window: {
        ask: 'The window',
        options: {
          low: 'Low',
          empty: 'Empty',
          milky: 'Milky',
          filled: 'Was empty, filled now',
          drained: 'Was milky, drained and filled',
        },
      },
      where: { ask: 'Where does it leak?', options: { front: 'In front', behind: 'Behind, at the brake' } },
      'others-brake': OTHERS_BRAKE,
    },
  },
  grease: {
    also: 'grease thrown hub seal leak',
    questions: {
      hub: {
        ask: 'The hub: warm, or does the wheel rock?',
        how: HAND_HOW,
        options: { cool: 'Cool, and it does not rock', 'warm-or-rocks': 'Warm, or it rocks' },
      },
      where: {
        ask: 'Where does it come from?',
        options: { front: 'The cap, in front', behind: 'Behind the hub' },
      },
      how: {
        ask: 'How much?',
        options: { film: 'A film that stays', thrown: 'Thrown, dripping, or on the brake' },
      },
      brake: {
        ask: 'Is there a brake there, and does a slow stop pull straight?',
        options: { none: 'No brake there', straight: 'Pulls straight', pulls: 'Pulls aside' },
      },
      'others-brake': OTHERS_BRAKE,
    },
  },
  studs: {
    also: 'lug nut wheel loose',
    questions: {
      holes: { ask: 'Holes in the wheel', options: { round: 'Round', worn: 'Worn, or the wheel moved' } },
      held: {
        ask: 'Did the other nuts hold their torque?',
        how: 'Loose by hand, or over 30° to torque, is not.',
        options: {
          yes: 'Yes',
          settled: 'First recheck, up to 60°, all still tight',
          'ran-loose': 'No, they ran loose',
        },
      },
      studs: { ask: 'Studs on this wheel' },
      lost: { ask: 'Nuts or studs that went', how: 'All of them, also those that are back on.' },
      gone: { ask: 'Still missing now', how: 'A broken stud is missing, whatever nut there is.' },
      neighbors: {
        ask: 'Those that are missing: side by side?',
        options: { apart: 'Apart', 'side-by-side': 'Side by side' },
      },
      from: {
        ask: 'Where did the nuts come from that are back on?',
        how: 'From the spare’s carrier or the box first. A wheel that gives one gives one only.',
        options: {
          aboard: 'Its own, the spare, the box',
          'six-or-eight': 'Wheels of 6 or 8 studs',
          five: 'Wheels of 4 or 5 studs',
        },
      },
    },
  },
  dragging: {
    also: 'brake hot locked pulls',
    questions: {
      pin: { ask: 'Breakaway pin', options: { in: 'In', out: 'Out: put it back in', lost: 'Lost' } },
      hubs: {
        ask: 'Feel every hub',
        how: HAND_HOW,
        options: { cool: 'A hand stays on all of them', hot: 'One is hot' },
      },
      required: {
        ask: 'Is a breakaway required where you tow?',
        how: 'Without its pin: the lead of the breakaway battery off and taped.',
        options: { no: 'No, I looked it up', yes: 'Yes' },
      },
      'how-many': { ask: 'How many drag?', options: { all: 'All', one: 'One wheel' } },
      'plug-out': {
        ask: 'With the plug out, for the test only',
        options: { goes: 'Drag goes', stays: 'Drag stays' },
      },
      'within-limit': WITHIN,
      'backed-off': { ask: 'With that brake backed off', options: { free: 'Free', drags: 'Still drags' } },
      hub: { ask: 'Its hub', options: { cool: 'Under 170 °F (77 °C)', hot: 'Hotter' } },
    },
  },
  dead: {
    also: 'brake failure controller fuse',
    questions: {
      which: {
        ask: 'What still brakes?',
        options: {
          'one-axle-of-two': 'Both ends of at least half its axles',
          'one-end': 'One end of an axle alone',
          all: 'None, or fewer',
        },
      },
      'law-allows': {
        ask: 'Does your law allow it with half its axles braked?',
        options: { yes: 'Yes', 'not-looked-up': 'Not looked up yet', no: 'No' },
      },
      end: {
        ask: 'The end that brakes alone',
        options: { electric: 'Electric: its wire parted and taped', hydraulic: 'Hydraulic' },
      },
      'within-limit': WITHIN,
      'slow-stop': SLOW_STOP,
    },
  },
  fade: {
    also: 'brake hot mountain smell',
    questions: {
      hubs: { ask: 'The hubs, after 30 minutes', options: { cool: 'Under 170 °F (77 °C)', hot: 'Hotter' } },
      wheels: { ask: 'The wheels', options: { free: 'Turn free', drag: 'Drag' } },
      fluid: {
        ask: 'Brake fluid',
        options: { 'at-its-line': 'At its line, or electric brakes', low: 'Low' },
      },
      'slow-stop': SLOW_STOP,
    },
  },
  lights: {
    also: 'lamp bulb turn brake running dark',
    questions: {
      which: {
        ask: 'What does not work?',
        options: {
          dark: 'Nothing shows behind',
          'brake-or-turn': 'Brake or turn on a side',
          'one-brake': 'One brake lamp; the other and both turns show',
          running: 'Running lamps of the front, rear or a side',
          'one-marker': 'One marker or plate lamp, all else shows',
        },
      },
      time: {
        ask: 'How is it outside?',
        options: { day: 'A dry day', dusk: 'Dusk or dark', rain: 'Rain or fog' },
      },
    },
  },
  strap: {
    also: 'winch cargo boat chain hook',
    questions: {
      which: {
        ask: 'Which one?',
        options: { chain: 'Safety chain or hook', winch: 'Winch strap', 'tie-down': 'Tie-down' },
      },
      replaced: { ask: 'A rated link or chain in its place?', options: { rated: 'Yes', no: 'No' } },
      lines: { ask: 'Two lines, each rated over the load?', options: { 'two-over-load': 'Yes', less: 'No' } },
      limit: {
        ask: 'Working limit of what is left',
        options: { 'half-the-cargo': 'At least half the cargo', less: 'Less' },
      },
    },
  },
  coupler: {
    also: 'hitch ball unhitched',
    questions: {
      'came-off': { ask: 'Did it come off?', options: { no: 'No', yes: 'Yes' } },
      numbers: {
        ask: 'Number on ball and coupler',
        options: { same: 'The same', 'not-readable': 'Not readable here', differ: 'They differ' },
      },
      latched: { ask: 'Latched, pin in?', options: { 'and-pinned': 'Yes', no: 'No' } },
      'lift-test': {
        ask: 'Lift test',
        how: 'The vehicle’s tail up 2 to 3 in (5 to 8 cm) by the jack, ten seconds.',
        options: {
          holds: 'Holds, no play',
          'not-here': 'Not here; no play in sight',
          play: 'Play, or it lets go',
        },
      },
      cause: {
        ask: 'Why did it come off?',
        how: 'Brakes cool, pin in, battery read; chains, cable and plug whole.',
        options: { 'put-right': 'Found and put right', 'not-found': 'Not found' },
      },
      chains: { ask: 'Chains on?', options: { on: 'Yes, both', off: 'No' } },
    },
  },
  breakaway: {
    also: 'breakaway switch',
    questions: {
      what: { ask: 'What is it?', options: { cable: 'Cable or pin', switch: 'Switch', battery: 'Battery' } },
      required: {
        ask: 'Is a breakaway required where you tow?',
        options: { no: 'No, I looked it up', yes: 'Yes' },
      },
      'after-charge': {
        ask: 'Charged 30 minutes, pulled again: 10.5 V under load?',
        options: { holds: 'Yes', falls: 'No' },
      },
    },
  },
  spring: {
    also: 'axle moved crack suspension leaf',
    questions: {
      what: {
        ask: 'What broke or came loose?',
        options: {
          'main-leaf': 'Main leaf',
          'lower-leaf': 'A lower leaf',
          bushing: 'A worn bushing',
          'u-bolt-broken': 'U-bolt broken',
          'u-bolt-loose': 'U-bolt loose',
          hanger: 'Hanger',
          shackle: 'Shackle',
          frame: 'Tongue or main rail cracked',
        },
      },
      'to-tire': {
        ask: 'Tire to the nearest thing',
        how: 'By eye, with a finger: an inch (25 mm) is the least.',
      },
      moved: {
        ask: 'How far did the axle move?',
        how: 'Wheelbase left against right. Not under it where it may not be lifted: not known.',
      },
      torqued: {
        ask: 'The U-bolt nuts',
        options: { figure: 'Torqued to their figure', tight: 'Tight, no figure or wrench for them' },
      },
    },
  },
  sway: {
    also: 'fishtail wag unstable',
    questions: {
      began: { ask: 'Speed it began at', how: 'As the dial showed it.' },
      again: { ask: 'Has it swayed again since?', options: { no: 'No', yes: 'Yes' } },
      cause: {
        ask: 'Is the cause found and put right?',
        how: 'A soft tire, load too far back, the hitch, a wheel that is free.',
        options: { 'put-right': 'Found and put right', 'not-found': 'Not found' },
      },
      tongue: {
        ask: 'Tongue weight',
        options: { 'in-window': 'Known, inside its window', light: 'Too light' },
      },
    },
  },
  shifted: {
    also: 'cargo moved',
    questions: {
      load: { ask: 'The load', options: { 'back-and-tied': 'Back in place and tied', loose: 'Still loose' } },
    },
  },
  lost: {
    also: 'wheel came off fell off',
    questions: {
      nuts: {
        ask: 'Every other nut of the rig, by wrench',
        how: 'Nobody fetches a wheel from a lane. Anyone hit, or a wheel in the road: emergency call first.',
        options: { 'at-figure': 'All at their figure', 'ran-loose': 'Another wheel ran loose' },
      },
      axles: AXLES,
      whole: { ask: 'Hub, spindle and brake of that end', options: { yes: 'Whole', no: 'Damaged' } },
      ...SURVIVOR,
    },
  },
  stuck: {
    also: 'tongue jack key lug rounded',
    questions: {
      what: {
        ask: 'What is stuck?',
        options: { 'jack-down': 'Tongue jack, down', 'nut-rounded': 'A nut or its key' },
      },
      off: { ask: 'Off, with the next size hammered on?', options: { yes: 'Yes', no: 'No' } },
    },
  },
  ramp: {
    also: 'boat launch water',
    questions: {
      hand: {
        ask: 'A hand on each hub',
        how: 'Wait 20 minutes and feel again.',
        options: { stays: 'Stays on all of them', not: 'Does not' },
      },
      mate: {
        ask: 'Is one a step hotter than the one across?',
        options: { alike: 'No, alike', hotter: 'Yes' },
      },
    },
  },
  smoke: {
    also: 'fire burning flames smell',
    questions: {
      flames: { ask: 'Flames?', options: { none: 'None, smoke only', flames: 'Flames' } },
      from: {
        ask: 'Where does the smoke come from?',
        how: '30 minutes, nobody facing the side of the wheel, 50 ft (15 m) off, in line with the tread.',
        options: { tire: 'The tire', brakes: 'The brakes', hub: 'The hub' },
      },
    },
  },
  wire: {
    also: 'gas propane burning smell fire electric',
    questions: {
      what: {
        ask: 'What is it?',
        options: { 'hot-wire': 'A hot or melted wire', gas: 'It smells of gas', flames: 'Flames' },
      },
      cause: {
        ask: 'Plug out, battery lead off, cool: is the cause put right?',
        options: { 'put-right': 'Found and put right', 'not-found': 'Not found' },
      },
    },
  },
  struck: {
    also: 'accident crash hit ditch jackknife',
    questions: {
      found: {
        ask: 'Coupler, tongue, frame, axle, tires, hubs, lamps, gas, load',
        how: 'People first, emergency call. Then all the way around.',
        options: { 'all-sound': 'All sound', damage: 'Cracked, bent, moved or leaking' },
      },
    },
  },
  noise: {
    also: 'bang rattle vibration shakes pulls smells grinding unknown',
    questions: {
      found: {
        ask: 'Walk around it: what do you find?',
        how: 'Each tire by eye, each hub by the near hand, each nut by wrench, anything hanging, then wheel by wheel rocked.',
        options: { nothing: 'Nothing', something: 'Something' },
      },
      looked: {
        ask: 'Did you look at all of it?',
        options: { 'all-round': 'All around', 'not-traffic-side': 'Not the traffic side' },
      },
      tried: {
        ask: 'Tried at 15 mph (25 km/h)',
        options: { gone: 'It is gone', 'still-there': 'Still shakes, grinds or pulls' },
      },
    },
  },
};
