/** What is said when the device could not store something. */
export function unstoredWords(error: unknown): string {
  const reason = error instanceof Error ? error.message : String(error);
  return `The device could not store this, so it is not logged: ${reason}`;
}
