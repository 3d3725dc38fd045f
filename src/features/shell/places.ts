import {
  CalendarRange,
  ClipboardList,
  Ear,
  Footprints,
  House,
  Package,
  Ruler,
  ScrollText,
  Settings,
  Tags,
  TriangleAlert,
  type LucideIcon,
} from 'lucide-react';

/** One place of the product. */
export interface Place {
  readonly href: string;
  readonly word: string;
  readonly icon: LucideIcon;
  /** Other pages that belong to it. */
  readonly also?: readonly string[];
}

/** The places of the work, in the order of the rail. */
export const WORK: readonly Place[] = [
  { href: '/', word: 'Yard', icon: House },
  { href: '/walk', word: 'Road', icon: Footprints, also: ['/lights', '/kit'] },
  { href: '/plan', word: 'Plan', icon: CalendarRange },
  { href: '/bench', word: 'Bench', icon: ClipboardList, also: ['/sheet'] },
  { href: '/logbook', word: 'Logbook', icon: ScrollText, also: ['/end', '/finding', '/papers'] },
];

/** What the work draws on. */
export const BEHIND: readonly Place[] = [
  { href: '/rig', word: 'Rig', icon: Tags, also: ['/survey', '/rules', '/identify', '/setup'] },
  { href: '/parts', word: 'Parts', icon: Package, also: ['/money', '/to-order'] },
  { href: '/figures', word: 'Figures', icon: Ruler },
  { href: '/practice', word: 'Practice', icon: Ear },
];

/** Part of the Road, and one tap from everywhere. */
export const TROUBLE: Place = { href: '/trouble', word: 'Trouble', icon: TriangleAlert };

/** At the foot of the rail. */
export const FOOT: Place = { href: '/keep', word: 'Backup & settings', icon: Settings };

/** So many stand in the bar of a phone, before *More*. */
const AT_THE_THUMB = 4;

/** What the bar of a phone has, and what lies behind *More*. */
export const BAR = WORK.slice(0, AT_THE_THUMB);
export const MORE: readonly Place[] = [TROUBLE, ...WORK.slice(AT_THE_THUMB), ...BEHIND, FOOT];

/** True on a page of a place. */
export function isHere({ href, also = [] }: Place, path: string): boolean {
  return path === href || also.includes(path);
}
