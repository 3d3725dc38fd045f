import { isWheelEnd, sideOf, type Place } from '../../rig';

/** What is asked of the spot before anything else, each once a place. */
export const SPOT_QUESTIONS = {
  place: ['yes', 'no'],
  level: ['yes', 'no'],
  alone: ['yes', 'no'],
  /** On which side of the trailer the traffic runs. */
  traffic: ['left', 'right'],
  night: ['yes', 'no'],
  /** Lamps on whoever works and on the rig. */
  lamps: ['yes', 'no'],
} as const;
export type SpotQuestion = keyof typeof SPOT_QUESTIONS;

/** What was said of the spot. */
export type Spot = Readonly<
  Partial<{ [Q in SpotQuestion]: (typeof SPOT_QUESTIONS)[Q][number] }> & {
    met?: 'road' | 'home' | undefined;
  }
>;

/** What keeps anybody from working at a spot (trouble 1). */
export type Barred = 'lane' | 'slope' | 'dark' | 'traffic-side';

/** What has to be asked of a spot: at home no traffic runs, nobody who has help is kept from the traffic side, and only the dark asks for lamps. */
export function asksOfSpot({ met, alone, night }: Spot): readonly SpotQuestion[] {
  const road = met !== 'home';
  return [
    ...(road ? (['place'] as const) : []),
    'level',
    'alone',
    ...(road && alone === 'yes' ? (['traffic'] as const) : []),
    'night',
    ...(night === 'yes' ? (['lamps'] as const) : []),
  ];
}

/** What keeps anybody from kneeling, lifting or measuring at a place of a rig, as the spot is; an unknown answer counts as the strictest. */
export function barredAt(spot: Spot, place: Place | 'rig' | undefined): readonly Barred[] {
  const { met, alone, traffic, night, lamps } = spot;
  const road = met !== 'home';
  const side = place !== undefined && isWheelEnd(place) ? sideOf(place) : undefined;
  const traffics = traffic === undefined || side === (traffic === 'left' ? 'L' : 'R');
  return [
    ...(road && spot.place !== 'yes' ? (['lane'] as const) : []),
    ...(spot.level !== 'yes' ? (['slope'] as const) : []),
    ...(night !== 'no' && lamps !== 'yes' ? (['dark'] as const) : []),
    ...(road && alone !== 'no' && side !== undefined && traffics ? (['traffic-side'] as const) : []),
  ];
}
