import { verdictMeans } from '@/text';

/** The severities a person can report. */
export const SEVERITIES = [
  { value: 'watch', label: 'Watch', hint: verdictMeans('watch') },
  { value: 'due', label: 'Due', hint: verdictMeans('due') },
  { value: 'stop', label: 'Stop', hint: verdictMeans('stop') },
] as const;
