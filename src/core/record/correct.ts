import type { Instant } from '../base';
import type { Entry, EntryOf, FindingBody, TripBody, WorkBody } from '../log';
import type { NewEntry } from './new-entry';

/** A note as typed, where there is one. */
const noted = (note: string) => (note.trim() === '' ? {} : { note: note.trim() });

/** A body with another note; without one where nothing is left of it. */
export function withNote<B extends { readonly note?: string | undefined }>(body: B, note: string): B {
  const { note: _, ...rest } = body;
  return { ...rest, ...noted(note) } as B;
}

/** A trip set right: what the tow vehicle read belongs to the distance it gave (m), a start to a trip that ends after it. */
export function correctTrip(old: TripBody, read: TripBody, happened: Instant): TripBody {
  const { started, vehicle, distance, counted, from } = old;
  const same = Math.abs(distance - read.distance) < 1;
  return {
    ...read,
    ...(started && started <= happened && { started }),
    ...(vehicle && same && { vehicle }),
    ...(counted && { counted }),
    ...(from && { from }),
  };
}

/** What of finished work was typed over: readings (SI) and grades in its order, undefined for one taken out. */
export interface WorkTypedOver {
  readonly readings: readonly (number | string | undefined)[];
  readonly grades: readonly string[];
  readonly greases: readonly WorkBody['materials'][number]['grease'][];
  readonly note: string;
}

/** Work set right in its figures; its jobs, parts and refits stay what they were. */
export function correctWork(old: WorkBody, typed: WorkTypedOver): WorkBody {
  return withNote(
    {
      ...old,
      readings: old.readings.flatMap((one, i) => {
        const value = typed.readings[i];
        if (value === undefined) return [];
        // A figure that its owner sets right is no longer the instrument's.
        const { from: _, ...read } = one;
        return [value === one.value ? one : { ...read, value }];
      }),
      conditions: old.conditions.map((one, i) => ({ ...one, grade: typed.grades[i] ?? one.grade })),
      materials: old.materials.map((one, i) => ({ ...one, grease: typed.greases[i] ?? one.grease })),
    },
    typed.note,
  );
}

/** A finding set right: its words are what it is where it was told in words, else a note beside what it rests on. */
export function correctFinding(
  old: FindingBody,
  typed: { readonly verdict: FindingBody['verdict']; readonly words: string },
): FindingBody {
  return old.text === undefined
    ? withNote({ ...old, verdict: typed.verdict }, typed.words)
    : { ...old, verdict: typed.verdict, text: typed.words.trim() };
}

/** The words of a closing set right; without any where work or a look says enough. */
export function correctClosing(
  old: EntryOf<'finding.closed'>['body'],
  words: string,
): EntryOf<'finding.closed'>['body'] {
  const { how: _, ...rest } = old;
  return { ...rest, ...(words.trim() !== '' && { how: words.trim() }) };
}

/** An entry of a kind that corrects another of the same kind. */
export function correcting<E extends Entry>(entry: E, body: E['body'], happened: Instant): NewEntry {
  return { kind: entry.kind, body, happened, replaces: entry.id } as NewEntry;
}
