'use client';

import { useState } from 'react';
import { msOf } from '@/core/base';
import type { PartState } from '@/core/log';
import { SHELF_GRADES, slotsOf, wheelEnds, type PartKind, type Place, type ShelfGrade } from '@/core/rig';
import { refitLeft } from '@/core/rules';
import { useRecord } from '@/features/forms';
import { Ruled, type RigView } from '@/features/rigs';
import { usePreferences } from '@/store';
import {
  capital,
  GRADE_WORDS,
  list,
  movesWords,
  PART_WORDS,
  partName,
  placeName,
  placeWords,
  SHELF_WORDS,
  small,
  tireAgeShort,
} from '@/text';
import { Button, Choice, Dialog, type PlaceLabel, reported } from '@/ui';
import { arrangementOf, movesOf, partIn, put, wheelsOff, type Arrangement } from './arrange';
import { Board, DragChip, DropZone } from './board';
import { FitForm } from './fit-form';
import { PartList, type Open } from './part-list';
import { PartSheet } from './part-sheet';

/** What the drawing says at a place: the part that would sit there. */
function labelOf(view: RigView, part: PartState | undefined, moved: boolean): PlaceLabel {
  if (!part) return { mark: 'unknown', note: 'not on record' };
  const conflict = [...view.conflicts, ...view.aging].find(
    ({ place, code }) => place === part.at && part.kind === 'tire' && code.startsWith('tire'),
  );
  const mark = conflict ? (conflict.verdict === 'watch' ? 'soon' : conflict.verdict) : 'clear';
  const dot = part.facts['dot']?.value;
  const known = Object.values(part.facts).find((spec) => spec !== undefined);
  const note = moved
    ? `was ${placeName(part.at === 'gone' || part.at === 'shelf' ? 'rig' : part.at)}`
    : part.kind === 'tire' && typeof dot === 'string'
      ? tireAgeShort(dot, msOf(view.now))
      : String(known?.value ?? 'on record');
  return { mark, note: part.at === 'shelf' && moved ? 'from the shelf' : note };
}

/** The parts of one kind: where each sits on the drawing, what is being moved, and the list of them. */
export function KindView({ view, kind }: { view: RigView; kind: PartKind }) {
  const { units } = usePreferences();
  const record = useRecord();
  const { rig, model, house } = view;
  const slots = slotsOf(model, kind);
  const now = arrangementOf(rig, kind);
  const [tried, setTried] = useState<Arrangement>(now);
  const [picked, setPicked] = useState<string>();
  const [open, setOpen] = useState<Open>();
  const [grade, setGrade] = useState<ShelfGrade>('sound');
  // Entries that arrive meanwhile end what was being tried: it was tried on other facts.
  const [seen, setSeen] = useState(JSON.stringify(now));
  if (seen !== JSON.stringify(now)) {
    setSeen(JSON.stringify(now));
    setTried(now);
    setPicked(undefined);
  }
  const moves = movesOf(now, tried);
  // Whatever sits at a wheel end comes out with the wheel off, and every refit leaves rechecks.
  const off = wheelsOff(moves, wheelEnds(model));
  const shelved = moves.filter((move) => move.to === 'shelf');
  const { one } = PART_WORDS[kind];
  const inPlace = (place: Place) => {
    const id = partIn(tried, place);
    return id === undefined ? undefined : rig.parts[id];
  };
  const tap = (place: Place) => {
    const there = partIn(tried, place);
    if (picked !== undefined) {
      setTried(put(tried, picked, place));
      setPicked(undefined);
    } else if (there !== undefined) setPicked(there);
    else setOpen({ show: 'fit', place });
  };
  const drop = (what: string, onto: string) => {
    const part = what.startsWith('part ') ? what.slice(5) : partIn(tried, what as Place);
    if (part !== undefined && what !== onto) setTried(put(tried, part, onto as Place | 'shelf'));
    setPicked(undefined);
  };
  const log = () =>
    reported(
      record(
        rig.id,
        [
          {
            kind: 'part.moved',
            body: {
              moves: moves.map(({ part, to }) => ({ part, to, ...(to === 'shelf' && { grade }) })),
              ...(off.length > 0 && {
                refits: off.map((place) => refitLeft(place, house, model)),
              }),
            },
          },
        ],
        off.length > 0 ? `Moved. Lug rechecks opened at ${list(off)}` : 'Moved',
      ),
    );
  const name = (id: string) => {
    const part = rig.parts[id];
    return part ? partName(part, units) : one;
  };
  const shelfOf = (id: string) => {
    const where = rig.parts[id]?.shelf;
    return where && where !== 'home' && <span className="text-soft"> · {small(SHELF_WORDS[where])}</span>;
  };
  const shelf = Object.keys(tried).filter((id) => tried[id] === 'shelf');
  const labels = Object.fromEntries(
    slots.map((place) => {
      const part = inPlace(place);
      return [place, labelOf(view, part, part !== undefined && part.at !== place)];
    }),
  );
  const chosen = slots.filter((place) => {
    const id = partIn(tried, place);
    return id !== undefined && (id === picked || moves.some((move) => move.part === id));
  });
  const held = new Set(slots.filter((place) => partIn(tried, place) !== undefined));
  const opened = open?.show === 'part' ? rig.parts[open.part] : undefined;

  return (
    <div className="grid gap-x-10 gap-y-6 lg:grid-cols-[26rem_minmax(0,1fr)] lg:grid-rows-[auto_1fr]">
      <div className="lg:row-span-2">
        <div className="border-line bg-sheet rounded-sheet border">
          <Board
            model={model}
            slots={slots}
            held={held}
            labels={labels}
            chosen={chosen}
            onTap={tap}
            onDrop={drop}
          >
            <DropZone id="shelf" className="border-line rounded-b-sheet border-t px-4 py-3">
              <p className="text-soft mb-2 flex items-center justify-between gap-3 text-[0.92rem]">
                <span>Shelf</span>
                {picked !== undefined && tried[picked] !== 'shelf' && (
                  <Button
                    onClick={() => {
                      setTried(put(tried, picked, 'shelf'));
                      setPicked(undefined);
                    }}
                  >
                    Lay it on the shelf
                  </Button>
                )}
              </p>
              <div className="flex flex-wrap gap-2">
                {shelf.length === 0 && <p className="text-soft text-[0.94rem]">Nothing lies here.</p>}
                {shelf.map((id) => (
                  <DragChip
                    key={id}
                    id={id}
                    picked={picked === id}
                    onPick={() => setPicked(picked === id ? undefined : id)}
                  >
                    {name(id)}
                    {shelfOf(id)}
                  </DragChip>
                ))}
              </div>
            </DropZone>
          </Board>
        </div>
        <p role="status" className="text-soft mt-2 min-h-12 text-[0.94rem]">
          {picked !== undefined
            ? `${capital(name(picked))} is in hand. Tap where it goes; what is there swaps with it.`
            : `Drag ${/^[aeiou]/.test(one) ? 'an' : 'a'} ${one} to where it goes, or tap it and then its new place.`}
        </p>
      </div>
      {moves.length > 0 && (
        <section
          aria-label="To be logged"
          className="border-accent bg-paper sticky bottom-[calc(var(--bar)+env(safe-area-inset-bottom))] z-10 order-last grid gap-2.5 border-l-4 py-2 pl-4 lg:static lg:order-none lg:col-start-2"
        >
          <p className="text-2xl leading-snug font-semibold">
            {movesWords(
              moves.map(({ from, to }) => ({
                from: from === 'shelf' ? 'shelf' : placeName(from as Place),
                to: to === 'shelf' ? 'the shelf' : placeName(to as Place),
              })),
            )}
          </p>
          <p className="text-soft">
            Age and miles go with each {one}.
            {off.length > 0 && ` The wheels of ${list(off)} come off: their lug rechecks open.`}
          </p>
          {shelved.length > 0 && (
            <Choice
              label="What goes to the shelf is"
              columns="grid-cols-2"
              options={SHELF_GRADES.map((value) => ({ value, label: GRADE_WORDS[value] }))}
              value={grade}
              onChange={setGrade}
            />
          )}
          <div className="flex flex-wrap gap-2.5">
            <Button look="primary" size="lg" onClick={log}>
              Log the move
            </Button>
            <Button
              size="lg"
              onClick={() => {
                setTried(now);
                setPicked(undefined);
              }}
            >
              As it was
            </Button>
          </div>
        </section>
      )}
      <div className="min-w-0 lg:col-start-2">
        <Ruled
          aside={
            <Button
              look="quiet"
              className="-my-2 -mr-4"
              onClick={() => setOpen({ show: 'fit', place: 'shelf' })}
            >
              One for the shelf
            </Button>
          }
        >
          {PART_WORDS[kind].many}
        </Ruled>
        <PartList view={view} kind={kind} slots={slots} onOpen={setOpen} />
      </div>
      {opened && <PartSheet key={opened.id} view={view} part={opened} onClose={() => setOpen(undefined)} />}
      {open?.show === 'fit' && (
        <Dialog
          open
          onClose={() => setOpen(undefined)}
          title={`${capital(one)}, ${open.place === 'shelf' ? 'for the shelf' : placeWords(open.place, model)}`}
          description="What can be read off it. What cannot stays unknown."
        >
          <FitForm view={view} kind={kind} place={open.place} onDone={() => setOpen(undefined)} />
        </Dialog>
      )}
    </div>
  );
}
