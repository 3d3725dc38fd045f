import type { BrakeKind, CapKind, HubKind, LockKind, RigKind, Source, Water, WheelEnd } from '@/core/rig';
import type { Basis, NutSchool } from '@/core/rules';
import type { Mixing, Thickener, TorqueSchool } from '@/core/figures';

export const KIND_WORDS: Record<RigKind, string> = { rv: 'RV', boat: 'Boat', utility: 'Utility' };

export const BRAKE_WORDS: Record<BrakeKind, string> = {
  none: 'None',
  electric: 'Electric drum',
  'hydraulic-drum': 'Hydraulic drum',
  'hydraulic-disc': 'Hydraulic disc',
};

export const HUB_WORDS: Record<HubKind, string> = {
  plain: 'Plain spindle',
  drilled: 'Drilled spindle',
  'pressure-cap': 'Pressure cap',
  'oil-bath': 'Oil bath',
  sealed: 'Sealed for years',
};

export const CAP_WORDS: Record<CapKind, string> = {
  plain: 'Pressed on, plain',
  plug: 'Pressed on, rubber plug',
  pressure: 'Pressure cap',
  screw: 'Screwed on, O-ring',
  window: 'Window on its oil',
};

export const LOCK_WORDS: Record<LockKind, string> = {
  cotter: 'Cotter pin',
  keeper: 'Sheet-metal keeper',
  tang: 'Tang washer',
};

export const WATER_WORDS: Record<Water, string> = { fresh: 'Fresh', brackish: 'Brackish', salt: 'Salt' };

export const SOURCE_WORDS: Record<Source, string> = {
  maker: "Maker's manual or plate",
  marking: 'Marked or measured on the part',
  counter: 'Parts counter',
  worked: 'Worked out from measured figures',
  owner: 'Another owner',
  guess: 'My guess',
};

/** What a figure rests on, as it stands behind the figure. */
export const BASIS_WORDS: Record<Basis, string> = {
  maker: "maker's figure",
  marking: 'marked or measured',
  counter: "parts counter's figure",
  worked: 'worked out',
  owner: "an owner's figure",
  house: 'house rule',
  guess: 'a guess',
};

export const THICKENER_WORDS: Record<Thickener, string> = {
  'lithium-complex': 'Lithium complex',
  'lithium-12-hydroxy': 'Lithium 12-hydroxy',
  'calcium-sulfonate': 'Calcium sulfonate',
  'aluminium-complex': 'Aluminum complex',
  polyurea: 'Polyurea',
  clay: 'Clay',
};

export const NUT_SCHOOL_WORDS: Record<NutSchool, string> = {
  'finger-tight': 'seat, release, finger-tight',
  'quarter-turn': 'seat, back off a quarter turn',
  'next-slot': 'seat, back off to the next slot',
  'light-drag': 'feel for light drag',
};

export const TORQUE_SCHOOL_WORDS: Record<TorqueSchool, string> = {
  'air-then-ground': '20 % and 50 % in the air, full on the ground',
  'all-on-ground': '40, 85 and 100 % on the ground',
  'snug-then-twice': 'hand snug, then full on the ground twice around',
};

const ORDINAL = ['front', 'second', 'third'];

/** A wheel end in words, for those who do not read codes: `left, front axle`. */
export function placeInWords(place: WheelEnd, axles: number): string {
  const side = place.endsWith('L') ? 'left' : 'right';
  if (axles === 1) return `${side} side`;
  const axle = Number(place[0]);
  return `${side}, ${axles === 2 && axle === 2 ? 'rear' : (ORDINAL[axle - 1] ?? '')} axle`;
}

/** What becomes of two greases that meet. */
export const MIXING_WORDS: Record<Mixing, string> = {
  compatible: 'The two may meet.',
  borderline: 'Together the two are borderline: some thin each other.',
  not: 'The two do not mix: together they thin and run out.',
};
