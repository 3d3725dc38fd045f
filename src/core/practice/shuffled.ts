import type { Random } from '../base';

/** The same things in another order, every order as likely (Fisher and Yates). */
export function shuffled<T>(all: readonly T[], random: Random): readonly T[] {
  const out = [...all];
  for (let i = out.length - 1; i > 0; i--) {
    const k = Math.floor(random() * (i + 1));
    const [a, b] = [out[i], out[k]];
    if (a !== undefined && b !== undefined) [out[i], out[k]] = [b, a];
  }
  return out;
}

/** One of some, each as likely. */
export function pick<T>(all: readonly T[], random: Random): T {
  const one = all[Math.floor(random() * all.length)];
  if (one === undefined) throw new Error('nothing to pick from');
  return one;
}
