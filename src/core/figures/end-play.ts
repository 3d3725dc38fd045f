/** The nut and spindle as they limit where a pin can stand. */
export interface NutGeometry {
  /** Axial travel in one turn (m). */
  readonly pitch: number;
  /** Slots in the castle nut. */
  readonly slots: number;
  /** Cross holes through the spindle; two stand at right angles. */
  readonly holes: number;
}

/** One place where the pin goes through: backed off from seated by `turn` (turns), leaving `play` (m). */
export interface PinStop {
  readonly turn: number;
  readonly play: number;
  /** In slots of the nut: 1, or 1/2 with two cross holes. */
  readonly slots: number;
  readonly inside: boolean;
}

const EPSILON = 1e-9;

/** End play (m) after backing a nut off from "seated, zero play" by a share of a turn. */
export function endPlay(pitch: number, turn: number): number {
  return pitch * turn;
}

/** The turns (0 to below 1) from seated at which a pin can go in, when a slot stands at a hole while seated. */
export function pinStops(nut: Pick<NutGeometry, 'slots' | 'holes'>): readonly number[] {
  // Counted in whole parts of a turn, so that stops that coincide are the same number.
  const parts = 2 * nut.slots * nut.holes;
  const stops = new Set<number>();
  for (let slot = 0; slot < nut.slots; slot++)
    for (let hole = 0; hole < nut.holes; hole++)
      // A cross hole has two ends half a turn apart; a second hole stands halfway between them.
      for (const end of [0, parts / 2]) stops.add((slot * 2 * nut.holes + hole * nut.slots + end) % parts);
  return [...stops].sort((a, b) => a - b).map((part) => part / parts);
}

/** The first stops back from seated with the play of each (m), judged against a window (m): at least `count`, and past its end. */
export function stopsInWindow(
  nut: NutGeometry,
  window: { readonly min: number; readonly max: number },
  count = 4,
): readonly PinStop[] {
  const stops = pinStops(nut);
  const out: PinStop[] = [];
  for (let i = 0; i < stops.length * 4; i++) {
    const turn = (stops[i % stops.length] ?? 0) + Math.floor(i / stops.length);
    const play = endPlay(nut.pitch, turn);
    const inside = play >= window.min - EPSILON && play <= window.max + EPSILON;
    out.push({ turn, play, slots: turn * nut.slots, inside });
    if (out.length >= count && play > window.max + EPSILON) break;
  }
  return out;
}

/** So many may be offered where a window is wide. */
const MOST_TURNS = 16;

/** Turns back from seated by quarters of a slot, with the play of each (m), judged against a window (m): what is counted is the turn really made, for the first slot meets its hole anywhere from none to one slot back (handbook 4.3). */
export function turnsBack(
  nut: NutGeometry,
  window: { readonly min: number; readonly max: number },
): readonly PinStop[] {
  const out: PinStop[] = [];
  for (let i = 0; i < MOST_TURNS; i++) {
    const slots = i / 4;
    const turn = slots / nut.slots;
    const play = endPlay(nut.pitch, turn);
    out.push({ turn, play, slots, inside: play >= window.min - EPSILON && play <= window.max + EPSILON });
    if (slots * nut.holes >= 1 && play > window.max + EPSILON) break;
  }
  return out;
}
