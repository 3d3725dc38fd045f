/** What the product can do on a device beside what every browser can. */
export const ABILITIES = ['offline', 'kept', 'awake', 'apart'] as const;
export type AbilityId = (typeof ABILITIES)[number];

/** An ability here: there, or why it is not. */
export type Ability =
  | { readonly id: AbilityId; readonly here: true }
  | { readonly id: AbilityId; readonly here: false; readonly why: 'not-secure' | 'not-in-browser' };

/** What is looked at of a browser. */
export interface Browser {
  /** True over HTTPS and on the device itself: browsers give most abilities to such pages only. */
  readonly secure: boolean;
  readonly has: Readonly<Record<AbilityId, boolean>>;
}

/** Those that a browser only has where a page came to it safely. */
const NEED_HTTPS: ReadonlySet<AbilityId> = new Set<AbilityId>(['offline', 'kept', 'awake']);

/** The abilities of the product in a browser, each with why it is not there. */
export function abilitiesOf({ secure, has }: Browser): readonly Ability[] {
  return ABILITIES.map((id): Ability => {
    if (has[id]) return { id, here: true };
    return { id, here: false, why: !secure && NEED_HTTPS.has(id) ? 'not-secure' : 'not-in-browser' };
  });
}

/** This browser, as far as the abilities go. */
export function thisBrowser(): Browser {
  return {
    secure: window.isSecureContext,
    has: {
      offline: 'serviceWorker' in navigator,
      kept: typeof navigator.storage?.persist === 'function',
      awake: 'wakeLock' in navigator,
      apart: typeof Worker !== 'undefined',
    },
  };
}

/** True in a browser of an iPhone or iPad that shows the product as a page: its maker clears what pages keep that are not visited for a week, unless they stand on the home screen. */
export function clearsUnlessInstalled(): boolean {
  const { standalone } = navigator as Navigator & { readonly standalone?: boolean };
  return standalone === false;
}
