'use client';

import Link from 'next/link';
import type { ReactNode } from 'react';
import {
  calcOf,
  type CalcInput,
  type NumberInput,
  type Shape,
  type Values,
  type FigureId,
} from '@/core/figures';
import { figureEntry, figureFacts } from '@/core/record';
import type { WheelEnd } from '@/core/rig';
import { JudgementNote, useRecord } from '@/features/forms';
import type { RigView } from '@/features/rigs';
import { to } from '@/links';
import { usePreferences } from '@/store';
import {
  CALC_PROBLEMS,
  figureWords,
  shapeChange,
  shapeNumber,
  shapeText,
  shapeUnit,
  stepOf,
  type AnyFigureWords,
} from '@/text/figures';
import { Button, CopyButton, reported, useOnce } from '@/ui';
import { FigureDrawing, type DrawingProps } from './drawings';
import { FigureInput } from './figure-input';
import { useFigure, type Figure } from './use-figure';

const NO_WORDS: readonly [string] = [''];
const NO_INPUT: NumberInput = { as: 'plain', unit: '', min: 0, max: 1, step: 1 };

/** How big the number of a result is. */
const BIG = 'figures text-6xl leading-none font-semibold md:text-7xl';

/** The result, the largest thing; or what is wanting for it. */
function Result({ figure, words }: { figure: Figure; words: AnyFigureWords }) {
  const { units } = usePreferences();
  const { out, id } = figure;
  const [main] = Object.entries(calcOf(id).results);
  if (!main) return null;
  const [name, shape] = main;
  if (out.state === 'missing') {
    const asked = words.inputs[out.inputs[0] ?? ''];
    return (
      <div role="status">
        <p className={`${BIG} text-unknown`}>–</p>
        <p className="text-soft mt-2 text-lg">
          {asked && `Next: ${asked[0]}.`}
          {asked?.[1] && ` ${asked[1]}`}
        </p>
      </div>
    );
  }
  if (out.state === 'problem')
    return (
      <div role="status">
        <p className={`${BIG} text-unknown`}>–</p>
        <p className="text-stop mt-2 text-lg">{words.inputs[out.at]?.[0]}: see its field.</p>
      </div>
    );
  const value = out.results[name] ?? 0;
  const said = out.said === undefined ? undefined : words.says?.[out.said];
  return (
    <div role="status">
      <p>
        <span className={`${BIG} ${figure.examples.length > 0 ? 'text-unknown' : ''}`}>
          {shapeNumber(value, shape, units)}
        </span>{' '}
        <span className="text-soft text-2xl">
          {shapeUnit(shape, units)} {words.results[name]}
        </span>
      </p>
      {figure.examples.length > 0 ? (
        <p className="border-unknown mt-3 max-w-xl border-l-4 pl-4 text-lg">
          <strong>With example numbers.</strong> Put yours in:{' '}
          {figure.examples
            .slice(0, 3)
            .map((one) => words.inputs[one]?.[0])
            .join(', ')}
          {figure.examples.length > 3 && ' and more'}.
        </p>
      ) : (
        said &&
        (out.verdict ? (
          <div className="mt-3 max-w-xl">
            <JudgementNote verdict={out.verdict}>{said}</JudgementNote>
          </div>
        ) : (
          <p className="mt-2 text-xl">{said}</p>
        ))
      )}
    </div>
  );
}

/** The other results, how it is worked out, and what it is sensitive to. */
function Working({ figure, words }: { figure: Figure; words: AnyFigureWords }) {
  const { units } = usePreferences();
  const { out, id } = figure;
  const def = calcOf(id);
  const [main, ...others] = Object.entries<Shape>(def.results);
  const worked = out.state === 'worked' ? out : undefined;
  const sensitive = def.sensitive;
  const input = sensitive && (def.inputs[sensitive.input] as NumberInput);
  return (
    <section aria-label="Working" className="grid gap-3">
      {worked && others.length > 0 && (
        <dl className="border-line grid grid-cols-[1fr_auto] gap-x-6 border-t">
          {others.map(([name, shape]) => {
            const value = worked.results[name];
            return value === undefined ? null : (
              <div key={name} className="border-line col-span-2 grid grid-cols-subgrid border-b py-1.5">
                <dt className="text-soft">{words.results[name]}</dt>
                <dd className="figures text-right text-lg font-semibold">{shapeText(value, shape, units)}</dd>
              </div>
            );
          })}
        </dl>
      )}
      <div className="figures text-soft grid gap-1 border-l-2 border-[var(--line)] pl-4">
        {words.working.map((line) => (
          <p key={line}>{line}</p>
        ))}
        {worked?.perStep !== undefined && sensitive && input && main && (
          <p className="text-ink">
            {shapeChange(sensitive.step, input, units).slice(1)} more on{' '}
            {(words.inputs[sensitive.input]?.[0] ?? '').toLowerCase()}:{' '}
            <strong>{shapeChange(worked.perStep, main[1], units)}</strong>
          </p>
        )}
      </div>
      {words.caution && (
        <p className="border-due bg-due-wash max-w-[60ch] rounded-r-sheet border-l-[6px] px-4 py-2.5">
          <strong className="text-due">Careful</strong> {words.caution}
        </p>
      )}
    </section>
  );
}

/** What can be done with it: kept in the log, copied, or whatever the place it was opened from wants. */
function UseIt({
  figure,
  words,
  view,
  place,
  children,
}: {
  figure: Figure;
  words: AnyFigureWords;
  view: RigView | undefined;
  place: WheelEnd | undefined;
  children: ReactNode;
}) {
  const { units } = usePreferences();
  const record = useRecord();
  const once = useOnce();
  // An example is nobody's figure: it is not kept, copied or taken anywhere.
  if (figure.out.state !== 'worked' || figure.examples.length > 0) return null;
  const { results } = figure.out;
  const entry = figureEntry(figure.id, figure.values, place);
  const facts = view && figureFacts(figure.id, figure.values, view.model);
  const told = Object.entries<Shape>(calcOf(figure.id).results).flatMap(([name, shape]) => {
    const value = results[name];
    return value === undefined ? [] : [`${shapeText(value, shape, units)} ${words.results[name] ?? ''}`];
  });
  return (
    <div className="flex flex-wrap gap-2.5">
      {children}
      {view && facts && entry && (
        <Button
          look="primary"
          onClick={() =>
            reported(
              once(() =>
                record(
                  view.rig.id,
                  [{ kind: 'rig.changed', body: { changes: facts } }, entry],
                  'Saved with the rig, as worked out',
                ),
              ),
            )
          }
        >
          Save with the rig
        </Button>
      )}
      {view && entry && !facts && (
        <Button
          onClick={() =>
            reported(once(() => record(view.rig.id, [entry], `${words.title} added to the log`)))
          }
        >
          Add it to the log
        </Button>
      )}
      <CopyButton label="Copy" text={() => `${words.title}: ${told.join('; ')}`} />
    </div>
  );
}

/** One figure: its drawing that moves, the result large, the working below, and a way to use it. */
export function FigurePage({
  id,
  view,
  place,
  kept,
  back,
  use,
  guess,
}: {
  id: FigureId;
  view: RigView | undefined;
  place: WheelEnd | undefined;
  /** What it held when it was added to the log. */
  kept: Values | undefined;
  /** The way to the other figures, where this stands as a page. */
  back?: ReactNode;
  /** What its opener does with it. */
  use?: (figure: Figure) => ReactNode;
  /** Made-up numbers to guess at: what they come to stays hidden while it is asked. */
  guess?: { readonly asking: boolean; readonly shown: (figure: Figure) => ReactNode };
}) {
  const { units } = usePreferences();
  const figure = useFigure(id, view?.model, place, units, kept);
  const words = figureWords(id);
  const def = calcOf(id);
  const { out, inputs } = figure;
  const shapeOf = (name: string): Shape | undefined => {
    const input = def.inputs[name];
    return def.results[name] ?? (input && input.as !== 'choice' && input.as !== 'words' ? input : undefined);
  };
  const n = (name: string) => {
    const value = inputs[name]?.value;
    return typeof value === 'number' ? value : undefined;
  };
  const asking = guess?.asking === true;
  const result = (name: string) => (out.state === 'worked' && !asking ? out.results[name] : undefined);
  const inputOf = (name: string): NumberInput => {
    const input = def.inputs[name];
    return input && input.as !== 'choice' && input.as !== 'words' ? input : NO_INPUT;
  };
  const drawing: DrawingProps = {
    n,
    t: (name) => String(inputs[name]?.value ?? ''),
    result,
    told: (name) => {
      const shape = shapeOf(name);
      const value = def.inputs[name] ? n(name) : result(name);
      return shape && value !== undefined ? shapeText(value, shape, units) : 'not known';
    },
    label: (name) => words.inputs[name]?.[0] ?? name,
    input: inputOf,
    step: (name) => stepOf(inputOf(name), units),
    set: figure.set,
  };
  const problemAt = (name: string): string | undefined => {
    if (out.state !== 'problem' || out.at !== name) return undefined;
    const shape = shapeOf(name);
    const by = out.by === undefined || !shape ? undefined : shapeText(out.by, shape, units);
    return CALC_PROBLEMS[out.code](by);
  };
  const [wanted] = out.state === 'missing' ? out.inputs : [];
  return (
    <div className="mx-auto w-full max-w-[80rem] px-4 py-4 md:px-8 md:py-6">
      {back}
      <p className="text-soft">
        {words.title}
        {view && ` · ${view.model.name}`}
        {place && ` · ${place}`}
        {guess && ' · made-up numbers'}
      </p>
      <h1 className="mb-4 text-3xl md:text-[2.6rem]">{words.answers}</h1>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-x-12 gap-y-6 lg:grid-cols-2">
        <div className="grid content-start gap-6">
          {guess?.shown(figure)}
          {!asking && <Result figure={figure} words={words} />}
          <FigureDrawing id={id} system={units} {...drawing} />
          {!asking && (
            <div className="max-lg:hidden">
              <Working figure={figure} words={words} />
            </div>
          )}
        </div>
        <div className="grid content-start gap-5">
          {!guess && (
            <UseIt figure={figure} words={words} view={view} place={place}>
              {use?.(figure)}
            </UseIt>
          )}
          <div className="grid items-start gap-x-5 gap-y-4 sm:grid-cols-2">
            {Object.entries<CalcInput>(def.inputs).map(([name, input]) => {
              const standing = inputs[name];
              return (
                standing && (
                  <FigureInput
                    key={name}
                    name={name}
                    input={input}
                    words={words.inputs[name] ?? NO_WORDS}
                    standing={standing}
                    system={units}
                    problem={problemAt(name)}
                    wanted={wanted === name}
                    onType={figure.type}
                    onSet={figure.set}
                    onReset={figure.reset}
                  />
                )
              );
            })}
          </div>
          {!asking && (
            <div className="lg:hidden">
              <Working figure={figure} words={words} />
            </div>
          )}
        </div>
      </div>
    </div>
  );
}

/** The way back to the list. */
export function AllFigures({ rig }: { rig: string | undefined }) {
  return (
    <Link
      prefetch={false}
      href={to('figures', rig)}
      className="mb-2 inline-flex min-h-11 items-center underline underline-offset-4"
    >
      All figures
    </Link>
  );
}
