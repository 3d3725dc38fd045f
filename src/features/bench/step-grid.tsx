'use client';

import { useEffect, useMemo, useRef } from 'react';
import { isSpare, isWheelEnd, type RigModel } from '@/core/rig';
import { PHASES, placesOnCard, type Card, type CardStep, type Run } from '@/core/routine';
import type { RoutinePlace } from '@/core/rules';
import type { UnitSystem } from '@/core/base';
import { PHASE_WORDS, stepWords } from '@/text';
import { cx, useSame } from '@/ui';

interface Line {
  readonly short: string;
  readonly cells: readonly { readonly column: number; readonly index: number; readonly step: CardStep }[];
  readonly shared: boolean;
}

/** The wheel ends and spares of a card; what is done elsewhere has a line of its own. */
function columnsOf(card: Card): readonly RoutinePlace[] {
  return placesOnCard(card)
    .filter((place) => isWheelEnd(place) || isSpare(place))
    .sort();
}

/** The card as lines of like steps, a column for each wheel end. */
function linesOf(card: Card, model: RigModel, phase: CardStep['phase'], system: UnitSystem): readonly Line[] {
  const columns = columnsOf(card);
  const lines = new Map<string, Line>();
  card.steps.forEach((step, index) => {
    if (step.phase !== phase) return;
    const column = step.place === undefined ? -1 : columns.indexOf(step.place);
    const own = column >= 0;
    const key = own ? `${step.step} ${step.round?.number ?? ''}` : step.key;
    const line = lines.get(key);
    const cell = { column: own ? column : 0, index, step };
    if (line) lines.set(key, { ...line, cells: [...line.cells, cell] });
    else
      lines.set(key, {
        short: stepWords(step, model, card, system).short,
        cells: [cell],
        shared: !own,
      });
  });
  return [...lines.values()];
}

const NOWHERE: readonly RoutinePlace[] = ['rig'];

/** Where am I, what is left: steps down, wheel ends across. */
export function StepGrid({ run, system }: { run: Run; system: UnitSystem }) {
  const current = useRef<HTMLTableCellElement>(null);
  // The words of a card are made once: a tap moves the mark. Its steps come anew from the database with each tap.
  const { card, model } = useSame(
    { card: run.card, model: run.model },
    JSON.stringify([run.card.steps.map(({ key }) => key), run.model]),
  );
  const { columns, groups } = useMemo(
    () => ({
      columns: columnsOf(card),
      groups: PHASES.map((phase) => ({ phase, lines: linesOf(card, model, phase, system) })),
    }),
    [card, model, system],
  );
  useEffect(() => {
    current.current?.scrollIntoView({ block: 'center' });
  }, [run.index]);
  return (
    <table className="w-full border-collapse">
      <caption className="sr-only">Steps of this card by wheel end</caption>
      <thead className="bg-paper sticky top-0 z-10">
        <tr className="border-ink border-b-2">
          <th scope="col" className="figures py-2.5 text-left text-lg font-semibold">
            Step
          </th>
          {columns.map((place) => (
            <th
              key={place}
              scope="col"
              className={cx('figures text-center text-lg font-semibold', columns.length > 2 ? 'w-9' : 'w-12')}
            >
              {place}
            </th>
          ))}
        </tr>
      </thead>
      {groups.map(({ phase, lines }) => {
        if (lines.length === 0) return null;
        return (
          <tbody key={phase}>
            <tr className="border-line border-b">
              <th
                scope="rowgroup"
                colSpan={Math.max(2, columns.length + 1)}
                className="figures text-soft pt-4 pb-1 text-left text-base font-semibold"
              >
                {PHASE_WORDS[phase]}
              </th>
            </tr>
            {lines.map((line) => (
              <tr key={`${line.short} ${line.cells[0]?.index}`} className="border-line border-b">
                <th scope="row" className="py-1.5 pr-2 text-left font-normal">
                  {line.short}
                </th>
                {(columns.length > 0 ? columns : NOWHERE).map((place, column) => {
                  const cell = line.cells.find((one) => one.column === column);
                  if (line.shared && column > 0) return null;
                  if (!cell) return <td key={place} />;
                  const record = run.records[cell.step.key];
                  const here = cell.index === run.index;
                  const done = record !== undefined && cell.index < run.index;
                  const mark = here ? '●' : done ? (record.state === 'done' ? '✓' : '–') : '·';
                  const said = here
                    ? 'now'
                    : done
                      ? record.state === 'done'
                        ? 'done'
                        : 'left out'
                      : 'to come';
                  return (
                    <td
                      key={place}
                      ref={here ? current : undefined}
                      colSpan={line.shared ? Math.max(1, columns.length) : 1}
                      className={cx(
                        'text-center',
                        here ? 'bg-ink text-paper' : done ? 'text-clear font-semibold' : 'text-soft',
                      )}
                    >
                      <span aria-hidden>{mark}</span>
                      <span className="sr-only">{said}</span>
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        );
      })}
    </table>
  );
}

/** The same on a phone: how far the card is, in one line. */
export function StepBar({ run }: { run: Run }) {
  const step = run.card.steps[run.index];
  return (
    <div className="flex gap-1" role="img" aria-label={`Step ${run.index + 1} of ${run.card.steps.length}`}>
      {PHASES.map((phase) => {
        const steps = run.card.steps.map((one, i) => ({ one, i })).filter(({ one }) => one.phase === phase);
        const done = steps.filter(({ i }) => i < run.index).length;
        if (steps.length === 0) return null;
        return (
          <span
            key={phase}
            className={cx(
              'h-2 overflow-hidden rounded-full',
              step?.phase === phase ? 'bg-rail-soft/60' : 'bg-rail-soft/30',
            )}
            style={{ flexGrow: steps.length }}
          >
            <span
              className="bg-rail-mark block h-full"
              style={{ width: `${(100 * done) / steps.length}%` }}
            />
          </span>
        );
      })}
    </div>
  );
}
