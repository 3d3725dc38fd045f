import { useState, type ReactNode } from 'react';
import { parseNumber, parseQuantity, unitFor } from '@/core/base';
import { isWheelEnd, wheelEnds, type Place } from '@/core/rig';
import {
  coolingTime,
  donorsFor,
  lossOf,
  minutesLeft,
  type TroubleId,
  type TroubleAnswers,
} from '@/core/rules';
import type { RigView } from '@/features/rigs';
import { usePreferences } from '@/store';
import { list, measure } from '@/text';
import { Field } from '@/ui';

function Sheet({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section aria-label={title} className="border-line grid gap-2 rounded-sheet border p-4">
      <h2 className="text-2xl">{title}</h2>
      {children}
    </section>
  );
}

const numberOf = (answers: TroubleAnswers, id: string) => {
  const value = answers[id];
  return typeof value === 'number' ? value : undefined;
};

/** How long a tire lasts at what it loses. */
function Lasting({ answers }: { answers: TroubleAnswers }) {
  const { units } = usePreferences();
  const left = minutesLeft(answers);
  const rate = lossOf(answers);
  if (left === undefined || rate === undefined) return null;
  return (
    <Sheet title="How long it lasts">
      <p className="figures text-3xl font-semibold">{Math.floor(left)} min until it is 20 % low, read cold</p>
      <p className="text-soft">
        Read it and air it again before half of that is over. It loses {measure(rate, 'pressure', units, 2)} a
        minute at most: 1 psi (0.07 bar) of doubt added.
      </p>
    </Sheet>
  );
}

/** What the other tire of a side carries, against what it and its axle may. */
function Survivor({ answers }: { answers: TroubleAnswers }) {
  const { units } = usePreferences();
  const [load, maximum, rating] = ['load', 'maximum', 'rating'].map((id) => numberOf(answers, id));
  const weight = (value: number | undefined) =>
    value === undefined ? 'not known' : measure(value, 'weight', units, 0);
  if (load === undefined || !['none', 'unknown'].includes(String(answers['spare']))) return null;
  return (
    <Sheet title="What the other tire carries">
      <p className="figures text-3xl font-semibold">{weight(load)}</p>
      <p className="text-soft">
        Half of all that is on the axles. The tire may carry {weight(maximum)}, half its axle{' '}
        {weight(rating === undefined ? undefined : rating / 2)}.
      </p>
    </Sheet>
  );
}

/** How long until a hub can be touched, by a second reading. */
function Cooling({ answers }: { answers: TroubleAnswers }) {
  const { units } = usePreferences();
  const [later, setLater] = useState('');
  const [after, setAfter] = useState('10');
  const [hub, air] = ['hub', 'air'].map((id) => numberOf(answers, id));
  if (hub === undefined || air === undefined) return null;
  const unit = unitFor('temperature', units);
  const then = parseQuantity(later, 'temperature', unit);
  const minutes = parseNumber(after);
  const cooling =
    then.ok && minutes.ok && minutes.value > 0 ? coolingTime(hub, then.value, minutes.value, air) : undefined;
  return (
    <Sheet title="When can it be touched?">
      <div className="grid grid-cols-2 gap-3">
        <Field
          label="After"
          inputMode="numeric"
          unit="min"
          value={after}
          onChange={(e) => setAfter(e.target.value)}
        />
        <Field
          label="It reads"
          inputMode="decimal"
          unit={unit}
          value={later}
          onChange={(e) => setLater(e.target.value)}
        />
      </div>
      <p role="status" className={cooling ? 'figures text-3xl font-semibold' : 'text-soft'}>
        {cooling
          ? cooling.likely === 0
            ? 'Now'
            : `In about ${Math.ceil(cooling.likely)} min: ${Math.ceil(cooling.early)} to ${
                Number.isFinite(cooling.late) ? Math.ceil(cooling.late) : '?'
              } min`
          : then.ok
            ? 'It does not cool, or the air is too warm to tell. Wait, and read it again.'
            : `Read it a second time, some minutes later. A hand stays on it under 120 °F (49 °C).`}
      </p>
    </Sheet>
  );
}

/** Where nuts may come from, and what that makes of the wheels that give them. */
function Donors({ place, view, answers }: { place: Place | 'rig'; view: RigView; answers: TroubleAnswers }) {
  const { model } = view;
  const studs = model.wheels.studs;
  const gone = numberOf(answers, 'gone') ?? 0;
  if (!isWheelEnd(place) || gone === 0) return null;
  const wheels = wheelEnds(model)
    .filter((end) => end !== place)
    .map((end) => ({ place: end, studs, held: true }));
  const donors = donorsFor(gone, wheels);
  return (
    <Sheet title="Nuts from where?">
      <ol className="grid list-decimal gap-1 pl-6 text-lg">
        <li>The box, and the spare’s carrier.</li>
        <li>
          {donors.length > 0
            ? `One each from ${list(donors.map((one) => one.place))}, if their nuts held: same thread, hand and seat. Each then counts as one nut gone.`
            : studs === 5
              ? 'One from another wheel only to get off the road: with 5 studs the whole rig then creeps 5 mi (8 km) at 30 mph (48 km/h).'
              : `None from the other wheels: with ${studs} studs none can be spared.`}
        </li>
      </ol>
    </Sheet>
  );
}

/** The arithmetic behind a verdict, with what it comes to. */
export function Workings({
  trouble,
  place,
  view,
  answers,
}: {
  trouble: TroubleId;
  place: Place | 'rig';
  view: RigView;
  answers: TroubleAnswers;
}) {
  switch (trouble) {
    case 'nail':
    case 'soft':
      return <Lasting answers={answers} />;
    case 'flat':
      return <Survivor answers={answers} />;
    case 'hot':
      return <Cooling answers={answers} />;
    case 'studs':
      return <Donors place={place} view={view} answers={answers} />;
    default:
      return null;
  }
}
