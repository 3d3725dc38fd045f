import { toSI } from '../base';

/** Air at the level of the sea (Pa). */
const SEA_LEVEL = 101_325;

/** The air's own pressure (Pa) at an altitude (m), by the standard atmosphere. */
export function airPressure(altitude = 0): number {
  return SEA_LEVEL * (1 - 2.25577e-5 * altitude) ** 5.25588;
}

/**
 * A tire's pressure (Pa, over the air around it) as it would read at another temperature and
 * altitude (handbook 8.3): absolute pressure goes with absolute temperature (K).
 */
export function pressureAt(
  read: number,
  from: { readonly temperature: number; readonly altitude?: number | undefined },
  to: { readonly temperature: number; readonly altitude?: number | undefined },
): number {
  const absolute = read + airPressure(from.altitude);
  return absolute * (to.temperature / from.temperature) - airPressure(to.altitude);
}

/** The temperature (K) at which pressures are compared: 70 °F. */
export const ONE_TEMPERATURE = toSI(70, '°F');
