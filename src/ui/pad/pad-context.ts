'use client';

import { createContext, useContext } from 'react';

/** What a field takes from the pad: whole numbers, figures with fractions and a unit, or what is stamped on a part. */
export type PadKind = 'whole' | 'figure' | 'code';

/** True where figures are typed on our own pad: with gloves on, and on glass. */
export const PadContext = createContext(false);

/** Whether figures are typed on our own pad here. */
export function usePads(): boolean {
  return useContext(PadContext);
}

/** The attributes of an input that the pad types into; the system's keyboard then stays away. Empty where there is no pad. */
export function usePadded(
  kind: PadKind | undefined,
  about: { readonly unit?: string | undefined; readonly beside?: string | undefined } = {},
): Readonly<Record<string, string>> {
  const on = usePads();
  if (!on || !kind) return {};
  return {
    inputMode: 'none',
    'data-pad': kind,
    ...(about.unit && { 'data-unit': about.unit }),
    ...(about.beside && { 'data-beside': about.beside }),
  };
}
