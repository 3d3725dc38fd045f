/** Closes a switch over a union: a new member that nobody handles fails to compile. Throws if reached. */
export function assertNever(value: never): never {
  throw new Error(`Unhandled case: ${JSON.stringify(value)}`);
}
