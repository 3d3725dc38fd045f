import { isGear, isSpare, isWheelEnd, type GearId, type Place, type RigModel } from '@/core/rig';
import { placeInWords } from './rig';

const NAMES: Record<GearId, string> = {
  ball: 'Hitch ball',
  ballMount: 'Ball mount',
  receiver: 'Receiver',
  brakeController: 'Brake controller',
  socketOnBoard: 'Socket and bar on board',
  jackOnBoard: 'Jack on board',
  coupler: 'Coupler',
  couplerPin: 'Latch pin',
  safetyChains: 'Safety chains',
  breakaway: 'Breakaway switch',
  plug: 'Plug and wiring',
  tongueJack: 'Tongue jack',
  swingPin: 'Swing-tongue pin',
  frame: 'Frame at the hitch',
  winch: 'Winch',
  winchStrap: 'Winch strap',
  bowStop: 'Bow stop',
  bunks: 'Bunks',
  rollers: 'Rollers',
  galvanizing: 'Galvanizing',
  transomStraps: 'Transom straps',
  stabilizers: 'Stabilizers',
  levelingBlocks: 'Leveling blocks',
  gearGuards: 'Running-gear guards',
  deck: 'Deck',
  sideRails: 'Side rails',
  tieDowns: 'Tie-down points',
  toolBox: 'Tool box',
  reflectors: 'Reflectors',
  markerLamps: 'Marker lamps',
  lampLeft: 'Left rear lamp',
  plate: 'Plate',
  plateLamp: 'Plate lamp',
  lampRight: 'Right rear lamp',
  ramp: 'Ramp',
  rampHinges: 'Ramp hinges',
};

/** Any place of a rig by its short name: `1L`, `S1`, `Winch strap`, `Rig`. */
export function placeName(place: Place | 'rig'): string {
  if (place === 'rig') return 'Rig';
  return isGear(place) ? NAMES[place] : place;
}

/** Any place of a rig in words: `left, front axle`, `spare 1`, `winch strap`. */
export function placeWords(place: Place | 'rig', model: Pick<RigModel, 'axles'>): string {
  if (place === 'rig') return 'the whole rig';
  if (isWheelEnd(place)) return placeInWords(place, model.axles.length);
  return isSpare(place) ? `spare ${place[1] ?? ''}` : NAMES[place].toLowerCase();
}
