/**
 * Instruments: one contract for a stream of readings, the device's position
 * behind it, and what the instruments at work tell by now. Simulated and
 * recorded ones are faces of their own, loaded where they are asked for.
 */
export type { Failure, Instrument, Told } from './instrument';
export { Deck, instrumentNow, type Connected, type DeckState } from './deck';
export { devicePosition } from './device-position';
