import type { Diagnosis, Pattern } from '@/core/faults';
import { sameFinding } from '@/core/walk';
import type { RigState } from '@/core/log';
import type { Place } from '@/core/rig';
import type { Draft } from '@/features/common';
import { causeWords, LAMP_WORDS, list, SHOWS_WORDS, small } from '@/text';
import { placesOfCause } from './finder';
import type { LightsDraft } from './lights-draft';

/** How bad a pattern is: no brake lamp or no running lamp at all is not towed. */
function gradeOf(pattern: Pattern): 'dim' | 'one-out' | 'none' {
  const dead = (shows: string) => {
    const of = pattern.filter((cell) => cell.shows === shows);
    return of.length > 0 && of.every(({ result }) => result === 'out');
  };
  if (dead('brake') || dead('running')) return 'none';
  return pattern.some(({ result }) => result === 'out' || result === 'wrong') ? 'one-out' : 'dim';
}

const VERDICTS = { dim: 'watch', 'one-out': 'due', none: 'stop' } as const;

/** What a lamp test puts on the log: itself, and where lamps failed a finding at the likeliest place. */
export function lightsEntries(
  draft: LightsDraft,
  pattern: Pattern,
  diagnosis: Diagnosis,
  rig: Pick<RigState, 'findings'>,
  id: () => string,
): readonly Draft[] {
  const [cause] = diagnosis.causes;
  const test = id();
  const bad = pattern.filter(({ result }) => result !== 'ok');
  const entry: Draft = {
    kind: 'lights',
    id: test,
    body: {
      wiring: draft.wiring,
      how: draft.how,
      results: pattern.map((cell) => ({ ...cell })),
      tests: draft.tests.map(({ test: made, side, result }) => ({
        test: side ? `${made} ${side}` : made,
        result,
      })),
      ...(cause && { cause: { fault: causeWords(cause).name.slice(0, 60), sure: cause.sure } }),
    },
  };
  if (bad.length === 0) return [entry];
  const grade = gradeOf(pattern);
  const place: Place = (cause && placesOfCause(cause)[0]) ?? 'plug';
  const failed = list(
    [
      ...new Set(
        bad.map(({ lamp, shows }) => `${small(LAMP_WORDS[lamp])} ${SHOWS_WORDS[shows].toLowerCase()}`),
      ),
    ].slice(0, 6),
  );
  const text = `${failed} failed${cause ? `; likely ${small(causeWords(cause).name)}` : ''}`.slice(0, 500);
  const of = { subject: 'lamp' as const, grade };
  const open = sameFinding(rig.findings, place, of);
  const verdict = VERDICTS[grade];
  return [
    entry,
    open
      ? { kind: 'finding.seen', body: { finding: open.id, verdict, text, of, from: test } }
      : { kind: 'finding.opened', body: { place, verdict, text, of, from: test } },
  ];
}
