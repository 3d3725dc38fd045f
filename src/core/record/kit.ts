import type { KitBody } from '../log';
import type { NewEntry } from './new-entry';

/** What is told of one thing of the kit: there or not, with the figures that tell whether it serves. */
export function kitEntry(item: KitBody['items'][number]): NewEntry {
  const { figures, ...rest } = item;
  return {
    kind: 'kit',
    body: { items: [{ ...rest, ...(figures && Object.keys(figures).length > 0 && { figures }) }] },
  };
}
