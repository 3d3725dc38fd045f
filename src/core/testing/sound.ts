import { makeEntry, workOf, type Entry } from '../log';
import { slotsOf, type Place, type RigModel } from '../rig';
import { HOUSE_DEFAULT, routineDef, ROUTINES } from '../rules';

/** Every routine of a rig done at a moment, and its tires and battery new that day: nothing is due and nothing unknown. */
export function soundEntries(model: RigModel, rig: string, at: string): readonly Entry[] {
  let serial = 0;
  const stamp = () => {
    serial += 1;
    return {
      id: `0196d000-0000-7000-9000-${serial.toString(16).padStart(12, '0')}`,
      rig,
      happened: at,
      recorded: at,
    };
  };
  const year = at.slice(2, 4);
  const part = (kind: 'tire' | 'battery', to: Place): Entry =>
    makeEntry('part.fitted', stamp(), {
      part: `${kind} ${to}`,
      spec:
        kind === 'tire'
          ? { kind, facts: { dot: { value: `01${year}`, source: 'marking' } } }
          : { kind, facts: { since: { value: at.slice(0, 10), source: 'marking' } } },
      to,
    });
  const jobs = ROUTINES.filter((id) => !routineDef(id).ofPart).flatMap((routine) =>
    routineDef(routine)
      .places(model, HOUSE_DEFAULT)
      .map((place) => ({ routine, place })),
  );
  return [
    ...(['tire', 'battery'] as const).flatMap((kind) =>
      slotsOf(model, kind).map((place) => part(kind, place)),
    ),
    makeEntry('work', stamp(), workOf(jobs)),
  ];
}
