/** Drawings: generated from data, in one hand. */
export { RigPlan, type PlaceLabel, type TargetProps } from './rig-plan/rig-plan';
export { WalkPlan, type Along } from './rig-plan/walk-plan';
export { Star } from './star';
export { CastleNut } from './castle-nut';
export { HubStack, type HubPart } from './hub-stack';
export { Corner, type CornerPart } from './corner';
export { Brake, type BrakePart } from './brake';
export { Suspension, type SuspensionPart } from './suspension';
export { Condition, isDrawn } from './conditions/condition';
