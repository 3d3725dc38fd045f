'use client';

import { useState } from 'react';
import { starOrder } from '@/core/figures';
import {
  bareWheel,
  DRIVERS,
  pullNut,
  THREADS,
  wheelOutcome,
  type Driver,
  type PracticeThreads,
  type PracticeWheel,
  type WheelOutcome,
} from '@/core/practice';
import { toSI, VERDICT_SCALE } from '@/core/base';
import { STUD_COUNTS, type StudCount } from '@/core/rig';
import { usePreferences } from '@/store';
import { inUnits, list, measure, VERDICT_WORDS } from '@/text';
import { DRIVER_WORDS, recheckSaid, THREAD_STATE } from '@/text/practice';
import { Button, Choice } from '@/ui';
import type { DrillProps } from '../drill';
import { Ended } from '../ended';

const C = 170;
const RING = 74;
const FULL = 62;
const USUAL = toSI(100, 'lbf·ft');
const STAGES = ['0.2', '0.5', '1'] as const;
type Stage = (typeof STAGES)[number];

const spot = (stud: number, studs: number, r: number): readonly [number, number] => {
  const a = ((stud - 1) / studs) * 2 * Math.PI;
  return [C + r * Math.sin(a), C - r * Math.cos(a)];
};

/** The wheel: each nut is pulled by a tap, and a spoke outside it shows what its stud holds; the ring is what it is meant to hold. */
function Wheel({
  shares,
  last,
  onPull,
}: {
  shares: readonly number[];
  last: number | undefined;
  onPull?: (stud: number) => void;
}) {
  const studs = shares.length;
  return (
    <svg
      viewBox="0 0 340 340"
      className="fig mx-auto h-auto w-full max-w-[19rem] md:max-w-[26rem]"
      role="group"
      aria-label="The wheel"
    >
      <circle
        cx={C}
        cy={C}
        r={RING + 26 + FULL}
        fill="none"
        stroke="var(--clear)"
        strokeWidth="2"
        strokeDasharray="6 5"
      />
      <circle cx={C} cy={C} r={RING + 26} className="ink-body" />
      <circle cx={C} cy={C} r="34" className="ink-body" />
      {shares.map((share, i) => {
        const stud = i + 1;
        const [x, y] = spot(stud, studs, RING);
        const from = spot(stud, studs, RING + 26);
        const to = spot(stud, studs, RING + 26 + FULL * Math.min(1.35, share));
        const over = share > 1.3;
        const text = `Nut ${stud}, holds ${Math.round(share * 100)} percent of what it is meant to`;
        return (
          <g key={stud}>
            <line
              x1={from[0]}
              y1={from[1]}
              x2={to[0]}
              y2={to[1]}
              stroke={over ? 'var(--due)' : 'var(--accent)'}
              strokeWidth="9"
            />
            <g
              role={onPull ? 'button' : 'img'}
              tabIndex={onPull ? 0 : undefined}
              aria-label={onPull ? `Pull nut ${stud}. ${text}` : text}
              className={onPull ? 'cursor-pointer outline-none [&:focus-visible_path]:stroke-[5]' : undefined}
              onClick={() => onPull?.(stud)}
              onKeyDown={(event) => {
                if (event.key !== 'Enter' && event.key !== ' ') return;
                event.preventDefault();
                onPull?.(stud);
              }}
            >
              <circle cx={x} cy={y} r="26" fill="transparent" />
              <path
                d={
                  Array.from({ length: 6 }, (_, k) => {
                    const a = ((stud - 1) / studs + k / 6) * 2 * Math.PI;
                    return `${k === 0 ? 'M' : 'L'}${(x + 20 * Math.sin(a)).toFixed(1)} ${(y - 20 * Math.cos(a)).toFixed(1)}`;
                  }).join('') + 'Z'
                }
                fill={last === stud ? 'var(--accent)' : share > 0 ? 'var(--accent-wash)' : 'var(--sheet)'}
                stroke="var(--ink)"
                strokeWidth="1.8"
              />
              <text
                x={x}
                y={y + 6}
                fontSize="17"
                textAnchor="middle"
                className="figures font-semibold"
                fill={last === stud ? 'var(--accent-ink)' : 'var(--ink)'}
              >
                {stud}
              </text>
            </g>
          </g>
        );
      })}
    </svg>
  );
}

/** Tighten a wheel in any order and stages, and see what each stud holds. */
export default function StarDrill({ model, own, seed, onEnd }: DrillProps) {
  const { units } = usePreferences();
  const told =
    model.wheels.torque && model.wheels.torque.source !== 'guess' ? model.wheels.torque.value : undefined;
  const diameter = model.wheels.studDiameter?.value ?? toSI(0.5, 'in');
  const [studs, setStuds] = useState<StudCount>(model.wheels.studs);
  const [driver, setDriver] = useState<Driver>('wrench');
  const [threads, setThreads] = useState<PracticeThreads>('dry');
  const [stage, setStage] = useState<Stage>('0.2');
  const wheel: PracticeWheel = {
    studs,
    diameter,
    torque: told ?? USUAL,
    driver,
    threads,
    seed,
  };
  const [stand, setStand] = useState(() => bareWheel(wheel));
  const [last, setLast] = useState<number>();
  const [outcome, setOutcome] = useState<WheelOutcome>();
  const shares = outcome ? outcome.after : wheelOutcome(wheel, stand).left;
  const pull = (stud: number) => {
    setStand(pullNut(wheel, stand, stud, Number(stage)));
    setLast(stud);
  };
  const drive = () => {
    const is = wheelOutcome(wheel, stand);
    setOutcome(is);
    onEnd(is.holds);
  };
  const begun = stand.pulls > 0;
  return (
    <div className="grid gap-x-10 gap-y-5 lg:grid-cols-[26rem_minmax(0,1fr)]">
      <div>
        <Wheel shares={shares} last={outcome ? undefined : last} {...(!outcome && { onPull: pull })} />
        <p className="text-soft mt-2 text-[0.92rem]">
          Spokes: what each stud holds{outcome ? ` after ${inUnits('{10 mi}', units)}` : ''}. Dashed ring:
          what it is meant to hold at {measure(wheel.torque, 'torque', units, 0)}, dry
          {told ? '' : `, a usual figure${own ? ': yours is not on record' : ''}`}.
        </p>
      </div>
      {outcome ? (
        <Outcome outcome={outcome} wheel={wheel} />
      ) : (
        <div className="grid content-start gap-4">
          <Choice
            label="Studs"
            columns="grid-cols-4"
            options={STUD_COUNTS.map((one) => ({ value: String(one), label: String(one) }))}
            value={String(studs)}
            onChange={(one) => {
              const count = STUD_COUNTS.find((each) => String(each) === one);
              if (begun || !count) return;
              setStuds(count);
              setStand(bareWheel({ studs: count }));
            }}
          />
          <Choice
            label="Driven by"
            columns="grid-cols-2"
            options={DRIVERS.map((one) => ({
              value: one,
              label: DRIVER_WORDS[one].name,
              hint: DRIVER_WORDS[one].hint,
            }))}
            value={driver}
            onChange={(one) => !begun && setDriver(one)}
          />
          <Choice
            label="Threads"
            columns="grid-cols-2"
            options={THREADS.map((one) => ({
              value: one,
              label: THREAD_STATE[one].name,
              hint: THREAD_STATE[one].hint,
            }))}
            value={threads}
            onChange={(one) => !begun && setThreads(one)}
          />
          {begun && (
            <p className="text-soft -mt-2 text-[0.92rem]">
              These stay as they are once the first nut is pulled.
            </p>
          )}
          <Choice
            label="Pulled to"
            columns="grid-cols-3"
            big
            options={STAGES.map((one) => ({
              value: one,
              label: measure(wheel.torque * Number(one), 'torque', units, 0),
              hint: one === '1' ? 'full torque' : `${Number(one) * 100} %`,
            }))}
            value={stage}
            onChange={setStage}
          />
          <p className="text-soft">
            Tap the nuts in any order, as many rounds as you like. The safe star of this wheel is{' '}
            {starOrder(wheel.studs).join('–')}.
          </p>
          <div className="flex flex-wrap gap-2.5">
            <Button look="primary" size="lg" disabled={!begun} onClick={drive}>
              Drive {inUnits('{10 mi}', units)} and recheck
            </Button>
            <Button
              size="lg"
              disabled={!begun}
              onClick={() => {
                setStand(bareWheel(wheel));
                setLast(undefined);
              }}
            >
              All off again
            </Button>
          </div>
        </div>
      )}
    </div>
  );
}

function Outcome({ outcome, wheel }: { outcome: WheelOutcome; wheel: PracticeWheel }) {
  const { units } = usePreferences();
  const { judged, rechecks, stretched, missed, left, after, holds: good } = outcome;
  const share = (all: readonly number[]) =>
    `${Math.round(100 * Math.min(...all))} to ${Math.round(100 * Math.max(...all))} %`;
  const nuts = (all: readonly number[]) => `${all.length === 1 ? 'Nut' : 'Nuts'} ${list(all.map(String))}`;
  return (
    <Ended
      verdict={VERDICT_SCALE.worse(judged.verdict, good ? 'clear' : 'due')}
      title={
        good
          ? judged.verdict === 'clear'
            ? 'It holds'
            : 'It holds, and has settled a little'
          : stretched.length > 0
            ? 'Studs are stretched'
            : 'It does not hold'
      }
    >
      <dl className="figures grid grid-cols-[auto_1fr] gap-x-6 gap-y-1 text-lg">
        <dt className="text-soft">When you left</dt>
        <dd className="font-semibold">{share(left)} of what each is meant to hold</dd>
        <dt className="text-soft">After {inUnits('{10 mi}', units)}</dt>
        <dd className="font-semibold">{share(after)}</dd>
      </dl>
      <ul>
        {rechecks.map((found, i) => (
          <li key={i}>
            Nut {i + 1}: {recheckSaid(found)}
          </li>
        ))}
      </ul>
      <p>
        By the rule of the recheck: <strong>{VERDICT_WORDS[judged.verdict].toLowerCase()}</strong>.{' '}
        {missed.length > 0 && `${nuts(missed)} never came near the torque. `}
        {stretched.length > 0 &&
          `${nuts(stretched)} ${stretched.length === 1 ? 'was' : 'were'} pulled far over: ${wheel.threads === 'greased' ? 'the dry figure on greased threads stretches studs' : 'the gun runs past the figure'}. `}
        {!good &&
          stretched.length === 0 &&
          judged.verdict === 'watch' &&
          'But a stud is left with less than 70 % of its load, and we take that as too little. '}
        {good
          ? 'In a star and in stages the wheel goes on straight, and the second time round takes up what each nut took from its neighbors. A little still settles: that is what the recheck is for.'
          : 'Pulling one nut takes load off its neighbors. Pulled round the circle or in one go, the wheel sits crooked and straightens on the road.'}
      </p>
      <p className="text-soft text-[0.92rem]">
        Simulated from our own assumptions; it shows why, not by how much. It is no figure to tighten to.
      </p>
    </Ended>
  );
}
