import type { ReactNode } from 'react';
import type { TroubleId } from '@/core/rules';

const hot = 'var(--stop)';

/** A wheel from its side: tire, rim, hub. */
const WHEEL = (
  <>
    <circle cx="36" cy="28" r="20" />
    <circle cx="36" cy="28" r="12" />
    <circle cx="36" cy="28" r="3.5" />
  </>
);

/** A wheel with its tire down, so far. */
const low = (by: number) => (
  <>
    <path
      d={`M${18 + by / 3} ${44 - by / 2} A20 20 0 1 1 ${54 - by / 3} ${44 - by / 2} Q56 48 50 48 H22 Q16 48 ${18 + by / 3} ${44 - by / 2}Z`}
    />
    <circle cx="36" cy={28 + by / 4} r="12" />
    <circle cx="36" cy={28 + by / 4} r="3.5" />
    <path d="M8 48.5H64" />
  </>
);

const SMOKE = (x: number) => `M${x} 15c-3-3 3-5 0-8`;

/** Five studs in a ring, the ones named as gone in dashes. */
const studs = (gone: readonly number[]) =>
  [0, 1, 2, 3, 4, 5].map((i) => {
    const a = (i * Math.PI) / 3 - Math.PI / 2;
    const off = gone.includes(i);
    return (
      <circle
        key={i}
        cx={36 + 13 * Math.cos(a)}
        cy={28 + 13 * Math.sin(a)}
        r="3.4"
        {...(off && { stroke: hot, strokeDasharray: '2 2' })}
      />
    );
  });

/** What is seen of each, one hand for all: ink lines, and the thing meant in red. */
const DRAWN: Readonly<Record<TroubleId, ReactNode>> = {
  nail: (
    <>
      {WHEEL}
      <path d="M56 8 48 17M53 5l6 6" stroke={hot} />
    </>
  ),
  soft: (
    <>
      {low(4)}
      <path d="M62 34c4 0 2 4 5 4M62 40c4 0 2 4 5 4" stroke={hot} />
    </>
  ),
  flat: (
    <>
      {low(16)}
      <path d="M14 48.5H58" stroke={hot} strokeWidth="3" />
    </>
  ),
  carcass: (
    <>
      {WHEEL}
      <path d="M52 16c8-4 12 6 4 11" stroke={hot} />
      <path d="M18 38c-5 4-8 3-10 8M22 43c-4 4-6 3-8 7" stroke={hot} />
    </>
  ),
  'tire-hot': (
    <>
      {WHEEL}
      <path d={`M56 12c4-4-3-6 1-10M62 20c4-4-3-6 1-10`} stroke={hot} />
      <circle cx="36" cy="28" r="16" stroke={hot} strokeDasharray="3 3" />
    </>
  ),
  hot: (
    <>
      {WHEEL}
      <circle cx="36" cy="28" r="6" stroke={hot} />
      <path d={`${SMOKE(28)}M36 13c-3-3 3-6 0-10${SMOKE(44)}`} stroke={hot} />
    </>
  ),
  leaning: (
    <>
      <path d="M36 50V6" strokeDasharray="3 3" />
      <rect x="30" y="8" width="12" height="40" rx="5" transform="rotate(14 36 28)" stroke={hot} />
      <path d="M4 28h26" />
    </>
  ),
  cap: (
    <>
      <circle cx="36" cy="28" r="19" />
      <circle cx="36" cy="28" r="8" stroke={hot} strokeDasharray="3 3" />
      <path d="M32 28h8M36 24v8" />
    </>
  ),
  'oil-bath': (
    <>
      <circle cx="36" cy="26" r="18" />
      <circle cx="36" cy="26" r="12" />
      <path d="M25 31h22" stroke={hot} />
      <path d="M36 46c-3 4-3 6 0 6s3-2 0-6Z" stroke={hot} />
    </>
  ),
  grease: (
    <>
      {WHEEL}
      <path d="M36 32v10M31 31l-4 9M41 31l4 9" stroke={hot} strokeWidth="2.6" />
    </>
  ),
  studs: (
    <>
      <circle cx="36" cy="28" r="20" />
      <circle cx="36" cy="28" r="5" />
      {studs([1])}
    </>
  ),
  dragging: (
    <>
      <circle cx="36" cy="28" r="20" />
      <path d="M23 20a15 15 0 0 0 0 16M49 20a15 15 0 0 1 0 16" stroke={hot} strokeWidth="4" />
      <circle cx="36" cy="28" r="4" />
    </>
  ),
  dead: (
    <>
      <circle cx="36" cy="28" r="20" />
      <path d="M24 21a14 14 0 0 0 0 14M48 21a14 14 0 0 1 0 14" strokeDasharray="3 3" />
      <path d="M29 21l14 14M43 21 29 35" stroke={hot} />
    </>
  ),
  fade: (
    <>
      <path d="M4 16 68 48" />
      <circle cx="28" cy="20" r="8" />
      <path d="M40 18c-2-3 3-5 0-9M48 22c-2-3 3-5 0-9" stroke={hot} />
      <circle cx="28" cy="20" r="2.5" />
    </>
  ),
  lights: (
    <>
      <rect x="14" y="16" width="22" height="24" rx="3" />
      <path d="M44 20l14-6M44 28h16M44 36l14 6" strokeDasharray="3 4" />
      <path d="M18 20l14 16M32 20 18 36" stroke={hot} />
    </>
  ),
  strap: (
    <>
      <path d="M6 36h20l4-4M66 20H46l-4 4" />
      <path d="M30 32l3 1M29 29l4-1M42 24l-3-1M43 27l-4 1" stroke={hot} />
      <path d="M6 30v12M66 14v12" />
    </>
  ),
  coupler: (
    <>
      <circle cx="26" cy="36" r="8" />
      <path d="M20 44h12v6H20Z" />
      <path d="M36 30V20h26v10c0 3-3 4-5 4H46c-6 0-10-1-10-4Z" />
      <path d="M30 22l-4-8M38 14v-8" stroke={hot} />
    </>
  ),
  breakaway: (
    <>
      <rect x="36" y="16" width="26" height="22" rx="3" />
      <path d="M36 27h-6" stroke={hot} />
      <circle cx="27" cy="27" r="3" stroke={hot} />
      <path d="M24 27C12 27 18 44 6 42" />
    </>
  ),
  spring: (
    <>
      <path d="M8 22c18 18 38 18 56 0" />
      <path d="M16 27c12 11 28 11 40 0" />
      <circle cx="8" cy="22" r="3" />
      <circle cx="64" cy="22" r="3" />
      <path d="M44 20l-4 8 6 3-4 8" stroke={hot} />
    </>
  ),
  sway: (
    <>
      <rect x="28" y="4" width="16" height="14" rx="2" />
      <rect x="27" y="26" width="18" height="24" rx="2" transform="rotate(16 36 20)" />
      <path d="M36 18v8" />
      <path d="M12 36c-5 4-5 8 0 12M60 32c5 4 5 8 0 12" stroke={hot} />
    </>
  ),
  shifted: (
    <>
      <path d="M6 42h60" />
      <circle cx="26" cy="48" r="5" />
      <circle cx="40" cy="48" r="5" />
      <rect x="38" y="18" width="22" height="22" transform="rotate(12 49 29)" stroke={hot} />
      <path d="M14 22h16M20 30h8" strokeDasharray="3 3" />
    </>
  ),
  lost: (
    <>
      <path d="M6 24h30v8H6ZM36 26h10v4H36" />
      <circle cx="52" cy="28" r="16" stroke={hot} strokeDasharray="4 3" />
    </>
  ),
  smoke: (
    <>
      {WHEEL}
      <path d="M24 14c-6-5 4-8-1-13M36 10c-6-5 4-6-1-10M48 14c-6-5 4-8-1-13" stroke={hot} />
    </>
  ),
  wire: (
    <>
      <path d="M6 40c12 0 10-20 24-20M42 20c12 0 12 20 24 20" />
      <path d="M33 12l6 8h-6l6 9" stroke={hot} />
    </>
  ),
  struck: (
    <>
      <path d="M8 40V16h30v24ZM38 34h14" />
      <path d="M56 12l-6 6 7 2-5 7" stroke={hot} />
    </>
  ),
  noise: (
    <>
      {WHEEL}
      <path d="M8 20c-5 5-5 11 0 16M64 20c5 5 5 11 0 16" stroke={hot} />
    </>
  ),
  stuck: (
    <>
      <path d="M36 6v28M28 34h16v8H28Z" />
      <path d="M36 42v6M26 49h20" stroke={hot} strokeWidth="3" />
      <path d="M30 10h12" />
    </>
  ),
  ramp: (
    <>
      <circle cx="36" cy="24" r="17" />
      <circle cx="36" cy="24" r="4" stroke={hot} />
      <path d="M6 38c5-4 9-4 14 0s9 4 14 0 9-4 14 0 9 4 14 0M6 46c5-4 9-4 14 0s9 4 14 0 9-4 14 0 9 4 14 0" />
    </>
  ),
};

/** A trouble as it is seen. */
export function TroubleDrawing({ id }: { id: TroubleId }) {
  return (
    <svg
      aria-hidden
      viewBox="0 0 72 56"
      className="h-14 w-[4.5rem]"
      fill="none"
      stroke="currentColor"
      strokeWidth="1.8"
      strokeLinecap="round"
      strokeLinejoin="round"
    >
      {DRAWN[id]}
    </svg>
  );
}
