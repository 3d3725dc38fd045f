/** Something that goes otherwise than planned at a step of a card, with steps of its own (handbook 4). */
export const BRANCH_IDS = [
  'pin-stuck',
  'drum-hangs',
  'seal-walked',
  'line-behind',
  'washer-missing',
  'cap-broke',
  'bolt-bound',
  'stud-sheared',
  'stud-breaks',
  'nut-galls',
  'stud-turns',
  'grease-behind',
  'falls-through',
  'hole-oval',
] as const;
export type BranchId = (typeof BRANCH_IDS)[number];

/** What readings can say over time. */
export type TrendId = 'heat' | 'leak' | 'nuts' | 'strokes' | 'play' | 'wear';

/** What is looked at and judged as a whole at a first look. */
export type ConditionId = 'tire' | 'wheel' | 'suspension' | 'hub' | 'play' | 'gear';
