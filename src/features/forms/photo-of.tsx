'use client';

import { useCallback, useState } from 'react';
import { usePhoto } from '@/store';

const EMPTY =
  'border-line text-soft grid min-h-28 place-items-center rounded-sheet border border-dashed p-3 text-center text-[0.92rem]';

/** True once an element is in sight or nearly so; where the browser does not watch, at once. */
function useSeen(): readonly [boolean, (node: HTMLElement | null) => (() => void) | undefined] {
  const [seen, setSeen] = useState(typeof IntersectionObserver === 'undefined');
  const ref = useCallback((node: HTMLElement | null) => {
    if (!node || typeof IntersectionObserver === 'undefined') return undefined;
    const watch = new IntersectionObserver(
      (parts) => parts.some(({ isIntersecting }) => isIntersecting) && setSeen(true),
      { rootMargin: '400px' },
    );
    watch.observe(node);
    return () => watch.disconnect();
  }, []);
  return [seen, ref];
}

function Shown({ hash, alt, className }: { hash: string; alt: string; className?: string | undefined }) {
  const photo = usePhoto(hash);
  if (photo.status === 'ready')
    // The picture lies in this browser: there is nothing for a server to make smaller.
    // eslint-disable-next-line @next/next/no-img-element
    return <img src={photo.url} alt={alt} className={className} />;
  return (
    <p className={EMPTY}>
      {photo.status === 'loading'
        ? 'Fetching the photo…'
        : 'This photo is not on this device. It is in the archive of the one it was taken with.'}
    </p>
  );
}

/** A picture by its hash, fetched once it comes in sight; where it is not on this device, that is said in its place. */
export function PhotoOf({ hash, alt, className }: { hash: string; alt: string; className?: string }) {
  const [seen, ref] = useSeen();
  return seen ? (
    <Shown hash={hash} alt={alt} className={className} />
  ) : (
    <p ref={ref} className={EMPTY}>
      Fetching the photo…
    </p>
  );
}
