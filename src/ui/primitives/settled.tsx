'use client';

import { useEffect, useState, type ReactNode } from 'react';

/** So long (ms) something has to be on the screen before a tap can mean it: the second half of a double tap, or a glove that bounces, comes sooner. */
const A_BREATH = 450;

/** Answers no tap until what it is about has been seen: with each change of `of` it rests for a breath. */
export function Settled({
  of,
  className,
  children,
}: {
  of: string;
  className?: string;
  children: ReactNode;
}) {
  const [seen, setSeen] = useState<string>();
  useEffect(() => {
    const timer = setTimeout(() => setSeen(of), A_BREATH);
    return () => clearTimeout(timer);
  }, [of]);
  return (
    <div className={className} inert={seen !== of}>
      {children}
    </div>
  );
}
