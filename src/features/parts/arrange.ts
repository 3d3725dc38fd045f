import type { PartState, RigState } from '@/core/log';
import type { PartKind, Place } from '@/core/rig';

/** Where a part rests. */
export type Rest = PartState['at'];

/** Where parts of one kind would sit, by part: what is being tried before it is logged. */
export type Arrangement = Readonly<Record<string, Rest>>;

/** The parts of a kind as they sit now; what is gone is left out. */
export function arrangementOf(rig: Pick<RigState, 'parts'>, kind: PartKind): Arrangement {
  const parts = Object.values(rig.parts).filter((part) => part.kind === kind && part.at !== 'gone');
  return Object.fromEntries(parts.map((part) => [part.id, part.at]));
}

/** The part that would sit at a place. */
export function partIn(arrangement: Arrangement, place: Rest): string | undefined {
  return Object.keys(arrangement).find((id) => arrangement[id] === place);
}

/** An arrangement with a part put somewhere; what sat there changes places with it. */
export function put(arrangement: Arrangement, part: string, to: Rest): Arrangement {
  const from = arrangement[part];
  if (from === undefined || from === to) return arrangement;
  const seat = to !== 'shelf' && to !== 'gone';
  const other = seat ? partIn(arrangement, to) : undefined;
  return { ...arrangement, ...(other !== undefined && { [other]: from }), [part]: to };
}

/** One part that changes places. */
export interface Move {
  readonly part: string;
  readonly from: Rest;
  readonly to: Rest;
}

/** What an arrangement changes of how parts sit now. */
export function movesOf(before: Arrangement, after: Arrangement): readonly Move[] {
  return Object.entries(after).flatMap(([part, to]) => {
    const from = before[part];
    return from === undefined || from === to ? [] : [{ part, from, to }];
  });
}

/** The wheel ends whose wheel comes off for moves of parts. */
export function wheelsOff<P extends Place>(moves: readonly Move[], ends: readonly P[]): readonly P[] {
  return ends.filter((end) => moves.some((move) => move.from === end || move.to === end));
}
