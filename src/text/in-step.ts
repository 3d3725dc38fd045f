import type { Instant } from '@/core/base';
import type { Holds, LeftFile } from '@/core/exchange';
import { dayAgo } from './dates';
import { count, list } from './measure';

/** Why a file from another device was not taken in. */
export function leftFileWords({ name, why }: LeftFile): string {
  switch (why.code) {
    case 'cut-short':
      return `${name} is not whole yet: it is taken once it is.`;
    case 'not-ours':
      return `${name} is not a Yardline file.`;
    case 'newer':
      return `${name} was written by a newer Yardline. Update this one.`;
    case 'bad-line':
      return `${name}: line ${why.line} cannot be read (${why.detail}).`;
    case 'conflict':
      return `${name} says something else of an entry that is here. One of the two was altered; nothing of it was taken in.`;
    case 'simulated':
      return `${name} holds figures of simulated instruments: they belong to the demo.`;
    case 'unreadable':
      return `${name} cannot be opened on this device just now; it may lie in the cloud only. The rest went on without it.`;
    case 'unspoken':
      return `${name} is a photo that no entry speaks of: it was left.`;
    case 'not-the-picture':
      return `${name} is not the photo that its name says: it was left.`;
    case 'keeps-what-went':
      return `${name} could not be changed: it still holds what was deleted. It is tried again the next time.`;
  }
}

/** What would come in, line by line: each rig with how much of it is new, what is of all rigs, and what of one's own it would change. */
export function holdsLines({ rigs, house, changes }: Holds): readonly string[] {
  return [
    ...rigs.map(
      ({ name, here, fresh }) =>
        `${name ?? 'A rig without a name'}${here ? '' : ', not here yet'}: ${count(fresh, here ? 'new entry' : 'entry', here ? 'new entries' : 'entries')}`,
    ),
    ...(house > 0
      ? [`For all your rigs, such as house rules: ${count(house, 'new entry', 'new entries')}`]
      : []),
    ...(changes > 0
      ? [`${count(changes, 'entry', 'entries')} that you have would be withdrawn or replaced`]
      : []),
  ];
}

/** Whose files they are: `Device 1a2b3c4d, wrote Dec 1`. */
export function holdsFrom({ device, created }: Holds, now: Instant): string {
  return `Device ${device}, wrote ${dayAgo(created, now)}`;
}

/** What a meeting did: `3 entries came in, 2 went out`. */
export function metWords({
  brought,
  written = 0,
  photosIn,
  photosOut = 0,
}: {
  readonly brought: number;
  readonly written?: number;
  readonly photosIn: number;
  readonly photosOut?: number;
}): string {
  const said = [
    ...(brought > 0 ? [`${count(brought, 'entry', 'entries')} came in`] : []),
    ...(written > 0 ? [`${count(written, 'entry', 'entries')} went out`] : []),
    ...(photosIn > 0 ? [`${count(photosIn, 'photo')} came in`] : []),
    ...(photosOut > 0 ? [`${count(photosOut, 'photo')} went out`] : []),
  ];
  return said.length === 0 ? 'Nothing new on either side' : list(said);
}
