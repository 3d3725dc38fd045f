'use client';

import { useCallback, useState } from 'react';

/** How wide (px) an element is on screen, followed as it changes; 0 before it is there. */
export function useWidth(): readonly [(node: HTMLElement | null) => (() => void) | undefined, number] {
  const [width, setWidth] = useState(0);
  const ref = useCallback((node: HTMLElement | null) => {
    if (!node) return undefined;
    const watch = new ResizeObserver(() => setWidth(node.clientWidth));
    setWidth(node.clientWidth);
    watch.observe(node);
    return () => watch.disconnect();
  }, []);
  return [ref, width];
}
