'use client';

import { useEffect, useState } from 'react';
import { useYard } from './yard-context';

/** A picture by its hash, as an address to show it by. */
export type ShownPhoto =
  { readonly status: 'loading' | 'missing' } | { readonly status: 'ready'; readonly url: string };

/** A picture of this device by its hash, let go when it is no longer shown. */
export function usePhoto(hash: string): ShownPhoto {
  const { store } = useYard();
  const [shown, setShown] = useState<{ hash: string; photo: ShownPhoto }>();
  useEffect(() => {
    let url: string | undefined;
    let gone = false;
    const show = (blob: Blob | undefined) => {
      if (gone) return;
      url = blob && URL.createObjectURL(blob);
      setShown({ hash, photo: url ? { status: 'ready', url } : { status: 'missing' } });
    };
    // A picture that cannot be read is shown as one that is not here.
    store.send('readPhoto', { hash }).then(show, () => show(undefined));
    return () => {
      gone = true;
      if (url) URL.revokeObjectURL(url);
    };
  }, [store, hash]);
  return shown?.hash === hash ? shown.photo : { status: 'loading' };
}
