'use client';

import { useState } from 'react';
import { Button, FieldError, reported } from '@/ui';

/** Hands a file to the device's share sheet, where its browser has one for such files. */
export function ShareButton({ type, make }: { type: string; make: () => Promise<File> }) {
  const [problem, setProblem] = useState<string>();
  const [able] = useState(
    () =>
      typeof navigator !== 'undefined' &&
      typeof navigator.canShare === 'function' &&
      navigator.canShare({ files: [new File(['x'], `x.${type.split('/').pop() ?? ''}`, { type })] }),
  );
  if (!able) return null;
  const share = async () => {
    try {
      await navigator.share({ files: [await make()] });
    } catch (error) {
      // Whoever closes the sheet wants nothing.
      if (!(error instanceof DOMException && error.name === 'AbortError'))
        setProblem(error instanceof Error ? error.message : String(error));
    }
  };
  return (
    <>
      <Button onClick={() => reported(share())}>Share it</Button>
      {problem && <FieldError>{problem}</FieldError>}
    </>
  );
}
