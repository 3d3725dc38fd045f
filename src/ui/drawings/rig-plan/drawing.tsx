import type { PlaceMark } from '@/core/base';
import type { Place } from '@/core/rig';
import type { Box, Plan } from './plan';

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

/** The labels of a drawing by place. */
export type Labels = Readonly<Partial<Record<Place, PlaceLabel>>> | undefined;

/** The lines of a rig from above, its wheels tinted by how they stand; what is chosen is meant. */
export function Drawing({ plan, labels, chosen }: { plan: Plan; labels: Labels; chosen: readonly Place[] }) {
  const tire = (place: Place, box: Box, tread: string) => {
    const mark = labels?.[place]?.mark ?? 'clear';
    const meant = chosen.includes(place);
    return (
      <>
        <rect
          {...box}
          rx="7"
          className={meant ? 'ink-meant' : 'ink-body'}
          style={meant ? undefined : { fill: WASH[mark], stroke: STROKE[mark] }}
        />
        <path d={tread} className="ink-thin" />
      </>
    );
  };
  return (
    <svg viewBox={`0 0 ${plan.width} ${plan.height}`} className="block h-auto w-full" aria-hidden>
      {plan.strokes.map((stroke, i) => (
        <path key={i} d={stroke.d} className={LOOK[stroke.look]} />
      ))}
      {plan.gear.map(({ id, strokes, boxes }) => (
        <g key={id}>
          {chosen.includes(id) &&
            boxes.map((box, i) => <rect key={i} {...box} rx="4" className="ink-meant" />)}
          {strokes.map((stroke, i) => (
            <path key={i} d={stroke.d} className={LOOK[stroke.look]} />
          ))}
        </g>
      ))}
      {plan.wheels.map(({ place, box, tread, hub }) => (
        <g key={place}>
          <path d={hub} className="ink-metal" />
          {tire(place, box, tread)}
        </g>
      ))}
      {plan.spares.map(({ place, box, tread }) => (
        <g key={place}>{tire(place, box, tread)}</g>
      ))}
    </svg>
  );
}
