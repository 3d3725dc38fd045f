'use client';

import { useState } from 'react';
import { type NewEntry, conditionEntries, surveyEntry } from '@/core/record';
import { markOfVerdict } from '@/core/base';
import { type SurveyFound, type SurveyState, partAt } from '@/core/log';
import { gearDef, type Changes } from '@/core/rig';
import type { SurveyItem } from '@/core/duty';
import { useRecord } from '@/features/forms';
import { type RigView } from '@/features/rigs';
import { FactEditor } from '@/features/rig/facts';
import { FitForm } from '@/features/parts';
import { usePreferences } from '@/store';
import { capital, gradesFor, partName, surveyItemWords, VERDICT_WORDS, inUnits } from '@/text';
import { Button, cx, Field, Mark, TextArea, useOnce, reported } from '@/ui';

const VERDICTS = ['clear', 'watch', 'due', 'stop'] as const;
type Graded = (typeof VERDICTS)[number];

/** What stands on record of an item already. */
function Already({ state }: { state: SurveyState }) {
  const { found } = state;
  return (
    <p className="text-soft mb-3 flex items-center gap-2">
      {found.as === 'condition' ? (
        <>
          <Mark mark={markOfVerdict(found.verdict)} spoken /> {VERDICT_WORDS[found.verdict]}
          {found.words ? `: ${found.words}` : ''}, on record. Enter it again if it has changed.
        </>
      ) : found.as === 'reading' ? (
        'On record. Enter it again if it has changed.'
      ) : (
        `Not checked${found.reason ? `: ${found.reason}` : ''}.`
      )}
    </p>
  );
}

/** What a condition comes to: one tap when it is clear, a few words when it is not. */
function ConditionForm({
  item,
  onTell,
}: {
  item: SurveyItem;
  onTell: (verdict: Graded, words: string) => void;
}) {
  const [verdict, setVerdict] = useState<Exclude<Graded, 'clear'>>();
  const [words, setWords] = useState('');
  const condition = item.ask.as === 'condition' ? item.ask.condition : 'gear';
  const { units } = usePreferences();
  const grades = gradesFor(condition);
  return (
    <div className="grid gap-4">
      <div className="grid gap-2 sm:grid-cols-2">
        {VERDICTS.map((one) => (
          <button
            key={one}
            type="button"
            aria-pressed={verdict === one}
            onClick={() => (one === 'clear' ? onTell('clear', '') : setVerdict(one))}
            className={cx(
              'bg-sheet hover:border-ink grid min-h-18 grid-cols-[2rem_1fr] items-center gap-x-3 rounded-sheet border-[1.5px] px-3.5 py-2.5 text-left leading-snug',
              verdict === one ? 'border-accent bg-accent-wash' : 'border-line',
            )}
          >
            <Mark mark={markOfVerdict(one)} size={28} />
            <span>
              <span className="font-semibold">{VERDICT_WORDS[one]}</span>
              <span className="text-soft block text-[0.94rem]">{inUnits(grades[one], units)}</span>
            </span>
          </button>
        ))}
      </div>
      {verdict && (
        <div className="grid gap-3">
          <TextArea
            label="What it is, in your words"
            likely="finding"
            maxLength={400}
            value={words}
            onChange={(event) => setWords(event.target.value)}
          />
          <Button look="primary" size="lg" onClick={() => onTell(verdict, words.trim())}>
            Open the finding
          </Button>
        </div>
      )}
    </div>
  );
}

/** One item of the first look: told as a reading, as a condition, or as not looked at. */
export function ItemForm({
  view,
  item,
  state,
  onDone,
}: {
  view: RigView;
  item: SurveyItem;
  state: SurveyState | undefined;
  onDone: () => void;
}) {
  const { units } = usePreferences();
  const record = useRecord();
  const [why, setWhy] = useState('');
  const { rig, model } = view;
  const { ask, place } = item;
  const looked = (found: SurveyFound) => surveyEntry(item, found);
  const once = useOnce();
  const tell = (drafts: readonly NewEntry[], said: string) =>
    reported(
      once(async () => {
        await record(rig.id, drafts, said);
        onDone();
      }),
    );
  const { title } = surveyItemWords(item, model);
  const fact = ask.as === 'fact' ? ask : undefined;
  const known = fact && model.axles[fact.index];
  const part = ask.as === 'part' && place !== 'rig' ? partAt(rig, ask.part, place) : undefined;

  return (
    <div className="max-w-3xl">
      {state && <Already state={state} />}
      {fact && known && (
        <FactEditor
          view={view}
          id={fact.fact}
          axle={fact.index}
          canForget={false}
          keep="Save it, next"
          onKeep={(changes: Changes) =>
            tell(
              [{ kind: 'rig.changed', body: { changes } }, looked({ as: 'reading' })],
              'Saved with the rig',
            )
          }
        />
      )}
      {ask.as === 'part' &&
        place !== 'rig' &&
        (part ? (
          <p className="mb-3 text-lg">{partName(part, units)} is on record here.</p>
        ) : (
          <FitForm
            view={view}
            kind={ask.part}
            place={place}
            label="Save it, next"
            onDone={() => tell([looked({ as: 'reading' })], 'On record')}
          />
        ))}
      {part && (
        <Button look="primary" size="lg" onClick={() => tell([looked({ as: 'reading' })], 'On record')}>
          It is this one, next
        </Button>
      )}
      {ask.as === 'condition' && (
        <ConditionForm
          item={item}
          onTell={(verdict, words) =>
            tell(
              conditionEntries(item, verdict, words, view),
              verdict === 'clear' ? `${capital(title)}: clear` : 'Finding opened',
            )
          }
        />
      )}
      <div className="border-line mt-6 grid gap-3 border-t pt-4 sm:grid-cols-[minmax(0,1fr)_auto] sm:items-end">
        <Field
          label="Not checked, because"
          placeholder="cannot be reached, no light, later"
          maxLength={200}
          value={why}
          onChange={(event) => setWhy(event.target.value)}
        />
        <div className="flex flex-wrap gap-2">
          <Button
            onClick={() =>
              tell(
                [looked({ as: 'not-looked', ...(why.trim() !== '' && { reason: why.trim() }) })],
                'Noted as not checked',
              )
            }
          >
            Not checked
          </Button>
          {ask.as === 'condition' && ask.gear && !gearDef(ask.gear).always && (
            <Button
              onClick={() =>
                tell(
                  [{ kind: 'rig.changed', body: { changes: { [`gear.${ask.gear}`]: false } } }],
                  'Noted: it has none',
                )
              }
            >
              It has none
            </Button>
          )}
        </div>
      </div>
    </div>
  );
}
