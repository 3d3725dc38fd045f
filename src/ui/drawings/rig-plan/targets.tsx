import type { ComponentProps, ComponentType, CSSProperties } from 'react';
import type { Place } from '@/core/rig';
import { MARK_WORDS, placeInWords } from '@/text';
import { cx } from '../../cx';
import { Mark, markColor } from '../../mark';
import type { PlaceLabel } from './drawing';
import type { Box, GearPart, Heading, Plan } from './plan';

function percent(part: number, whole: number): string {
  return `${(100 * part) / whole}%`;
}

/** A box made larger on all sides, so that a thumb finds it. */
function grown({ x, y, width, height }: Box, by: number): Box {
  return { x: x - by, y: y - by, width: width + 2 * by, height: height + 2 * by };
}

/** Where a box of the drawing lies in the page. */
function over(box: Box, plan: Plan): CSSProperties {
  return {
    left: percent(box.x, plan.width),
    top: percent(box.y, plan.height),
    width: percent(box.width, plan.width),
    height: percent(box.height, plan.height),
  };
}

/** What a target of the drawing is made of; a button, or one that can be dragged. */
export type TargetProps = ComponentProps<'button'> & { readonly place: Place };

/** A target that is a plain button. */
export function PlainTarget({ place: _, ...rest }: TargetProps) {
  return <button type="button" {...rest} />;
}

/** A spare's target, with its name and state inside. */
export function SpareTarget({
  spare,
  plan,
  label,
  chosen,
  onChoose,
  Made,
}: {
  spare: Plan['spares'][number];
  plan: Plan;
  label: PlaceLabel | undefined;
  chosen: boolean;
  onChoose: ((place: Place) => void) | undefined;
  Made: ComponentType<TargetProps>;
}) {
  const { place, box } = spare;
  const words = (
    <span
      className={cx(
        'bg-sheet/85 flex items-center gap-x-1 rounded-sheet px-0.5 leading-none',
        box.height > box.width && 'flex-col',
      )}
    >
      {label && label.mark !== 'clear' && <Mark mark={label.mark} size={15} />}
      <span className="figures text-[0.95rem] font-semibold">{place}</span>
    </span>
  );
  const className = 'absolute grid place-items-center';
  if (!onChoose)
    return (
      <div className={className} style={over(box, plan)}>
        {words}
      </div>
    );
  return (
    <Made
      place={place}
      onClick={() => onChoose(place)}
      aria-pressed={chosen}
      aria-label={`${place}, spare${label ? `: ${MARK_WORDS[label.mark]}, ${label.note}` : ''}`}
      className={cx(className, 'hover:bg-accent-wash/60 rounded-sheet')}
      style={over(grown(box, 7), plan)}
    >
      {words}
    </Made>
  );
}

/** The state of a piece of gear, where there is one to tell. */
export function GearMark({ part, plan, label }: { part: GearPart; plan: Plan; label: PlaceLabel }) {
  const box = part.boxes[0];
  if (!box) return null;
  return (
    <span className="pointer-events-none absolute grid place-items-center" style={over(box, plan)}>
      <Mark mark={label.mark} size={16} />
    </span>
  );
}

/** A wheel end's label and target: over its wheel and outward, where there is room for words. */
export function Target({
  plan,
  heading,
  wheel,
  label,
  axles,
  chosen,
  onChoose,
  Made,
}: {
  plan: Plan;
  heading: Heading;
  wheel: Plan['wheels'][number];
  label: PlaceLabel | undefined;
  axles: number;
  chosen: boolean;
  onChoose: ((place: Place) => void) | undefined;
  Made: ComponentType<TargetProps>;
}) {
  const { box, place } = wheel;
  const left = place.endsWith('L');
  const across = heading === 'left';
  // Beyond the picture's own edge lies the room that the frame around it keeps for words.
  const position = across
    ? {
        left: percent(box.x - 10, plan.width),
        width: percent(box.width + 20, plan.width),
        ...(left
          ? { top: percent(box.y, plan.height), bottom: '-2.5rem' }
          : { bottom: percent(plan.height - box.y - box.height, plan.height), top: '-2.5rem' }),
      }
    : {
        top: percent(box.y - 8, plan.height),
        height: percent(box.height + 16, plan.height),
        ...(left
          ? { right: percent(plan.width - box.x - box.width, plan.width), left: '-5.5rem' }
          : { left: percent(box.x, plan.width), right: '-5.5rem' }),
      };
  const words = (
    <span
      className={cx(
        'flex min-w-0 flex-col leading-tight',
        !across && (left ? 'items-end text-right' : 'items-start text-left'),
        across && 'items-center text-center',
      )}
    >
      <span className="flex items-center gap-1.5">
        {label && <Mark mark={label.mark} size={20} />}
        <span className="figures text-xl font-semibold">{place}</span>
      </span>
      {label && (
        <span
          className={cx(
            'text-[0.84rem]',
            across ? 'whitespace-nowrap' : 'text-balance',
            markColor(label.mark),
          )}
        >
          {label.note}
        </span>
      )}
    </span>
  );
  const className = cx(
    'absolute flex',
    across
      ? left
        ? 'flex-col items-center justify-end'
        : 'flex-col items-center justify-start'
      : cx('items-center', left ? 'justify-start' : 'justify-end'),
  );
  const inner = across ? (
    words
  ) : (
    <span className="flex w-[5.2rem]">{left ? <span className="ml-auto">{words}</span> : words}</span>
  );
  if (!onChoose)
    return (
      <div className={className} style={position}>
        {inner}
      </div>
    );
  return (
    <Made
      place={place}
      onClick={() => onChoose(place)}
      aria-pressed={chosen}
      aria-label={`${place}, ${placeInWords(place, axles)}${label ? `: ${MARK_WORDS[label.mark]}, ${label.note}` : ''}`}
      className={cx(className, 'hover:bg-accent-wash/60 rounded-sheet')}
      style={position}
    >
      {inner}
    </Made>
  );
}
