import { useState } from 'react';

/** A value as it first was while its signature stays: what is worked out of it is not worked out again because it came anew. */
export function useSame<T>(value: T, signature: string): T {
  const [kept, setKept] = useState({ value, signature });
  if (kept.signature === signature) return kept.value;
  setKept({ value, signature });
  return value;
}
