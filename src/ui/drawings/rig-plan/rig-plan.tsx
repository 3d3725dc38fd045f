import type { ReactNode } from 'react';
import type { PlaceMark } from '@/core/duty';
import type { RigModel, WheelEnd } from '@/core/rig';
import { MARK_WORDS, placeInWords } from '@/text';
import { cx } from '../../cx';
import { Mark, markColor } from '../../mark';
import { planOf } from './geometry';
import type { Heading, Plan } from './plan';

/** What the drawing says at a wheel end. */
export interface PlaceLabel {
  readonly mark: PlaceMark;
  /** A few words: `repack due`. */
  readonly note: string;
}

const LOOK = {
  body: 'ink-body',
  ink: 'ink',
  thin: 'ink-thin',
  dash: 'ink-dash',
  metal: 'ink-metal',
  solid: 'ink-solid',
} as const;

const WASH: Partial<Record<PlaceMark, string>> = {
  soon: 'var(--soon-wash)',
  due: 'var(--due-wash)',
  stop: 'var(--stop-wash)',
};

const STROKE: Partial<Record<PlaceMark, string>> = { due: 'var(--due)', stop: 'var(--stop)' };

function Drawing({ plan, labels, chosen }: { plan: Plan; labels: Labels; chosen: readonly WheelEnd[] }) {
  return (
    <svg viewBox={`0 0 ${plan.width} ${plan.height}`} className="block h-auto w-full" aria-hidden>
      {plan.strokes.map((stroke, i) => (
        <path key={i} d={stroke.d} className={LOOK[stroke.look]} />
      ))}
      {plan.wheels.map(({ place, box, tread, hub }) => {
        const mark = labels?.[place]?.mark ?? 'clear';
        return (
          <g key={place}>
            <path d={hub} className="ink-metal" />
            <rect
              {...box}
              rx="7"
              className={chosen.includes(place) ? 'ink-meant' : 'ink-body'}
              style={chosen.includes(place) ? undefined : { fill: WASH[mark], stroke: STROKE[mark] }}
            />
            <path d={tread} className="ink-thin" />
          </g>
        );
      })}
      {plan.spares.map(({ name, box }) => (
        <g key={name}>
          <rect {...box} rx="7" className="ink-body" />
          <text
            x={box.x + box.width / 2}
            y={box.y + box.height / 2}
            className="figures fill-soft text-[19px] font-semibold"
            textAnchor="middle"
            dominantBaseline="central"
          >
            {name}
          </text>
        </g>
      ))}
    </svg>
  );
}

type Labels = Readonly<Partial<Record<WheelEnd, PlaceLabel>>> | undefined;

function percent(part: number, whole: number): string {
  return `${(100 * part) / whole}%`;
}

/** A wheel end's label and target: over its wheel and outward, where there is room for words. */
function Target({
  plan,
  heading,
  wheel,
  label,
  axles,
  chosen,
  onChoose,
}: {
  plan: Plan;
  heading: Heading;
  wheel: Plan['wheels'][number];
  label: PlaceLabel | undefined;
  axles: number;
  chosen: boolean;
  onChoose: ((place: WheelEnd) => void) | undefined;
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
          ? { right: percent(plan.width - box.x - box.width, plan.width), left: '-6.4rem' }
          : { left: percent(box.x, plan.width), right: '-6.4rem' }),
      };
  const words = (
    <span
      className={cx(
        'flex min-w-0 flex-col leading-tight',
        !across && left && 'items-end text-right',
        across && 'items-center text-center',
      )}
    >
      <span className="flex items-center gap-1.5">
        {label && <Mark mark={label.mark} size={20} />}
        <span className="figures text-xl font-semibold">{place}</span>
      </span>
      {label && (
        <span className={cx('text-[0.84rem] whitespace-nowrap', markColor(label.mark))}>{label.note}</span>
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
    <span className="flex w-[6.1rem]">{left ? <span className="ml-auto">{words}</span> : words}</span>
  );
  if (!onChoose)
    return (
      <div className={className} style={position}>
        {inner}
      </div>
    );
  return (
    <button
      type="button"
      onClick={() => onChoose(place)}
      aria-pressed={chosen}
      aria-label={`${place}, ${placeInWords(place, axles)}${label ? `: ${MARK_WORDS[label.mark]}, ${label.note}` : ''}`}
      className={cx(className, 'hover:bg-accent-wash/60 rounded-sheet')}
      style={position}
    >
      {inner}
    </button>
  );
}

/** A rig from above, drawn from its model, each wheel end a target with its state. */
export function RigPlan({
  model,
  heading,
  labels,
  chosen = [],
  onChoose,
  caption,
  className,
}: {
  model: RigModel;
  heading: Heading;
  labels?: Labels;
  chosen?: readonly WheelEnd[];
  onChoose?: (place: WheelEnd) => void;
  caption?: ReactNode;
  className?: string;
}) {
  const plan = planOf(model, heading);
  return (
    <figure className={className}>
      <div className={heading === 'left' ? 'py-10' : 'px-[6.6rem]'}>
        <div className="relative" role="group" aria-label={`${model.name} from above`}>
          <Drawing plan={plan} labels={labels} chosen={chosen} />
          {plan.wheels.map((wheel) => (
            <Target
              key={wheel.place}
              plan={plan}
              heading={heading}
              wheel={wheel}
              label={labels?.[wheel.place]}
              axles={model.axles.length}
              chosen={chosen.includes(wheel.place)}
              onChoose={onChoose}
            />
          ))}
        </div>
      </div>
      {caption && <figcaption>{caption}</figcaption>}
    </figure>
  );
}
