import { hatch, jag, strewn } from './scatter';

const MEANT = { stroke: 'var(--due)', fill: 'none', strokeWidth: 1.8, strokeLinecap: 'round' } as const;

/** A bearing's roller on its race, seen from the side. */
export function Rollers({ grade }: { grade: string }) {
  return (
    <>
      <path d="M8 52q40 -8 80 0v7q-40 -8 -80 0z" className="ink-metal" />
      <path d="M16 18q30 -8 62 -3v30q-30 5 -62 -1q-4 -13 0 -26z" className="ink-body" />
      <path d="M22 24q26 -6 52 -2" className="ink-thin" />
      {grade === 'stained' &&
        strewn(4, [26, 26, 40, 12], 3).map(([x, y, s], i) => (
          <ellipse key={i} cx={x} cy={y} rx={3 + 4 * s} ry={2 + s} {...MEANT} strokeDasharray="2 2" />
        ))}
      {grade === 'pitted' &&
        strewn(16, [24, 22, 48, 20], 5).map(([x, y, s], i) => (
          <circle key={i} cx={x} cy={y} r={0.8 + 1.8 * s} fill="var(--due)" />
        ))}
      {grade === 'blue' && <path d={hatch([34, 17, 26, 28], 3.2)} {...MEANT} strokeWidth={1.3} />}
      {grade === 'broken' && (
        <>
          <path d={jag(46, 15, 52, 47)} {...MEANT} strokeWidth={2.4} />
          <path d={jag(52, 30, 76, 36, 4)} {...MEANT} />
        </>
      )}
    </>
  );
}

/** The spindle from the side: seal land at the left, threads at the right. */
export function Spindle({ grade }: { grade: string }) {
  return (
    <>
      <path d="M6 12h22v8h20l26 6h16v14h-16l-26 6h-20v8h-22z" className="ink-body" />
      {[78, 82, 86].map((x) => (
        <path key={x} d={`M${x} 26v14`} className="ink-thin" />
      ))}
      {grade === 'wear-line' && <path d="M22 12v42" {...MEANT} />}
      {grade === 'step' && (
        <path d="M17 12v2.6h6v-2.6M17 54v-2.6h6v2.6M17 15v36M23 15v36" {...MEANT} strokeWidth={2.2} />
      )}
      {grade === 'heat' && (
        <>
          <path d={hatch([30, 20, 18, 26], 3.2)} {...MEANT} strokeWidth={1.3} />
          <path d="M34 14q2 -3 0 -6M40 14q2 -3 0 -6M46 16q2 -3 0 -6" {...MEANT} />
        </>
      )}
      {grade === 'scored' && (
        <>
          <path d={jag(30, 28, 72, 31, 8, 1)} {...MEANT} strokeWidth={2.2} />
          <path d={jag(30, 36, 70, 36, 8, 1)} {...MEANT} strokeWidth={2.2} />
          <path d="M70 40l6 3" {...MEANT} />
        </>
      )}
    </>
  );
}

/** The seal with its lip on the spindle, cut through. */
export function Seal({ grade }: { grade: string }) {
  return (
    <>
      <path d="M6 44h84v12h-84z" className="ink-metal" />
      <path d="M34 6h26v12l-4 20q-3 8 -7 6l3 -24h-18z" className="ink-body" />
      {grade === 'damp' && <path d="M56 40q3 3 1 4" {...MEANT} strokeWidth={3} />}
      {grade === 'weeping' && <path d="M54 43q10 -6 16 0q6 4 4 8M70 51q0 5 3 5" {...MEANT} strokeWidth={3} />}
      {grade === 'damaged' && <path d={jag(46, 34, 54, 42, 3)} {...MEANT} strokeWidth={2.6} />}
      {grade === 'line-behind' && <path d="M60 43q4 -12 8 0q4 -12 8 0q4 -12 8 0" {...MEANT} />}
      {grade === 'on-shoes' && (
        <>
          <path d="M78 8h12v34h-12z" className="ink-body" />
          <path d="M54 43q12 -10 24 -12M78 20q4 4 0 8M82 26q4 4 0 8" {...MEANT} strokeWidth={3} />
        </>
      )}
    </>
  );
}

const GREASE =
  'M18 46q-10 -4 -4 -14q2 -16 18 -14q8 -12 22 -4q16 -2 18 12q12 6 4 16q-4 6 -14 4q-8 8 -20 2q-12 4 -24 -2z';

/** A dab of old grease. */
export function OldGrease({ grade }: { grade: string }) {
  return (
    <>
      <path d={GREASE} className="ink-body" />
      {grade === 'as-new' && <path d="M28 26q8 -6 16 -4M52 24q8 0 10 6" className="ink-thin" />}
      {grade === 'darkened' && <path d={hatch([22, 22, 46, 22], 5)} className="ink-thin" />}
      {grade === 'thin' && (
        <path
          d="M26 48q0 8 -2 10M42 50q0 6 -1 9M60 48q1 6 0 10M72 44q3 8 2 14"
          {...MEANT}
          strokeWidth={2.4}
        />
      )}
      {grade === 'water' &&
        strewn(6, [26, 20, 38, 22], 9).map(([x, y, s], i) => (
          <path
            key={i}
            d={`M${x} ${y}q${2 + 2 * s} ${5 + 2 * s} 0 ${6 + 2 * s}q-${2 + 2 * s} -1 0 -${6 + 2 * s}z`}
            {...MEANT}
          />
        ))}
      {grade === 'metal' &&
        strewn(9, [24, 20, 42, 22], 4).map(([x, y, s], i) => (
          <path
            key={i}
            d={`M${x - 3 * s - 1} ${y}h${6 * s + 2}M${x} ${y - 3 * s - 1}v${6 * s + 2}`}
            {...MEANT}
          />
        ))}
      {grade === 'burnt' && (
        <>
          <path d={GREASE} fill="var(--ink)" opacity={0.72} />
          <path
            d={`${jag(24, 34, 66, 28, 6)}${jag(40, 20, 46, 46, 4)}`}
            stroke="var(--sheet)"
            fill="none"
            strokeWidth={1.8}
          />
        </>
      )}
    </>
  );
}
