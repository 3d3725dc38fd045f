import { useEffect, useState } from 'react';

/** The device's clock (ms), told anew so often (ms): the clock asks for looks as well. */
export function useTick(every: number): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), every);
    return () => clearInterval(timer);
  }, [every]);
  return now;
}
