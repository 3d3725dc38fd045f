'use client';

import { Search } from 'lucide-react';
import Link from 'next/link';
import { Dialog } from '@/ui';
import { isHere, MORE } from './places';

const ROW = 'border-line flex min-h-14 w-full items-center gap-3.5 border-b text-left text-xl';

/** The places that do not stand in the bar of a phone. */
export function MoreSheet({
  path,
  onFind,
  onClose,
}: {
  path: string;
  onFind: () => void;
  onClose: () => void;
}) {
  return (
    <Dialog open onClose={onClose} title="More">
      <nav aria-label="More places">
        <button type="button" className={ROW} onClick={onFind}>
          <Search aria-hidden size={22} /> Find
        </button>
        {MORE.map((place) => {
          const { href, word, icon: Icon } = place;
          return (
            <Link
              key={href}
              href={href}
              prefetch={false}
              aria-current={isHere(place, path) ? 'page' : undefined}
              className={ROW}
              onClick={onClose}
            >
              <Icon aria-hidden size={22} strokeWidth={1.8} /> {word}
            </Link>
          );
        })}
      </nav>
    </Dialog>
  );
}
