import type { SurveyResult, SurveyTask } from '@/core/duty';
import { dutyHref, findingHref, Named, placeHref, type RigView } from '@/features/rigs';
import { to } from '@/links';
import { usePreferences } from '@/store';
import {
  capital,
  conflictWords,
  count,
  dutyTitle,
  dutyWhy,
  FACT_HELP,
  FACT_WORDS,
  placeName,
  surveyItemShort,
  VERDICT_WORDS,
  findingWords,
} from '@/text';
import { type PlaceMark, markOfVerdict } from '@/core/base';
import { Button, LinkButton, Mark } from '@/ui';

interface Told {
  readonly mark: PlaceMark;
  readonly title: string;
  readonly sub: string;
  readonly key?: string;
  readonly href?: string;
  /** Where what is named has its page. */
  readonly page?: string;
}

function told(task: SurveyTask, view: RigView, units: 'us' | 'metric'): Told {
  switch (task.kind) {
    case 'finding':
      return {
        mark: markOfVerdict(task.finding.verdict),
        title: `${placeName(task.finding.place)}: ${findingWords(task.finding, units)}`,
        sub: `finding, ${VERDICT_WORDS[task.finding.verdict].toLowerCase()}`,
        page: findingHref(view.rig.id, task.finding.id),
      };
    case 'conflict': {
      const { title, why } = conflictWords(task.conflict, units);
      return {
        mark: markOfVerdict(task.conflict.verdict),
        title: `${placeName(task.conflict.place)}: ${title}`,
        sub: why,
        page: placeHref(view.rig.id, task.conflict.place),
      };
    }
    case 'duty':
      return {
        mark: task.duty.verdict === 'unknown' ? 'unknown' : task.duty.verdict === 'soon' ? 'soon' : 'due',
        title: dutyTitle(task.duty),
        sub: dutyWhy(task.duty, units, view.now),
        page: dutyHref(view.rig.id, task.duty),
        ...(task.duty.routine === 'repack' && {
          href: to('bench', view.rig.id, { place: task.duty.place }),
        }),
      };
    case 'look':
      return {
        mark: 'unknown',
        title: surveyItemShort(task.item, view.model),
        sub: 'not checked yet',
        key: task.item.key,
      };
  }
}

function Tasks({
  title,
  none,
  tasks,
  view,
  onItem,
}: {
  title: string;
  none: string;
  tasks: readonly SurveyTask[];
  view: RigView;
  onItem: (key: string) => void;
}) {
  const { units } = usePreferences();
  return (
    <section aria-label={title} className="mb-7">
      <div className="border-ink flex items-baseline justify-between gap-4 border-b-2 pb-1.5">
        <h2 className="text-2xl">{title}</h2>
        <span className="text-soft">{count(tasks.length, 'thing')}</span>
      </div>
      {tasks.length === 0 && <p className="text-soft py-3">{none}</p>}
      <ul>
        {tasks.map((task, i) => {
          const { mark, title: name, sub, key, href, page } = told(task, view, units);
          return (
            <li key={i} className="border-line flex items-center gap-3 border-b py-2.5">
              <Mark mark={mark} size={24} spoken />
              <span className="min-w-0 flex-1 leading-snug">
                <span className="font-semibold">{page ? <Named href={page}>{name}</Named> : name}</span>
                <span className="text-soft block text-[0.92rem]">{sub}</span>
              </span>
              {key && <Button onClick={() => onItem(key)}>Look now</Button>}
              {href && <LinkButton href={href}>Start</LinkButton>}
            </li>
          );
        })}
      </ul>
    </section>
  );
}

/** What a first look comes to: before the first tow, what can wait, and the numbers still missing. */
export function ResultList({
  view,
  result,
  through,
  onBack,
  onItem,
}: {
  view: RigView;
  result: SurveyResult;
  through: boolean;
  onBack: () => void;
  onItem: (key: string) => void;
}) {
  const { before, wait, missing } = result;
  const n = before.length;
  return (
    <div className="max-w-4xl">
      <h1 className="text-4xl">
        {n === 0
          ? 'Nothing needs doing before the first tow'
          : `${capital(count(n, 'thing'))} before the first tow`}
      </h1>
      <p className="text-soft mt-1 mb-6 text-lg">
        {through
          ? 'Every item has been checked or set aside.'
          : 'So far. What has not been checked counts as not known.'}
      </p>
      <Tasks
        title="Before the first tow"
        none="Nothing found, nothing due, nothing unknown that matters."
        tasks={before}
        view={view}
        onItem={onItem}
      />
      <Tasks title="Can wait" none="Nothing waits." tasks={wait} view={view} onItem={onItem} />
      <section aria-label="Numbers still missing" className="mb-7">
        <div className="border-ink flex items-baseline justify-between gap-4 border-b-2 pb-1.5">
          <h2 className="text-2xl">Numbers still missing</h2>
          <span className="text-soft">{missing.length} of the facts</span>
        </div>
        <ul className="grid gap-x-8 py-2 sm:grid-cols-2">
          {missing.map((id) => (
            <li key={id} className="py-1 leading-snug">
              <span className="font-medium">{FACT_WORDS[id].label}</span>
              <span className="text-soft"> · {FACT_HELP[id].unlocks}</span>
            </li>
          ))}
        </ul>
      </section>
      <div className="flex flex-wrap gap-2.5">
        <Button look="primary" size="lg" onClick={onBack}>
          {through ? 'Go through it again' : 'Go on with it'}
        </Button>
        <LinkButton size="lg" href={to('yard', view.rig.id)}>
          To the Yard
        </LinkButton>
      </div>
    </div>
  );
}
