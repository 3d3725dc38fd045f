/** By how much a figure changes when one input grows by a step, in the figure's own unit; what cannot be worked out changes nothing that can be told. */
export function perStep(
  work: (input: number) => number | undefined,
  input: number,
  step: number,
): number | undefined {
  const here = work(input);
  const there = work(input + step);
  return here === undefined || there === undefined ? undefined : there - here;
}
