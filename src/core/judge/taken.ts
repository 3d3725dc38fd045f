import { fromSI, toSI, UNITS, type Unit } from '../base';
import { AROUND, isReading, readingDef, VOLTS, type ReadingDef } from '../rules';

/** How a reading was taken, as far as its kind wants to know; SI. */
export interface TakenContext {
  /** What it should be about, where that is known: the target of a pressure. */
  readonly target?: number | undefined;
  /** Of the air there (K). */
  readonly air?: number | undefined;
  /** The nominal inside diameter of a drum (m). */
  readonly nominal?: number | undefined;
  /** A voltage that is to be a battery's own. */
  readonly atRest?: boolean | undefined;
}

/** A drum this far under its nominal size (m) is another drum, or another way of measuring. */
const UNDER_NOMINAL = toSI(0.02, 'in');

/** What is wrong with a reading as typed; `ask` may be insisted on, `refuse` may not. */
export interface TakenProblem {
  readonly weight: 'refuse' | 'ask';
  readonly code: 'impossible' | 'units' | 'hub-cold' | 'below-air' | 'below-nominal' | 'charging';
  /** The unit that was meant, by the figure it would make; `si` is the reading in it. */
  readonly meant?: { readonly unit: Unit; readonly si: number } | undefined;
}

/** What is known of a reading, or of what is around it. */
function defOf(what: string): ReadingDef | undefined {
  if (isReading(what)) return readingDef(what);
  return Object.hasOwn(AROUND, what) ? AROUND[what as keyof typeof AROUND] : undefined;
}

/** A hub so near the air (K) has not worked, or has long cooled. */
const HARDLY_WARM = 5;
/** Far off its target a pressure is rather another unit. */
const NEAR = { low: 0.45, high: 1.6 } as const;

/** The unit that makes sense of a figure where the one it was typed in does not. */
function meant(
  what: string,
  number: number,
  typedIn: Unit,
  sense: (si: number) => boolean,
): TakenProblem['meant'] {
  const def = defOf(what);
  const misread = def?.as === 'quantity' ? (def.misread ?? []) : [];
  const unit = misread.find((other) => other !== typedIn && sense(toSI(number, other)));
  return unit && { unit, si: toSI(number, unit) };
}

/** What is wrong with a reading (SI) as it was typed in a unit; nothing where it can stand. */
export function checkTaken(
  what: string,
  value: number,
  typedIn: Unit | undefined,
  { target, air, nominal, atRest }: TakenContext = {},
): TakenProblem | undefined {
  const def = defOf(what);
  const bounds = def?.as === 'quantity' || def?.as === 'number' ? ([def.min, def.max] as const) : undefined;
  const number = typedIn && Object.hasOwn(UNITS, typedIn) ? fromSI(value, typedIn) : value;
  const isPressure = what === 'pressure' || what === 'pressure-set';
  const nearTarget = (si: number) =>
    target !== undefined && si > target * NEAR.low && si < target * NEAR.high;
  if (bounds && (!Number.isFinite(value) || value < bounds[0] || value > bounds[1])) {
    const inside = (si: number) =>
      si >= bounds[0] && si <= bounds[1] && (!isPressure || target === undefined || nearTarget(si));
    return {
      weight: 'refuse',
      code: 'impossible',
      meant: typedIn && meant(what, number, typedIn, inside),
    };
  }
  // A tire really can be flat: only a figure that another unit makes sense of is asked about.
  if (isPressure && target !== undefined && typedIn && !nearTarget(value)) {
    const other = meant(what, number, typedIn, nearTarget);
    if (other) return { weight: 'ask', code: 'units', meant: other };
  }
  // A drum only grows.
  if (what === 'drum-diameter' && nominal !== undefined && value < nominal - UNDER_NOMINAL)
    return { weight: 'ask', code: 'below-nominal' };
  if (what === 'volts' && atRest && value > VOLTS.charged) return { weight: 'ask', code: 'charging' };
  if (what === 'hub-temp' && air !== undefined) {
    if (value < air - HARDLY_WARM) {
      const warmer = (si: number) => si > air && si < air + 150;
      const other = typedIn && meant(what, number, typedIn, warmer);
      return { weight: 'ask', code: other ? 'units' : 'below-air', meant: other };
    }
    // Nothing can be said of a hub that has not worked.
    if (value < air + HARDLY_WARM) return { weight: 'ask', code: 'hub-cold' };
  }
  return undefined;
}

/** True for a hub read so near the air that it says nothing. */
export function saysNothing(hub: number, air: number | undefined): boolean {
  return air !== undefined && hub < air + HARDLY_WARM;
}
