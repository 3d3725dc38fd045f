'use client';

import { useState } from 'react';
import { markOfVerdict, msOf } from '@/core/base';
import { rolledBy, type PartState } from '@/core/log';
import { PART_FACTS, rolls, type Shelf, type ShelfGrade } from '@/core/rig';
import { useRecord } from '@/features/forms';
import { type RigView } from '@/features/rigs';
import { Contradictions } from '@/features/rig/facts';
import { useFormUnits } from '@/store';
import {
  BASIS_WORDS,
  capital,
  conflictWords,
  day,
  GRADE_WORDS,
  measure,
  PART_FACT_WORDS,
  PART_WORDS,
  partFactText,
  partName,
  restWords,
  SHELF_WORDS,
  tireAgeWords,
} from '@/text';
import { Button, Choice, cx, Dialog, Mark, SheetForm, reported } from '@/ui';
import { FitForm } from './fit-form';
import { AlsoFits, FitsForm, numbersOf } from './fits-form';
import { LaidBy } from './laid-by';
import { PartFields } from './part-fields';
import { readChanges } from './part-form';
import { usePartDraft } from './use-part-draft';

/** How far a part has rolled, in words. */
export function rolledWords(view: RigView, part: PartState, units: 'us' | 'metric'): string | undefined {
  const far = rolledBy(view.rig, part);
  if (!rolls(part.at) && far === 0) return undefined;
  return `${part.rolledKnown ? '' : 'at least '}${measure(far, 'distance', units)}`;
}

function ReadForm({ view, part, onDone }: { view: RigView; part: PartState; onDone: () => void }) {
  const record = useRecord();
  const telling = usePartDraft(view, part, part.facts);
  const save = async () => {
    const read = telling.read({});
    if (!read) return;
    const facts = readChanges(part.facts, read);
    if (Object.keys(facts).length > 0)
      await record(
        view.rig.id,
        [{ kind: 'part.read', body: { part: part.id, facts } }],
        'Saved with the part',
      );
    onDone();
  };
  return (
    <SheetForm save={save} label={telling.label('Save it')}>
      <PartFields {...telling.fields} />
      {telling.conflicts.length > 0 && <Contradictions conflicts={telling.conflicts} />}
    </SheetForm>
  );
}

function ShelfForm({ view, part, onDone }: { view: RigView; part: PartState; onDone: () => void }) {
  const record = useRecord();
  const [to, setTo] = useState<'shelf' | 'gone'>('shelf');
  const [grade, setGrade] = useState<ShelfGrade>('sound');
  const [shelf, setShelf] = useState<Shelf>('home');
  const save = () =>
    reported(
      record(
        view.rig.id,
        [
          {
            kind: 'part.moved',
            body: { moves: [{ part: part.id, to, ...(to === 'shelf' && { grade, shelf }) }] },
          },
        ],
        to === 'shelf' ? SHELF_WORDS[shelf] : 'Gone',
      ).then(onDone),
    );
  return (
    <SheetForm save={save} label={to === 'shelf' ? 'Lay it on the shelf' : 'It is gone'}>
      <Choice
        label="It goes"
        columns="grid-cols-2"
        options={[
          { value: 'shelf', label: 'To the shelf' },
          { value: 'gone', label: 'Away for good' },
        ]}
        value={to}
        onChange={setTo}
      />
      {to === 'shelf' && <LaidBy grade={grade} onGrade={setGrade} shelf={shelf} onShelf={setShelf} />}
    </SheetForm>
  );
}

/** One part: what it is, what it has behind it, and what can be done with it. */
export function PartSheet({ view, part, onClose }: { view: RigView; part: PartState; onClose: () => void }) {
  const units = useFormUnits();
  const record = useRecord();
  const [mode, setMode] = useState<'look' | 'read' | 'off' | 'renew' | 'fits'>('look');
  const one = PART_WORDS[part.kind].one;
  const far = rolledWords(view, part, units);
  const dot = part.facts['dot']?.value;
  const conflicts = [...view.conflicts, ...view.aging].filter(
    ({ place, code }) =>
      place === part.at && (part.kind === 'tire' ? /^tire|load/.test(code) : code.startsWith(part.kind)),
  );
  const fitted = part.at !== 'shelf' && part.at !== 'gone';
  const come = () =>
    reported(
      record(
        view.rig.id,
        [
          {
            kind: 'part.moved',
            body: {
              moves: [
                { part: part.id, to: 'shelf', shelf: 'home', ...(part.grade && { grade: part.grade }) },
              ],
            },
          },
        ],
        SHELF_WORDS.home,
      ).then(onClose),
    );
  return (
    <Dialog
      open
      onClose={onClose}
      title={partName(part, units)}
      description={`${capital(one)} ${restWords(part)} since ${day(part.since, view.now)}${part.grade ? `. ${GRADE_WORDS[part.grade]}` : ''}`}
    >
      {mode === 'read' && <ReadForm view={view} part={part} onDone={onClose} />}
      {mode === 'fits' && <FitsForm view={view} part={part} onDone={onClose} />}
      {mode === 'off' && <ShelfForm view={view} part={part} onDone={onClose} />}
      {mode === 'renew' && fitted && (
        <FitForm
          view={view}
          kind={part.kind}
          place={part.at}
          label={`Fit the other ${one}`}
          onDone={onClose}
        />
      )}
      {mode === 'look' && (
        <>
          {conflicts.map((conflict) => {
            const { title, why } = conflictWords(conflict, units);
            return (
              <p key={conflict.id} className="mb-3 flex gap-2.5">
                <Mark mark={markOfVerdict(conflict.verdict)} size={24} spoken />
                <span>
                  <strong>{capital(title)}.</strong> <span className="text-soft">{why}</span>
                </span>
              </p>
            );
          })}
          <dl className="grid grid-cols-[auto_1fr] gap-x-6 gap-y-1.5">
            {far && (
              <>
                <dt className="text-soft">Rolled</dt>
                <dd>{far}</dd>
              </>
            )}
            {typeof dot === 'string' && (
              <>
                <dt className="text-soft">Age</dt>
                <dd>{tireAgeWords(dot, msOf(view.now))}</dd>
              </>
            )}
            {PART_FACTS[part.kind].map((fact) => {
              const spec = part.facts[fact];
              return (
                <div key={fact} className="contents">
                  <dt className="text-soft">{PART_FACT_WORDS[fact]?.label ?? fact}</dt>
                  <dd className={cx(!spec && 'text-unknown', spec?.source === 'guess' && 'text-soon italic')}>
                    {spec
                      ? `${partFactText(fact, spec.value, units)}, ${BASIS_WORDS[spec.source]}`
                      : 'not known'}
                  </dd>
                </div>
              );
            })}
          </dl>
          <AlsoFits view={view} part={part} />
          <div className="mt-5 grid gap-2.5 pb-2">
            <Button look="primary" size="lg" onClick={() => setMode('read')}>
              Read more off it
            </Button>
            {numbersOf(part).length > 0 && (
              <Button onClick={() => setMode('fits')}>Another number fits too</Button>
            )}
            {fitted && <Button onClick={() => setMode('renew')}>Fit another here</Button>}
            {part.at === 'shelf' && part.shelf === 'order' && <Button onClick={come}>It has come</Button>}
            {part.at !== 'gone' && (
              <Button onClick={() => setMode('off')}>
                {fitted ? 'Take it off, or away' : 'It lies elsewhere, or is gone'}
              </Button>
            )}
          </div>
        </>
      )}
    </Dialog>
  );
}
