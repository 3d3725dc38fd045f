import { isWheelEnd, sideOf, type Place, type RigModel, type WheelEnd } from '@/core/rig';
import { Drawing } from './drawing';
import { planOf } from './geometry';
import { guarded } from '../../guarded';

/** Where one stands on the way round: before the tongue, at a wheel end, behind. */
export type Along = 'tow' | 'tongue' | 'body' | WheelEnd | 'back' | 'spares';

const INSET = 5;
const ROUND = 26;

function WalkPlanDrawing({
  model,
  at,
  chosen,
  label,
}: {
  model: RigModel;
  /** None for a walk that goes by systems. */
  at: Along | undefined;
  chosen: readonly Place[];
  label: string;
}) {
  const plan = planOf(model, 'left');
  const { width, height } = plan;
  const [left, right, top, bottom] = [INSET, width - INSET, INSET, height - INSET];
  const middle = height / 2;
  const wheel = isWheelEnd(at ?? '') ? plan.wheels.find(({ place }) => place === at) : undefined;
  const x = wheel ? wheel.box.x + wheel.box.width / 2 : width * 0.3;
  // Where each stop lies along the way, in the drawing's own units.
  const down = bottom - middle;
  const wide = right - left;
  const gone = ((): number => {
    if (at === undefined || at === 'tow') return 0;
    if (at === 'tongue') return down * 0.5;
    if (at === 'back') return down + wide + down;
    if (at === 'spares') return 2 * (down + wide) + down * 1.4;
    if (wheel && sideOf(wheel.place) === 'R') return down + wide + 2 * down + (right - x);
    return down + (x - left);
  })();
  const way = `M${left} ${middle}V${bottom - ROUND}Q${left} ${bottom} ${left + ROUND} ${bottom}H${right - ROUND}Q${right} ${bottom} ${right} ${bottom - ROUND}V${top + ROUND}Q${right} ${top} ${right - ROUND} ${top}H${left + ROUND}Q${left} ${top} ${left} ${top + ROUND}V${middle}`;
  const whole = 2 * (2 * down + wide);
  return (
    <figure role="img" aria-label={label} className="relative">
      <Drawing plan={plan} labels={undefined} chosen={chosen} />
      {at !== undefined && (
        <svg viewBox={`0 0 ${width} ${height}`} className="absolute inset-0 h-full w-full" aria-hidden>
          <path d={way} className="ink-dash" pathLength={whole} />
          <path
            d={way}
            pathLength={whole}
            fill="none"
            stroke="var(--accent)"
            strokeWidth="6"
            strokeLinecap="round"
            strokeDasharray={`${gone} ${whole}`}
          />
        </svg>
      )}
    </figure>
  );
}

/** A rig from above with the way walked round it so far, from the tongue down its left side; what is looked at is meant. */
export const WalkPlan = guarded(WalkPlanDrawing);
