import type { Place } from '../../rig';
import type { Cause, Fault } from './lights';

/** Where on the rig a fault is looked for. */
function placeOf(fault: Fault): Place {
  const lamp = fault.at ?? fault.side;
  switch (lamp) {
    case 'left':
      return 'lampLeft';
    case 'right':
      return 'lampRight';
    case 'plate':
      return 'plateLamp';
    case 'marker-left':
    case 'marker-right':
      return 'markerLamps';
    default:
      return fault.kind === 'ground-shared' ? 'frame' : 'plug';
  }
}

/** The places that a cause points to. */
export function placesOfCause({ faults }: Pick<Cause, 'faults'>): readonly Place[] {
  return [...new Set(faults.map(placeOf))];
}
