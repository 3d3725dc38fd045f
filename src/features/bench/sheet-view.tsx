'use client';

import { Printer } from 'lucide-react';
import { useSearchParams } from 'next/navigation';
import { useState } from 'react';
import type { UnitSystem } from '@/core/base';
import type { RigModel } from '@/core/rig';
import { compile, verify, type Card, type CardStep } from '@/core/routine';
import { axleAt, gradesOf, READINGS } from '@/core/rules';
import type { RigState } from '@/core/log';
import { WithRig } from '@/features/rigs';
import { toCard, toWork } from '@/links';
import { usePreferences } from '@/store';
import {
  compileWords,
  gradeWords,
  jobsTitle,
  layOut,
  minutes,
  PHASE_WORDS,
  READING_WORDS,
  stepWords,
  SUBJECT_WORDS,
  type Item,
} from '@/text';
import { Button, Choice, FieldError, LinkButton } from '@/ui';
import { readingOptions, readingUnit } from '@/text/papers';
import { AsPdf } from './as-pdf';
import { jobsFromUrl } from './jobs-url';

type Paper = 'letter' | 'a4';

const Box = () => (
  <span aria-hidden className="mr-1.5 inline-block size-[3.4mm] border border-current align-[-0.4mm]" />
);

/** Boxes to tick and lines to write on for all that a step asks. */
function Asked({ step, model, system }: { step: CardStep; model: RigModel; system: UnitSystem }) {
  const braked = step.place === undefined || axleAt(model, step.place)?.brake !== 'none';
  return (
    <>
      {step.subjects.map((subject) => (
        <p key={subject} className="mt-0.5">
          {SUBJECT_WORDS[subject].ask}:{' '}
          {gradesOf(subject, braked).map((grade) => (
            <span key={grade} className="mr-3 sm:whitespace-nowrap">
              <Box />
              {gradeWords(subject, grade, system)}
            </span>
          ))}
        </p>
      ))}
      {step.readings.map(({ what }) => (
        <p key={what} className="mt-0.5">
          {READING_WORDS[what].label}:{' '}
          {READINGS[what].as === 'choice' ? (
            readingOptions(what).map((option) => (
              <span key={option} className="mr-3 sm:whitespace-nowrap">
                <Box />
                {option}
              </span>
            ))
          ) : (
            <span className="inline-block min-w-[28mm] border-b border-current">
              &nbsp;<span className="float-right">{readingUnit(what, system)}</span>
            </span>
          )}
        </p>
      ))}
    </>
  );
}

function Steps({ card, model, system }: { card: Card; model: RigModel; system: UnitSystem }) {
  return (
    <ol className="sheet-steps">
      {card.steps.map((step, i) => {
        const words = stepWords(step, model, card, system);
        const head = step.phase !== card.steps[i - 1]?.phase;
        return (
          <li key={step.key} className="break-inside-avoid">
            {head && (
              <h3 className="mt-3 border-b-2 border-current text-[12pt] font-semibold">
                {PHASE_WORDS[step.phase]}
              </h3>
            )}
            <div className="grid grid-cols-[5mm_8mm_1fr] border-b border-current/40 py-[1.2mm]">
              <Box />
              <span className="figures">{i + 1}</span>
              <div>
                <p className="font-semibold">
                  {words.title}
                  {step.optional && (
                    <span className="font-normal"> (may be left out; why: ____________)</span>
                  )}
                </p>
                <p>{words.how}</p>
                {words.caution && (
                  <p>
                    <strong>Careful:</strong> {words.caution}
                  </p>
                )}
                <Asked step={step} model={model} system={system} />
              </div>
            </div>
          </li>
        );
      })}
    </ol>
  );
}

function Lines({ name, items }: { name: string; items: readonly Item[] }) {
  if (items.length === 0) return null;
  return (
    <div className="break-inside-avoid">
      <h3 className="mt-2 font-semibold">{name}</h3>
      <ul className="gap-6 sm:columns-2 print:columns-2">
        {items.map((item) => (
          <li key={item.name}>
            <Box />
            {item.name}
            {item.note && `, ${item.note}`}
          </li>
        ))}
      </ul>
    </div>
  );
}

function Sheet({ card, model, rig, paper }: { card: Card; model: RigModel; rig: RigState; paper: Paper }) {
  const { units } = usePreferences();
  const items = layOut(card, model, rig, card.house, units);
  const total = card.steps.reduce((sum, step) => sum + step.minutes, 0);
  return (
    <article className={`sheet sheet-${paper}`} aria-label="Job sheet">
      <header className="flex flex-wrap items-end justify-between gap-x-6 gap-y-2 border-b-2 border-current pb-2">
        <div>
          <h2 className="text-[18pt]">{jobsTitle(card.jobs)}</h2>
          <p>
            {model.name} · {card.steps.length} steps, about {minutes(Math.round(total))}
          </p>
        </div>
        <p className="sm:whitespace-nowrap">
          Date ______________ &nbsp; By ______________
          <br />
          Miles ______________ &nbsp; Begun ______ done ______
        </p>
      </header>
      <section>
        <Lines name="Parts" items={items.parts} />
        <Lines name="Used up" items={items.used} />
        <Lines name="Tools" items={items.tools} />
      </section>
      <Steps card={card} model={model} system={units} />
      <p className="mt-4 break-inside-avoid">
        Found, not right, still to do: <span className="block h-[22mm] border-b border-current" />
      </p>
      <p className="mt-2">
        Nothing left over: no nut, pin, cap or plug in the tray. Typed in on the Bench, the duties restart and
        the rechecks open.
      </p>
    </article>
  );
}

/** A card on paper, for a wet day: every step with boxes to tick and lines to write on. */
export function SheetView() {
  const params = useSearchParams();
  const [paper, setPaper] = useState<Paper>('letter');
  return (
    <WithRig promise="A card on paper needs a rig to work on.">
      {({ model, house, rig, now }, { runs }) => {
        const run = runs.find((one) => one.id === params.get('run'));
        const jobs = run ? run.card.jobs : jobsFromUrl(params, model, house);
        const compiled = run ? undefined : compile(model, jobs, house, { threads: rig.threads });
        const card = run ? run.card : compiled?.ok ? compiled.value : undefined;
        const sound = card !== undefined && verify(card, run?.model ?? model).length === 0;
        return (
          <div className="mx-auto w-full max-w-[66rem] px-4 py-5 md:px-8">
            <div className="mb-5 flex flex-wrap items-end gap-4 print:hidden">
              <h1 className="mr-auto text-4xl">On paper</h1>
              <Choice
                label="Paper"
                hideLabel
                columns="grid-cols-2"
                options={[
                  { value: 'letter', label: 'Letter' },
                  { value: 'a4', label: 'A4' },
                ]}
                value={paper}
                onChange={setPaper}
              />
              <Button look="primary" disabled={!sound} onClick={() => window.print()}>
                <Printer aria-hidden size={20} /> Print
              </Button>
              <LinkButton href={run ? toCard(run.id) : toWork(rig.id, jobs)}>Back to the Bench</LinkButton>
            </div>
            {compiled && !compiled.ok && <FieldError>{compileWords(compiled.error)}</FieldError>}
            {card && sound && (
              <AsPdf card={card} model={run?.model ?? model} rig={rig} sheet={paper} now={now} />
            )}
            {card && sound && <Sheet card={card} model={run?.model ?? model} rig={rig} paper={paper} />}
          </div>
        );
      }}
    </WithRig>
  );
}
