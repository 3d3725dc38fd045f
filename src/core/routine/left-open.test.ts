import type { RigModel } from '../rig';
import {
  CRITERIA,
  gradeVerdict,
  HOUSE_DEFAULT,
  routineDef,
  WORKS,
  type GradeId,
  type Subject,
  type WorkId,
} from '../rules';
import { sampleModel } from '../testing/arbitraries';
import { T0 } from '../testing/cards';
import { well } from '../testing/well';
import { compile, currentStep, finishRun, startRun, tap, type Act, type Run } from '.';

/** What a mechanic would sign as mending a thing, by the step that does it; what is not here stays open on every card. */
const MENDS: Readonly<Partial<Record<Subject, readonly Act[]>>> = {
  rock: ['nut-set', 'maker-service'],
  spin: ['pack', 'maker-service'],
  seal: ['seal-in', 'maker-service'],
  'old-grease': ['pack'],
  drum: ['match-hub'],
  cap: ['cap-fit', 'cap-on'],
  pivot: ['joints-on'],
  eye: ['renew-spring'],
  oil: ['maker-service'],
  pads: ['pads-in'],
};
/** Grades that ask for more, all of it, or that nothing on a card mends. */
const GRADES: Readonly<Partial<Record<`${Subject}/${GradeId}`, readonly (readonly Act[])[]>>> = {
  'spin/tight': [['nut-set', 'maker-service']],
  'seal/on-shoes': [['seal-in'], ['shoes-on', 'plate-on', 'pads-in', 'grease-off-brake']],
  'pads/greasy': [['pads-in'], ['seal-in', 'maker-service']],
  'cap/lock-gone': [['lock-in']],
};

const models: readonly RigModel[] = [
  { ...sampleModel({ axles: 1, brake: 'electric', hub: 'drilled' }), spares: 1 },
  { ...sampleModel({ axles: 1, brake: 'hydraulic-disc', hub: 'oil-bath', kind: 'boat' }), spares: 1 },
  { ...sampleModel({ axles: 1, brake: 'none', hub: 'pressure-cap', kind: 'boat' }), spares: 1 },
];

/** A card tapped through with all well but one grade; undefined where the card itself refuses to go on with it. */
function withGrade(begun: Run, key: string, subject: Subject, grade: string): Run | undefined {
  let now = begun;
  for (let step = currentStep(now); step; step = currentStep(now)) {
    const all = well(step, now.model);
    const tapped =
      step.key === key && all.do === 'done'
        ? { ...all, grades: { ...all.grades, [subject]: grade as GradeId } }
        : all;
    const next = tap(now, step.key, tapped, T0);
    if (!next.ok) return undefined;
    now = next.value;
  }
  return now;
}

/** True where every kind of act that mends it was done after the step that saw it. */
function isMended(run: Run, key: string, subject: Subject, grade: string): boolean {
  const of = MENDS[subject];
  const asked = GRADES[`${subject}/${grade as GradeId}`] ?? (of ? [of] : []);
  const seen = run.card.steps.findIndex((step) => step.key === key);
  const place = run.card.steps[seen]?.place;
  return (
    asked.length > 0 &&
    asked.every((acts) =>
      run.card.steps.some(
        (step, i) =>
          i > seen &&
          acts.includes(step.step) &&
          (step.place === undefined || step.place === place) &&
          run.records[step.key]?.state === 'done',
      ),
    )
  );
}

const jobOf = (work: WorkId, model: RigModel) => {
  const [place] = routineDef(work).places(model, HOUSE_DEFAULT);
  const card = place && compile(model, [{ routine: work, place }], HOUSE_DEFAULT);
  return card && card.ok ? startRun('run', 'rig', model, card.value, T0) : undefined;
};

test('what a step of any card sees that is bad stays open, or a step after it on that card really mends it', () => {
  let tried = 0;
  const wrong: string[] = [];
  for (const model of models)
    for (const work of WORKS) {
      const begun = jobOf(work, model);
      for (const step of begun?.card.steps ?? [])
        for (const subject of step.subjects)
          for (const grade of Object.keys(CRITERIA[subject])) {
            const verdict = gradeVerdict(subject, grade);
            if (verdict !== 'due' && verdict !== 'stop') continue;
            const run = begun && withGrade(begun, step.key, subject, grade);
            if (!run) continue;
            const done = finishRun(run, T0);
            if (!done.ok) throw new Error(done.error.key);
            tried += 1;
            const open = done.value.findings.some(
              ({ of }) =>
                of && ('branch' in of || ('subject' in of && of.subject === subject && of.grade === grade)),
            );
            if (open === isMended(run, step.key, subject, grade))
              wrong.push(`${work}: ${step.key} ${subject} ${grade} is ${open ? 'open' : 'closed'}`);
          }
    }
  expect(wrong).toEqual([]);
  expect(tried).toBeGreaterThan(900);
});
