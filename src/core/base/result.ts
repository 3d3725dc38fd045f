/** The outcome of something that can be refused: a value, or an error that says why. */
export type Result<T, E> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly error: E };

/** Wraps a value. */
export function ok<T>(value: T): { readonly ok: true; readonly value: T } {
  return { ok: true, value };
}

/** Wraps a refusal. */
export function fail<E>(error: E): { readonly ok: false; readonly error: E } {
  return { ok: false, error };
}
