'use client';

import { markOfFitness, markOfGo } from '@/core/base';
import type { TowReason, TowVerdict } from '@/core/duty';
import { contradictionsIn } from '@/core/judge';
import type { RoadLimits, WalkBody } from '@/core/log';
import { decisionOf } from '@/core/record';
import { type GoReason, type GoVerdict, type Walk, walkBody } from '@/core/road';
import { useSheetForm } from '@/features/forms';
import { howFar, RoadLine, type RigView } from '@/features/rigs';
import { KitNote } from '@/features/road/kit';
import { usePreferences } from '@/store';
import {
  contradictionWords,
  GO_WORDS,
  goReasonWords,
  reasonLines,
  reasonWords,
  towHeadline,
  WALK_WORDS,
} from '@/text';
import { Button, Field, FieldError, Mark, TextArea, reported } from '@/ui';
import type { WalkDraft } from './walk-draft';

function Reason({ reason, words }: { reason: GoReason; words: string }) {
  return (
    <li className="border-line flex gap-3 border-b py-2.5">
      <span className="mt-0.5">
        <Mark mark={reason.kind === 'skipped' ? 'unknown' : markOfGo(reason.weight)} size={20} spoken />
      </span>
      <span>{words}</span>
    </li>
  );
}

/** Every reason, this walk's own first, then what stood before it. */
function Reasons({ reasons, view }: { reasons: readonly GoReason[]; view: RigView }) {
  const { units } = usePreferences();
  const told = (tow: TowReason) => reasonWords(tow, units, view.now);
  const own = reasons.filter(({ kind }) => kind !== 'standing');
  const before = reasons.flatMap((one) => (one.kind === 'standing' ? [one.reason] : []));
  const goOf = (tow: TowReason) => reasons.find((one) => one.kind === 'standing' && one.reason === tow);
  return (
    <ul className="border-ink mt-5 border-t-2">
      {own.map((reason, i) => (
        <Reason key={i} reason={reason} words={goReasonWords(reason, units, told)} />
      ))}
      {reasonLines(before, units, view.now).map(({ reasons: [first], words }) => {
        const reason = goOf(first);
        return reason && <Reason key={words} reason={reason} words={words} />;
      })}
    </ul>
  );
}

/** What can be ticketed is another matter than what is safe, and nobody here can know it. */
function LawNote({ law }: { law: string | undefined }) {
  return (
    <p className="text-soft mt-5 max-w-[60ch]">
      <span className="text-ink font-semibold">By law where you tow. </span>
      {law
        ? `As you looked it up: ${law}`
        : 'Nothing is noted yet. Look it up, and keep it with the rig’s facts.'}
    </p>
  );
}

/** The end of a walk: go or no-go where it is asked, with every reason, on record. */
export function GoView({
  draft,
  walk,
  verdict,
  tow,
  limits,
  view,
  onBack,
  onZone,
  onSave,
}: {
  draft: WalkDraft;
  walk: Walk;
  verdict: GoVerdict;
  /** What every page says of towing once this is on record. */
  tow: TowVerdict;
  limits: RoadLimits | undefined;
  view: RigView;
  onBack: () => void;
  onZone: (index: number) => void;
  /** Writes the walk; the form of its end is put away with it. `onward` where a trip is to begin. */
  onSave: (decision: WalkBody['decision'], form: string, onward: boolean) => Promise<void>;
}) {
  const { units } = usePreferences();
  const form = useSheetForm('go', `${view.rig.id} ${draft.started}`, {
    where: '',
    until: '',
    why: '',
    against: false as boolean,
  });
  const { where, until, why, against } = form.values;
  const decides = draft.walk === 'hitch';
  const { go: rule, reasons, mayGo } = verdict;
  const go = against ? 'care' : rule;
  const far = howFar(limits, view.rig);
  const { word, means } = GO_WORDS[go];
  // The same words as on the Yard: only what a fit rig is watched for is this walk's own to say.
  const fit = tow.fitness === 'fit';
  const headline = fit && go === 'care' ? `${towHeadline(tow)}, with care` : towHeadline(tow);
  const markHere = fit ? markOfGo(go) : markOfFitness(tow.fitness);
  const body = walkBody(walk, draft.answers, draft.around);
  const odd = contradictionsIn(body.conditions, body.taken);

  const save = (onward: boolean) =>
    form.submit(
      { why: against && why.trim() === '' ? 'Say why: what is due should come first.' : undefined },
      () =>
        onSave(decides ? decisionOf(verdict, { against, why, until, where }) : undefined, form.key, onward),
    );

  return (
    <div className="mx-auto w-full max-w-3xl px-4 py-5 md:px-8">
      <p className="text-soft">
        <strong className="text-ink text-lg">{view.model.name}</strong> · {WALK_WORDS[draft.walk].title}
      </p>
      <h1 className="mt-2 flex items-center gap-4 text-5xl">
        <Mark mark={decides ? markHere : reasons.length > 0 ? 'soon' : 'clear'} size={56} />
        {decides ? headline : reasons.length > 0 ? 'Walked, not all clear' : 'Walked, all clear'}
      </h1>
      {decides && (
        <p className="text-soft mt-2 text-lg">
          {against ? 'By your own decision, against the rule. It is on record with your reason.' : means}
        </p>
      )}
      {far && (
        <div className="mt-4">
          <RoadLine rig={view.rig.id} limits={far} now={view.now} />
        </div>
      )}
      {odd.map((one) => (
        <div key={contradictionWords(one, units)} className="mt-4">
          <FieldError>{contradictionWords(one, units)}</FieldError>
          <Button
            className="mt-2"
            onClick={() =>
              onZone(walk.zones.findIndex(({ items }) => items.some(({ place }) => place === one.place)))
            }
          >
            Look again
          </Button>
        </div>
      ))}
      {reasons.length > 0 && <Reasons reasons={reasons} view={view} />}
      {decides && <LawNote law={view.model.law} />}
      {decides && (
        <div className="mt-4">
          <KitNote view={view} />
        </div>
      )}
      {decides && (
        <div className="mt-6 grid gap-4 sm:grid-cols-2">
          <Field label="Where, if you like" maxLength={80} {...form.field('where')} />
          {go === 'care' && (
            <Field
              label="Until when or where"
              maxLength={200}
              hint="Such as: first stop, 25 miles, the shop on Monday."
              {...form.field('until')}
            />
          )}
        </div>
      )}
      {decides && rule === 'no' && mayGo && (
        <div className="mt-5">
          {against ? (
            <TextArea label="Why it goes anyway" likely="reason" maxLength={300} {...form.field('why')} />
          ) : (
            <Button look="quiet" className="-ml-4" onClick={() => form.set('against', true)}>
              Go with care anyway
            </Button>
          )}
        </div>
      )}
      <div className="mt-7 grid gap-2.5 sm:flex">
        <Button look="primary" size="lg" onClick={() => reported(save(false))}>
          {decides ? `Add it to the log: ${word.toLowerCase()}` : 'Add it to the log'}
        </Button>
        {decides && go !== 'no' && !view.rig.underWay && (
          <Button size="lg" onClick={() => reported(save(true))}>
            And begin the trip
          </Button>
        )}
        <Button size="lg" onClick={onBack}>
          Back to the walk
        </Button>
      </div>
    </div>
  );
}
