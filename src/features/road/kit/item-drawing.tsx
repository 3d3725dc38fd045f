import type { KitId } from '@/core/rules';
import type { KitPart, KitReading, Need } from '@/core/road';

/** Each as an outline, one hand for all. */
const DRAWN: Readonly<Record<KitId | KitPart, string>> = {
  jack: 'M10 30h20l-4-4H14ZM20 26V14M16 14h8v-4h-8ZM24 20l12-4',
  blocks: 'M8 22h24v8H8ZM12 14h16v8H12Z',
  stand: 'M20 6v8M16 6h8M20 14 10 30M20 14l10 16M14 24h12',
  chocks: 'M6 30h12L6 18ZM34 30H22l12-12Z',
  plate: 'M6 22h28l-4 8H2ZM14 22l-4 8M24 22l-4 8',
  'drive-up': 'M4 30h32V18H20L4 30Z',
  socket: 'M10 10h20v10l-4 4v6H14v-6l-4-4ZM16 10v8M24 10v8',
  bar: 'M4 30 30 8l4 4L8 34Z',
  key: 'M8 20h14M14 20v6M20 20v4M22 14h10v12H22Z',
  wrench: 'M4 26 28 12M26 8h8v8h-8ZM4 26l-2 4 4 2 2-4',
  'spare-fits': 'M20 6a14 14 0 1 0 .1 0ZM20 13a7 7 0 1 0 .1 0Z',
  nuts: 'M8 12l6-4 6 4v8l-6 4-6-4ZM22 20l5-3 5 3v7l-5 3-5-3Z',
  stud: 'M14 10h12v6H14ZM17 16h6v16h-6ZM17 20h6M17 24h6M17 28h6',
  'plug-kit': 'M20 6v18M14 6h12M20 24l-3 8M8 30c6-4 10 2 16-2',
  gauge: 'M20 8a10 10 0 1 0 .1 0ZM20 18l5-5M20 28v6',
  inflator: 'M6 14h20v14H6ZM26 20h4c4 0 4-10 8-10M11 19h10',
  'valve-core': 'M18 6h4v8h-4ZM16 14h8v6h-8ZM18 20h4v12h-4Z',
  pins: 'M10 10c-6 0-6 8 0 8h22M10 14h22M32 18l4 4',
  grease: 'M8 14h24v18H8ZM12 14v-4h16v4M8 20h24',
  'hub-oil': 'M14 12h12v20H14ZM17 12V6h6v6M20 18c-3 4-3 7 0 7s3-3 0-7Z',
  thermometer: 'M8 12h20v8H16l-4 12H8l2-12H8ZM28 14l6 0M28 18h6',
  spoon: 'M4 14c8 0 6 10 14 10h14c4 0 4 4 4 6',
  'hand-tools': 'M8 8h12v6H8ZM13 14v18M26 6l2 26M32 6l-2 26M26 14h6',
  bulbs: 'M20 6a9 9 0 0 1 5 16v4H15v-4a9 9 0 0 1 5-16ZM15 30h10',
  fuses: 'M12 8h16v12H12ZM15 20v10M25 20v10M15 12c5 6 5-4 10 4',
  'test-lamp': 'M6 30 24 12M22 8h8v8h-8ZM30 12c6 4 0 12 6 18',
  wire: 'M6 12c20-6 4 20 26 12M6 20c18-6 6 16 26 10',
  'charger-lead': 'M6 20h8M14 14h8v12h-8ZM22 17h6M22 23h6M6 20c0 8-2 8-2 12',
  'breakaway-cable': 'M8 10a4 4 0 1 0 .1 0ZM12 14c16 0 0 14 20 14M32 24v8',
  strap: 'M6 14h10v8H6ZM16 18h16M32 18c4 0 4 4 4 6v4M24 14v8',
  'axle-chain': 'M6 16h10v8H6ZM14 16h12v8H14ZM24 16h10v8H24Z',
  link: 'M12 10h16c8 0 8 20 0 20H12c-8 0-8-20 0-20ZM26 16v8',
  triangles: 'M20 6 36 32H4ZM20 15l7 12H13Z',
  vest: 'M12 6 6 14v18h12V14M28 6l6 8v18H22V14M12 6l8 8 8-8M6 22h12M22 22h12',
  lamp: 'M8 14h14l8-4v18l-8-4H8ZM34 14l3-2M34 19h4M34 24l3 2',
  gloves: 'M12 32V16c0-4 4-4 4 0v-6c0-4 4-4 4 0v4c0-4 4-4 4 0v4c0-4 4-3 4 0v8l-2 6Z',
  extinguisher: 'M14 14h12v18H14ZM17 14v-4h6v4M23 10h6v4M17 10l-6 2',
  'rags-and-water': 'M8 14c4-4 8 4 12 0v16H8ZM26 10h8l2 6v16H24V16Z',
  'plastic-and-tape': 'M14 10a10 10 0 1 0 .1 0ZM14 16a4 4 0 1 0 .1 0ZM14 30h20v-4',
  paper: 'M10 6h16l4 4v24H10ZM14 14h12M14 19h12M14 24h8',
  bearings: 'M20 8a12 12 0 1 0 .1 0ZM20 14a6 6 0 1 0 .1 0ZM12 12l4 4M28 12l-4 4M12 28l4-4M28 28l-4-4',
  seal: 'M20 8a12 12 0 1 0 .1 0ZM20 12a8 8 0 1 0 .1 0Z',
  cap: 'M8 26c0-16 24-16 24 0ZM6 26h28v5H6Z',
  hub: 'M4 14h8v14H4ZM12 10h6v22h-6ZM18 14h14v14H18ZM32 17h4v8h-4Z',
};

const INK: Readonly<Record<KitReading['state'], string>> = {
  serves: 'var(--ink)',
  fails: 'var(--due)',
  unknown: 'var(--unknown)',
  missing: 'var(--soft)',
  unsaid: 'var(--soft)',
};

/** Something of the kit in its place: in ink where it is there, in dashes where it is not. */
export function ItemDrawing({ item, state }: { item: Need; state: KitReading['state'] }) {
  const gone = state === 'missing' || state === 'unsaid';
  return (
    <svg
      aria-hidden
      viewBox="0 0 40 40"
      className="size-12 shrink-0"
      fill="none"
      stroke={INK[state]}
      strokeWidth="1.6"
      strokeLinecap="round"
      strokeLinejoin="round"
      {...(gone && { strokeDasharray: '2.5 3' })}
    >
      <path d={DRAWN[item]} />
    </svg>
  );
}
