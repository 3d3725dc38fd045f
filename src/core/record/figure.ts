import { type FigureId, workOut, type Values } from '../figures';
import type { RoutinePlace } from '../rules';
import { hasDrum, type Changes, type RigModel } from '../rig';
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

/** What a figure tells of the rig as a fact of its own, worked out from what was measured; undefined where it tells none. Torques are never among them. */
export function figureFacts(id: FigureId, values: Values, model: RigModel): Changes | undefined {
  const out = workOut(id, values);
  if (out.state !== 'worked') return undefined;
  const { results } = out;
  if (id === 'circle') {
    const value = results['usual'] ?? results['circle'];
    return value === undefined ? undefined : { 'wheels.boltCircle': { value, source: 'worked' } };
  }
  const { nominal, width } = results;
  // Two sizes that both fit are no fact yet.
  if (id !== 'drum' || nominal === undefined || width === undefined || out.said === 'several')
    return undefined;
  const axles = model.axles.flatMap((axle, i) => (hasDrum(axle) ? [i] : []));
  return axles.length === 0
    ? undefined
    : Object.fromEntries(
        axles.map((i) => [`axles.${i}.drum`, { value: { diameter: nominal, width }, source: 'worked' }]),
      );
}
