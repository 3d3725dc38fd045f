/** A hub felt by hand at a stop, in words, with how the one across was; its figures in braces, for `inUnits`. */
export function hubByHand(
  grade: string | undefined,
  mate: { readonly place: string; readonly cool: boolean } | undefined,
): string {
  const across = mate
    ? mate.cool
      ? `, and ${mate.place} across stays cool`
      : `, as ${mate.place} across does`
    : '';
  return grade === 'briefly'
    ? `It bears a hand for a moment only${across}. Feel it again after {5 mi}.`
    : `It does not bear a hand${mate?.cool ? `, and ${mate.place} across stays cool` : ''}. It does not roll on before the cause is found.`;
}
