import type { Judgement } from '@/core/judge';
import type { Subject } from '@/core/rules';
import type { Verdict, UnitSystem } from '@/core/base';
import { inUnits } from './in-units';
import { BASIS_WORDS } from './rig';

interface SubjectWords {
  /** What is looked at or felt. */
  readonly ask: string;
  /** As a noun in the log. */
  readonly name: string;
  readonly grades: Readonly<Record<string, string>>;
}

export const SUBJECT_WORDS: Record<Subject, SubjectWords> = {
  rock: {
    ask: 'Rock the wheel at 12 and 6, then at 3 and 9',
    name: 'rock',
    grades: { none: 'None felt', 'just-felt': 'Just felt', felt: 'Plainly felt', clunks: 'Clunks or tilts' },
  },
  spin: {
    ask: 'Spin it and listen',
    name: 'spin',
    grades: {
      free: 'Free and even',
      rub: 'Light, even rub of the brake',
      growl: 'Light growl',
      tight: 'Tight: does not run on',
      rough: 'Rough, hesitates or clicks',
      grinds: 'Grinds, seizes',
    },
  },
  seal: {
    ask: 'The back of the hub, at the seal',
    name: 'seal',
    grades: {
      dry: 'Dry, lip soft',
      damp: 'Damp',
      weeping: 'Weeping',
      damaged: 'Nicked, hard or out of place',
      'line-behind': 'Line or string behind it',
      'on-shoes': 'Grease on the shoes',
    },
  },
  'old-grease': {
    ask: 'The old grease',
    name: 'old grease',
    grades: {
      'as-new': 'Color of new',
      darkened: 'Darkened',
      thin: 'Thin, separated',
      water: 'Milky or rusty: water',
      metal: 'Sparkles: metal',
      burnt: 'Burnt, dry',
    },
  },
  rollers: {
    ask: 'Rollers and races, clean and dry, turned in the light',
    name: 'rollers and races',
    grades: {
      mirror: 'Mirror even',
      stained: 'Light staining',
      pitted: 'Pitted, scored, flaking',
      blue: 'Blue from heat',
      broken: 'Cage broken, roller missing',
    },
  },
  spindle: {
    ask: 'The spindle, where seal and bearings sit',
    name: 'spindle',
    grades: {
      smooth: 'Smooth',
      'wear-line': 'Faint line at the seal',
      step: 'Step felt by a nail',
      heat: 'Heat color',
      scored: 'Scored, galled or bent',
    },
  },
  lining: {
    ask: 'The linings, both shoes',
    name: 'lining',
    grades: {
      good: 'Over twice the minimum',
      hairline: 'Hairlines inside, none to the edge',
      thin: 'Under twice the minimum',
      'at-minimum': 'At the minimum',
      cracked: 'Crack reaches the edge',
      greasy: 'Greasy',
      gone: 'Metal to metal',
    },
  },
  'set-rock': {
    ask: 'Rock the hub',
    name: 'rock after setting',
    grades: { none: 'None felt', 'just-felt': 'Just felt', felt: 'Plainly felt', clunks: 'Clunks or tilts' },
  },
  'set-spin': {
    ask: 'Spin the hub',
    name: 'spin after setting',
    grades: {
      free: 'Free and even',
      growl: 'Light growl',
      tight: 'Tight: does not run on',
      rough: 'Rough, hesitates or clicks',
      grinds: 'Grinds, seizes',
    },
  },
  drum: {
    ask: 'The face of the drum',
    name: 'drum',
    grades: {
      smooth: 'Smooth',
      'light-grooves': 'Light grooves',
      'deep-grooves': 'Deep grooves, or over its maximum',
      blue: 'Blue from heat',
      'out-of-round': 'Out of round',
      cracked: 'Cracked',
    },
  },
  magnet: {
    ask: 'The face of the magnet',
    name: 'magnet',
    grades: {
      even: 'Even, over its wear marks',
      faint: 'Marks faint',
      uneven: 'Worn on one edge',
      'marks-gone': 'Marks gone',
      greasy: 'Greasy',
      open: 'Open: the meter reads nothing',
      'coil-showing': 'Coil showing',
    },
  },
  disc: {
    ask: 'Both faces of the disc',
    name: 'disc',
    grades: {
      smooth: 'Smooth',
      'light-grooves': 'Light grooves',
      'deep-grooves': 'Deep grooves',
      cracked: 'Cracked',
    },
  },
  pads: {
    ask: 'The pads, inner and outer, their lining alone',
    name: 'pads',
    grades: {
      good: 'Over {3/16 in}',
      thin: '{1/8 to 3/16 in}',
      'at-minimum': '{1/8 in} or less',
      uneven: 'Inner and outer {1/8 in} apart',
      greasy: 'Greasy',
      gone: '{1/16 in} or less',
    },
  },
  flange: {
    ask: 'The flange and its weld',
    name: 'flange',
    grades: { sound: 'Sound', rusty: 'Rust scale', bent: 'Bent, holes worn', cracked: 'Cracked' },
  },
  'grease-back': {
    ask: 'The back of the hub',
    name: 'back of the hub',
    grades: { dry: 'Dry', damp: 'Damp', behind: 'Grease behind it', 'on-shoes': 'Grease on the brake' },
  },
  tread: {
    ask: 'The tread, at its lowest',
    name: 'tread',
    grades: {
      deep: 'Over {4/32 in}',
      worn: '{2/32 to 4/32 in}',
      'at-limit': 'At {2/32 in}',
      cord: 'Cord showing',
    },
  },
  'tread-object': {
    ask: 'The whole tread, turned past the eye',
    name: 'thing in the tread',
    grades: {
      none: 'Nothing in it',
      stone: 'A stone',
      nail: 'A nail or screw: leave it in',
      hissing: 'It hisses, or cord shows',
    },
  },
  'tire-wall': {
    ask: 'The wall and between the blocks',
    name: 'tire wall',
    grades: {
      clean: 'Clean',
      crazed: 'Fine crazing',
      cracks: 'Cracks that open',
      'flat-spot': 'Flat spot',
      flat: 'Flat: holds no air',
      cut: 'Cut to the fabric',
      bulge: 'Bulge, separation',
      cord: 'Cord showing',
    },
  },
  'lug-move': {
    ask: 'The nuts at their torque',
    name: 'nuts at torque',
    grades: {
      none: 'None moved',
      'half-flat': 'One moved, half a flat (30°) at most',
      moved: 'One moved, amount not noted',
      'over-half': 'One moved more than half a flat (30°)',
      'over-flat': 'One moved more than a flat (60°)',
      loose: 'Loose by hand',
      broken: 'Stud broken',
      'hole-worn': 'Hole worn',
    },
  },
  'adapter-move': {
    ask: 'The adapter nuts at their torque',
    name: 'adapter nuts at torque',
    grades: {
      none: 'None moved',
      'half-flat': 'One moved, half a flat (30°) at most',
      'over-half': 'One moved more than half a flat (30°)',
      loose: 'Loose by hand',
      broken: 'Stud of the adapter broken',
    },
  },
  threads: {
    ask: 'The threads',
    name: 'threads',
    grades: { clean: 'Clean', rusty: 'Rusty, run free', galled: 'Galled', sheared: 'Stud sheared' },
  },
  fixing: {
    ask: 'The fixings, by wrench',
    name: 'fixings',
    grades: {
      tight: 'All tight',
      moved: 'One moved a little',
      loose: 'One loose',
      cracked: 'Cracked or missing',
    },
  },
  pivot: {
    ask: 'The pivots',
    name: 'pivots',
    grades: {
      'no-play': 'No play',
      seen: 'Play seen',
      felt: 'Play felt',
      bright: 'Metal bright',
      oval: 'Eye worn oval',
      cracked: 'Bolt or hanger cracked',
    },
  },
  eye: {
    ask: 'The spring eyes',
    name: 'spring eyes',
    grades: { round: 'Round', worn: 'Worn: a bushing falls through', cracked: 'Cracked' },
  },
  hanger: {
    ask: 'The hangers',
    name: 'hangers',
    grades: { round: 'Holes round', oval: 'A hole worn oval', cracked: 'Cracked' },
  },
  lamp: {
    ask: 'These lamps',
    name: 'lamps',
    grades: { burns: 'All work', dim: 'Dim', 'one-out': 'One out', none: 'None work' },
  },
  contacts: {
    ask: 'As they were found',
    name: 'contacts',
    grades: { bright: 'Bright', dull: 'Dull', corroded: 'Green, corroded', 'bare-wire': 'Bare wire' },
  },
  breakaway: {
    ask: 'With the pin out',
    name: 'breakaway',
    grades: {
      brakes: 'All braked wheels hold',
      weak: 'They hold weakly',
      'cable-frayed': 'Cable frayed',
      nothing: 'Nothing brakes',
    },
  },
  gear: {
    ask: 'As it is',
    name: 'condition',
    grades: { sound: 'Sound', worn: 'Worn, still good', bad: 'Not right', broken: 'Broken, not to be towed' },
  },
  oil: {
    ask: 'The oil',
    name: 'oil',
    grades: {
      'at-mark': 'At the line, clear',
      low: 'Below the line',
      milky: 'Milky: water',
      dark: 'Dark',
      metal: 'Sparkles: metal',
      empty: 'None to be seen',
      'cap-gone': 'The cap is gone',
    },
  },
  fluid: {
    ask: 'The brake fluid in its reservoir',
    name: 'brake fluid',
    grades: {
      full: 'At the line, clear',
      dark: 'Dark',
      low: 'Under the line',
      old: 'Over 3 years old',
      empty: 'Empty',
      leak: 'It leaks somewhere',
    },
  },
  drag: {
    ask: 'Turn the wheel a full turn',
    name: 'brake drag',
    grades: { even: 'Light, even rub', none: 'No rub at all', snaps: 'Snaps once a turn', grinds: 'Grinds' },
  },
  'brake-test': {
    ask: 'Apply the brake while the wheel turns, then let it go',
    name: 'brake test',
    grades: {
      firm: 'Stops firmly, lets go cleanly',
      weak: 'Slows, does not stop',
      'no-release': 'Stops, does not let go',
      none: 'Does nothing',
    },
  },
  'hub-hand': {
    ask: 'A hand near it first, then one drop of water flicked from a finger, then the back of the hand on the hub: can you hold it there for five seconds',
    name: 'hub by hand',
    grades: {
      held: 'Yes, five seconds',
      briefly: 'One to five seconds',
      'too-hot': 'No, not at all',
      smoking: 'Smoke, smell or blue metal',
    },
  },
  cap: {
    ask: 'The cap',
    name: 'cap',
    grades: {
      on: 'Sound, seated and dry',
      dented: 'Dented, flat spot',
      'o-ring': 'O-ring worn',
      cracked: 'Cracked',
      loose: 'Loose',
      leaking: 'Leaking',
      missing: 'Missing, the nut still locked',
      'lock-gone': 'Missing, and the lock as well',
    },
  },
  valve: {
    ask: 'The valve',
    name: 'valve',
    grades: { capped: 'Sound, capped', 'no-cap': 'No cap', cracked: 'Stem cracked', hisses: 'Loses air' },
  },
  wear: {
    ask: 'How the tread wears across',
    name: 'wear across',
    grades: {
      even: 'Even',
      edges: 'Both edges more',
      middle: 'Middle more',
      'one-side': 'One side more',
      cupped: 'Cupped, in patches',
    },
  },
  weld: {
    ask: 'Welds and metal',
    name: 'welds',
    grades: {
      sound: 'Sound',
      rust: 'Rust scale',
      crack: 'Crack in a secondary member',
      'main-crack': 'Crack in tongue, main rail, coupler or hanger',
      through: 'Crack right through',
    },
  },
  'wheel-well': {
    ask: 'The wheel well and the frame above it',
    name: 'wheel well',
    grades: {
      sound: 'Sound paint',
      rust: 'Surface rust: prime and coat it',
      scale: 'Rust scale, thin metal',
      through: 'Rusted through at a mount',
    },
  },
  strap: {
    ask: 'The strap along its whole length',
    name: 'strap',
    grades: {
      sound: 'Sound',
      fuzzed: 'Edge fuzzed',
      frayed: 'Frayed, sun-rotten',
      knotted: 'Knotted',
      stiff: 'Stiff, hook rusted',
      cut: 'Cut',
    },
  },
  chain: {
    ask: 'Every link and hook',
    name: 'chains',
    grades: {
      sound: 'Sound',
      worn: 'Worn or rusty',
      stiff: 'Stiff with rust',
      opened: 'Link or hook opened',
    },
  },
  coupler: {
    ask: 'The coupler on the ball',
    name: 'coupler',
    grades: {
      seated: 'Seated and latched',
      stiff: 'Latches, but stiff',
      'not-latching': 'Does not latch',
      cracked: 'Cracked',
    },
  },
};

/** A grade in words. */
export function gradeWords(subject: Subject, grade: string, system: UnitSystem): string {
  return inUnits(SUBJECT_WORDS[subject].grades[grade] ?? grade, system);
}

export const VERDICT_WORDS: Record<Verdict, string> = {
  clear: 'Clear',
  watch: 'Watch',
  due: 'Due',
  stop: 'Stop',
};

const MEANS: Record<Verdict, string> = {
  clear: 'Nothing to do.',
  watch: 'Note it and look again.',
  due: 'Put it right now, or before the next trip.',
  stop: 'Do not tow like this.',
};

/** What a verdict asks for. */
export function verdictMeans(verdict: Verdict): string {
  return MEANS[verdict];
}

/** The rule behind a judgement, in a sentence. */
export function ruleWords(judgement: Judgement, window: string): string {
  switch (judgement.rule) {
    case 'end-play-inside':
      return `Inside ${window}.`;
    case 'end-play-loose':
      return `Works out over ${window}. No slot may give less: rock it, and with no rock and a free spin it is clear.`;
    case 'end-play-tight':
      return `Works out under ${window}: feel that nothing is left loaded, and spin it.`;
    case 'recheck-held':
      return 'No nut moved at its torque.';
    case 'recheck-moved':
      return 'A nut that moves half a flat (30°) at most, once after a refit, is watched: the distance starts again.';
    case 'recheck-moved-again':
      return 'A nut that moves at two looks in a row does not stay tight: find out why before the next trip.';
    case 'recheck-over-half':
      return 'A nut that turns more than half a flat (30°) has let go: find out why before the next trip.';
    case 'recheck-over-flat':
      return 'A nut that turns more than a whole flat (60°) no longer clamped the wheel.';
    case 'recheck-loose':
      return 'A nut loose by hand can take the studs with it.';
    case 'grade':
      if (judgement.with === 'play') return 'A growl with play: the bearing is going.';
      return MEANS[judgement.verdict];
  }
}

/** The end play window's source, as it stands under a judgement. */
export function windowSource(judgement: Judgement): string {
  return judgement.basis === 'house'
    ? "Window: house rule; the axle maker's figure is not entered"
    : `Window: ${BASIS_WORDS[judgement.basis]}`;
}
