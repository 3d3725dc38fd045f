'use client';

import { Timer } from 'lucide-react';
import { useEffect, useState } from 'react';
import { Button } from '@/ui';
import { useStepKeys } from './use-step-keys';

const two = (n: number) => String(n).padStart(2, '0');

/** Minutes and seconds for soaking, curing, a lever held: it runs while the step is open. */
export function Stopwatch() {
  const [since, setSince] = useState<number>();
  const [now, setNow] = useState(0);
  useEffect(() => {
    if (since === undefined) return;
    const timer = setInterval(() => setNow(Date.now()), 500);
    return () => clearInterval(timer);
  }, [since]);
  const seconds = since === undefined ? 0 : Math.max(0, Math.round((now - since) / 1000));
  const turn = () => {
    setNow(Date.now());
    setSince(since === undefined ? Date.now() : undefined);
  };
  useStepKeys({ watch: turn });
  return (
    <Button data-low aria-pressed={since !== undefined} onClick={turn}>
      <Timer aria-hidden size={20} />
      {since === undefined ? (
        'Stopwatch'
      ) : (
        <span className="figures">{`${two(Math.floor(seconds / 60))}:${two(seconds % 60)} min`}</span>
      )}
    </Button>
  );
}
