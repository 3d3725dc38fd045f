import { arc, around, polygon } from './polar';
import { guarded } from '../guarded';

const C = 170;
const NUT = 92;
const BORE = 50;

function CastleNutDrawing({
  slots,
  holes,
  turn,
  studs,
  label,
  window,
}: {
  slots: number;
  holes: number;
  turn: number;
  studs: number;
  label: string;
  /** Turns back that lie inside the window, drawn as an arc on the hub. */
  window?: { readonly from: number; readonly to: number } | undefined;
}) {
  // Backing off runs counterclockwise. A hole lies across, a second one upright.
  const slotAt = (i: number) => 0.25 + i / slots - turn;
  const [px, py] = around(C, C, 148, 0.25);
  const moved = Math.min(turn, 0.45);
  return (
    <svg viewBox="0 0 340 340" className="h-auto w-full" role="img" aria-label={label}>
      <circle cx={C} cy={C} r="164" className="ink-body" />
      <circle cx={C} cy={C} r="152" className="ink-thin" />
      {Array.from({ length: studs }, (_, i) => {
        const [x, y] = around(C, C, 130, (i + 0.5) / studs);
        return <circle key={i} cx={x} cy={y} r="10" className="ink" />;
      })}
      <path d={polygon(C, C, NUT, 6, slotAt(0) + 1 / 12)} className="ink-body" />
      <circle cx={C} cy={C} r={NUT * 0.84} className="ink-thin" />
      {Array.from({ length: slots }, (_, i) => {
        const from = around(C, C, BORE, slotAt(i));
        const to = around(C, C, NUT * 0.86, slotAt(i));
        return (
          <g key={i}>
            <line x1={from[0]} y1={from[1]} x2={to[0]} y2={to[1]} stroke="var(--ink)" strokeWidth="20" />
            <line x1={from[0]} y1={from[1]} x2={to[0]} y2={to[1]} stroke="var(--line)" strokeWidth="17" />
          </g>
        );
      })}
      <circle cx={C} cy={C} r={BORE} className="ink-body" />
      {/* The flat on the spindle that the washer's flat must match. */}
      <path d={`M${C - 34} ${C - 37}A50 50 0 0 1 ${C + 34} ${C - 37}Z`} className="ink-metal" />
      {Array.from({ length: holes }, (_, i) => {
        const [x0, y0] = around(C, C, BORE, 0.25 + i * 0.25);
        const [x1, y1] = around(C, C, BORE, 0.75 + i * 0.25);
        return (
          <line
            key={i}
            x1={x0}
            y1={y0}
            x2={x1}
            y2={y1}
            stroke="var(--soft)"
            strokeWidth="12"
            strokeDasharray="2 3"
            opacity={0.55}
          />
        );
      })}
      {window && (
        <path
          d={arc(C, C, 156, 0.25 - Math.min(window.from, 0.9), 0.25 - Math.min(window.to, 0.9))}
          fill="none"
          stroke="var(--clear)"
          strokeWidth="10"
          opacity={0.75}
        />
      )}
      <line x1={C + BORE} y1={C} x2={px} y2={py} stroke="var(--accent)" strokeWidth="3.2" />
      <circle cx={px} cy={py} r="5" fill="var(--accent)" />
      {turn > 0 && (
        <>
          <path d={arc(C, C, 112, 0.25, 0.25 - moved)} fill="none" stroke="var(--due)" strokeWidth="4" />
          <path
            d={polygon(...around(C, C, 112, 0.25 - moved), 9, 3, 0.25 - moved + 0.75)}
            fill="var(--due)"
          />
        </>
      )}
    </svg>
  );
}

/**
 * The castle nut from outside: slots turned back from seated, the pin hole through the spindle.
 * `turn` is how far it was backed off, in turns.
 */
export const CastleNut = guarded(CastleNutDrawing);
