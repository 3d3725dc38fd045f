import Link from 'next/link';
import { useState } from 'react';
import { KIT_PARTS, type KitReading } from '@/core/road';
import { kitEntry } from '@/core/record';
import { KIT_GROUPS, KIT_IDS, kitDef, type KitId } from '@/core/rules';
import { useRecord } from '@/features/forms';
import type { RigView } from '@/features/rigs';
import { to } from '@/links';
import { usePreferences } from '@/store';
import { KIT_GROUP_WORDS, kitSaid, kitStateWords, needWords } from '@/text/kit-said';
import { cx, reported, SAME_TAP, useOnce } from '@/ui';
import { ItemDialog } from './item-dialog';
import { ItemDrawing } from './item-drawing';

const isItem = (item: string): item is KitId => (KIT_IDS as readonly string[]).includes(item);

const COLOR: Readonly<Record<KitReading['state'], string>> = {
  serves: 'text-clear',
  fails: 'text-due',
  unknown: 'text-unknown',
  missing: 'text-soft',
  unsaid: 'text-soft',
};

/** In ink and framed where it is there; in dashes where it is not. */
const FRAME: Readonly<Record<KitReading['state'], string>> = {
  serves: 'border-ink bg-sheet',
  fails: 'border-due bg-sheet',
  unknown: 'border-unknown bg-sheet',
  missing: 'border-line border-dashed',
  unsaid: 'border-line border-dotted',
};

const TILE =
  'grid h-full w-full grid-cols-[auto_minmax(0,1fr)] items-center gap-x-3 rounded-sheet border-[1.5px] px-3 py-2 text-left leading-tight hover:border-accent';

/** What a tile shows: the thing drawn, its name, whether it serves and why. */
function Tile({ reading }: { reading: KitReading }) {
  const { units } = usePreferences();
  const { item, state } = reading;
  const said = kitSaid(reading, units);
  return (
    <>
      <ItemDrawing item={item} state={state} />
      <span className="min-w-0">
        <span className="block font-semibold">{needWords(item)}</span>
        <span className={cx('block text-[0.9rem]', COLOR[state])}>{kitStateWords(state)}</span>
        {said && <span className="text-soft block text-[0.9rem]">{said}</span>}
      </span>
    </>
  );
}

/** One thing in its place: a tap says that it is there or not; what has figures opens them. */
function Item({
  reading,
  view,
  onOpen,
}: {
  reading: KitReading;
  view: RigView;
  onOpen: (item: KitId) => void;
}) {
  const record = useRecord();
  // A tap turns it over: the second half of a double tap would say the contrary.
  const once = useOnce(SAME_TAP);
  const { item, state } = reading;
  if (!isItem(item))
    return (
      <Link prefetch={false} href={to('parts', view.rig.id)} className={cx(TILE, FRAME[state])}>
        <Tile reading={reading} />
      </Link>
    );
  const { figures = [], thickener } = kitDef(item);
  const aboard = !view.rig.kit[item]?.aboard;
  const tap = () =>
    figures.length > 0 || thickener
      ? onOpen(item)
      : reported(
          once(() =>
            record(
              view.rig.id,
              [kitEntry({ item, aboard })],
              `${needWords(item)}: ${aboard ? 'aboard' : 'not aboard'}`,
            ),
          ),
        );
  return (
    <button type="button" onClick={tap} className={cx(TILE, FRAME[state])}>
      <Tile reading={reading} />
    </button>
  );
}

/** The tongue box opened: what lies where, in ink where it is there, in dashes where it is not. */
export function Box({ view, kit }: { view: RigView; kit: readonly KitReading[] }) {
  const [open, setOpen] = useState<KitId>();
  const isPart = ({ item }: KitReading) => (KIT_PARTS as readonly string[]).includes(item);
  const compartments = [...KIT_GROUPS, 'parts' as const].map(
    (of) =>
      [
        of,
        kit.filter((one) =>
          of === 'parts' ? isPart(one) : isItem(one.item) && kitDef(one.item).group === of,
        ),
      ] as const,
  );
  const reading = kit.find(({ item }) => item === open);
  return (
    <div className="border-ink divide-line divide-y-2 rounded-sheet border-2">
      {compartments.map(
        ([of, items]) =>
          items.length > 0 && (
            <section key={of} aria-label={KIT_GROUP_WORDS[of]} className="px-3 pt-2 pb-3">
              <h3 className="mb-2 text-lg">{KIT_GROUP_WORDS[of]}</h3>
              <ul className="grid gap-2 sm:grid-cols-2 lg:grid-cols-3 xl:grid-cols-2">
                {items.map((one) => (
                  <li key={one.item}>
                    <Item reading={one} view={view} onOpen={setOpen} />
                  </li>
                ))}
              </ul>
            </section>
          ),
      )}
      {open && reading && (
        <ItemDialog item={open} reading={reading} view={view} onClose={() => setOpen(undefined)} />
      )}
    </div>
  );
}
