import * as z from 'zod/mini';
import { text, uuid } from '../../base';
import { defineKind } from '../define';
import { orderSchema } from '../orders';
import { contradict } from '../state';

/** An order to a shop; its id is the entry's. It stays open until it comes back. */
export const orderOut = defineKind({
  kind: 'order',
  version: 1,
  body: orderSchema,
  group: 'work',
  places: ({ jobs }) => (jobs ?? []).map(({ place }) => place),
  others: ({ findings }) => findings,
  corrected: 'elsewhere',
  upcasters: [],
  apply: (rig, told, entry) => ({
    orders: { ...rig.orders, [entry.id]: { id: entry.id, at: entry.happened, ...told } },
  }),
});

/** An order that came back, done or not: what was done is work of its own. */
export const orderBack = defineKind({
  kind: 'order.back',
  version: 1,
  body: z.strictObject({
    order: uuid(),
    /** The work that was written down of it. */
    work: z.optional(uuid()),
    note: z.optional(text(2000)),
  }),
  group: 'work',
  places: () => [],
  others: ({ order, work }) => (work === undefined ? [order] : [order, work]),
  corrected: 'elsewhere',
  upcasters: [],
  apply: (rig, { order }, entry) => {
    if (!rig.orders[order]) return contradict(rig, entry.id);
    const orders = { ...rig.orders };
    delete orders[order];
    return { orders };
  },
});
