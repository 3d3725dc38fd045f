import { Ruled } from '@/features/rigs';
import type { Item, LaidOut } from '@/text';

function Group({ name, items }: { name: string; items: readonly Item[] }) {
  if (items.length === 0) return null;
  return (
    <section className="border-line border-b py-3">
      <h3 className="figures text-soft text-base font-semibold">{name}</h3>
      <ul className="mt-1 grid gap-1.5">
        {items.map((item) => (
          <li key={item.name} className="leading-snug">
            {item.name}
            {item.note && <span className="text-soft"> · {item.note}</span>}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Everything a card needs, laid out before the first nut is touched: parts, what is used up, tools. */
export function LayOut({ items }: { items: LaidOut }) {
  return (
    <>
      <Ruled>Lay out first</Ruled>
      <Group name="Parts" items={items.parts} />
      <Group name="Used up" items={items.used} />
      <Group name="Tools" items={items.tools} />
    </>
  );
}
