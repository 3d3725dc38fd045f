import type { Because, TroubleId } from '@/core/trouble';

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
  how: 'Same studs and height, load range enough, holds its pressure.',
  options: { usable: 'Yes, sound', aged: 'Sound, but past its age', none: 'No' },
};
const FIRST: QuestionWords = { ask: 'Pressure now' };
const SECOND: QuestionWords = { ask: 'Pressure ten minutes later' };
const WHERE: QuestionWords = {
  ask: 'Where does it lose air?',
  how: 'Soap and water show it.',
  options: {
    valve: 'Valve',
    crown: 'Crown of the tread',
    shoulder: 'Shoulder',
    wall: 'Wall',
    rim: 'At the rim',
  },
};
const ROLLED: QuestionWords = {
  ask: 'Did it roll low?',
  how: 'Hot, creased, or rubber dust inside means that it did.',
  options: { no: 'No', low: 'Yes, a fifth to half low', half: 'Yes, under half or flat' },
};
const TARGET: QuestionWords = { ask: 'Pressure it should have, cold' };
const TO_AIR: QuestionWords = { ask: 'Minutes it takes to air it up' };

/** Every trouble in words. */
export const TROUBLE_WORDS: Readonly<Record<TroubleId, TroubleWords>> = {
  nail: {
    also: 'puncture holding air',
    questions: {
      first: FIRST,
      second: SECOND,
      where: WHERE,
      rolled: ROLLED,
      target: TARGET,
      'to-air': TO_AIR,
    },
  },
  soft: {
    also: 'leak slow low pressure losing air',
    questions: {
      first: FIRST,
      second: SECOND,
      where: WHERE,
      rolled: ROLLED,
      target: TARGET,
      'to-air': TO_AIR,
    },
  },
  flat: {
    also: 'burst tire spare',
    questions: {
      spare: SPARE,
      axles: { ask: 'How many axles?', options: { one: 'One', more: 'Two or three' } },
      hurt: {
        ask: 'What did it hurt?',
        how: 'Look at the brake line, wiring, fender and rim.',
        options: { nothing: 'Nothing', rim: 'The rim', line: 'A brake line or wires', fender: 'The fender' },
      },
      load: {
        ask: 'Load on the good tire of that side',
        how: 'Half of what is on the axles; not known: half the trailer rating (GVWR).',
      },
      maximum: { ask: 'What that tire carries', how: 'Molded on its wall, at the pressure it has.' },
      rating: { ask: 'Rating of its axle (GAWR)' },
    },
  },
  carcass: {
    also: 'separation bubble tire shakes',
    questions: { spare: SPARE },
  },
  hot: {
    also: 'bearing heat smoke smell grease temperature',
    questions: {
      hub: {
        ask: 'Hub temperature',
        how: 'On paint, rubber or tape at the hub, within five minutes. A bare cap reads far too cold. No thermometer: skip.',
      },
      hand: {
        ask: 'The back of a hand on the hub',
        options: {
          stays: 'Stays five seconds',
          seconds: 'One to five seconds',
          'not-at-all': 'Not at all',
          sizzles: 'A drop of water sizzles',
        },
      },
      mate: { ask: 'The hub across the axle' },
      air: { ask: 'The air' },
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
        },
      },
      touched: { ask: 'Was that bearing worked on in the last 500 mi?', options: { no: 'No', yes: 'Yes' } },
      opened: {
        ask: 'Hub cold, opened, nut reset: how does it look?',
        options: { bright: 'Bright and greased', rough: 'Rough, metal, dry or blue' },
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
      reset: { ask: 'Rocked, nut reset, a new pin in?', options: { yes: 'Yes', no: 'No' } },
      grease: { ask: 'The grease', options: { clean: 'Clean', dirty: 'Water or grit in it' } },
    },
  },
  'oil-bath': {
    also: 'oil hub window',
    questions: {
      where: { ask: 'Where does it leak?', options: { front: 'In front', behind: 'Behind, at the brake' } },
      window: {
        ask: 'The window',
        options: { low: 'Low', empty: 'Empty', milky: 'Milky', filled: 'Filled again' },
      },
    },
  },
  grease: {
    also: 'grease thrown hub seal',
    questions: {
      where: {
        ask: 'Where does it come from?',
        options: { front: 'The cap, in front', behind: 'Behind the hub' },
      },
    },
  },
  studs: {
    also: 'lug nut wheel loose',
    questions: {
      holes: { ask: 'Holes in the wheel', options: { round: 'Round', worn: 'Worn, or the wheel moved' } },
      held: {
        ask: 'Did the other nuts hold their torque?',
        how: 'Loose by hand, or over 30° to torque, is not.',
        options: { yes: 'Yes', 'ran-loose': 'No, they ran loose' },
      },
      studs: { ask: 'Studs on this wheel' },
      lost: { ask: 'Nuts or studs that went', how: 'All of them, also those that are back on.' },
      gone: { ask: 'Still missing now' },
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
      pin: { ask: 'Breakaway pin', options: { in: 'In', out: 'Out' } },
      'how-many': { ask: 'How many drag?', options: { all: 'All', one: 'One wheel' } },
      'plug-out': {
        ask: 'With the plug out, for the test only',
        options: { goes: 'Drag goes', stays: 'Drag stays' },
      },
      'backed-off': { ask: 'With that brake backed off', options: { free: 'Free', drags: 'Still drags' } },
      hub: { ask: 'Its hub', options: { cool: 'Under 170 °F (77 °C)', hot: 'Hotter' } },
    },
  },
  dead: {
    also: 'brake failure controller fuse',
    questions: {
      which: {
        ask: 'Which brakes are gone?',
        options: { all: 'All', 'one-axle-of-two': 'Both ends of one axle of two', 'one-end': 'One end' },
      },
      'within-limit': {
        ask: 'Is the trailer within what law and vehicle allow without brakes?',
        how: 'Both, by its weight today.',
        options: { yes: 'Yes, both', no: 'No' },
      },
      'law-allows': { ask: 'Does your law allow one braked axle?', options: { yes: 'Yes', no: 'No' } },
    },
  },
  fade: {
    also: 'brake hot mountain smell',
    questions: {
      hubs: { ask: 'The hubs, after 30 minutes', options: { cool: 'Under 170 °F (77 °C)', hot: 'Hotter' } },
      wheels: { ask: 'The wheels', options: { free: 'Turn free', drag: 'Drag' } },
    },
  },
  lights: {
    also: 'lamp bulb turn brake running',
    questions: {
      which: {
        ask: 'What does not work?',
        options: {
          'brake-or-turn': 'Brake or turn on a side',
          running: 'Running lamps',
          'one-marker': 'One marker',
        },
      },
      time: {
        ask: 'When do you drive?',
        options: { day: 'By day', dusk: 'At dusk or night', rain: 'In rain or fog' },
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
      numbers: { ask: 'Number on ball and coupler', options: { same: 'The same', differ: 'They differ' } },
      'came-off': { ask: 'Did it come off?', options: { no: 'No', yes: 'Yes' } },
      latched: { ask: 'Latched, pin in?', options: { 'and-pinned': 'Yes', no: 'No' } },
      'lift-test': {
        ask: 'Lift test',
        how: 'The vehicle’s tail up 2 to 3 in (5 to 8 cm) by the jack, ten seconds.',
        options: { holds: 'Holds, no play', play: 'Play, or it lets go' },
      },
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
      moved: { ask: 'How far did the axle move?', how: 'Wheelbase left against right.' },
      'to-tire': { ask: 'Tire to the nearest thing' },
    },
  },
  sway: {
    also: 'fishtail wag unstable',
    questions: {
      began: { ask: 'Speed it began at', how: 'As the dial showed it.' },
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
  lost: { also: 'wheel came off', questions: {} },
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
    },
  },
};

/** What decided, by its code. */
export const BECAUSE_WORDS: Readonly<Record<Because, string>> = {
  'holds-air': 'It holds its air. Leave it in, and read it every 10 mi.',
  'wall-or-shoulder': 'A hole in the wall or shoulder is not plugged: spare, or stay.',
  'rolled-flat': 'It rolled flat: not inflated, not plugged.',
  'rolled-low': 'It rolled low: feel for bulges, and have it looked into off the rim.',
  'loss-unknown': 'How fast it loses air is not known.',
  'lasts-between-airings': 'It lasts more than twice as long as airing it up takes.',
  'loses-too-fast': 'It loses air faster than it can be kept up.',
  'spare-goes-on': 'The spare goes on. It is a refit: rechecks open.',
  'aged-spare': 'A spare past its age carries, but not far and not fast.',
  'one-axle-no-spare': 'One axle and no spare: only out of the lane.',
  'line-hurt': 'A brake line or wire may be hurt.',
  'survivor-carries':
    'The other tire of that side carries it: wheel off, axle end hung hard, clear of the road.',
  'survivor-overloaded': 'The other tire of that side is over its limit: unload to get under it.',
  'survivor-unknown': 'What the other tire would carry is not known.',
  'coming-apart': 'It comes apart: only to a safe place.',
  cool: 'No hotter than it should be. Feel it again at the next stop.',
  warm: 'Warmer than its mate. Let it cool 20 minutes, and look again.',
  burnt: 'Over 210 °F (99 °C): its grease is gone.',
  'hub-smokes': 'Smoke from the hub, or nobody knows.',
  'heat-unknown': 'How hot it is, is not known: measure, or feel.',
  'brake-drags': 'The brake drags: backed off, it goes on.',
  'nut-reset': 'Nut reset, bright and greased.',
  'bearing-gone': 'The bearing is gone: no farther until it is replaced.',
  'open-it-cold': 'Let it cool an hour, then open it and reset the nut.',
  'as-studs': 'Loose nuts: see “Stud broken, nuts lost”.',
  'hub-replaced': 'Another hub is on.',
  'hub-leans': 'What holds the hub on is gone.',
  'oil-bath-open': 'Oil runs out without its cap: cap it and fill it first.',
  'nut-was-free': 'Without its lock the nut was free: rock, reset, pin.',
  'cap-missing': 'In the dry only, and not into water: cover it.',
  'clean-and-pack': 'Water or grit: clean and pack it before 10 mi.',
  'oil-empty': 'Without oil it burns: fill it, with any clean gear oil to get help.',
  'oil-in-front': 'Fill it every 25 mi.',
  'brake-counts-as-gone': 'Grease or oil on the brake: that brake counts as gone.',
  'grease-in-front': 'Wipe it, and watch.',
  'holes-worn': 'Worn holes, or a wheel that moved, hold no nut.',
  'studs-unknown': 'How many nuts hold is not known.',
  'counts-differ': 'These counts do not agree: more missing than went, or than there are. Count again.',
  'pressures-differ': 'It gained air while nobody filled it: read it again.',
  'too-few': 'Too few nuts left.',
  'ran-loose': 'The nuts ran loose, or two or more went: what is left has carried it all.',
  'all-back': 'All back and tight: look at them at 5, 10, 25 and 50 mi.',
  'one-of-five': 'One of five is gone.',
  'five-gave-a-nut': 'A wheel of five gave a nut, or nobody knows: only to get off the road.',
  'nuts-borrowed': 'All on again with borrowed nuts: each wheel that gave one counts as one nut gone.',
  'enough-left': 'Enough nuts hold.',
  'pin-back-in': 'Pin back in; let the drums cool, and read the battery.',
  'brake-wire-off': 'The brake wire alone is cut off, lamps stay on: it has no brakes from here.',
  'backed-off': 'Backed off and cool.',
  'drags-on': 'It still drags.',
  'one-axle-brakes': 'One axle brakes, and your law allows it.',
  'within-unbraked-limit': 'Within what law and vehicle allow without brakes. No long descent.',
  unbraked: 'Over what may be towed without brakes, or not known.',
  cooled: 'Cooled, and free. Low gear from here.',
  'as-hub-hot': 'Still hot, or it drags: see “Hot hub”.',
  'not-seen-to-stop': 'Nobody behind sees it stop or turn.',
  'by-day': 'By day only.',
  'not-seen': 'It is not seen.',
  'rated-link': 'A rated link holds.',
  'no-chain': 'No chain, no towing.',
  'two-lines': 'Two lines hold the bow.',
  'boat-not-held': 'The boat is not held.',
  'tied-down': 'What is left holds the cargo.',
  'cargo-not-held': 'The cargo is not held.',
  'ball-differs': 'Ball and coupler differ, whatever the test says.',
  'came-off': 'It came off: brakes cool, pin in, battery read, all of it inspected first.',
  'not-latched': 'Not latched and pinned.',
  latched: 'Latched and pinned, no play.',
  'play-seen': 'Play seen: adjust the coupler first.',
  charged: 'It holds its voltage again.',
  'not-required': 'Not required where you tow, as you looked it up.',
  'breakaway-dead': 'A breakaway that is required, or may be, has to work.',
  'carries-the-axle': 'What carries the axle, or the frame, is broken, or nobody knows.',
  'axle-not-measured': 'Whether the axle moved is not measured.',
  'axle-moved': 'The axle moved, or the tire is close to something.',
  'axle-shifted': 'The axle shifted a little: find out why.',
  torqued: 'Torqued again, nothing moved: look at it after 25 mi.',
  'lower-leaf-or-bushing': 'What is left carries it.',
  sways: 'Ten under where it began. Never accelerate out of it; trailer brake by hand.',
  'tongue-unknown': 'Until the tongue weight is known and inside its window.',
  'tied-again': 'Back in place and tied.',
  'load-loose': 'Tie it first.',
  'wheel-lost': 'A wheel is gone.',
  'next-size-hammered': 'Off, with the next size.',
  stuck: 'Not towed on its jack, nor with a nut that does not come off.',
  'cool-enough': 'Cool enough to go in.',
  'wait-twenty-minutes': 'Hot hubs draw water in: wait 20 minutes and feel again.',
  'three-at-once': 'Three troubles at once.',
  'two-on-one-axle': 'Two troubles on one axle.',
  'two-on-one-side': 'Two troubles on one side.',
  'stands-already': 'What stands on this rig already is stricter.',
};
