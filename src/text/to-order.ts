import type { UnitSystem } from '@/core/base';
import type { RigModel } from '@/core/rig';
import type { OrderLine } from '@/core/routine';
import { day } from './dates';
import { factText } from './facts';
import { list } from './measure';

const PART: Readonly<Record<OrderLine['part'], readonly [one: string, many: string]>> = {
  seal: ['grease seal', 'grease seals'],
  'inner-set': ['inner bearing and race', 'inner bearings and races'],
  'outer-set': ['outer bearing and race', 'outer bearings and races'],
  hub: ['hub or drum', 'hubs or drums'],
  plate: ['brake plate', 'brake plates'],
  shoes: ['set of shoes and hardware', 'sets of shoes and hardware'],
  pads: ['set of brake pads', 'sets of brake pads'],
  magnet: ['magnet', 'magnets'],
  stud: ['stud with nut', 'studs with nuts'],
  cap: ['grease cap', 'grease caps'],
  axle: ['axle', 'axles'],
  tire: ['tire', 'tires'],
  battery: ['breakaway battery', 'breakaway batteries'],
  pins: ['cotter pin', 'cotter pins'],
};

/** What tells which one, where the rig knows it. */
function which({ part, number, hand }: OrderLine, model: RigModel, system: UnitSystem): string | undefined {
  if (number !== undefined) return `number ${number}`;
  const drum = model.axles.find((axle) => axle.drum)?.drum;
  switch (part) {
    case 'tire': {
      const { size, loadRange } = model.tires ?? {};
      return size && [size.value, loadRange && `load range ${loadRange.value}`].filter(Boolean).join(', ');
    }
    case 'plate':
    case 'shoes':
      return [hand && (hand === 'L' ? 'left' : 'right'), drum && factText('drum', drum, system)]
        .filter(Boolean)
        .join(', ');
    case 'pins':
      return undefined;
    default:
      return 'number not known: read it off the old one first';
  }
}

/** A line of what to order: how many of what, which one, for where. */
export function orderLine(line: OrderLine, model: RigModel, system: UnitSystem): string {
  const [one, many] = PART[line.part];
  const said = which(line, model, system);
  return `${line.buy} ${line.buy === 1 ? one : many}${said ? `, ${said}` : ''}, for ${list(line.places)} of ${model.name}`;
}

/** What is here of it, and by when it is ordered. */
export function orderLineNote({ need, here, ordered, orderBy }: OrderLine, now: string): string {
  const stock = [
    here > 0 ? `${here} here` : undefined,
    ordered > 0 ? `${ordered} on order` : undefined,
  ].filter(Boolean);
  const by = orderBy <= now ? 'order now' : `order by ${day(orderBy, now)}`;
  return `${need} needed${stock.length > 0 ? `, ${list(stock as string[])}` : ''}; ${by}`;
}

/** A cell of a table that other programs read: quoted, and nothing in it can be taken for a formula. */
function cell(text: string): string {
  const safe = /^[=+\-@\t\r]/.test(text) ? `'${text}` : text;
  return `"${safe.replaceAll('"', '""')}"`;
}

/** What to order as a table that other programs read. */
export function orderTable(
  lines: readonly { readonly line: OrderLine; readonly model: RigModel }[],
  system: UnitSystem,
): string {
  const head = ['rig', 'buy', 'part', 'which', 'for', 'needed', 'here', 'on order', 'order by', 'from'];
  const rows = lines.map(({ line, model }) => [
    model.name,
    String(line.buy),
    PART[line.part][0],
    which(line, model, system) ?? '',
    line.places.join(' '),
    String(line.need),
    String(line.here),
    String(line.ordered),
    line.orderBy.slice(0, 10),
    line.from ?? '',
  ]);
  return [head, ...rows].map((row) => row.map(cell).join(',')).join('\r\n');
}
