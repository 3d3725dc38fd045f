'use client';

import { useState } from 'react';
import { circuitEntries } from '@/core/record';
import { GAUGES } from '@/core/figures';
import { circuitVerdict, judgeBrakeCircuit, magnetsOf, checkTaken, figuresAt } from '@/core/judge';
import { formatNumber, parseNumber } from '@/core/base';
import { JudgementNote, useRecord } from '@/features/forms';
import { Named, Ruled, type RigView } from '@/features/rigs';
import { to } from '@/links';
import { newId, usePreferences } from '@/store';
import { circuitWords, takenWords } from '@/text';
import { Button, Choice, Field, reported } from '@/ui';

/** A magnet as most are, where nobody has measured one of this rig (Ω). */
const USUAL_MAGNET = '3.2';

/** The brake circuit: a current measured with the brakes full on, to how many magnets pull. */
export function BrakeCircuitTest({ view }: { view: RigView }) {
  const { units } = usePreferences();
  const record = useRecord();
  const { rig, model } = view;
  const magnets = magnetsOf(model);
  const known = figuresAt(rig, '1L').magnet;
  const [volts, setVolts] = useState('');
  const [amps, setAmps] = useState('');
  const [length, setLength] = useState('');
  const [ohms, setOhms] = useState(known ? String(known.value) : USUAL_MAGNET);
  const [gauge, setGauge] = useState<(typeof GAUGES)[number]>(12);
  if (magnets === 0) return null;
  const number = (text: string) => {
    const read = parseNumber(text);
    return read.ok && read.value > 0 ? read.value : undefined;
  };
  const meters = (() => {
    // Wire runs in feet or meters, not in the inches of parts.
    const read = parseNumber(length);
    return read.ok && read.value > 0 ? read.value * (units === 'us' ? 0.3048 : 1) : undefined;
  })();
  const measured = parseNumber(amps);
  const told = { volts: number(volts), magnet: number(ohms) };
  const ampsWrong = measured.ok ? checkTaken('brake-amps', measured.value, undefined) : undefined;
  const voltsWrong = told.volts === undefined ? undefined : checkTaken('volts', told.volts, undefined);
  const circuit =
    told.volts !== undefined &&
    told.magnet !== undefined &&
    meters !== undefined &&
    measured.ok &&
    !ampsWrong &&
    !voltsWrong
      ? judgeBrakeCircuit(
          { volts: told.volts, magnet: told.magnet, length: meters, gauge },
          magnets,
          measured.value,
        )
      : undefined;
  const words = circuit && circuitWords(circuit);
  const verdict = circuit && circuitVerdict(circuit);
  const save = async () => {
    if (!circuit || !measured.ok || told.volts === undefined) return;
    await record(
      rig.id,
      circuitEntries({ amps: measured.value, volts: told.volts, circuit }, rig, newId),
      verdict === 'clear' ? 'Current logged' : 'Current logged, finding opened',
    );
    setAmps('');
  };
  return (
    <section aria-label="Brake circuit" className="mt-12 max-w-3xl">
      <Ruled>Brake circuit by its current</Ruled>
      <p className="text-soft my-3">
        Meter in the brake wire, controller full on by hand, tow vehicle standing. {magnets} magnets on this
        rig. <Named href={to('figures', view.rig.id, { of: 'magnets' })}>See what each magnet gets</Named>
      </p>
      <div className="grid grid-cols-2 gap-4 sm:grid-cols-4">
        <Field
          label="Current"
          unit="A"
          inputMode="decimal"
          value={amps}
          onChange={(event) => setAmps(event.target.value)}
          error={
            amps !== '' && (!measured.ok || ampsWrong)
              ? ampsWrong
                ? takenWords(ampsWrong, amps, units)
                : 'A number, such as 10.8.'
              : undefined
          }
        />
        <Field
          label="At the battery"
          unit="V"
          inputMode="decimal"
          value={volts}
          onChange={(event) => setVolts(event.target.value)}
          error={voltsWrong ? takenWords(voltsWrong, volts, units) : undefined}
        />
        <Field
          label="Wire, one way"
          unit={units === 'us' ? 'ft' : 'm'}
          inputMode="decimal"
          value={length}
          onChange={(event) => setLength(event.target.value)}
        />
        <Field
          label="One magnet"
          unit="Ω"
          inputMode="decimal"
          hint={known ? 'As on record' : 'As most are; measure one'}
          value={ohms}
          onChange={(event) => setOhms(event.target.value)}
        />
      </div>
      <div className="mt-4">
        <Choice
          label="Wire gauge"
          columns="grid-cols-3 sm:grid-cols-6"
          options={GAUGES.map((one) => ({ value: String(one), label: `${one} AWG` }))}
          value={String(gauge)}
          onChange={(next) => setGauge(GAUGES.find((one) => String(one) === next) ?? 12)}
        />
      </div>
      {circuit && words && (
        <div className="mt-4 grid gap-3">
          <JudgementNote
            verdict={verdict ?? 'clear'}
            source={`${formatNumber(circuit.expected, 1)} A is what ${circuit.count} would draw. From resistance of wire and magnets at 68 °F (20 °C).`}
          >
            {words.said} {words.where}
          </JudgementNote>
          <div>
            <Button look="primary" onClick={() => reported(save())}>
              Add it to the log
            </Button>
          </div>
        </div>
      )}
    </section>
  );
}
