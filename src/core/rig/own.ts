import type { OwnOn } from './kinds';
import type { RigModel } from './model';

/** Something that its owner looks at besides what every such trailer has, on one of the walks. */
export interface OwnItem {
  readonly id: string;
  readonly name: string;
  readonly on: OwnOn;
}

/** What the owner of a rig looks at besides, in the order it was told. */
export function ownItems({ own }: Pick<RigModel, 'own'>): readonly OwnItem[] {
  return Object.entries(own ?? {})
    .map(([id, item]) => ({ id, ...item }))
    .sort((a, b) => (a.id < b.id ? -1 : 1));
}

const LETTERS = 'abcdefghijklmnopqrstuvwxyz';

/** A letter that no item has yet; none where there are as many as there are letters. */
export function freeLetter({ own }: Pick<RigModel, 'own'>): string | undefined {
  return [...LETTERS].find((letter) => own?.[letter] === undefined);
}
