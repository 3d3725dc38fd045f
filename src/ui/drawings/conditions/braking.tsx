import { arc } from '../polar';
import { jag, strewn } from './scatter';

const MEANT = { stroke: 'var(--due)', fill: 'none', strokeWidth: 1.9, strokeLinecap: 'round' } as const;

/** How thick the lining is drawn, by grade. */
const THICK: Readonly<Record<string, number>> = {
  good: 18,
  hairline: 18,
  cracked: 18,
  greasy: 18,
  thin: 9,
  'at-minimum': 4,
  gone: 0,
};

/** A shoe from the side, its lining on top; the dashed line is the minimum. */
export function Lining({ grade }: { grade: string }) {
  const thick = THICK[grade] ?? 18;
  const top = 46 - thick;
  return (
    <>
      <path d="M8 56q40 -14 80 0l-3 6q-37 -12 -74 0z" className="ink-metal" />
      {thick > 0 && grade !== 'uneven' && (
        <path d={`M10 54V${top + 6}q38 -16 76 0V54q-38 -12 -76 0z`} className="ink-body" />
      )}
      <path d="M6 48q42 -15 84 0" fill="none" stroke="var(--soft)" strokeDasharray="3 3" strokeWidth={1.2} />
      {grade === 'uneven' && (
        <>
          <path d="M10 54V48q38 -24 76 -16V54q-38 -12 -76 0z" className="ink-body" />
          <path d="M10 48q38 -24 76 -16" {...MEANT} strokeWidth={2.4} />
        </>
      )}
      {grade === 'hairline' && (
        <path
          d={`${jag(34, 32, 42, 34, 3, 1)}${jag(52, 36, 60, 34, 3, 1)}${jag(44, 41, 50, 39, 3, 1)}`}
          {...MEANT}
          strokeWidth={1.2}
        />
      )}
      {grade === 'cracked' && <path d={jag(50, 24, 46, 48, 5)} {...MEANT} strokeWidth={2.6} />}
      {grade === 'greasy' &&
        strewn(5, [22, 32, 50, 10], 2).map(([x, y, s], i) => (
          <ellipse key={i} cx={x} cy={y} rx={4 + 3 * s} ry={2.4 + s} fill="var(--due)" opacity={0.55} />
        ))}
      {grade === 'gone' && (
        <path d="M14 50l4 -5M30 46l3 -6M48 45v-6M64 46l-3 -6M80 50l-4 -5" {...MEANT} strokeWidth={2.4} />
      )}
    </>
  );
}

/** The drum's working face, half of it. */
export function DrumFace({ grade }: { grade: string }) {
  const C = 48;
  const Y = 62;
  const band = (r: number) => arc(C, Y, r, 0.77, 1.23);
  return (
    <>
      <path d={band(52)} className="ink" />
      <path d={band(30)} className="ink" />
      <path d={`${band(46)}`} className="ink-thin" />
      {grade === 'light-grooves' &&
        [36, 41].map((r) => <path key={r} d={band(r)} {...MEANT} strokeWidth={1.1} />)}
      {grade === 'deep-grooves' &&
        [34, 38, 42, 47].map((r) => <path key={r} d={band(r)} {...MEANT} strokeWidth={3} />)}
      {grade === 'blue' &&
        strewn(5, [26, 18, 44, 12], 6).map(([x, y, s], i) => (
          <ellipse key={i} cx={x} cy={y} rx={4 + 3 * s} ry={3} {...MEANT} fill="var(--due-wash)" />
        ))}
      {grade === 'out-of-round' && (
        <path d="M-2 60Q8 4 50 14T98 58" {...MEANT} strokeDasharray="5 3" strokeWidth={2.2} />
      )}
      {grade === 'cracked' && <path d={jag(44, 10, 52, 33, 5)} {...MEANT} strokeWidth={2.8} />}
    </>
  );
}

/** The magnet's face with its wear marks. */
export function MagnetFace({ grade }: { grade: string }) {
  return (
    <>
      <rect x="14" y="8" width="68" height="48" rx="22" className="ink-body" />
      {(grade === 'even' || grade === 'greasy' || grade === 'uneven') &&
        [36, 60].map((x) => <circle key={x} cx={x} cy="32" r="5" className="ink" />)}
      {grade === 'faint' &&
        [36, 60].map((x) => (
          <circle key={x} cx={x} cy="32" r="5" className="ink-thin" strokeDasharray="2 2" />
        ))}
      {grade === 'uneven' && <path d="M14 34Q48 60 82 26" {...MEANT} strokeWidth={2.6} />}
      {grade === 'marks-gone' && <path d="M30 32h12M54 32h12" {...MEANT} strokeDasharray="1 4" />}
      {grade === 'greasy' &&
        strewn(4, [28, 20, 40, 22], 8).map(([x, y, s], i) => (
          <ellipse key={i} cx={x} cy={y} rx={4 + 3 * s} ry={3} fill="var(--due)" opacity={0.55} />
        ))}
      {grade === 'open' && (
        <>
          <path d="M48 8v-4M20 32q8 -14 18 -2M58 34q10 12 18 -2" className="ink" />
          <path d="M42 24l12 16M54 24l-12 16" {...MEANT} strokeWidth={2.6} />
        </>
      )}
      {grade === 'coil-showing' &&
        [20, 26, 32].map((y) => <path key={y} d={`M30 ${y}q18 -6 36 0`} {...MEANT} strokeWidth={2.4} />)}
    </>
  );
}
