import type { LeftFile } from '@/core/exchange';
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
  }
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
