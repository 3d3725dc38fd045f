/** The words that are likeliest in a field of words, ten at most: tapped with gloves on, where a keyboard is too small. */
export const LIKELY_WORDS = {
  note: [
    'Rust',
    'Scored',
    'Blue from heat',
    'Grease dark',
    'Water in the grease',
    'Low on grease',
    'Loose',
    'Worn on one side',
    'New part installed',
    'Check at the next stop',
  ],
  finding: [
    'Stud broken',
    'Nut will not start',
    'Threads damaged',
    'Part missing',
    'Cracked',
    'Leaking',
    'Loose',
    'Rusted through',
    'Grease on the brake',
    'Wire broken',
  ],
  reason: [
    'Parts not here',
    'Wrong part came',
    'Tool missing',
    'Rain',
    'Dark',
    'No time',
    'Need a second person',
    'Shop will do it',
    'Not installed on this rig',
    'Checked and sound',
  ],
  remedy: [
    'Tightened to torque',
    'Replaced',
    'Cleaned',
    'Greased',
    'Adjusted',
    'Aired up',
    'Patched',
    'Temporary repair',
    'Shop did it',
    'Checked and sound',
  ],
} as const satisfies Record<string, readonly string[]>;

/** What a field of words is for. */
export type Likely = keyof typeof LIKELY_WORDS;
