import { toSI } from '../base';

interface Band {
  readonly diameter: number;
  readonly min: number;
  readonly max: number;
  /** Small wheels of light trailers go this low. */
  readonly lightMin: number;
}

const lbft = (value: number) => toSI(value, 'lbf·ft');

const BANDS: readonly Band[] = [
  { diameter: toSI(1 / 2, 'in'), min: lbft(90), max: lbft(120), lightMin: lbft(60) },
  { diameter: toSI(9 / 16, 'in'), min: lbft(120), max: lbft(140), lightMin: lbft(120) },
  { diameter: toSI(5 / 8, 'in'), min: lbft(175), max: lbft(225), lightMin: lbft(175) },
];

/** Whether a lug torque is usual for its stud; the band is in N·m. It asks again, and never replaces a figure. */
export interface TorqueCheck {
  readonly usual: boolean;
  /** Usual only for the small wheels of light trailers. */
  readonly light: boolean;
  readonly min: number;
  readonly max: number;
}

/** Compares a lug torque (N·m) with what is usual for a stud diameter (m), or for any stud when that is unknown. */
export function checkTorque(torque: number, studDiameter: number | undefined): TorqueCheck {
  const slack = 0.5;
  const known = BANDS.find((b) => studDiameter !== undefined && Math.abs(b.diameter - studDiameter) < 0.0005);
  if (!known) {
    const min = lbft(60);
    const max = lbft(225);
    return { usual: torque >= min - slack && torque <= max + slack, light: false, min, max };
  }
  const inBand = torque >= known.min - slack && torque <= known.max + slack;
  const light = !inBand && torque >= known.lightMin - slack && torque <= lbft(75) + slack;
  return { usual: inBand || light, light, min: known.min, max: known.max };
}
