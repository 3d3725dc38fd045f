'use client';

import { useEffect, useRef } from 'react';
import type { WalkContext, Answer, Judged, WalkItem } from '@/core/road';
import { GradeChoice, JudgementNote, PhotoOf, PhotoTaker, ReadingField } from '@/features/forms';
import { fillTo, targetAt } from '@/core/judge';
import { axleAt } from '@/core/rules';
import { usePreferences, type Photo } from '@/store';
import { judgedWords, measure, UNJUDGED_WORDS, verdictMeans } from '@/text';
import { Button, TextArea } from '@/ui';

interface Props {
  readonly item: WalkItem;
  readonly judged: Judged | undefined;
  readonly context: WalkContext;
  /** It can be graded here; a valve that has a look of its own is not graded with its pressure. */
  readonly graded: boolean;
  readonly photos: readonly string[];
  readonly onAnswer: (answer: Answer | undefined) => void;
  readonly onPhoto: (photo: Photo) => Promise<void>;
  readonly onDone: () => void;
}

function PressureFields({ item, judged, context, onAnswer }: Props) {
  const { units } = usePreferences();
  const target = targetAt(item.place, context.model, context.house)?.value;
  const to = fillTo(item.place, context.model, context.house);
  const answer = judged?.answer;
  const low = judged?.verdict !== undefined && judged.verdict !== 'clear';
  const warm = context.around.tires === 'warm';
  return (
    <>
      <ReadingField
        label="It reads"
        what="pressure"
        at={{ rig: context.rig.id, place: item.place }}
        big
        dimension="pressure"
        value={answer?.value}
        target={target}
        onValue={(value, from) =>
          onAnswer(
            value === undefined
              ? undefined
              : {
                  as: 'not-right',
                  value,
                  by: from ? 'instrument' : 'gauge',
                  ...(from && { from }),
                  words: answer?.words,
                },
          )
        }
      />
      {low && !warm && to !== undefined && answer && (
        <Button
          size="lg"
          aria-pressed={answer.set !== undefined}
          onClick={() => onAnswer({ ...answer, set: answer.set === undefined ? to : undefined })}
        >
          {answer.set === undefined
            ? `Set to ${measure(to, 'pressure', units)} now`
            : `Set to ${measure(answer.set, 'pressure', units)}: taken back`}
        </Button>
      )}
      {warm && (
        <p className="border-soon border-l-4 pl-3">
          Warm tires are never let down, and not set to a cold figure: read and set it once it has stood three
          hours.
        </p>
      )}
      {low && !warm && (
        <p className="text-soft text-[0.94rem]">
          Stand aside while it fills. A tire that was far too low is checked for its cause before it rolls.
        </p>
      )}
    </>
  );
}

function HubFields({ item, judged, context, onAnswer }: Props) {
  const answer = judged?.answer;
  return (
    <ReadingField
      label="By thermometer"
      what="hub-temp"
      at={{ rig: context.rig.id, place: item.place }}
      big
      dimension="temperature"
      value={answer?.value}
      air={context.around.air}
      hint="Aim at paint, rubber or tape at the hub, within five minutes. Not at the rim, the drum or a bare cap."
      onValue={(value, from) =>
        onAnswer(
          value === undefined
            ? undefined
            : { as: 'clear', value, by: from ? 'instrument' : 'thermometer', ...(from && { from }) },
        )
      }
    />
  );
}

/** The fields of an item that is not clear: just those that matter of it. */
export function ItemFields(props: Props) {
  const { item, judged, context, graded, photos, onAnswer, onPhoto, onDone } = props;
  const fields = useRef<HTMLDivElement>(null);
  // What opened is what one wants to see, above the buttons at the thumb.
  useEffect(() => {
    fields.current?.scrollIntoView({ block: 'start' });
  }, []);
  const { units } = usePreferences();
  const answer = judged?.answer;
  const { verdict } = judged ?? {};
  const words = judged && answer?.as !== 'skipped' ? judgedWords(judged, units) : undefined;
  return (
    <div ref={fields} className="border-due grid scroll-mt-28 gap-4 border-l-4 py-1 pl-4">
      {item.reads === 'pressure' && <PressureFields {...props} />}
      {item.reads === 'hub-temp' && <HubFields {...props} />}
      {graded && answer?.value === undefined && (
        <GradeChoice
          subject={item.subject}
          worseOnly
          house={context.house}
          braked={axleAt(context.model, item.place)?.brake !== 'none'}
          value={answer?.as === 'not-right' ? answer.grade : undefined}
          onChange={(grade) =>
            onAnswer({
              as: 'not-right',
              grade,
              by: item.reads === 'hub-temp' ? 'hand' : 'eye',
              words: answer?.words,
            })
          }
        />
      )}
      {judged?.unjudged && <p role="status">{UNJUDGED_WORDS[judged.unjudged]}</p>}
      {verdict && verdict !== 'clear' && answer?.as !== 'skipped' && (
        <JudgementNote verdict={verdict} source={words?.source ?? 'Trade default'}>
          {words?.said.replace(/\.?$/, '.')} {verdictMeans(verdict)}
        </JudgementNote>
      )}
      {answer && answer.as !== 'skipped' && verdict !== 'clear' && (
        <>
          <TextArea
            label="In your words, if you like"
            likely="finding"
            maxLength={300}
            rows={2}
            // What is typed is the field's own: an answer comes back from disk, too late for a caret.
            defaultValue={answer.words ?? ''}
            onChange={(event) => onAnswer({ ...answer, words: event.target.value })}
          />
          {photos.length > 0 && (
            <div className="flex flex-wrap gap-2">
              {photos.map((hash) => (
                <PhotoOf key={hash} hash={hash} alt="What was seen" className="h-24 rounded-sheet" />
              ))}
            </div>
          )}
          <PhotoTaker onPhoto={onPhoto} />
        </>
      )}
      <div className="flex flex-wrap gap-2.5">
        <Button look="primary" onClick={onDone} disabled={!answer}>
          Done with this
        </Button>
        <Button
          onClick={() => {
            onAnswer({ as: 'skipped' });
            onDone();
          }}
        >
          Skip it
        </Button>
      </div>
    </div>
  );
}
