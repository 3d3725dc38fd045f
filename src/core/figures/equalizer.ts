/** Measured against the pair printed with the kit: differences in m. */
export interface SpacingMatch {
  readonly equalizer: number;
  readonly axles: number;
  /** Both within what a tape can be read to on a rig that stands. */
  readonly matches: boolean;
}

/** What a tape on a standing rig is good for (m): an eighth of an inch. */
const TAPE = 0.003175;

/** An equalizer and the axle spacing (m) against the pair its maker prints; a longer one goes with wider axles. */
export function spacingMatch(
  measured: { readonly equalizer: number; readonly axles: number },
  printed: { readonly equalizer: number; readonly axles: number },
): SpacingMatch {
  const equalizer = measured.equalizer - printed.equalizer;
  const axles = measured.axles - printed.axles;
  return { equalizer, axles, matches: Math.abs(equalizer) <= TAPE && Math.abs(axles) <= 4 * TAPE };
}

/** How far an eye, or the bushing in it, is worn (m): its bore less the bolt and the play it had when new. */
export function eyeWear(bore: number, bolt: number, whenNew = 0): number {
  return bore - bolt - whenNew;
}
