import type { FigureId } from '../ids';
import { inflation, leak, pressure } from './air';
import { axlePlace, balance, eye, scale, spacing, square, tickets } from './balance';
import { brakes, drum, magnets, wiring } from './brakes';
import type { CalcDef } from './define';
import { grease, mixing, nut } from './hub';
import { sizes, tire, tread } from './tires';
import { adapter, clamp, studTorque } from './torque';
import { circle, jack, spacer } from './wheels';

/** Every figure by its name. */
const CALCS = {
  balance,
  tickets,
  scale,
  adapter,
  clamp,
  stud: studTorque,
  nut,
  pressure,
  leak,
  inflation,
  tire,
  tread,
  sizes,
  magnets,
  drum,
  brakes,
  wiring,
  circle,
  spacer,
  jack,
  grease,
  mixing,
  'axle-place': axlePlace,
  square,
  spacing,
  eye,
} as const satisfies Record<FigureId, unknown>;

type Calcs = typeof CALCS;
/** What goes into a figure, and what comes out of it, by name. */
export type InputId<F extends FigureId> = keyof Calcs[F]['inputs'] & string;
export type ResultId<F extends FigureId> = keyof Calcs[F]['results'] & string;
/** A figure with its names forgotten, for whoever works on any of them. */
export function calcOf(id: FigureId): CalcDef<string, string> {
  return CALCS[id] as unknown as CalcDef<string, string>;
}
