import { guarded } from '../guarded';

/** A part of the hub, from the inside out. */
export type HubPart = 'spindle' | 'seal' | 'inner' | 'hub' | 'outer' | 'washer' | 'nut' | 'lock' | 'cap';

const NAMES: Record<HubPart, string> = {
  spindle: 'spindle',
  seal: 'seal',
  inner: 'inner bearing',
  hub: 'hub, races in it',
  outer: 'outer bearing',
  washer: 'washer',
  nut: 'nut',
  lock: 'lock',
  cap: 'cap',
};

const MIDDLE: Record<HubPart, number> = {
  spindle: 60,
  seal: 142,
  inner: 190,
  hub: 285,
  outer: 382,
  washer: 424,
  nut: 461,
  lock: 499,
  cap: 546,
};

const Y = 120;

function Part({ part, meant, brake }: { part: HubPart; meant: boolean; brake: boolean }) {
  const body = meant ? 'ink-meant' : 'ink-body';
  const metal = meant ? 'ink-meant' : 'ink-metal';
  switch (part) {
    case 'spindle':
      return (
        <g>
          <path d="M8 84h34l6 10h26v-10h10v10h22l6 5v32l-6 5H84v10H74v-10H48l-6 10H8z" className={body} />
          {[90, 96, 102].map((x) => (
            <line key={x} x1={x} x2={x + 3} y1="96" y2="144" className="ink-thin" />
          ))}
          <path d="M8 74v92" className="ink" />
        </g>
      );
    case 'seal':
      return (
        <g>
          <path d="M134 62h16v28h-10v60h10v28h-16z" className={metal} />
          <path d="M140 90l8 8M140 150l8-8" className="ink" />
        </g>
      );
    case 'inner':
      return (
        <g>
          <path d="M172 66l36 10v22h-36zM172 174l36-10v-22h-36z" className={body} />
          <path d="M178 74l24 6v10h-24zM178 166l24-6v-10h-24z" className={metal} />
          <path d="M172 98h36v44h-36z" className={body} />
        </g>
      );
    case 'hub':
      return (
        <g>
          <path
            d={
              brake
                ? 'M228 60h14v-42h18v42h20l24 18h38v18h-40l-20 10h-22l-32-14z'
                : 'M228 60h26v-38h14v38h12l24 18h38v18h-40l-20 10h-22l-32-14z'
            }
            className={body}
          />
          <path
            d={
              brake
                ? 'M228 180h14v42h18v-42h20l24-18h38v-18h-40l-20-10h-22l-32 14z'
                : 'M228 180h26v38h14v-38h12l24-18h38v-18h-40l-20-10h-22l-32 14z'
            }
            className={body}
          />
          {/* Hatched where the metal is cut. */}
          {[236, 248, 260, 272, 284, 298, 312, 326].map((x) => (
            <g key={x}>
              <line x1={x} x2={x - 7} y1={x > 290 ? 80 : 66} y2={x > 290 ? 93 : 84} className="ink-thin" />
              <line
                x1={x}
                x2={x - 7}
                y1={x > 290 ? 147 : 156}
                y2={x > 290 ? 160 : 174}
                className="ink-thin"
              />
            </g>
          ))}
          <path
            d="M228 68l30 12v10l-30-12zM342 78h-26v12h26zM228 172l30-12v-10l-30 12zM342 162h-26v-12h26z"
            className={metal}
          />
        </g>
      );
    case 'outer':
      return (
        <g>
          <path d="M400 76l-34 10v16h34zM400 164l-34-10v-16h34z" className={body} />
          <path d="M394 84l-22 6v6h22zM394 156l-22-6v-6h22z" className={metal} />
          <path d="M366 102h34v36h-34z" className={body} />
        </g>
      );
    case 'washer':
      return <path d="M420 88h8v64h-8z" className={metal} />;
    case 'nut':
      return (
        <g>
          <path
            d="M446 86h18v68h-18zM464 92h13v12h-13zM464 112h13v16h-13zM464 136h13v12h-13z"
            className={body}
          />
          <path d="M446 106h18M446 134h18" className="ink-thin" />
        </g>
      );
    case 'lock':
      return (
        <g>
          <circle cx="499" cy="84" r="7" className={body} />
          <path d="M496 91v62M502 91v62" className={meant ? 'ink-meant' : 'ink'} />
        </g>
      );
    case 'cap':
      return (
        <g>
          <path d="M526 76h12v-4h6v4h10q24 6 24 44t-24 44h-10v4h-6v-4h-12z" className={body} />
          <path d="M538 76v88" className="ink-thin" />
        </g>
      );
  }
}

const ALL = Object.keys(MIDDLE) as HubPart[];

function HubStackDrawing({ meant, brake }: { meant: readonly HubPart[]; brake: boolean }) {
  const named = meant.length === ALL.length ? [] : meant;
  return (
    <svg
      viewBox="0 0 600 262"
      className="h-auto w-full"
      role="img"
      aria-label={`Hub drawn apart; in hand: ${meant.map((part) => NAMES[part]).join(', ')}`}
    >
      <line x1="4" x2="596" y1={Y} y2={Y} className="ink-dash" />
      {ALL.map((part) => (
        <Part key={part} part={part} meant={meant.includes(part)} brake={brake} />
      ))}
      {named.map((part) => (
        <g key={part}>
          <line
            x1={MIDDLE[part]}
            x2={MIDDLE[part]}
            y1={part === 'hub' ? 226 : 184}
            y2="234"
            stroke="var(--accent)"
            strokeWidth="1.6"
          />
          <text
            x={Math.min(548, Math.max(60, MIDDLE[part]))}
            y="252"
            textAnchor="middle"
            className="font-semibold"
            fontSize="21"
            fill="var(--accent)"
            dx={
              named.length === 2 && part === 'washer'
                ? 58
                : named.length === 2 && part === 'outer' && named.includes('washer')
                  ? -20
                  : 0
            }
          >
            {NAMES[part]}
          </text>
        </g>
      ))}
      <text x="8" y="30" className="fill-soft" fontSize="18">
        inside
      </text>
      <text x="592" y="30" textAnchor="end" className="fill-soft" fontSize="18">
        outside
      </text>
    </svg>
  );
}

/** The hub's parts in order along the spindle, drawn apart; the ones in hand are meant. */
export const HubStack = guarded(HubStackDrawing);
