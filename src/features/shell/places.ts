import {
  CalendarRange,
  ClipboardList,
  Footprints,
  House,
  ScrollText,
  Settings,
  Tags,
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

/** The places one goes to, in the order of the rail. */
export const PLACES: readonly Place[] = [
  { href: '/', word: 'Yard', icon: House },
  { href: '/walk', word: 'Walk', icon: Footprints, also: ['/lights'] },
  { href: '/season', word: 'Season', icon: CalendarRange },
  { href: '/bench', word: 'Bench', icon: ClipboardList, also: ['/sheet'] },
  { href: '/rig', word: 'Rig', icon: Tags, also: ['/parts', '/survey', '/rules', '/identify', '/setup'] },
  { href: '/logbook', word: 'Logbook', icon: ScrollText, also: ['/end', '/finding'] },
  { href: '/keep', word: 'Keep', icon: Settings },
];
