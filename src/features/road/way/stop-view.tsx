'use client';

import { useEffect, useMemo, useState } from 'react';
import { msOf, parseQuantity, unitFor } from '@/core/base';
import type { UnderWay } from '@/core/log';
import { milesEntry, roadLookEntries, walkEntries } from '@/core/record';
import {
  limitLooks,
  standingOf,
  stopWalk,
  type StopGroup,
  judgeItem,
  judgeWalk,
  standsAs,
  type Answer,
  type WalkItem,
} from '@/core/road';
import { isWheelEnd, matesOf, type RigModel } from '@/core/rig';
import { useDraft, useLeadOn, useRecord } from '@/features/forms';
import {
  allClear,
  answered,
  barredLugs,
  beginWalk,
  goesOn,
  ItemFields,
  ItemTile,
  WALK_DRAFT,
  type WalkDraft,
} from '@/features/road/walk';
import { Loading, RoadLine, type RigView } from '@/features/rigs';
import { to } from '@/links';
import { newId, usePreferences, useYard } from '@/store';
import { count, inUnits, measure, parseWords, WALK_WORDS } from '@/text';
import { MILES_BY_WORDS } from '@/text/way';
import { Button, cx, Field, reported, Settled } from '@/ui';
import { HubRow } from './hub-row';
import { LimitLooks } from './limit-looks';
import { useWay, type Way } from './use-way';

const GROUP_WORDS: Readonly<Record<StopGroup['id'], { readonly name: string; readonly clear: string }>> = {
  torque: { name: 'Lug torque', clear: 'no nut moved at torque' },
  tires: { name: 'Tires', clear: 'full, no cut, no bulge' },
  nuts: { name: 'Lug nuts', clear: 'all there, none loose' },
  straps: { name: 'Straps and tie-downs', clear: 'tight, nothing rubs' },
  hitch: { name: 'Hitch', clear: 'latched, pinned, chains and plug in' },
  lamps: { name: 'Lights', clear: 'lit on both sides' },
  own: { name: 'Of your own', clear: 'as it should be' },
};

/** Where the look of a stop is kept. */
const stopKey = (rig: string) => `stop ${rig}`;

/** Some things of one kind, clear by one tap; what is not right is told one by one. */
function Group({
  group,
  draft,
  open,
  onClear,
  onOpen,
  children,
}: {
  group: StopGroup;
  draft: WalkDraft;
  open: boolean;
  onClear: () => void;
  onOpen: () => void;
  children: React.ReactNode;
}) {
  const { name, clear } = GROUP_WORDS[group.id];
  const answers = group.items.map(({ key }) => draft.answers[key]);
  const all = answers.every((one) => one?.as === 'clear');
  const bad = answers.some((one) => one?.as === 'not-right');
  const places = group.items.map(({ place }) => place);
  const where = group.id === 'torque' ? ` ${places.join(', ')}` : '';
  return (
    <div className="grid gap-2.5">
      <div className="grid grid-cols-[minmax(0,1fr)_5.6rem] gap-2.5">
        <button
          type="button"
          aria-pressed={all}
          onClick={onClear}
          className={cx(
            'min-h-16 rounded-sheet border-[1.5px] px-4 py-2 text-left leading-tight',
            all
              ? 'border-clear bg-accent-wash shadow-[inset_6px_0_0_var(--clear)]'
              : bad
                ? 'border-due bg-due-wash shadow-[inset_6px_0_0_var(--due)]'
                : 'border-line bg-sheet',
          )}
        >
          <span className="block text-lg font-semibold">
            {name}
            {where}
          </span>
          <span className={cx('block text-[0.94rem]', all ? 'text-ink' : 'text-soft')}>{clear}</span>
        </button>
        <button
          type="button"
          aria-expanded={open}
          aria-label={`not right: ${name}`}
          onClick={onOpen}
          className={cx(
            'text-due min-h-16 rounded-sheet border-[1.5px] px-1 leading-tight font-semibold',
            open || bad ? 'border-due bg-due-wash' : 'border-line bg-sheet',
          )}
        >
          not right
        </button>
      </div>
      {open && children}
    </div>
  );
}

/** The miles at this stop: as they are counted, or one number of the owner's. */
function MilesAt({
  way,
  text,
  error,
  onText,
}: {
  way: Way;
  text: string;
  error: string | undefined;
  onText: (text: string) => void;
}) {
  const { units } = usePreferences();
  const unit = unitFor('distance', units);
  const counted = way.miles.by === 'position' || way.miles.by === 'instrument';
  return (
    <Field
      label="Miles so far on this trip"
      unit={unit}
      inputMode="decimal"
      value={text}
      error={error}
      hint={
        counted
          ? `${measure(way.miles.into, 'distance', units, 0)} ${MILES_BY_WORDS[way.miles.by]}. Left empty, that is taken; yours stands where they differ.`
          : 'Off the trip meter, if you can read it. Left empty, the clock goes on counting the most it can be.'
      }
      onChange={(event) => onText(event.target.value)}
    />
  );
}

/** How the hub across the axle was found by hand at this stop. */
function mateOf({ place }: WalkItem, { answers }: WalkDraft, model: RigModel) {
  const across = isWheelEnd(place) ? matesOf(place, model).across : undefined;
  const answer = across && answers[`hub@${across}`];
  return answer && answer.value === undefined && answer.as !== 'skipped'
    ? { place: across, cool: answer.as === 'clear' }
    : undefined;
}

/** A stop on the way: every hub by hand or thermometer, mate against mate, tires, straps, hitch; one tap an item. */
function Stop({
  view,
  way,
  draft,
  change,
  onLeave,
}: {
  view: RigView;
  way: Way;
  draft: WalkDraft;
  change: (next: (draft: WalkDraft) => WalkDraft) => void;
  onLeave: (rolls: boolean) => Promise<void>;
}) {
  const { rig, model, house, limits } = view;
  // Against what stands nobody drives on by one tap here: the trip's own screen asks why.
  const { roll } = standingOf(rig, view.tow, view.now);
  const stays = roll === 'stay';
  const { units } = usePreferences();
  const { store } = useYard();
  const record = useRecord();
  const [heat, setHeat] = useState(false);
  const [open, setOpen] = useState<string>();
  const [item, setItem] = useState<string>();
  const [text, setText] = useState('');
  const [error, setError] = useState<string>();
  const barred = barredLugs(view);
  // What is looked at here is settled when the stop begins: miles go on being counted.
  const [began] = useState(way.miles.into);
  const { walk, hubs, groups } = useMemo(
    () => stopWalk(rig, model, began, barred),
    [rig, model, began, barred],
  );
  const context = { rig, model, house, around: draft.around, at: draft.started, walk: walk.walk };
  const answer = (key: string, value: Answer | undefined) => change((now) => answered(now, key, value));
  const judged = judgeWalk(walk, draft.answers, context);
  const bad = judged.filter((one) => ['due', 'stop'].includes(standsAs(one) ?? ''));
  const looked = draft.looked ?? {};
  const looks = limitLooks(rig, way.miles.into);
  const worse = looks.some(({ finding }) => looked[finding.id] === 'worse');
  // A look that has come is made, or the trip asks for it before it drives on.
  const owed = looks.filter(({ finding, due }) => due && looked[finding.id] === undefined);
  const unfelt = hubs.filter(({ key }) => !draft.answers[key]);
  // A wrench is answered for by who held it, never by the rest being right.
  const rest = groups.filter(({ id }) => id !== 'torque').flatMap(({ items }) => items.map(({ key }) => key));
  const log = async () => {
    const typedIn =
      text.trim() === '' ? undefined : parseQuantity(text, 'distance', unitFor('distance', units));
    if (typedIn && !typedIn.ok) return setError(parseWords(typedIn.error, units));
    if (typedIn?.ok && (typedIn.value < 0 || typedIn.value > 5e6))
      return setError(`Miles of this trip, in ${unitFor('distance', units)}.`);
    const now = allClear(draft, rest);
    const { by, into } = way.miles;
    const counts = by === 'position' || by === 'instrument';
    const from = by === 'instrument' ? way.deck.meter?.from : undefined;
    const miles = typedIn?.ok
      ? milesEntry(typedIn.value, 'owner')
      : counts
        ? milesEntry(into, by, from)
        : undefined;
    const minutes = Math.max(0, Math.round((msOf(store.clock.now()) - msOf(draft.started)) / 60_000));
    const written = await record(
      rig.id,
      [
        ...(miles ? [miles] : []),
        ...limitLooks(rig, typedIn?.ok ? typedIn.value : into).flatMap(({ finding, driven }) => {
          const as = looked[finding.id];
          return as ? roadLookEntries(finding, driven, as === 'same', rig) : [];
        }),
        ...walkEntries({
          ...now,
          walk,
          judged: judgeWalk(walk, now.answers, context),
          rig,
          model,
          house,
          decision: undefined,
          minutes: Math.min(minutes, 1440),
          newId,
        }),
      ],
      `${WALK_WORDS[walk.walk].title} on record`,
      [],
      // A longer walk that was left off stays where it is.
      [stopKey(rig.id)],
      stopKey(rig.id),
    );
    if (written.length === 0) return;
    // What is not right is seen to before it rolls.
    await onLeave(bad.length === 0 && !stays && !worse && owed.length === 0);
  };
  return (
    <div className="mx-auto grid w-full max-w-3xl gap-5 px-4 py-4 md:px-8">
      <div className="flex items-baseline justify-between gap-4">
        <h1 className="text-4xl md:text-5xl">{WALK_WORDS[walk.walk].title}</h1>
        <button
          type="button"
          className="min-h-11 whitespace-nowrap underline underline-offset-4"
          onClick={() => reported(onLeave(false))}
        >
          Not now
        </button>
      </div>
      {limits && <RoadLine rig={rig.id} limits={limits} now={view.now} />}
      <section aria-label="Hubs">
        <div className="flex items-baseline justify-between gap-3">
          <h2 className="text-xl">Hand near each hub, then on it</h2>
          <Button look="quiet" className="-mr-4 whitespace-nowrap" onClick={() => setHeat(!heat)}>
            {heat ? 'By hand' : 'By thermometer'}
          </Button>
        </div>
        {!heat && (
          <p className="text-soft">
            {inUnits(
              'First {1 in} away, then one drop of water flicked from a finger, then the back of the hand. A drop that sizzles: no hand.',
              units,
            )}
          </p>
        )}
        <Settled of={`hubs ${heat}`}>
          <ul>
            {hubs.map((hub) => (
              <HubRow
                key={`${hub.key} ${heat}`}
                rig={rig.id}
                mate={mateOf(hub, draft, model)}
                item={hub}
                judged={judgeItem(hub, draft.answers, context)}
                air={draft.around.air}
                byThermometer={heat}
                onAnswer={(value) => answer(hub.key, value)}
              />
            ))}
          </ul>
        </Settled>
      </section>
      <LimitLooks
        looks={looks}
        looked={looked}
        distance={rig.distance + way.miles.into - (rig.underWay?.into ?? 0)}
        onLooked={(finding, as) => change((now) => ({ ...now, looked: { ...now.looked, [finding]: as } }))}
      />
      <div className="grid gap-2.5">
        {groups.map((group) => (
          <Group
            key={group.id}
            group={group}
            draft={draft}
            open={open === group.id}
            onClear={() => {
              setOpen(undefined);
              const clear = group.items.every(({ key }) => draft.answers[key]?.as === 'clear');
              change((now) =>
                group.items.reduce(
                  (next, { key }) => answered(next, key, clear ? undefined : { as: 'clear', by: 'eye' }),
                  now,
                ),
              );
            }}
            onOpen={() => setOpen(open === group.id ? undefined : group.id)}
          >
            <div className="border-line grid gap-2.5 border-l-4 pl-3">
              {group.items.map((one) => {
                const seen = judgeItem(one, draft.answers, context);
                return (
                  <div key={one.key} className="grid gap-2.5">
                    <ItemTile
                      item={one}
                      judged={seen}
                      at={one.place === 'rig' ? undefined : one.place}
                      warm
                      target={undefined}
                      open={item === one.key}
                      onAnswer={(value) => answer(one.key, value)}
                      onOpen={() => setItem(item === one.key ? undefined : one.key)}
                    />
                    {item === one.key && (
                      <ItemFields
                        item={one}
                        judged={seen}
                        context={context}
                        graded
                        photos={draft.photos
                          .filter((shot) => shot.item === one.key)
                          .map(({ photo }) => photo.hash)}
                        onAnswer={(value) => answer(one.key, value)}
                        onPhoto={async (photo) => {
                          await store.send('keepPhoto', { photo: { hash: photo.hash, blob: photo.blob } });
                          const { hash, bytes, width, height } = photo;
                          change((now) => ({
                            ...now,
                            photos: [...now.photos, { item: one.key, photo: { hash, bytes, width, height } }],
                          }));
                        }}
                        onDone={() => setItem(undefined)}
                      />
                    )}
                  </div>
                );
              })}
            </div>
          </Group>
        ))}
      </div>
      <MilesAt
        way={way}
        text={text}
        error={error}
        onText={(next) => {
          setText(next);
          setError(undefined);
        }}
      />
      <div className="grid gap-2">
        {unfelt.length > 0 && (
          <p className="text-soft">
            {count(unfelt.length, 'hub')} not felt yet: {unfelt.map(({ place }) => place).join(', ')}. Left
            so, they go on record as not checked.
          </p>
        )}
        {owed.length > 0 && (
          <p className="text-soft">
            {count(owed.length, 'check')} above not made yet, due here: until then it does not roll on.
          </p>
        )}
        <Button look="primary" size="lg" onClick={() => reported(log())}>
          {bad.length > 0 || worse
            ? 'Log it: it is not all right'
            : stays || owed.length > 0
              ? 'The rest looks right: log it'
              : roll === 'creep'
                ? 'The rest looks right: creep on'
                : 'The rest looks right: drive on'}
        </Button>
      </div>
    </div>
  );
}

/** The look of a stop, taken up where it was left. */
export function StopView({ view, way }: { view: RigView; way: UnderWay }) {
  const { rig } = view;
  const leadOn = useLeadOn();
  const { store } = useYard();
  const live = useWay(view, way);
  const { state, change, set } = useDraft(WALK_DRAFT, stopKey(rig.id));
  const wanted = way.looked === undefined ? 'first-stop' : 'stop';
  const [left, setLeft] = useState(false);
  const stands = typeof state === 'object' && goesOn(state, wanted, view.now);
  const begins = state !== 'loading' && !stands && !left;
  useEffect(() => {
    if (begins) reported(set({ ...beginWalk(wanted, 'round', store.clock.now()), begun: true }));
  }, [begins, set, store, wanted]);
  if (!live || !stands || left) return <Loading />;
  return (
    <Stop
      view={view}
      way={live}
      draft={state}
      change={change}
      onLeave={async (rolls) => {
        setLeft(true);
        live.setLeg(rolls ? 'rolls' : 'stands');
        leadOn(to('road', rig.id));
        await set(undefined);
      }}
    />
  );
}
