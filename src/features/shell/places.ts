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
import { PATHS } from '@/links';

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
  { href: PATHS.yard, word: 'Yard', icon: House },
  { href: PATHS.road, word: 'Road', icon: Footprints, also: [PATHS.lights, PATHS.kit] },
  { href: PATHS.plan, word: 'Plan', icon: CalendarRange },
  { href: PATHS.bench, word: 'Bench', icon: ClipboardList, also: [PATHS.sheet] },
  { href: PATHS.logbook, word: 'Logbook', icon: ScrollText, also: [PATHS.end, PATHS.finding, PATHS.papers] },
];

/** What the work draws on. */
export const BEHIND: readonly Place[] = [
  {
    href: PATHS.rig,
    word: 'Rig',
    icon: Tags,
    also: [PATHS.survey, PATHS.rules, PATHS.identify, PATHS.setup],
  },
  { href: PATHS.parts, word: 'Parts', icon: Package, also: [PATHS.money, PATHS.order] },
  { href: PATHS.figures, word: 'Figures', icon: Ruler },
  { href: PATHS.practice, word: 'Practice', icon: Ear },
];

/** Part of the Road, and one tap from everywhere. */
export const TROUBLE: Place = { href: PATHS.trouble, word: 'Trouble', icon: TriangleAlert };

/** At the foot of the rail. */
export const FOOT: Place = { href: PATHS.keep, word: 'Backup & settings', icon: Settings };

/** So many stand in the bar of a phone, before *More*. */
const AT_THE_THUMB = 4;

/** What the bar of a phone has, and what lies behind *More*. */
export const BAR = WORK.slice(0, AT_THE_THUMB);
export const MORE: readonly Place[] = [TROUBLE, ...WORK.slice(AT_THE_THUMB), ...BEHIND, FOOT];

/** True on a page of a place. */
export function isHere({ href, also = [] }: Place, path: string): boolean {
  return path === href || also.includes(path);
}
