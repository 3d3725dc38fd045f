/**
 * How often a property is tried (of `full`): a fifth of it with every change, all of it where
 * PROPERTIES is `full`, as `npm run bench -- properties` has it.
 */
export function runs(full: number): number {
  return process.env['PROPERTIES'] === 'full' ? full : Math.ceil(full / 5);
}
