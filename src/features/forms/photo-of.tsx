'use client';

import { usePhoto } from '@/store';

/** A picture by its hash; where it is not on this device, that is said in its place. */
export function PhotoOf({ hash, alt, className }: { hash: string; alt: string; className?: string }) {
  const photo = usePhoto(hash);
  if (photo.status === 'ready')
    // The picture lies in this browser: there is nothing for a server to make smaller.
    // eslint-disable-next-line @next/next/no-img-element
    return <img src={photo.url} alt={alt} className={className} />;
  return (
    <p className="border-line text-soft grid min-h-28 place-items-center rounded-sheet border border-dashed p-3 text-center text-[0.92rem]">
      {photo.status === 'loading'
        ? 'Fetching the photo…'
        : 'This photo is not on this device. It is in the archive of the one it was taken with.'}
    </p>
  );
}
