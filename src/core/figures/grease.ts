/** What a cartridge holds (kg): the usual 14 oz. */
export const CARTRIDGE = 0.397;

/** Grease (kg) of some strokes of a gun whose owner counted the strokes of a whole cartridge. */
export function greaseOfStrokes(strokes: number, strokesPerCartridge: number, cartridge = CARTRIDGE): number {
  return (strokes / strokesPerCartridge) * cartridge;
}

/** Cartridges that greasings take: hubs, strokes for each, times a season. */
export function cartridgesFor(
  { hubs, strokes, times }: { readonly hubs: number; readonly strokes: number; readonly times: number },
  strokesPerCartridge: number,
): number {
  return (hubs * strokes * times) / strokesPerCartridge;
}
