import type { Judgement } from '@/core/judge';
import { CRITERIA, type Subject, type Verdict } from '@/core/rules';
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
      growl: 'Light growl',
      rough: 'Rough, hesitates',
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
      heat: 'Heat color',
      step: 'Step felt by a nail',
      scored: 'Scored, galled or bent',
    },
  },
  lining: {
    ask: 'The linings, both shoes',
    name: 'lining',
    grades: {
      good: 'Over twice the minimum',
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
      rough: 'Rough, hesitates',
      grinds: 'Grinds, seizes',
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
};

/** The grades of a subject, best first. */
export function gradesOf(subject: Subject): readonly string[] {
  return Object.keys(CRITERIA[subject]);
}

/** A grade in words. */
export function gradeWords(subject: Subject, grade: string): string {
  return SUBJECT_WORDS[subject].grades[grade] ?? grade;
}

export const VERDICT_WORDS: Record<Verdict, string> = {
  clear: 'Clear',
  watch: 'Watch',
  due: 'Due',
  stop: 'Stop',
};

const MEANS: Record<Verdict, string> = {
  clear: 'Nothing to do.',
  watch: 'Log it and look again.',
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
      return `More than ${window} allows: the hub can tilt and hammer its bearings.`;
    case 'end-play-tight':
      return `Less than ${window} asks for: bearings set tight run hot.`;
    case 'recheck-held':
      return 'Every nut held at torque.';
    case 'recheck-moved':
      return 'A nut that moves once after a refit is watched: the miles start again.';
    case 'recheck-moved-again':
      return 'A nut that moves at two looks in a row does not stay tight: find out why before the next trip.';
    case 'recheck-loose':
      return 'A nut loose by hand can take the studs with it.';
    case 'grade':
      return MEANS[judgement.verdict];
  }
}

/** The end play window's source, as it stands under a judgement. */
export function windowSource(judgement: Judgement): string {
  return judgement.basis === 'house'
    ? "Window: house rule; the axle maker's figure is not entered"
    : `Window: ${BASIS_WORDS[judgement.basis]}`;
}
