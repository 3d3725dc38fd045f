'use client';

import { useState } from 'react';
import { moved } from '@/core/duty';
import { HOUSE } from '@/core/log';
import { isGuess, type RigModel } from '@/core/rig';
import {
  greaseForbidden,
  HOUSE_DEFAULT,
  RULE_IDS,
  rulesFor,
  type RuleChoices,
  type RuleId,
  type School,
} from '@/core/rules';
import { useRecord } from '@/features/forms';
import { RigPage, rigView, type RigView, type Rigs } from '@/features/rigs';
import { PATHS } from '@/links';
import { usePreferences } from '@/store';
import {
  capital,
  effectWords,
  factWords,
  RULE_REASONS,
  RULE_WORDS,
  schoolsOf,
  targetWords,
  torqueSpec,
  inUnits,
} from '@/text';
import { Button, Choice, cx, reported } from '@/ui';

type Ready = Extract<Rigs, { status: 'ready' }>;
/** Whom a choice holds for: all rigs, or the one in hand. */
type Scope = 'house' | 'rig';

/** A figure of the maker's that goes ahead of a school, where this rig has one. */
function makersFigure(rule: RuleId, model: RigModel, units: 'us' | 'metric'): string | undefined {
  const { repackEvery, axles } = model;
  const said = (id: Parameters<typeof factWords>[0], spec: Parameters<typeof factWords>[1]) =>
    spec && !isGuess(spec as never) ? factWords(id, spec, units) : undefined;
  if (rule === 'repack')
    return (
      said('repackDistance', repackEvery?.distance) ??
      said('repackDays', repackEvery?.days) ??
      said('repackLaunches', repackEvery?.launches)
    );
  return rule === 'nut' ? said('endPlay', axles[0]?.endPlay) : undefined;
}

/** What a school comes to on a rig, where that hangs on its figures. */
function comesTo(
  rule: RuleId,
  school: string,
  { model }: RigView,
  units: 'us' | 'metric',
): string | undefined {
  if (rule === 'pressure') {
    const target = targetWords(model, { pressure: school as School<'pressure'> }, units);
    return target ? `On ${model.name} that is ${target}.` : 'No figure to set its tires by is known yet.';
  }
  if (rule !== 'threads' || school !== 'anti-seize') return undefined;
  if (greaseForbidden(model))
    return `Not on ${model.name}: its wheel or axle maker allows nothing on the threads. They stay dry.`;
  return model.wheels.treatedTorque
    ? `On ${model.name} nuts are then set at ${torqueSpec(model, units, 'treated')}.`
    : `Not yet on ${model.name}: its maker's torque for greased threads is not known. Until it is entered, threads stay dry.`;
}

/** What a choice would change, over every rig it holds for. */
function effectOf(ready: Ready, view: RigView, scope: Scope, rule: RuleId, school: string | null) {
  const rigs = scope === 'house' ? ready.rigs : [view];
  const change = (choices: RuleChoices): RuleChoices => {
    const next: Record<string, unknown> = { ...choices, [rule]: school };
    if (school === null) delete next[rule];
    return next;
  };
  const shifts = rigs.map((one) => {
    const rules = scope === 'rig' ? change(one.rig.rules) : one.rig.rules;
    const house = scope === 'house' ? change(ready.houseRules) : ready.houseRules;
    const after = rigView({ ...one.rig, rules }, ready.runs, ready.now, house, ready.houseSeason);
    const { earlier, later } = moved(one.duties, after?.duties ?? []);
    const grave = (list: RigView['conflicts']) => list.filter(({ verdict }) => verdict !== 'watch').length;
    return { earlier, later, findings: grave(after?.conflicts ?? []) - grave(one.conflicts) };
  });
  const sum = (key: 'earlier' | 'later' | 'findings') => shifts.reduce((total, one) => total + one[key], 0);
  return { earlier: sum('earlier'), later: sum('later'), findings: sum('findings') };
}

function Question({ rule, view, ready, scope }: { rule: RuleId; view: RigView; ready: Ready; scope: Scope }) {
  const { units } = usePreferences();
  const record = useRecord();
  const { ask } = RULE_WORDS[rule];
  const [why, where] = [RULE_REASONS[rule].why, RULE_REASONS[rule].where].map((text) => inUnits(text, units));
  const own: RuleChoices = scope === 'house' ? ready.houseRules : view.rig.rules;
  const holds = scope === 'house' ? rulesFor(ready.houseRules, {}) : view.house;
  const [open, setOpen] = useState(false);
  const [tried, setTried] = useState<string>(holds[rule]);
  const schools = schoolsOf(rule, units);
  const current = schools.find(({ value }) => value === holds[rule])?.label ?? '';
  const chosen = own[rule] !== undefined;
  const maker = makersFigure(rule, view.model, units);
  const here = comesTo(rule, tried, view, units);
  const rig = scope === 'house' ? HOUSE : view.rig.id;
  const keep = (school: string | null) => {
    const effect = effectWords(effectOf(ready, view, scope, rule, school));
    reported(
      record(rig, [{ kind: 'rule.chosen', body: { rule, school } }], `House rule saved. ${effect}`).then(() =>
        setOpen(false),
      ),
    );
  };
  const above = scope === 'house' ? HOUSE_DEFAULT[rule] : rulesFor(ready.houseRules, {})[rule];

  return (
    <li className="border-line border-b">
      <button
        type="button"
        aria-expanded={open}
        onClick={() => {
          setTried(holds[rule]);
          setOpen(!open);
        }}
        className="hover:bg-accent-wash/60 grid min-h-14 w-full items-center gap-x-4 px-1 py-2 text-left leading-snug md:grid-cols-[14rem_minmax(0,1fr)_9rem]"
      >
        <span className="font-semibold">{ask}</span>
        <span>{capital(current)}</span>
        <span className={cx('text-[0.92rem] md:text-right', chosen ? 'font-medium' : 'text-soft')}>
          {chosen
            ? scope === 'house'
              ? 'your choice'
              : 'for this rig'
            : scope === 'house'
              ? 'default'
              : 'as the house'}
        </span>
      </button>
      {open && (
        <div className="grid gap-4 px-1 pt-1 pb-5">
          <Choice
            label={ask}
            hideLabel
            columns="grid-cols-1 lg:grid-cols-2"
            options={schools.map(({ value, label }, i) => ({
              value,
              label: capital(label),
              ...(i === 0 && { hint: 'shipped as the default' }),
            }))}
            value={tried}
            onChange={setTried}
          />
          <p className="text-soft max-w-[70ch]">
            <span className="text-ink font-semibold">Why the default. </span>
            {why}
          </p>
          <p className="text-soft max-w-[70ch]">
            <span className="text-ink font-semibold">Followed in. </span>
            {where}
          </p>
          {here && <p className="border-accent max-w-[70ch] border-l-4 pl-3">{here}</p>}
          {maker && (
            <p className="border-accent max-w-[70ch] border-l-4 pl-3">
              {view.model.name} has a figure of its own, {maker}: it goes ahead of what is shipped. Of it and
              a school you choose yourself, the stricter holds, and the duty says so.
            </p>
          )}
          {tried !== holds[rule] && (
            <p role="status" className="text-lg font-semibold">
              {effectWords(effectOf(ready, view, scope, rule, tried))}
            </p>
          )}
          <div className="flex flex-wrap gap-2.5">
            <Button look="primary" disabled={tried === holds[rule] && chosen} onClick={() => keep(tried)}>
              {scope === 'house' ? 'Follow this on all rigs' : `Follow this on ${view.model.name}`}
            </Button>
            {chosen && (
              <Button onClick={() => keep(null)}>
                Back to {scope === 'house' ? 'the default' : 'the house'}:{' '}
                {schools.find(({ value }) => value === above)?.label}
              </Button>
            )}
          </div>
        </div>
      )}
    </li>
  );
}

function Rules({ view, ready }: { view: RigView; ready: Ready }) {
  const [scope, setScope] = useState<Scope>('house');
  return (
    <>
      <h1 className="text-4xl">Where careful people differ</h1>
      <p className="text-soft mt-1 mb-4 max-w-[64ch]">
        Choose what you follow. A maker&apos;s figure goes ahead of what is shipped, and a rig can differ from
        the house.
      </p>
      <div className="mb-4 max-w-xl">
        <Choice
          label="These rules hold for"
          columns="grid-cols-2"
          options={[
            { value: 'house', label: 'The house', hint: 'all rigs' },
            { value: 'rig', label: view.model.name, hint: 'where it differs' },
          ]}
          value={scope}
          onChange={setScope}
        />
      </div>
      <ul className="border-ink border-t-2">
        {RULE_IDS.map((rule) => (
          <Question key={`${rule} ${scope}`} rule={rule} view={view} ready={ready} scope={scope} />
        ))}
      </ul>
    </>
  );
}

/** House rules: the schools, what each changes, for the house or for one rig. */
export function RulesView() {
  return (
    <RigPage path={PATHS.rules}>
      {(view, ready) => <Rules key={view.rig.id} view={view} ready={ready} />}
    </RigPage>
  );
}
