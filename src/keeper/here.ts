import type { Here } from '@/core/exchange';
import { HOUSE } from '@/core/log';
import type { Keeper } from './keeper';

/** What is here already, as what would come in is held against it. */
export async function hereOf(keeper: Keeper): Promise<Here> {
  const { entries, state } = await keeper.fold();
  const rigs = Object.entries(state.rigs).filter(([rig]) => rig !== HOUSE);
  return {
    entries,
    unread: await keeper.unreadIds(),
    names: Object.fromEntries(rigs.map(([rig, { model }]) => [rig, model?.name ?? ''])),
  };
}
