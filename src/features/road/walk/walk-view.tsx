'use client';

import { useSearchParams } from 'next/navigation';
import { useEffect, useMemo, useState } from 'react';
import { walkEntries } from '@/core/record';
import { msOf } from '@/core/base';
import { WALKS, type WalkBody, type WalkId } from '@/core/log';
import { compileWalk, goVerdict, itemsOf, judgeWalk } from '@/core/road';
import { useDraft, useRecord, useWakeLock, useLeadOn } from '@/features/forms';
import { Loading, threadsOf, type RigView, type Rigs } from '@/features/rigs';
import { to, toWork } from '@/links';
import { newId, useYard } from '@/store';
import { list, threadsWords, WALK_WORDS } from '@/text';
import { LinkButton, reported } from '@/ui';
import { barredLugs } from './barred-lugs';
import { WeakNote } from '@/features/practice';
import { BeforeWalk } from './before-walk';
import { GoView } from './go-view';
import { StartWalk } from './start-walk';
import { allClear, answered, beginWalk, goesOn, WALK_DRAFT, type WalkDraft } from './walk-draft';
import { towAfter } from './standing';
import { ZoneView } from './zone-view';

type Ready = Extract<Rigs, { status: 'ready' }>;

/** A walk under way, from its first stop to its end. */
function Walking({
  view,
  ready,
  draft,
  change,
  onLeave,
  onSaved,
}: {
  view: RigView;
  ready: Ready;
  draft: WalkDraft;
  change: (next: (draft: WalkDraft) => WalkDraft) => void;
  onLeave: () => void;
  onSaved: (onward: boolean) => Promise<void>;
}) {
  const { store } = useYard();
  const record = useRecord();
  useWakeLock();
  const { rig, model, house } = view;
  const barred = barredLugs(view);
  const walk = compileWalk(draft.walk, model, draft.order, barred);
  const untorqued = itemsOf(compileWalk(draft.walk, model, draft.order)).flatMap(({ look, place }) =>
    look === 'torque' ? barred.filter((end) => end === place) : [],
  );
  const [first] = untorqued;
  const context = { rig, model, house, around: draft.around, at: draft.started, walk: draft.walk };
  const items = itemsOf(walk);
  // What this very walk has looked at stands no more against it: lamps tried, pressures read, rechecks made.
  const after = useMemo(() => towAfter(view, ready, draft), [view, ready, draft]);
  if (!draft.begun)
    return (
      <div className="mx-auto w-full max-w-3xl px-4 py-5 md:px-8">
        <p className="text-soft">{model.name}</p>
        <h1 className="mb-5 text-4xl md:text-5xl">{WALK_WORDS[draft.walk].title}</h1>
        {first && (
          <div className="border-due mb-6 grid justify-items-start gap-2 border-l-4 pl-4">
            <p>
              <strong>No wrench on the lugs of {list(untorqued)} on this walk.</strong>{' '}
              {threadsWords(model, threadsOf(view, first))}
            </p>
            <LinkButton
              href={toWork(
                rig.id,
                untorqued.map((place) => ({ routine: 'stud-threads', place })),
              )}
            >
              Clean the threads now
            </LinkButton>
          </div>
        )}
        <div className="mb-5">
          <WeakNote subjects={[...new Set(items.map(({ subject }) => subject))]} />
        </div>
        <BeforeWalk
          pressures={items.some(({ reads }) => reads === 'pressure')}
          hubs={items.some(({ reads }) => reads === 'hub-temp')}
          onBegin={(around) => change((now) => ({ ...now, around, begun: true }))}
        />
      </div>
    );
  if (draft.at < walk.zones.length)
    return (
      <ZoneView
        draft={draft}
        walk={walk}
        context={context}
        onAnswer={(key, answer, onward) =>
          change((now) => {
            const next = answered(now, key, answer);
            const zone = walk.zones[next.at];
            // The last clear item of a stop leads on by itself: one tap an item, none between.
            const through = onward && zone?.items.every((item) => next.answers[item.key]);
            return through ? { ...next, at: next.at + 1 } : next;
          })
        }
        onPhoto={async (item, photo) => {
          await store.send('keepPhoto', { photo: { hash: photo.hash, blob: photo.blob } });
          const { hash, bytes, width, height } = photo;
          change((now) => ({
            ...now,
            photos: [...now.photos, { item, photo: { hash, bytes, width, height } }],
          }));
        }}
        onAllClear={(keys) => change((now) => ({ ...allClear(now, keys), at: now.at + 1 }))}
        onMove={(by) => change((now) => ({ ...now, at: Math.max(0, now.at + by) }))}
        onLeave={onLeave}
      />
    );
  const judged = judgeWalk(walk, draft.answers, context);
  const skipped = items.filter(({ key }) => (draft.answers[key]?.as ?? 'skipped') === 'skipped');
  const verdict = goVerdict(judged, skipped, draft.walk === 'hitch' ? after : undefined);
  const save = async (decision: WalkBody['decision'], form: string, onward: boolean) => {
    const minutes = Math.max(0, Math.round((msOf(store.clock.now()) - msOf(draft.started)) / 60_000));
    await record(
      rig.id,
      walkEntries({
        ...draft,
        walk,
        judged,
        rig,
        model,
        house,
        decision,
        minutes: Math.min(minutes, 1440),
        newId,
      }),
      `${WALK_WORDS[draft.walk].title} on record`,
      [],
      [form, `walk ${rig.id}`],
      `walk ${rig.id}`,
    );
    await onSaved(onward);
  };
  return (
    <GoView
      draft={draft}
      walk={walk}
      verdict={verdict}
      tow={after.tow}
      limits={after.limits}
      view={view}
      onBack={() => change((now) => ({ ...now, at: walk.zones.length - 1 }))}
      onZone={(index) => change((now) => ({ ...now, at: Math.max(0, index) }))}
      onSave={save}
    />
  );
}

const isWalk = (text: string | null): text is WalkId => (WALKS as readonly string[]).includes(text ?? '');

/** Walkarounds of a rig: which one, the walk itself, and go or no-go. */
export function Walks({ view, ready }: { view: RigView; ready: Ready }) {
  const leadOn = useLeadOn();
  const params = useSearchParams();
  const wanted = params.get('walk');
  const { state, change, set } = useDraft(WALK_DRAFT, `walk ${view.rig.id}`);
  const { store } = useYard();
  const home = to('road', view.rig.id);
  // Asked for by name, as from the Yard, a walk begins at once, or goes on where it was left off just now.
  const [takenUp, setTakenUp] = useState(false);
  const [ended, setEnded] = useState(false);
  const begins = isWalk(wanted) && state === 'none' && !ended;
  useEffect(() => {
    if (begins && isWalk(wanted)) reported(set(beginWalk(wanted, 'round', store.clock.now())));
  }, [begins, wanted, set, store]);
  if (state === 'loading' || begins || ended) return <Loading />;
  if (state !== 'none' && wanted && (takenUp || goesOn(state, wanted, view.now)))
    return (
      <Walking
        view={view}
        ready={ready}
        draft={state}
        change={change}
        onLeave={() => {
          setTakenUp(false);
          leadOn(home);
        }}
        onSaved={async (onward) => {
          // While the address still asks for a walk, another would begin.
          setEnded(true);
          leadOn(onward ? to('road', view.rig.id, { trip: 'begin' }) : to('yard', view.rig.id));
          await set(undefined);
        }}
      />
    );
  const draft = state === 'none' ? undefined : state;
  const dropPhotos = () =>
    store.send('dropPhotos', { hashes: (draft?.photos ?? []).map(({ photo }) => photo.hash) });
  return (
    <StartWalk
      view={view}
      rigs={ready.rigs}
      draft={draft}
      onStart={(walk, order) => {
        reported(
          set(beginWalk(walk, order, store.clock.now()))
            .then(dropPhotos)
            .then(() => leadOn(`${home}&walk=${walk}`)),
        );
      }}
      onGoOn={() => {
        setTakenUp(true);
        leadOn(`${home}&walk=${draft?.walk ?? 'hitch'}`);
      }}
      // Where another walk was asked for by name, that one begins then.
      onDrop={() => reported(set(undefined).then(dropPhotos))}
    />
  );
}
