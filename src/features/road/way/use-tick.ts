import { useEffect, useState } from 'react';

/** Draws anew so often (ms): the clock asks for looks as well. */
export function useTick(every: number): void {
  const [, tick] = useState(0);
  useEffect(() => {
    const timer = setInterval(() => tick((n) => n + 1), every);
    return () => clearInterval(timer);
  }, [every]);
}
