import { jag, strewn } from './scatter';

const MEANT = { stroke: 'var(--due)', fill: 'none', strokeWidth: 1.9, strokeLinecap: 'round' } as const;

/** The tire's wall from the side, its lower half. */
export function TireWall({ grade }: { grade: string }) {
  const outline =
    grade === 'flat-spot' || grade === 'flat'
      ? 'M4 4q0 40 26 54h36q26 -14 26 -54'
      : grade === 'bulge'
        ? 'M4 4q2 24 14 38q10 20 24 14q4 5 8 4q40 -6 42 -56'
        : 'M4 4q2 54 44 56q42 -2 44 -56';
  return (
    <>
      <path d={`${outline}h-26q-2 26 -18 27q-16 -1 -18 -27z`} className="ink-body" />
      <path d="M16 6q2 40 32 42q30 -2 32 -42" className="ink-thin" />
      {grade === 'flat-spot' && <path d="M28 60h40" {...MEANT} strokeWidth={3} />}
      {grade === 'flat' && <path d="M22 46q8 8 -4 14M74 46q-8 8 4 14" {...MEANT} strokeWidth={2.6} />}
      {grade === 'bulge' && <path d="M16 42q10 22 26 16" {...MEANT} strokeWidth={2.6} />}
      {grade === 'crazed' &&
        strewn(13, [18, 34, 58, 16], 5).map(([x, y, s], i) => (
          <path key={i} d={jag(x, y, x + 5 + 3 * s, y + 3 * s, 3, 0.9)} {...MEANT} strokeWidth={0.9} />
        ))}
      {grade === 'cracks' && (
        <path
          d="M24 36q4 6 3 12q5 -4 1 -13zM50 42q2 6 0 12q6 -4 3 -12zM68 34q1 5 -2 11q6 -3 5 -11z"
          {...MEANT}
          fill="var(--due)"
        />
      )}
      {grade === 'cut' && (
        <path d="M34 40q14 2 26 12q-12 -2 -26 -12q-4 8 4 12" {...MEANT} strokeWidth={2.4} />
      )}
      {grade === 'cord' &&
        [0, 1, 2, 3].map((i) => (
          <path key={i} d={`M${34 + i * 7} 38l6 16M${40 + i * 7} 38l-6 16`} {...MEANT} strokeWidth={1.3} />
        ))}
    </>
  );
}

/** Where the tread ends, of five blocks across, by pattern (down from new). */
const PROFILE: Readonly<Record<string, readonly number[]>> = {
  even: [4, 4, 4, 4, 4],
  edges: [18, 7, 4, 7, 18],
  middle: [4, 11, 18, 11, 4],
  'one-side': [19, 14, 9, 5, 3],
  cupped: [4, 16, 5, 17, 5],
};

/** The tread cut across: what wore away stands dashed. */
export function TreadAcross({ grade }: { grade: string }) {
  const worn = PROFILE[grade] ?? PROFILE['even'] ?? [];
  return (
    <>
      <path d="M6 44h84v12q-42 8 -84 0z" className="ink-metal" />
      <path d="M6 14h84" stroke="var(--soft)" strokeDasharray="3 3" strokeWidth={1.2} fill="none" />
      {worn.map((down, i) => (
        <rect
          key={i}
          x={8 + i * 17}
          y={14 + down}
          width="12"
          height={30 - down}
          className={down > 8 ? 'ink-meant' : 'ink-body'}
        />
      ))}
    </>
  );
}

const DEPTH: Readonly<Record<string, number>> = { deep: 26, worn: 14, 'at-limit': 7, cord: 1 };

/** Two blocks of tread with the groove between, as deep as it is. */
export function TreadDepth({ grade }: { grade: string }) {
  const depth = DEPTH[grade] ?? 20;
  const top = 46 - depth;
  return (
    <>
      <path d={`M6 58V${top}h30V46h24V${top}h30V58z`} className="ink-body" />
      <path d={`M40 ${top}v${Math.max(0, depth - 1)}M37 ${top}h6M37 46h6`} {...MEANT} strokeWidth={1.6} />
      {grade === 'cord' &&
        [0, 1, 2, 3, 4, 5, 6, 7].map((i) => (
          <path key={i} d={`M${8 + i * 11} 48l6 8M${14 + i * 11} 48l-6 8`} {...MEANT} strokeWidth={1.2} />
        ))}
    </>
  );
}
