/** How safely the browser keeps what is stored here; bytes. */
export interface StorageState {
  /** The browser has promised not to clear it by itself. */
  readonly kept: boolean;
  readonly used: number | undefined;
  readonly quota: number | undefined;
}

/** Asks the browser to keep what is stored; it may say no. */
export async function askToKeep(): Promise<boolean> {
  if (!navigator.storage?.persist) return false;
  return (await navigator.storage.persisted()) || (await navigator.storage.persist());
}

let asked = false;

/** Asks once a visit, when the first thing worth keeping is written: some browsers put the question to their user. */
export function askToKeepOnce(): void {
  if (asked) return;
  asked = true;
  // A browser that cannot be asked keeps what it keeps; the Keep page says how it stands.
  askToKeep().catch(() => undefined);
}

/** How safely things are kept now; unknown figures stay undefined. */
export async function storageState(): Promise<StorageState> {
  if (!navigator.storage?.estimate) return { kept: false, used: undefined, quota: undefined };
  const [kept, { usage, quota }] = await Promise.all([
    navigator.storage.persisted(),
    navigator.storage.estimate(),
  ]);
  return { kept, used: usage, quota };
}
