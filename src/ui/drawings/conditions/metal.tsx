import { jag, strewn } from './scatter';

const MEANT = { stroke: 'var(--due)', fill: 'none', strokeWidth: 1.9, strokeLinecap: 'round' } as const;

/** A spring's eye on its bolt. */
export function Eye({ grade }: { grade: string }) {
  const oval = grade === 'worn' || grade === 'oval';
  const gap = grade === 'seen' ? 2.5 : grade === 'felt' || grade === 'bright' ? 4.5 : oval ? 6 : 0;
  return (
    <>
      <path d="M48 8a24 24 0 1 0 20 37l24 3v-11l-20 -4a24 24 0 0 0 -24 -25z" className="ink-body" />
      <ellipse cx="46" cy={32 + gap / 2} rx="13" ry={13 + gap} className={oval ? 'ink-meant' : 'ink'} />
      <circle cx="46" cy="32" r="11" className="ink-metal" />
      {gap > 0 && !oval && <path d={`M46 ${43 + gap / 2}v${gap}M40 ${43 + gap}q6 ${gap} 12 0`} {...MEANT} />}
      {grade === 'bright' && <path d="M30 22l-5 -3M28 32h-6M30 42l-5 3" {...MEANT} strokeWidth={2.4} />}
      {grade === 'cracked' && <path d={jag(34, 24, 22, 14, 4)} {...MEANT} strokeWidth={2.8} />}
    </>
  );
}

/** A webbing strap. */
export function Strap({ grade }: { grade: string }) {
  const weave = [14, 26, 38, 50, 62, 74, 84].map((x) => `M${x} 22v20`).join('');
  if (grade === 'knotted')
    return (
      <>
        <path d="M4 24h24q10 -14 26 0h38M4 40h26q12 16 26 0h36" className="ink" />
        <path d="M34 22q20 8 14 24M54 20q-22 8 -14 26" {...MEANT} strokeWidth={2.6} />
      </>
    );
  if (grade === 'cut')
    return (
      <>
        <path d="M4 22h40l-6 7l6 6l-6 7h-34zM92 22h-36l6 7l-6 6l6 7h30z" className="ink-body" />
        <path d="M44 22l-6 7l6 6l-6 7M56 22l6 7l-6 6l6 7" {...MEANT} strokeWidth={2.4} />
      </>
    );
  return (
    <>
      <path d="M4 22h88v20h-88z" className="ink-body" />
      <path d={weave} className="ink-thin" />
      {grade === 'fuzzed' && (
        <path
          d={[10, 18, 26, 34, 42, 50, 58, 66, 74, 82].map((x) => `M${x} 22l2 -4M${x} 42l-2 4`).join('')}
          {...MEANT}
          strokeWidth={1.1}
        />
      )}
      {grade === 'frayed' && (
        <path
          d="M40 22q4 8 -2 12M46 22q0 10 6 14M54 42q-2 -8 2 -12M34 42q4 -6 0 -12M48 20l-4 -8M56 20l6 -7M44 44l-2 9"
          {...MEANT}
          strokeWidth={2}
        />
      )}
      {grade === 'stiff' &&
        strewn(9, [10, 24, 74, 16], 3).map(([x, y, s], i) => (
          <circle key={i} cx={x} cy={y} r={1.6 + 2 * s} {...MEANT} fill="var(--due-wash)" />
        ))}
    </>
  );
}

/** A weld between two plates. */
export function Weld({ grade }: { grade: string }) {
  const bead = Array.from({ length: 9 }, (_, i) => `M${8 + i * 9.4} 40q5 -12 9 0`).join('');
  return (
    <>
      <path d="M4 40h88v16h-88z" className="ink-metal" />
      <path d="M30 6h36v30h-36z" className="ink-body" />
      <path d={bead} className="ink" />
      {grade === 'rust' &&
        strewn(14, [10, 30, 74, 20], 7).map(([x, y, s], i) => (
          <circle key={i} cx={x} cy={y} r={1.2 + 2.2 * s} {...MEANT} fill="var(--due-wash)" />
        ))}
      {grade === 'crack' && <path d={jag(28, 37, 62, 36, 7, 1.6)} {...MEANT} strokeWidth={2.4} />}
      {grade === 'main-crack' && (
        <path
          d={`${jag(46, 40, 50, 56, 4, 1.8)}${jag(36, 38, 56, 37, 5, 1.6)}`}
          {...MEANT}
          strokeWidth={2.8}
        />
      )}
      {grade === 'through' && (
        <path
          d={`${jag(28, 37, 66, 36, 7, 1.6)}${jag(66, 36, 78, 56, 4)}${jag(48, 37, 40, 6, 5)}`}
          {...MEANT}
          strokeWidth={2.8}
        />
      )}
    </>
  );
}
