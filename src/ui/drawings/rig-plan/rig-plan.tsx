import { useState, type ComponentType, type MouseEvent, type PointerEvent } from 'react';
import { wheelEnds, type Place, type RigModel, type WheelEnd } from '@/core/rig';
import { placeName } from '@/text';
import { Drawing, type Labels } from './drawing';
import { planOf } from './geometry';
import { nearest } from './nearest';
import type { Heading } from './plan';
import { GearMark, PlainTarget, SpareTarget, Target, type TargetProps } from './targets';
import { guarded } from '../../guarded';

export type { PlaceLabel } from './drawing';
export type { TargetProps } from './targets';

function RigPlanDrawing<P extends Place = WheelEnd>({
  model,
  heading,
  labels,
  chosen = [],
  choosable = wheelEnds(model) as readonly Place[] as readonly P[],
  onChoose,
  bare = false,
  Made = PlainTarget,
  className,
}: {
  model: RigModel;
  heading: Heading;
  labels?: Labels;
  chosen?: readonly Place[];
  /** The places that can be chosen; the wheel ends, when it is not said. */
  choosable?: readonly P[];
  onChoose?: (place: P) => void;
  /** Without room for words beside the wheels. */
  bare?: boolean;
  /** What the targets of wheels and spares are made of. */
  Made?: ComponentType<TargetProps>;
  className?: string;
}) {
  const plan = planOf(model, heading);
  const [pointed, setPointed] = useState<Place>();
  const offered: readonly Place[] = choosable;
  // Only places that are offered are ever targets, so whatever is chosen is one of them.
  const choose = onChoose as ((place: Place) => void) | undefined;
  // Gear is smaller than a thumb: the nearest piece is taken. Keys and screen readers have a list of the same places.
  const at = (event: MouseEvent<HTMLDivElement>): Place | undefined => {
    if ((event.target as HTMLElement).closest('button')) return undefined;
    const box = event.currentTarget.getBoundingClientRect();
    const scale = plan.width / box.width;
    return nearest(plan, (event.clientX - box.left) * scale, (event.clientY - box.top) * scale, offered);
  };
  const chooseNear = (event: MouseEvent<HTMLDivElement>) => {
    const place = at(event);
    if (choose && place) choose(place);
  };
  return (
    <figure className={className}>
      <div className={bare ? undefined : heading === 'left' ? 'py-10' : 'px-[5.6rem]'}>
        <div
          className="relative"
          role="group"
          aria-label={`${model.name} from above`}
          onClick={chooseNear}
          {...(choose && {
            onPointerMove: (event: PointerEvent<HTMLDivElement>) =>
              setPointed(event.pointerType === 'mouse' ? at(event) : undefined),
            onPointerLeave: () => setPointed(undefined),
          })}
        >
          <Drawing plan={plan} labels={labels} chosen={pointed ? [...chosen, pointed] : chosen} />
          {plan.gear.map((part) => {
            const label = labels?.[part.id];
            return label && <GearMark key={part.id} part={part} plan={plan} label={label} />;
          })}
          {plan.spares.map((spare) => (
            <SpareTarget
              key={spare.place}
              spare={spare}
              plan={plan}
              label={labels?.[spare.place]}
              chosen={chosen.includes(spare.place)}
              onChoose={offered.includes(spare.place) ? choose : undefined}
              Made={Made}
            />
          ))}
          {!bare &&
            plan.wheels.map((wheel) => (
              <Target
                key={wheel.place}
                plan={plan}
                heading={heading}
                wheel={wheel}
                label={labels?.[wheel.place]}
                axles={model.axles.length}
                chosen={chosen.includes(wheel.place)}
                onChoose={offered.includes(wheel.place) ? choose : undefined}
                Made={Made}
              />
            ))}
          {pointed && (
            <span className="bg-ink text-paper pointer-events-none absolute top-0 left-1/2 -translate-x-1/2 rounded-sheet px-2 py-0.5 text-[0.9rem] whitespace-nowrap">
              {placeName(pointed)}
            </span>
          )}
        </div>
      </div>
    </figure>
  );
}

/** A rig from above, drawn from its model; the places that can be chosen are targets with their state. */
export const RigPlan = guarded(RigPlanDrawing) as typeof RigPlanDrawing;
