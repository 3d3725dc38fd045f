'use client';

import { useEffect, useRef, useState } from 'react';
import { judgeItem, type Answer, type Walk, type WalkContext } from '@/core/road';
import { targetAt } from '@/core/judge';
import { isSpare, isWheelEnd, type Place } from '@/core/rig';
import type { Photo } from '@/store';
import { WALK_WORDS, zoneNote, zoneTitle } from '@/text';
import { Button, Settled, WalkPlan, type Along } from '@/ui';
import { ItemFields } from './item-fields';
import { ItemTile } from './item-tile';
import type { WalkDraft } from './walk-draft';

/** One stop of a walk: where it is, what is looked at there, and on. */
export function ZoneView({
  draft,
  walk,
  context,
  onAnswer,
  onPhoto,
  onAllClear,
  onMove,
  onLeave,
}: {
  draft: WalkDraft;
  walk: Walk;
  context: WalkContext;
  /** `onward` where the stop may be left once everything there is answered. */
  onAnswer: (key: string, answer: Answer | undefined, onward: boolean) => void;
  onPhoto: (item: string, photo: Photo) => Promise<void>;
  /** Everything here that nobody has answered is clear, and on. */
  onAllClear: (keys: readonly string[]) => void;
  onMove: (by: number) => void;
  onLeave: () => void;
}) {
  const [open, setOpen] = useState<string>();
  const heading = useRef<HTMLHeadingElement>(null);
  const zone = walk.zones[draft.at];
  const id = zone?.id;
  useEffect(() => {
    heading.current?.focus({ preventScroll: true });
    window.scrollTo({ top: 0 });
  }, [id]);
  if (!zone) return null;
  const { model } = context;
  const all = walk.zones.flatMap(({ items }) => items);
  const done = all.filter(({ key }) => draft.answers[key]).length;
  const left = zone.items.filter(({ key }) => !draft.answers[key]);
  const places = zone.items.flatMap(({ place }): Place[] => (place === 'rig' ? [] : [place]));
  const note = zoneNote(zone.id, model);
  const many = new Set(zone.items.map(({ place }) => place)).size > 1;
  const last = draft.at === walk.zones.length - 1;
  return (
    <div className="mx-auto flex w-full max-w-3xl flex-1 flex-col px-4 pt-3 md:px-8">
      <p className="text-soft flex items-center justify-between gap-4">
        <span>
          <strong className="text-ink text-lg">{model.name}</strong> · {WALK_WORDS[draft.walk].title}
        </span>
        <span>
          <button type="button" className="mr-4 min-h-9 underline underline-offset-4" onClick={onLeave}>
            Leave off
          </button>
          <span className="figures whitespace-nowrap">
            {done} of {all.length}
          </span>
        </span>
      </p>
      <div className="mx-auto mt-2 w-full max-w-xl">
        <WalkPlan
          model={model}
          at={draft.order === 'round' && zone.id !== 'own' ? (zone.id as Along) : undefined}
          chosen={places}
          label={`Stop ${draft.at + 1} of ${walk.zones.length}: ${zoneTitle(zone.id)}`}
        />
      </div>
      <h1 ref={heading} tabIndex={-1} className="mt-2 flex items-baseline gap-3 text-4xl outline-none">
        {zoneTitle(zone.id)}
        {note && <span className="text-soft font-words text-lg font-normal">{note}</span>}
      </h1>
      <Settled of={zone.id} className="mt-3 mb-4 grid gap-2.5">
        {zone.items.map((item) => {
          const judged = judgeItem(item, draft.answers, context);
          const shown = open === item.key;
          return (
            <div key={item.key} className="grid gap-3">
              <ItemTile
                item={item}
                judged={judged}
                warm={context.around.tires === 'warm'}
                at={many && (isWheelEnd(item.place) || isSpare(item.place)) ? item.place : undefined}
                target={targetAt(item.place, model, context.house)?.value}
                open={shown}
                onAnswer={(answer) => {
                  setOpen(undefined);
                  onAnswer(item.key, answer, answer?.as === 'clear');
                }}
                onOpen={() => setOpen(shown ? undefined : item.key)}
              />
              {shown && (
                <ItemFields
                  item={item}
                  judged={judged}
                  context={context}
                  graded={
                    item.reads !== 'pressure' ||
                    !zone.items.some(({ look, place }) => look === 'valve' && place === item.place)
                  }
                  photos={draft.photos.filter((one) => one.item === item.key).map(({ photo }) => photo.hash)}
                  onAnswer={(answer) => onAnswer(item.key, answer, false)}
                  onPhoto={(photo) => onPhoto(item.key, photo)}
                  onDone={() => setOpen(undefined)}
                />
              )}
            </div>
          );
        })}
      </Settled>
      <Settled
        of={zone.id}
        className="bg-paper border-line sticky bottom-[var(--bar)] z-10 -mx-4 mt-auto grid grid-cols-[4.6rem_minmax(0,1fr)_4.6rem] gap-2 border-t px-4 py-3 md:bottom-0 md:-mx-8 md:px-8"
      >
        <Button size="lg" disabled={draft.at === 0} onClick={() => onMove(-1)}>
          Back
        </Button>
        <Button
          look="primary"
          size="lg"
          onClick={() => (left.length > 0 ? onAllClear(left.map(({ key }) => key)) : onMove(1))}
        >
          {left.length === 0
            ? last
              ? 'To the end'
              : 'Next'
            : `${left.length === zone.items.length ? 'All clear here' : left.length === 1 ? 'The last one clear' : `The other ${left.length} clear`}${last ? '' : ', next'}`}
        </Button>
        <Button size="lg" disabled={left.length === 0} onClick={() => onMove(1)}>
          Skip
        </Button>
      </Settled>
    </div>
  );
}
