/** Where a specification came from, most trusted first. */
export const SOURCES = ['maker', 'marking', 'counter', 'owner', 'guess'] as const;

/** Those of a figure that can be worked out of measured ones: it ranks behind the parts counter. A torque never can. */
export const WITH_WORKED = ['maker', 'marking', 'counter', 'worked', 'owner', 'guess'] as const;

/** One of the ranked sources. */
export type Source = (typeof WITH_WORKED)[number];

/** A specified value with its source. */
export interface Specified<T> {
  readonly value: T;
  readonly source: Source;
}

/** The sources that have the authority of a maker: its papers, or what is marked on the part or the tin. */
export const MAKERS_SOURCES = ['maker', 'marking'] as const satisfies readonly Source[];

/** True for a specification that is a guess: it is never worked to without saying so. */
export function isGuess(spec: Pick<Specified<unknown>, 'source'> | undefined): boolean {
  return spec?.source === 'guess';
}
