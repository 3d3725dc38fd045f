/**
 * Supplies: what is used up as one works, on one shelf for all rigs: what is
 * left since it was counted, what work takes of it, and what that leaves. What
 * was weighed or counted in strokes goes before our estimates.
 */
export { REPACK_GREASE, STROKE, stockLeft, takesOf, type Stock, type Takes } from './stock';
