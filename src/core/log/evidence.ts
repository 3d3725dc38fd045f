import { PRESSURE_SHARE } from '../rules';
import type { Evidence } from './evidence-schema';

/** True for a tire that was driven far too low: its inside has suffered, and air does not mend it (handbook 5). */
export function isDrivenLow(of: Evidence | undefined): boolean {
  if (!of || !('what' in of) || of.what !== 'pressure' || !of.held) return false;
  const { by, cold, against } = of.held;
  return by === 'rolled' || (by === 'warm' && cold !== undefined && cold < against * PRESSURE_SHARE.stop);
}

/** True for a pressure that air alone puts right: not a tire that was driven far too low, nor one that ran hot. */
export function isOfAir(of: Evidence | undefined): boolean {
  return (
    of !== undefined && 'what' in of && of.what === 'pressure' && of.held?.by !== 'rise' && !isDrivenLow(of)
  );
}

/** What it is evidence of: the subject, reading, trend or happening. */
export function evidenceOf(of: Evidence): string {
  if ('subject' in of) return of.subject;
  if ('what' in of) return isDrivenLow(of) ? 'driven-low' : of.what;
  if ('trend' in of) return of.trend;
  if ('endPlay' in of) return 'end-play';
  if ('amps' in of) return 'brake-amps';
  if ('branch' in of) return of.branch;
  if ('leftAt' in of) return 'left';
  if ('grease' in of) return 'grease-mix';
  if ('tire' in of) return 'came-off';
  if ('tireCode' in of) return of.tireCode;
  if ('undone' in of) return `undone-${of.undone}`;
  if ('torque' in of) return `torque-${of.torque}`;
  if ('square' in of) return 'square';
  if ('guess' in of) return 'torque-guess';
  if ('left' in of) return `left-${of.left}`;
  if ('trouble' in of) return `trouble-${of.trouble}`;
  if ('notRight' in of) return `look-${of.notRight}`;
  return `condition-${of.condition}`;
}

/** True for what rises a step where it comes back: what was seen or measured, not what was left undone or fell due by age. */
export function recurs(of: Evidence): boolean {
  return ['subject', 'what', 'trend', 'endPlay', 'amps', 'branch'].some((kind) => kind in of);
}

/** What makes two findings the same one: what they are evidence of, and where; undefined for one told in words alone. */
export function findingKey(place: string, of: Evidence | undefined): string | undefined {
  const side = of && 'subject' in of && of.side ? ` ${of.side}` : '';
  const shows = of && 'subject' in of && of.shows ? ` ${of.shows}` : '';
  return of && `${evidenceOf(of)}${side}${shows}@${place}`;
}
