import { ClipboardList, House, ScrollText, Settings, type LucideIcon } from 'lucide-react';

/** One place of the product. */
export interface Place {
  readonly href: string;
  readonly word: string;
  readonly icon: LucideIcon;
}

/** The places one goes to, in the order of the rail. */
export const PLACES: readonly Place[] = [
  { href: '/', word: 'Yard', icon: House },
  { href: '/bench', word: 'Bench', icon: ClipboardList },
  { href: '/logbook', word: 'Logbook', icon: ScrollText },
  { href: '/keep', word: 'Keep', icon: Settings },
];
