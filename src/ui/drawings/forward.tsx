import type { ReactNode } from 'react';

/** A drawing made for the left side, turned round for the right, where forward is the other way; the sign says which. */
export function Sided({ side, width, children }: { side: 'L' | 'R'; width: number; children: ReactNode }) {
  const right = side === 'R';
  return (
    <>
      <g {...(right && { transform: `translate(${width} 0) scale(-1 1)` })}>{children}</g>
      <text
        x={right ? width - 4 : 4}
        y="20"
        textAnchor={right ? 'end' : 'start'}
        className="fill-soft"
        fontSize="14"
      >
        {right ? 'forward →' : '← forward'}
      </text>
    </>
  );
}
