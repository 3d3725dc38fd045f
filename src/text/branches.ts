import type { BranchId } from '@/core/routine';

/** A branch in words: what is seen, and what is kept where it leaves a finding. */
export const BRANCH_WORDS: Record<BranchId, { readonly label: string; readonly kept: string }> = {
  'pin-stuck': { label: 'The pin won’t come out', kept: 'pin was stuck' },
  'drum-hangs': { label: 'The drum hangs up on the shoes', kept: 'drum hung up on the shoes' },
  'seal-walked': {
    label: 'The seal had walked out already',
    kept: 'seal had walked out: check its land and the brake again soon',
  },
  'line-behind': {
    label: 'Line or string behind the seal',
    kept: 'line was wound behind the seal: check for weeping again soon',
  },
  'washer-missing': { label: 'The washer is missing', kept: 'washer was missing' },
  'cap-broke': {
    label: 'The cap broke, its thread is left in the hub',
    kept: 'cap broke: a new one goes on before it is towed',
  },
  'bolt-bound': { label: 'A bolt won’t come out', kept: 'a bolt was bound' },
  'stud-sheared': { label: 'A stud is sheared', kept: 'stud was sheared and replaced' },
  'stud-breaks': {
    label: 'A stud breaks, or is broken',
    kept: 'a stud is broken: not towed until it is replaced and the nuts are counted again',
  },
  'nut-galls': { label: 'A nut galls or will not start', kept: 'a nut galls: stud and nut to be replaced' },
  'stud-turns': { label: 'A stud turns with its nut', kept: 'a stud turns in the hub: to be replaced' },
  'grease-behind': {
    label: 'Grease shows behind the hub',
    kept: 'grease behind the hub: the seal has blown',
  },
  'falls-through': {
    label: 'A bushing falls through by hand',
    kept: 'spring eye was worn: check the one across',
  },
  'hole-oval': { label: 'A hanger hole is oval', kept: 'hanger hole oval: to a welder' },
};
