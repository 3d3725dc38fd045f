/** Joins class names, leaving out what does not apply. */
export function cx(...names: readonly (string | false | undefined)[]): string {
  return names.filter(Boolean).join(' ');
}
