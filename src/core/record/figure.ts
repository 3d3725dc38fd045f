import type { FigureId } from '../figures';
import type { RoutinePlace } from '../rules';
import { workOut, type Values } from '../calc';
import type { NewEntry } from './new-entry';

/** A figure as it stands, for the log: its inputs and all that came out; undefined where it does not come out. */
export function figureEntry(id: FigureId, values: Values, place: RoutinePlace = 'rig'): NewEntry | undefined {
  const out = workOut(id, values);
  if (out.state !== 'worked') return undefined;
  const given = Object.entries(values).flatMap(([name, value]) =>
    value === undefined || value === '' ? [] : [[name, value] as const],
  );
  const results = Object.entries(out.results).flatMap(([name, value]) =>
    value === undefined ? [] : [[name, value] as const],
  );
  return {
    kind: 'figure',
    body: { figure: id, place, inputs: Object.fromEntries(given), results: Object.fromEntries(results) },
  };
}
