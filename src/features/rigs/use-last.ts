'use client';

import { useState } from 'react';

/** The last value that was there: what stands on a page while the next one is being worked out. */
export function useLast<T>(value: T | undefined): T | undefined {
  const [last, setLast] = useState(value);
  if (value !== undefined && value !== last) setLast(value);
  return value ?? last;
}
