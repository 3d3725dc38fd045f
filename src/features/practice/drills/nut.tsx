'use client';

import { useState, type ReactNode } from 'react';
import { type NutGeometry, endPlayWindow, NUT_SEATING } from '@/core/figures';
import {
  coastDown,
  gapOf,
  handDrag,
  hubOutcome,
  looseHub,
  makeHub,
  makeSound,
  nutOf,
  nutTorque,
  pinAt,
  pinned,
  playOf,
  rimMove,
  rockGrade,
  spinGrade,
  turnNut,
  type HubOutcome,
  type NutTool,
} from '@/core/practice';
import { axleOf } from '@/core/rig';
import { formatNumber, fromSI, toSI } from '@/core/base';
import { usePreferences } from '@/store';
import { BASIS_WORDS, inUnits, measure } from '@/text';
import {
  feelWords,
  nutVerdict,
  rockWords,
  SCHOOL_NAMES,
  spinWords,
  thousandths,
  warmer,
} from '@/text/practice';
import { Button, Choice, FieldError, Select } from '@/ui';
import type { DrillProps } from '../drill';
import { Ended } from '../ended';
import { NutDrawing } from '../nut-drawing';
import { PlayTape } from '../play-tape';
import { play } from '../sound-player';

/** Where the tape is marked (N·m): what fingers do, and the torque that seats. */
const TICKS = [
  { at: 1.3, name: 'fingers' },
  { at: NUT_SEATING, name: 'seats' },
] as const;

/** What the hand feels at the nut, on a tape that is drawn close where it is soft. */
function FeltTape({ torque, units }: { torque: number; units: 'us' | 'metric' }) {
  const share = Math.min(1, Math.log1p(torque) / Math.log1p(150));
  return (
    <div>
      <div className="border-ink relative h-8 border-b-[1.5px]" aria-hidden>
        <span className="bg-accent absolute bottom-0 left-0 h-3" style={{ width: `${share * 100}%` }} />
        {TICKS.map(({ at, name }) => (
          <span
            key={name}
            className="text-soft absolute bottom-0 flex h-7 items-start text-[0.8rem] leading-none"
            style={{ left: `${(100 * Math.log1p(at)) / Math.log1p(150)}%` }}
          >
            <span className="bg-ink mr-1 h-7 w-px" />
            {name}
          </span>
        ))}
      </div>
      <p className="mt-1.5">
        <strong>{feelWords(torque)}</strong>
        <span className="text-soft figures">
          {' '}
          {torque < 0.05 ? '' : measure(torque, 'torque', units, torque < 20 ? 1 : 0)}
        </span>
      </p>
    </div>
  );
}

const secondsOf = (curve: readonly (readonly [number, number])[]) => formatNumber(curve.at(-1)?.[0] ?? 0, 1);

/** Nuts that are met: threads to an inch, slots, holes. */
const MET = [
  [14, 6, 1],
  [14, 6, 2],
  [18, 6, 1],
  [12, 8, 1],
] as const;

const nutWords = ([threads, slots, holes]: readonly [number, number, number]) =>
  `${threads} threads/in, ${slots} slots, ${holes === 1 ? 'one hole' : 'two holes'}`;

/** Set the nut: of this rig, or of another hub. */
export default function NutDrill(props: DrillProps) {
  const { model, place, own } = props;
  const { nut, usual } = nutOf(model.axles[axleOf(place)]);
  const [other, setOther] = useState('');
  const [threads, slots, holes] = MET[Number(other)] ?? MET[0];
  const chosen = other === '' ? nut : { pitch: toSI(1, 'in') / threads, slots, holes };
  const here = nutWords([Math.round(1 / fromSI(nut.pitch, 'in')), nut.slots, nut.holes]);
  return (
    <Nut {...props} key={other} nut={chosen}>
      <Select label="The hub" value={other} onChange={setOther}>
        <option value="">
          {own && !usual
            ? `Your ${place}: ${here}`
            : own
              ? `Not all on record, taken as usual: ${here}`
              : `Usual: ${here}`}
        </option>
        {MET.map((one, i) => (
          <option key={nutWords(one)} value={i}>
            Another: {nutWords(one)}
          </option>
        ))}
      </Select>
    </Nut>
  );
}

/** A nut under the hand: by feel, by rock and by spin, and then the dial and twenty miles tell. */
function Nut({
  model,
  house,
  place,
  seed,
  nut,
  onEnd,
  children,
}: DrillProps & { nut: NutGeometry; children: ReactNode }) {
  const { units } = usePreferences();
  const axle = model.axles[axleOf(place)];
  const [hub] = useState(() => makeHub(nut, seed));
  const [stand, setStand] = useState(() => looseHub(hub));
  const [tool, setTool] = useState<NutTool>('fingers');
  const [spinning, setSpinning] = useState(false);
  const [felt, setFelt] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const [outcome, setOutcome] = useState<HubOutcome>();
  const torque = nutTorque(hub, stand);
  const pin = pinAt(hub, stand);
  const degrees = (turns: number) => `${Math.round(turns * 360)}°`;

  const turn = (by: number) => {
    if (outcome) return;
    setProblem(undefined);
    setFelt(undefined);
    const next = turnNut(hub, stand, by, { tool, spinning });
    if (Math.abs(next.turn - stand.turn) < 1e-6)
      setProblem(
        tool === 'fingers'
          ? by < 0
            ? 'Fingers turn it no further.'
            : 'Fingers do not break it loose. Take the wrench.'
          : 'The wrench turns it no further.',
      );
    setStand(next);
  };
  const rock = () =>
    setFelt(
      `${rockWords(rockGrade(hub, stand))}: the tire moves ${thousandths(rimMove(playOf(hub, stand)), units)} at 12 and 6.`,
    );
  const spin = () => {
    const grade = spinGrade(hub, stand);
    play(makeSound(grade === 'tight' ? 'tight' : 'good', seed).samples);
    setFelt(
      `${spinWords(grade, secondsOf(coastDown(hub, stand)))}. Drag by hand ${measure(handDrag(hub, stand), 'torque', units, 1)}.`,
    );
  };
  const pinIt = () => {
    if (!pin.at) {
      setProblem(
        `No slot stands at the hole. The next one is ${degrees(pin.back)} back, ${degrees(pin.on)} on.`,
      );
      return;
    }
    const set = pinned(hub, stand);
    const is = hubOutcome(hub, set, model, place);
    setStand(set);
    setOutcome(is);
    onEnd(is.right);
  };
  const window = endPlayWindow(axle ?? {});
  const holds = Math.min(1, Math.log1p(torque) / Math.log1p(70));
  return (
    <div className="grid gap-x-10 gap-y-5 lg:grid-cols-[26rem_minmax(0,1fr)]">
      <div>
        <NutDrawing
          slots={nut.slots}
          holes={nut.holes}
          angle={stand.turn - hub.first}
          spinning={spinning}
          strain={torque > 1 ? holds : 0}
          text={`${feelWords(torque)}. ${pin.at ? 'A slot stands at the hole.' : `Next slot ${degrees(pin.back)} back.`}`}
          onTurn={turn}
        />
        <FeltTape torque={torque} units={units} />
      </div>
      {outcome ? (
        <Outcome is={outcome} window={window} units={units} house={house.nut} />
      ) : (
        <div className="grid content-start gap-4">
          <Choice
            label="Turned by"
            columns="grid-cols-2"
            options={[
              { value: 'fingers', label: 'Fingers' },
              { value: 'wrench', label: 'Wrench' },
            ]}
            value={tool}
            onChange={setTool}
          />
          <div className="grid grid-cols-2 gap-2.5">
            <Button size="lg" onClick={() => turn(-1 / 24)}>
              Tighten
            </Button>
            <Button size="lg" onClick={() => turn(1 / 24)}>
              Loosen
            </Button>
            <Button onClick={() => turn(-pin.on)}>On to the next slot</Button>
            <Button onClick={() => turn(pin.back)}>Back to the next slot</Button>
          </div>
          <Button
            aria-pressed={spinning}
            onClick={() => setSpinning(!spinning)}
            className={spinning ? 'bg-accent-wash' : undefined}
          >
            {spinning ? 'The hub turns: stop it' : 'Turn the hub with the other hand'}
          </Button>
          <div className="grid grid-cols-3 gap-2.5">
            <Button size="lg" onClick={rock}>
              Rock it
            </Button>
            <Button size="lg" onClick={spin}>
              Spin it
            </Button>
            <Button size="lg" look="primary" onClick={pinIt}>
              Pin in
            </Button>
          </div>
          <p role="status" className="min-h-7 text-lg">
            {felt}
          </p>
          {problem && <FieldError>{problem}</FieldError>}
          {children}
          <p className="text-soft">Drag the nut, or turn it with the buttons or arrow keys.</p>
          {gapOf(hub, stand) < 0 && tool === 'wrench' && !spinning && (
            <p className="text-soft text-[0.92rem]">The hub stands still while you pull.</p>
          )}
        </div>
      )}
    </div>
  );
}

/** What the dial, the road and the judge say, and where each school would have landed. */
function Outcome({
  is,
  window,
  units,
  house,
}: {
  is: HubOutcome;
  window: ReturnType<typeof endPlayWindow>;
  units: 'us' | 'metric';
  house: string;
}) {
  return (
    <Ended
      verdict={is.verdict}
      title={
        is.verdict === 'clear'
          ? is.seated
            ? 'It will run cool'
            : 'It came out right, by luck'
          : is.settled > window.max
            ? 'It will run loose'
            : is.settled < window.min
              ? 'It will run too tight'
              : 'Look at it again'
      }
    >
      <dl className="figures grid grid-cols-[auto_1fr] gap-x-6 gap-y-1 text-lg">
        <dt className="text-soft">Dial, pin in</dt>
        <dd className="font-semibold">{thousandths(is.play, units)}</dd>
        <dt className="text-soft">Once it has settled</dt>
        <dd className="font-semibold">{thousandths(is.settled, units)}</dd>
        <dt className="text-soft">After {inUnits('{20 mi}', units)}</dt>
        <dd className="font-semibold">{warmer(is.overMate, units)} over its mate</dd>
      </dl>
      <p>
        {nutVerdict(is)} {rockWords(is.rock)}; {is.spin === 'free' ? 'it spins free' : 'it is held back'}.
      </p>
      <PlayTape
        window={window}
        units={units}
        marks={[
          { name: 'Yours', play: is.settled, own: true },
          ...is.schools.map(({ school, play: at }) => ({
            name: `${SCHOOL_NAMES[school]}${school === house ? ' (yours by rule)' : ''}`,
            play: at,
          })),
        ]}
      />
      <p className="text-soft text-[0.92rem]">
        Window: {thousandths(window.min, units)} to {thousandths(window.max, units)},{' '}
        {window.basis === 'house'
          ? 'trade default; the maker’s figure outranks it'
          : BASIS_WORDS[window.basis]}
        . Feel, drag and heat are simulated from our own assumptions for an axle of{' '}
        {measure(toSI(3500, 'lb'), 'weight', units, 0)}.
      </p>
    </Ended>
  );
}
