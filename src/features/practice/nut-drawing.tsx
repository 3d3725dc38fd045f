'use client';

import { useRef, type KeyboardEvent, type PointerEvent } from 'react';

const C = 170;
const NUT = 96;
const BORE = 50;
/** A step of an arrow key, and of a page key (turns). */
const STEP = 1 / 180;
const PAGE = 1 / 12;

const point = (r: number, turns: number): readonly [number, number] => {
  const a = turns * 2 * Math.PI;
  return [C + r * Math.sin(a), C - r * Math.cos(a)];
};
const hexagon = (r: number, turn: number) =>
  Array.from({ length: 6 }, (_, i) => point(r, turn + i / 6))
    .map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`)
    .join('') + 'Z';

/** The end of a spindle, its castle nut under the hand: dragged round, by wheel or by keys. Back is counterclockwise. */
export function NutDrawing({
  slots,
  holes,
  angle,
  spinning,
  strain,
  text,
  onTurn,
}: {
  slots: number;
  holes: number;
  /** How far back the nut stands from where a slot meets the hole (turns). */
  angle: number;
  spinning: boolean;
  /** How hard it holds (0 to 1): the line trembles. */
  strain: number;
  /** What the hand feels, for who does not see it. */
  text: string;
  /** Turned by so much (turns), back being positive. */
  onTurn: (by: number) => void;
}) {
  const last = useRef<number>(undefined);
  const turnAt = (event: PointerEvent<SVGGElement>) => {
    const screen = event.currentTarget.ownerSVGElement?.getScreenCTM();
    if (!screen) return 0;
    const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(screen.inverse());
    return Math.atan2(x - C, C - y) / (2 * Math.PI);
  };
  const keys: Readonly<Record<string, number>> = {
    ArrowLeft: STEP,
    ArrowDown: STEP,
    ArrowRight: -STEP,
    ArrowUp: -STEP,
    PageDown: PAGE,
    PageUp: -PAGE,
  };
  const slotAt = (i: number) => 0.25 + i / slots - angle;
  const grip = point(NUT + 34, slotAt(0));
  return (
    <svg
      viewBox="0 0 340 340"
      className="fig mx-auto h-auto w-full max-w-[15rem] touch-none md:max-w-[26rem] select-none"
      role="group"
      aria-label="The hub from outside"
    >
      <g
        className={
          spinning
            ? 'origin-center animate-spin [animation-duration:4s] motion-reduce:animate-none'
            : undefined
        }
        style={{ transformBox: 'view-box' }}
      >
        <circle cx={C} cy={C} r="164" className="ink-body" />
        <circle cx={C} cy={C} r="152" className="ink-thin" />
        {Array.from({ length: 5 }, (_, i) => {
          const [x, y] = point(141, i / 5);
          return <circle key={i} cx={x} cy={y} r="8" className="ink" />;
        })}
      </g>
      <g
        role="slider"
        tabIndex={0}
        aria-label="Spindle nut"
        aria-valuenow={Math.round(angle * 360)}
        aria-valuetext={text}
        className="cursor-grab outline-none active:cursor-grabbing [&:focus-visible_.grip]:stroke-[4]"
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          event.currentTarget.focus({ preventScroll: true });
          last.current = turnAt(event);
        }}
        onPointerMove={(event) => {
          if (last.current === undefined || !event.currentTarget.hasPointerCapture(event.pointerId)) return;
          const here = turnAt(event);
          const by = ((here - last.current + 1.5) % 1) - 0.5;
          last.current = here;
          onTurn(-by);
        }}
        onPointerUp={() => (last.current = undefined)}
        onWheel={(event) => onTurn(event.deltaY > 0 ? STEP : -STEP)}
        onKeyDown={(event: KeyboardEvent) => {
          const by = keys[event.key];
          if (by === undefined) return;
          event.preventDefault();
          onTurn(by);
        }}
      >
        <circle cx={C} cy={C} r={NUT + 46} fill="transparent" />
        <g
          className={strain > 0.05 ? 'animate-tremble motion-reduce:animate-none' : undefined}
          style={{ ['--tremble' as string]: `${(strain * 2.4).toFixed(2)}px` }}
        >
          <path
            d={hexagon(NUT, slotAt(0) + 1 / 12)}
            className="ink-body grip"
            strokeWidth={1.6 + 2 * strain}
          />
          <circle cx={C} cy={C} r={NUT * 0.84} className="ink-thin" />
          {Array.from({ length: slots }, (_, i) => {
            const [from, to] = [point(BORE, slotAt(i)), point(NUT * 0.86, slotAt(i))];
            return (
              <g key={i}>
                <line x1={from[0]} y1={from[1]} x2={to[0]} y2={to[1]} stroke="var(--ink)" strokeWidth="20" />
                <line x1={from[0]} y1={from[1]} x2={to[0]} y2={to[1]} stroke="var(--line)" strokeWidth="17" />
              </g>
            );
          })}
          <path
            d={`M${point(NUT * 0.87, slotAt(0)).join(' ')}L${grip.join(' ')}`}
            stroke="var(--accent)"
            strokeWidth="5"
          />
          <circle cx={grip[0]} cy={grip[1]} r="12" fill="var(--accent)" />
        </g>
      </g>
      <circle cx={C} cy={C} r={BORE} className="ink-body" pointerEvents="none" />
      {Array.from({ length: holes }, (_, i) => {
        const [a, b] = [point(BORE, 0.25 + i * 0.25), point(BORE, 0.75 + i * 0.25)];
        return (
          <line
            key={i}
            x1={a[0]}
            y1={a[1]}
            x2={b[0]}
            y2={b[1]}
            stroke="var(--soft)"
            strokeWidth="11"
            strokeDasharray="2 3"
            pointerEvents="none"
          />
        );
      })}
    </svg>
  );
}
